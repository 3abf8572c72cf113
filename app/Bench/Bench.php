<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Camera;
use App\Models\Filter;
use App\Models\Lens;
use App\Models\Subject;
use App\Support\Decimal;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DepthOfField;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\SharpRange;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Field\Cautions;
use GentlePour\Field\Support;
use GentlePour\InvalidValue;
use GentlePour\Kit\Bag;
use GentlePour\Kit\FilterKind;
use GentlePour\Motion\Dispersion;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\Picture;
use GentlePour\Motion\ShoreRhythm;
use GentlePour\Motion\Stirring;
use GentlePour\Motion\Taste;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\Wish;
use GentlePour\Solving\Answer;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\FrameMean;
use GentlePour\Solving\FramesHabit;
use GentlePour\Solving\Question;
use GentlePour\Solving\Remedies;
use GentlePour\Solving\Wall;
use GentlePour\Solving\Way;
use Illuminate\Database\Eloquent\Collection;

/** The bench worked out: from valid inputs to the looks, the wanted window and the ways to shoot it. */
final readonly class Bench
{
    /** Ways shown; more would not be read. */
    private const WAYS = 5;

    /** Seconds that a camera takes between two frames of a burst of raw files. Judgement. */
    private const GAP_S = 0.3;

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
        $reading = self::reading($text, $on);
        $question = new Question(
            $reading,
            Stops::of($number('bias'))->plus(Stops::of($number('correction'))),
            $window,
            $bag,
            $text('longest') === '' ? null : ShutterTime::parse($text('longest')),
            self::drift($text, $reading),
            KitBag::habits(),
            [...PlaceNow::of((int) $text('subject'))?->walls() ?? [], ...self::wind($text, $bag)],
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

    /** How many waves go into the frame, and when to open; null where there are none. */
    public function rhythm(): ?ShoreRhythm
    {
        $period = Decimal::read(is_scalar($this->inputs['period'] ?? null) && $this->inputs['period'] !== '' ? (string) $this->inputs['period'] : '0');
        $counts = $this->moving->kind->isWaves() || $this->moving->kind === WaterKind::Backwash;

        return $counts && $period > 0 ? new ShoreRhythm($this->window->best->seconds, $period) : null;
    }

    /**
     * What would hold still what else stirs in the picture, at its distance.
     *
     * @return list<array{what: string, label: string, time: string, seconds: float, speed: float}>
     */
    public function freezes(): array
    {
        return array_map(function (Stirring $what): array {
            $seconds = max(ShutterTime::SHORTEST_S, min(ShutterTime::LONGEST_S, $this->moving->framing->sharpSeconds($what->speedMS())));

            return ['what' => $what->value, 'label' => $what->label(), 'time' => ShutterTime::onDial((int) floor(3 * log($seconds, 2)))->label(), 'seconds' => $seconds, 'speed' => $what->speedMS()];
        }, Stirring::cases());
    }

    /**
     * What the picked way is sharp over, and the focus that gives it; null where no depth was asked for.
     *
     * @return array{focus: string, hyperfocal: string, needed: string, near: string, far: string, enough: bool, stack: list<string>|null}|null
     */
    public function sharpness(): ?array
    {
        $range = $this->question->sharp;
        if ($range === null || $this->picked === null) {
            return null;
        }
        $m = static fn (float $metres): string => is_finite($metres) ? Decimal::write($metres, $metres < 10 ? 2 : 0).' m' : 'the horizon';
        $depth = $this->question->depth();
        $aperture = $this->picked->aperture;
        $focus = DepthOfField::focusM($range);
        [$near, $far] = $depth->limitsM($aperture, $focus);
        $enough = $aperture->number >= $depth->needed($range) * 0.999;
        $stack = $enough ? null : $depth->focusStackM($aperture, $range);

        return [
            'focus' => $m($focus), 'hyperfocal' => $m($depth->hyperfocalM($aperture)), 'needed' => 'f/'.Decimal::write($depth->needed($range), 1), 'near' => $m($near), 'far' => $m($far),
            'enough' => $enough, 'stack' => $stack === null ? null : array_map($m, $stack),
        ];
    }

    /**
     * Several short frames instead of the long one, where the person shoots that way or nothing else gives the blur.
     *
     * @return array{frames: int, words: string}|null
     */
    public function meanOfFrames(): ?array
    {
        $wants = $this->question->habits->frames === FramesHabit::Mean;
        if (! $wants && $this->picked !== null) {
            return null;
        }
        $bare = $this->question->packing(new Bag($this->question->bag->camera, $this->question->bag->lens, [], 0, $this->question->bag->release));
        $frames = Remedies::framesToAverage($bare);
        if ($frames === null) {
            return null;
        }
        $each = FrameMean::of($this->window, $frames)->best;
        $gap = self::GAP_S;

        return ['frames' => $frames, 'words' => sprintf(
            'The mean of %d frames of %s, without a dark filter: %s in all with gaps of %s s.%s', $frames, $each->label(), ShutterTime::ofSeconds(FrameMean::totalS($frames, $each->seconds, $gap))->label(), $gap,
            FrameMean::gapShows($this->moving->water, $gap) ? ' In each gap the water moves on by more than its grain: streaks break, and the blur is that of many short ones.' : '',
        )];
    }

    /** The drift in stops a minute that two readings tell of; null without an earlier one. */
    public function driftFound(): ?string
    {
        $given = static fn (mixed $value): bool => is_scalar($value) && trim((string) $value) !== '';
        $both = $given($this->inputs['earlier_shutter'] ?? null) && $given($this->inputs['earlier_minutes'] ?? null);

        return $both && $this->question->drift !== null ? sprintf('%+.2f stops a minute', $this->question->drift->stopsPerMinute) : null;
    }

    /** Where a sea of this height breaks, so that a depth can be judged; null without a height. */
    public function breakerHint(): ?string
    {
        $height = is_scalar($this->inputs['height'] ?? null) ? trim((string) $this->inputs['height']) : '';

        return $this->moving->kind->isWaves() && $height !== '' ? sprintf('It breaks in %.1f m of water', Dispersion::breakerDepthM(Decimal::read($height))) : null;
    }

    public function textureKept(): float
    {
        return $this->moving->water->textureKept($this->window->best->seconds);
    }

    /** Length of the streak as a share of the frame's side along the motion. */
    public function streakShare(): float
    {
        $side = $this->moving->kind->falls() ? $this->moving->framing->sensor->heightMm : $this->moving->framing->sensor->widthMm;

        return $this->moving->framing->streakMm($this->moving->water->speedMS(), $this->window->best->seconds) / $side;
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
            $share >= 1 => Decimal::write($share, $share < 10 ? 1 : 0).' frames',
            $share >= 0.1 => number_format(100 * $share).' %',
            default => Decimal::write(100 * $share, $share < 0.001 ? 3 : 1).' %',
        };
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
        $wishes = array_values(array_filter(array_map(static fn (MovingPart $p): ?Wish => $p->wish, $moving->others())));

        return Picture::of([new Wish('the '.$moving->kind->label(), $band->look->value, $band->window()), ...$wishes]);
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

    /**
     * As it was given, or between an earlier reading at the same aperture and ISO and this one.
     *
     * @param  callable(string): string  $text
     */
    private static function drift(callable $text, Reading $reading): ?DriftingLight
    {
        if ($text('earlier_shutter') === '' || $text('earlier_minutes') === '') {
            return $text('drift') === '' ? null : DriftingLight::of(Decimal::read($text('drift')));
        }
        $now = $reading->exposure;
        $earlier = new Reading(new Exposure($now->aperture, ShutterTime::parse($text('earlier_shutter')), $now->iso), $reading->filtersOn);

        return Field::at('earlier_shutter', static fn (): DriftingLight => DriftingLight::between($earlier->ev100(), $reading->ev100(), Decimal::read($text('earlier_minutes'))));
    }

    /**
     * @param  callable(string): string  $text
     * @return list<Wall>
     */
    private static function wind(callable $text, Bag $bag): array
    {
        $support = Support::tryFrom($text('support')) ?? Support::from(KitBag::carry()['support']);
        $wall = $text('wind') === '' ? null : Field::at('wind', static fn (): ?Wall => $support->wall(
            Decimal::read($text('wind')), $bag->camera->sensor->fullFrameEquivalentMm($bag->lens->focalLengthMm), $text('support') === '' ? KitBag::carry()['holds_s'] : null,
        ));

        return $wall === null ? [] : [$wall];
    }

    /**
     * @param  callable(string): string  $text
     * @param  Collection<int, Filter>  $on  the filters on the lens
     */
    private static function reading(callable $text, Collection $on): Reading
    {
        $stops = Stops::zero();
        foreach ($on as $filter) {
            $stops = $stops->plus($filter->glass()->stops() ?? throw (new InvalidValue('The density of “'.$filter->name.'” is not known yet.'))->at('on'));
        }

        return new Reading(new Exposure(Aperture::parse($text('aperture')), ShutterTime::parse($text('shutter')), Iso::parse($text('iso'))), $stops);
    }
}
