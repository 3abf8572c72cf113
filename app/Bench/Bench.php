<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Camera;
use App\Models\Filter;
use App\Models\Lens;
use App\Models\Subject;
use App\Support\Decimal;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Field\Cautions;
use GentlePour\InvalidValue;
use GentlePour\Motion\Flow;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\MovingWater;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\Waves;
use GentlePour\Solving\Answer;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\Question;
use GentlePour\Solving\Way;

/** The bench worked out: from valid inputs to the looks, the wanted window and the ways to shoot it. */
final readonly class Bench
{
    /** Ways shown; more would not be read. */
    private const WAYS = 5;

    /** @param  array<string, mixed>  $inputs */
    private function __construct(
        public array $inputs,
        public WaterKind $kind,
        public Framing $framing,
        public MovingWater $water,
        public LookBands $bands,
        public LookBand $band,
        public ShutterWindow $window,
        public Reading $reading,
        public Question $question,
        public Answer $answer,
        public ?Way $picked,
    ) {
    }

    /**
     * @param  array<string, mixed>  $inputs  validated
     *
     * @throws InvalidValue when they do not go together
     */
    public static function of(array $inputs): self
    {
        $text = static fn (string $field): string => is_scalar($inputs[$field] ?? null) ? trim((string) $inputs[$field]) : '';
        $number = static fn (string $field): float => Decimal::read($text($field));

        $kind = WaterKind::from($text('kind'));
        $camera = Camera::query()->findOrFail((int) $text('camera'));
        $lens = Lens::query()->findOrFail((int) $text('lens'));
        $bag = self::at('focal', static fn () => KitBag::packed($camera, $lens, $number('focal')));
        $framing = new Framing($camera->sensor(), $number('focal'), $number('distance'));
        $water = match (true) {
            $kind->isWaves() => Waves::ofPeriod($number('period'), $framing),
            $text('measure') === 'float' => self::flow($kind, Flow::speedOfFloat($number('float_m'), $number('float_s')), $framing, 'float_s'),
            $text('measure') === 'drop' && $kind->falls() => self::flow($kind, Flow::speedOfDrop($kind, $number('drop')), $framing, 'drop'),
            default => self::flow($kind, $number('speed'), $framing, 'speed'),
        };
        $bands = LookBands::of($water, $framing);
        $lookPressed = ! in_array($text('look_was'), ['', $text('look')], true);
        $target = $lookPressed ? '' : $text('target');
        [$band, $window] = self::aim($bands, Look::from($text('look')), $target);

        $reading = self::reading($text, is_array($inputs['on'] ?? null) ? $inputs['on'] : []);
        $question = new Question(
            $reading,
            Stops::of($number('bias'))->plus(Stops::of($number('correction'))),
            $window,
            $bag,
            $text('longest') === '' ? null : ShutterTime::parse($text('longest')),
            $text('drift') === '' ? null : DriftingLight::of($number('drift')),
            KitBag::habits(),
            PlaceNow::of((int) $text('subject'))?->walls() ?? [],
        );
        $answer = BackSolver::solve($question);
        $picked = null;
        foreach ($answer->byStack as $way) {
            $picked = self::key($way) === $text('pick') ? $way : $picked;
        }

        return new self(
            ['look' => $band->look->value, 'look_was' => $band->look->value, 'target' => $target] + $inputs,
            $kind, $framing, $water, $bands, $band, $window, $reading, $question, $answer, $picked ?? $answer->byStack[0] ?? null,
        );
    }

    /**
     * What the form shows, whether or not it could be worked out.
     *
     * @param  array<string, mixed>  $inputs
     * @return array<string, mixed>
     */
    public static function formData(array $inputs): array
    {
        return [
            'inputs' => $inputs,
            'kinds' => WaterKind::cases(),
            'kind' => WaterKind::tryFrom(is_string($inputs['kind'] ?? null) ? $inputs['kind'] : ''),
            'subjects' => Subject::query()->with('place')->orderBy('id')->get(),
            'cameras' => Camera::query()->orderBy('id')->get(),
            'lenses' => Lens::query()->orderBy('id')->get(),
            'filters' => Filter::query()->where('packed', true)->orderBy('id')->get(),
            'release' => KitBag::carry()['release'],
        ];
    }

    /** @return list<Way> */
    public function ways(): array
    {
        return array_slice($this->answer->byStack, 0, self::WAYS);
    }

    /** A way's name within this bench: its filters, aperture and ISO. */
    public static function key(Way $way): string
    {
        return implode('|', [$way->filters->label(), $way->aperture->label(), $way->iso->label()]);
    }

    /** @return non-empty-list<string> */
    public function cautions(): array
    {
        return Cautions::for($this->kind);
    }

    public function textureKept(): float
    {
        return $this->water->textureKept($this->window->best->seconds);
    }

    /** Length of the streak as a share of the frame's side along the motion. */
    public function streakShare(): float
    {
        $side = $this->kind->falls() ? $this->framing->sensor->heightMm : $this->framing->sensor->widthMm;

        return $this->framing->streakMm($this->water->speedMS(), $this->window->best->seconds) / $side;
    }

    /** What the light curve of the subject's place says of the drift just now. */
    public function driftHint(): ?string
    {
        return PlaceNow::of((int) (is_scalar($this->inputs['subject'] ?? null) ? $this->inputs['subject'] : 0))?->driftHint();
    }

    public function streakLabel(): string
    {
        $share = $this->streakShare();

        return match (true) {
            $share >= 2 => number_format($share).' frames long',
            $share >= 0.1 => number_format(100 * $share).' % of the frame',
            default => Decimal::write(100 * $share, $share < 0.001 ? 3 : 1).' % of the frame',
        };
    }

    /**
     * A look that was pressed sets the target; a target that was set chooses its look.
     *
     * @return array{LookBand, ShutterWindow}
     */
    private static function aim(LookBands $bands, Look $look, string $target): array
    {
        if ($target !== '') {
            $time = ShutterTime::parse($target);
            $band = $bands->at($time->seconds);
            $window = $band->window();

            return [$band, $window->contains($time) ? $window->aimedAt($time) : ShutterWindow::of($time, $time)];
        }
        $band = $bands->band($look) ?? throw (new InvalidValue("This water never looks {$look->value} at this distance and focal length."))->at('look');

        return [$band, $band->window()];
    }

    private static function flow(WaterKind $kind, float $speedMS, Framing $framing, string $field): Flow
    {
        return self::at($field, static fn (): Flow => Flow::of($speedMS, (float) $kind->featureM(), $framing));
    }

    /**
     * @param  callable(string): string  $text
     * @param  array<array-key, mixed>  $on  ids of the filters on the lens
     */
    private static function reading(callable $text, array $on): Reading
    {
        $stops = Stops::zero();
        foreach (Filter::query()->findMany($on) as $filter) {
            $stops = $stops->plus($filter->glass()->stops() ?? throw (new InvalidValue('The density of “'.$filter->name.'” is not known yet.'))->at('on'));
        }

        return new Reading(new Exposure(Aperture::parse($text('aperture')), ShutterTime::parse($text('shutter')), Iso::parse($text('iso'))), $stops);
    }

    /**
     * @template T
     *
     * @param  callable(): T  $make
     * @return T
     */
    private static function at(string $field, callable $make): mixed
    {
        try {
            return $make();
        } catch (InvalidValue $e) {
            throw $e->field() === '' ? $e->at($field) : $e->renamed([$e->field() => $field]);
        }
    }
}
