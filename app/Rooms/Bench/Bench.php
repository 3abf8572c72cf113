<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Decimal;
use App\Models\Camera;
use App\Models\Filter;
use App\Models\Lens;
use App\Models\Subject;
use App\Rooms\Kit\KitBag;
use App\Rooms\Learned\Tastes;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\SharpRange;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\InvalidValue;
use GentlePour\Kit\FilterKind;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\LookTarget;
use GentlePour\Motion\Picture;
use GentlePour\Motion\Taste;
use GentlePour\Motion\WaterKind;
use GentlePour\Outing\Cautions;
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
        public Moving $moving,
        public Picture $picture,
        public Taste $taste,
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

        $camera = Camera::query()->findOrFail((int) $text('camera'));
        $lens = Lens::query()->findOrFail((int) $text('lens'));
        $bag = Field::at('focal', static fn () => KitBag::packed($camera, $lens, $number('focal')));
        $moving = Moving::of($inputs, $camera);
        $taste = Tastes::of($moving->kind);
        $lookPressed = ! in_array($text('look_was'), ['', $text('look')], true);
        $target = $lookPressed ? '' : $text('target');
        [$band, $window] = self::aim($moving->bands, Look::from($text('look')), $target, $taste);
        $picture = self::picture($moving, $band);
        $window = self::shared($window, $picture, $target !== '');

        $on = Filter::query()->findMany(is_array($inputs['on'] ?? null) ? $inputs['on'] : []);
        $reading = Light::reading($text, $on);
        $question = new Question(
            $reading,
            Stops::of($number('bias'))->plus(Stops::of($number('correction'))),
            $window,
            $bag,
            $text('longest') === '' ? null : ShutterTime::parse($text('longest')),
            Light::drift($text, $reading),
            KitBag::habits(),
            [...PlaceNow::of((int) $text('subject'))?->walls() ?? [], ...Light::windWalls($text, $bag)],
            $text('sharp_near') === '' ? null : Field::at('sharp_far', static fn (): SharpRange => SharpRange::of($number('sharp_near'), $text('sharp_far') === '' ? null : $number('sharp_far'))),
            array_values($on->filter(static fn (Filter $f): bool => $f->kind === FilterKind::Graduated)->map(static fn (Filter $f) => $f->glass())->all()),
        );
        $answer = BackSolver::solve($question);
        $picked = null;
        foreach ($answer->byStack as $way) {
            $picked = self::key($way) === $text('pick') ? $way : $picked;
        }

        return new self(
            ['look' => $band->look->value, 'look_was' => $band->look->value, 'target' => $target] + $inputs,
            $moving, $picture, $taste, $band, $window, $reading, $question, $answer, $picked ?? $answer->byStack[0] ?? null,
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
            'also' => WaterKind::tryFrom(is_string($inputs['also'] ?? null) ? $inputs['also'] : ''),
        ];
    }

    /**
     * The fields that make the picture, as a query: what only changes the exposure is left out, so that a recipe once fetched serves on.
     *
     * @param  array<string, mixed>  $inputs
     */
    public static function sceneQuery(array $inputs): string
    {
        return http_build_query(array_diff_key($inputs, array_flip(['look', 'look_was', 'target', 'aperture', 'shutter', 'iso', 'on', 'bias', 'longest', 'drift', 'correction', 'after', 'pick', 'rhythm', 'wind', 'support'])));
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
        return Cautions::for($this->moving->kind);
    }

    /** What is said of it beside the ways. */
    public function says(): BenchWords
    {
        return new BenchWords($this);
    }

    /**
     * A look that was pressed sets the target; a target that was set chooses its look.
     *
     * @return array{LookBand, ShutterWindow}
     */
    private static function aim(LookBands $bands, Look $look, string $target, Taste $taste): array
    {
        if ($target !== '') {
            $time = ShutterTime::parse($target);
            $band = $bands->at($time->seconds);
            $window = $band->window();

            return [$band, $window->contains($time) ? $window->aimedAt($time) : ShutterWindow::of($time, $time)];
        }
        $band = $bands->band($look) ?? throw (new InvalidValue("This water never looks {$look->value} at this distance and focal length."))->at('look');

        return [$band, $band->window($taste)];
    }

    private static function picture(Moving $moving, LookBand $band): Picture
    {
        $wishes = array_values(array_filter(array_map(static fn (MovingPart $p): ?LookTarget => $p->wish, $moving->others())));

        return Picture::of([new LookTarget('the '.$moving->kind->label(), $band->look->value, $band->window()), ...$wishes]);
    }

    /** The window that suits everything in the picture, or where there is none or a time of one's own lies outside it, the water's. */
    private static function shared(ShutterWindow $window, Picture $picture, bool $chosen): ShutterWindow
    {
        $meet = count($picture->wishes) > 1 ? $picture->meet() : null;

        return match (true) {
            $meet === null => $window,
            $meet->contains($window->best) => $meet->aimedAt($window->best),
            $chosen => $window,
            default => $meet,
        };
    }
}
