<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Drawing\RuleSubject;
use App\Tide\PlaceNow;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\InvalidValue;
use GentlePour\Kit\Filter;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\Picture;
use GentlePour\Outing\Cautions;
use GentlePour\Review\Taste;
use GentlePour\Solving\Answer;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\Question;
use GentlePour\Solving\Way;

/** The bench worked out: from the form to the looks, the wanted window and the ways to shoot it. */
final readonly class Bench
{
    /** Ways shown; more would not be read. */
    private const WAYS = 5;

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
    ) {
    }

    /**
     * @param  PlaceNow|null  $place  of the subject, where there is one
     *
     * @throws InvalidValue at the field of the form that does not go with the rest
     */
    public static function of(BenchForm $form, Gear $gear, Taste $taste, ?PlaceNow $place): self
    {
        $moving = Moving::of($form, $gear->bag->camera->sensor);
        [$band, $window] = self::aim($moving->bands, $form->aim, $taste);
        $picture = $moving->picture($band);
        $reading = $form->reading->reading($gear->on);
        $question = new Question(
            $reading,
            $form->reading->bias->plus($form->reading->correction),
            self::shared($window, $picture, $form->aim->target !== null),
            $gear->bag,
            $form->reading->longest,
            $form->reading->drift($reading),
            $gear->habits,
            [...$place?->walls() ?? [], ...$form->sky->walls($gear)],
            $form->framing->sharp(),
            array_values(array_filter($gear->on, static fn (Filter $f): bool => $f->kind->hasEdge())),
        );
        $answer = BackSolver::solve($question);
        $picked = null;
        foreach ($answer->byStack as $way) {
            $picked = $way->key() === $form->aim->pick ? $way : $picked;
        }

        return new self(
            $form->aimedAt($band->look), $moving, $picture, $taste, $place, $band, $question->target, $reading, $question, $answer,
            $picked ?? $answer->byStack[0] ?? null,
        );
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

    public function drawn(): RuleSubject
    {
        return new RuleSubject(
            $this->moving->rows($this->band), $this->window, $this->band, $this->reading, $this->question->bias, $this->ways(),
            $this->picked,
            $this->answer->walls,
        );
    }

    /**
     * A look that was pressed sets the target; a target that was set chooses its look.
     *
     * @return array{LookBand, ShutterWindow}
     */
    private static function aim(LookBands $bands, AimForm $aim, Taste $taste): array
    {
        if ($aim->target !== null) {
            $band = $bands->at($aim->target->seconds);
            $window = $band->window();

            return [
                $band, $window->contains($aim->target) ? $window->aimedAt($aim->target) : ShutterWindow::of($aim->target, $aim->target),
            ];
        }
        $band = $bands->band($aim->look)
            ?? throw (new InvalidValue("This water never looks {$aim->look->value} at this distance and focal length."))->at('look');

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
