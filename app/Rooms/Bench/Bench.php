<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Drawing\RuleSubject;
use App\Tide\PlaceNow;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\InvalidValue;
use GentlePour\Kit\Filter;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\LookBounds;
use GentlePour\Motion\Picture;
use GentlePour\Outing\Cautions;
use GentlePour\Review\Taste;
use GentlePour\Solving\Answer;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\Question;
use GentlePour\Solving\Strip;
use GentlePour\Solving\StripMark;
use GentlePour\Solving\Way;

/** The bench worked out: from the form to the looks, the wanted window and the ways to shoot it. */
final readonly class Bench
{
    /** Ways shown; more would not be read. */
    private const WAYS = 5;

    private const SIDE_BY_SIDE = 4;

    /** A filter of fewer stops is not put on for a longer time. Judgement. */
    private const TAKES_TIME = 2.0;

    /** Longer frames are not offered on the strip. Judgement: an hour. */
    private const STRIP_TO_S = 3600.0;

    /** @param  list<StripMark>  $strip  the reading’s own settings through every stack of the bag */
    private function __construct(
        public BenchForm $form,
        public Moving $moving,
        public Picture $picture,
        public Taste $taste,
        public ?PlaceNow $place,
        public LookBand $band,
        public ShutterWindow $window,
        public Reading $reading,
        public Question $question,
        public Answer $answer,
        public ?Way $picked,
        public array $strip,
    ) {
    }

    /**
     * @param  PlaceNow|null  $place  of the subject, where there is one
     *
     * @throws InvalidValue at the field of the form that does not go with the rest
     */
    public static function of(BenchForm $form, Gear $gear, Taste $taste, LookBounds $bounds, ?PlaceNow $place): self
    {
        $moving = Moving::of($form, $gear->bag->camera->sensor, $bounds);
        $reading = $form->reading->reading($gear->on);
        $open = self::question($form, $gear, $place, $reading);
        $strip = Strip::of($open);
        $glass = self::marked($strip, $form->aim->glass);
        $target = $glass === null ? $form->aim->target : $glass->shutter;
        [$band, $window] = self::aim($moving->bands, $form->aim->look, $target, $taste);
        $picture = $moving->picture($band);
        $question = $open->with(self::shared($window, $picture, $target !== null), insists: $target !== null);
        $answer = BackSolver::solve($question);

        return new self(
            $form->aimedAt($band->look), $moving, $picture, $taste, $place, $band, $question->target, $reading, $question, $answer,
            self::picked($answer, $form->aim->pick) ?? self::picked($answer, $form->aim->glass) ?? $answer->byStack[0] ?? null, $strip,
        );
    }

    /** What is asked, but for the time. */
    private static function question(BenchForm $form, Gear $gear, ?PlaceNow $place, Reading $reading): Question
    {
        return new Question(
            $reading,
            $form->reading->bias->plus($form->reading->correction),
            ShutterWindow::any(),
            $gear->bag,
            $form->reading->longest,
            $form->reading->drift($reading),
            $gear->habits,
            [...$place?->walls() ?? [], ...$form->sky->walls($gear)],
            $form->framing->sharp(),
            $gear->on,
            $form->held->pins($gear),
        );
    }

    /** @param  list<StripMark>  $strip */
    private static function marked(array $strip, string $stack): ?StripMark
    {
        foreach ($strip as $mark) {
            if ($mark->filters->label() === $stack) {
                return $mark;
            }
        }

        return null;
    }

    private static function picked(Answer $answer, string $stack): ?Way
    {
        foreach ($answer->byStack as $way) {
            if ($way->filters->label() === $stack) {
                return $way;
            }
        }

        return null;
    }

    /** @return list<Way> */
    public function ways(): array
    {
        return array_slice($this->answer->byStack, 0, self::WAYS);
    }

    /** The way of that key; null where it is no longer among the answers. */
    public function way(string $key): ?Way
    {
        foreach ($this->answer->byStack as $way) {
            if ($way->key() === $key) {
                return $way;
            }
        }

        return null;
    }

    /** @return list<StripMark> for each step of the dial the stack of the fewest filters, or the one that leads */
    public function marks(): array
    {
        $marks = [];
        $rank = fn (StripMark $m): int => $m->filters->label() === $this->form->aim->glass ? -1 : $m->filters->count();
        foreach ($this->strip as $mark) {
            if ($mark->shutter->seconds > self::STRIP_TO_S && $rank($mark) >= 0) {
                continue;
            }
            $place = (int) round($mark->shutter->thirds());
            if (! isset($marks[$place]) || $rank($mark) < $rank($marks[$place])) {
                $marks[$place] = $mark;
            }
        }
        ksort($marks);

        return array_values($marks);
    }

    /** The glass that was to lead and is not to be had with this bag any more; the look leads then. */
    public function lostGlass(): ?string
    {
        $glass = $this->form->aim->glass;

        return $glass === '' || self::marked($this->strip, $glass) !== null ? null : $glass;
    }

    /** The look that a time gives. */
    public function lookAt(StripMark $mark): string
    {
        return $this->moving->bands->at($mark->shutter->seconds)->look->value;
    }

    /** @return non-empty-list<string> */
    public function cautions(): array
    {
        return Cautions::for($this->moving->kind);
    }

    /** How its pictures may be seen, through the glass that is picked. */
    public function seeing(): Seeing
    {
        return Seeing::of($this->moving->kind->stage(), $this->picked?->filters, $this->place?->hourLight());
    }

    /** @return list<string> the single filters of the strip whose times one would set side by side, four at the most, from light to dark */
    public function sideBySide(): array
    {
        $single = array_values(array_filter(
            $this->marks(),
            static fn (StripMark $m): bool => $m->filters->count() === 1 && $m->wall === null && $m->stops->value >= self::TAKES_TIME,
        ));
        $last = count($single) - 1;
        $places = $last < self::SIDE_BY_SIDE ? array_keys($single) : array_map(
            static fn (int $i): int => (int) round($i * $last / (self::SIDE_BY_SIDE - 1)), range(0, self::SIDE_BY_SIDE - 1),
        );

        return array_map(static fn (int $place): string => $single[$place]->filters->label(), $places);
    }

    /** What is said of it beside the ways. */
    public function says(): BenchWords
    {
        return new BenchWords($this);
    }

    public function drawn(): RuleSubject
    {
        return new RuleSubject(
            $this->moving->rows($this->band), $this->window, $this->band, $this->reading, $this->question->bias, $this->ways(),
            $this->picked, $this->answer->walls, $this->question->stayingOn(), $this->marks(),
            $this->heldWords(), $this->form->aim->target !== null, $this->question->gathers(),
        );
    }

    /** @return list<string> what is held fast, the time aside */
    private function heldWords(): array
    {
        $pins = $this->question->pins;

        return array_values(array_filter([
            $pins->aperture?->label(),
            $pins->iso === null ? null : 'ISO '.$pins->iso->label(),
            $pins->with === [] ? null : 'with '.implode(' and ', Filter::names($pins->with)),
            $pins->without === [] ? null : 'without '.implode(' and ', Filter::names($pins->without)),
        ]));
    }

    /**
     * A look that was pressed sets the target; a target that was set chooses its look.
     *
     * @return array{LookBand, ShutterWindow}
     */
    private static function aim(LookBands $bands, Look $look, ?ShutterTime $target, Taste $taste): array
    {
        if ($target !== null) {
            $band = $bands->at($target->seconds);
            $window = $band->window();

            return [$band, $window->contains($target) ? $window->aimedAt($target) : ShutterWindow::of($target, $target)];
        }
        $band = $bands->band($look)
            ?? throw (new InvalidValue("This water never looks {$look->value} at this distance and focal length."))->at('look');

        return [$band, $band->window($taste->stops)];
    }

    /** The window that suits everything in the picture, or where there is none or a time of one's own lies outside it, the water's. */
    private static function shared(ShutterWindow $window, Picture $picture, bool $chosen): ShutterWindow
    {
        $meet = count($picture->targets) > 1 ? $picture->meet() : null;

        return match (true) {
            $meet === null => $window,
            $meet->contains($window->best) => $meet->aimedAt($window->best),
            $chosen => $window,
            default => $meet,
        };
    }
}
