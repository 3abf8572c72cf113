<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Decimal;
use GentlePour\Exposure\DepthOfField;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Unusable;
use GentlePour\Limit;
use GentlePour\Motion\MovingSubject;
use GentlePour\Motion\ShoreRhythm;
use GentlePour\Numeral;
use GentlePour\Solving\Averaging;
use GentlePour\Solving\FrameMean;
use GentlePour\Solving\FramesHabit;
use GentlePour\Solving\Remedy;
use GentlePour\Units;

/** What the bench says beside the ways to shoot it: texture and streak, waves, depth, companions, the light, and averaging. */
final readonly class BenchWords
{
    /** Seconds that a camera takes between two frames of a burst of raw files. Judgement. */
    private const GAP_S = 0.3;

    public function __construct(private Bench $bench)
    {
    }

    /** How many waves go into the frame, and when to open; null where there are none. */
    public function rhythm(): ?ShoreRhythm
    {
        $spec = $this->bench->form->water->spec;

        return $spec->kind->comesInWaves() && $spec->periodS !== null
            ? new ShoreRhythm($this->bench->window->best->seconds, $spec->periodS)
            : null;
    }

    /** @return list<Companion> what would hold still what else stirs in the picture, at its distance */
    public function companions(): array
    {
        return array_map(function (MovingSubject $what): Companion {
            $seconds = Limit::ShutterTime->clamp($this->bench->moving->framing->sharpSeconds($what->speedMS()));

            return new Companion($what, ShutterTime::onDial((int) floor(3 * log($seconds, 2))));
        }, MovingSubject::cases());
    }

    /** What the picked way is sharp over, and the focus that gives it; null where no depth was asked for. */
    public function sharpness(): ?Sharpness
    {
        $range = $this->bench->question->sharp;
        if ($range === null || $this->bench->picked === null) {
            return null;
        }
        $depth = $this->bench->question->depth();
        $aperture = $this->bench->picked->aperture;
        $focus = DepthOfField::focusM($range);
        [$near, $far] = $depth->limitsM($aperture, $focus);
        $enough = $depth->covers($aperture, $range);
        $stack = $enough ? null : $depth->focusStackM($aperture, $range);

        return new Sharpness(
            self::metres($focus), self::metres($depth->hyperfocalM($aperture)), 'f/'.Decimal::write($depth->needed($range), 1),
            self::metres($near),
            self::metres($far), $enough, $stack === null ? null : array_map(self::metres(...), $stack),
        );
    }

    /** The same for a focus on the water itself, which is what the picture shows where no depth was asked for. */
    public function sharpAtTheWater(): ?Sharpness
    {
        $framing = $this->bench->moving->framing;
        $picked = $this->bench->picked;
        if ($picked === null) {
            return null;
        }
        $depth = new DepthOfField($framing->focalLengthMm, $framing->sensor->circleOfConfusionMm());
        [$near, $far] = $depth->limitsM($picked->aperture, $framing->distanceM);

        return new Sharpness(
            self::metres($framing->distanceM), self::metres($depth->hyperfocalM($picked->aperture)), $picked->aperture->label(),
            self::metres($near), self::metres($far), true, null,
        );
    }

    /** Several short frames instead of the long one, where the person shoots that way or nothing else gives the blur. */
    public function meanOfFrames(): ?MeanOfFrames
    {
        $question = $this->bench->question;
        if ($question->habits->frames !== FramesHabit::Mean && $this->bench->picked !== null) {
            return null;
        }
        $bare = $question->packing(new Bag($question->bag->camera, $question->bag->lens, [], 0, $question->bag->release));
        $frames = Averaging::fewest($bare);
        if ($frames === null) {
            return null;
        }
        $each = FrameMean::of($this->bench->window, $frames)->best;
        $total = ShutterTime::ofSeconds(FrameMean::totalS($frames, $each->seconds, self::GAP_S));

        return new MeanOfFrames($frames, sprintf(
            'The mean of %d frames of %s, without a dark filter: %s in all with gaps of %s s.%s', $frames, $each->label(), $total->label(),
            self::GAP_S,
            FrameMean::gapShows($this->bench->moving->water, self::GAP_S)
                ? ' In each gap the water moves on visibly: streaks break, and the blur is that of many short ones.'
                : '',
        ));
    }

    /** The drift in stops a minute that two readings tell of; null without an earlier one. */
    public function driftFound(): ?string
    {
        $drift = $this->bench->question->drift;

        return $this->bench->form->reading->hasTwo() && $drift !== null ? Numeral::signed($drift->stopsPerMinute).' stops a minute' : null;
    }

    /** Where a sea of this height breaks, so that a depth can be judged; null without a height. */
    public function breakerHint(): ?string
    {
        $depth = $this->bench->form->water->spec->breakerDepthM();

        return $depth === null ? null : 'It breaks in '.resolve(Units::class)->metres($depth).' of water';
    }

    /** @return list<string> what is packed and cannot be used before this lens, and the way out */
    public function unusable(): array
    {
        return array_map(static fn (Unusable $u): string => $u->why, Unusable::of($this->bench->question->bag));
    }

    public function textureKept(): float
    {
        return $this->bench->moving->water->textureKept($this->bench->window->best->seconds);
    }

    /** How many waves pass in the wanted time; null where there are none. */
    public function waves(): ?float
    {
        return $this->bench->moving->water->waves($this->bench->window->best->seconds);
    }

    public function streakLabel(): string
    {
        $moving = $this->bench->moving;
        $share = $moving->framing->streakShare($moving->kind, $moving->water->speedMS(), $this->bench->window->best->seconds);

        return match (true) {
            $share >= 1 => Decimal::write($share, $share < 10 ? 1 : 0).' frames',
            $share >= 0.1 => number_format(100 * $share).' %',
            default => Decimal::write(100 * $share, $share < 0.001 ? 3 : 1).' %',
        };
    }

    /** What the light curve of the subject's place says of the drift just now. */
    public function driftHint(): ?string
    {
        return $this->bench->place?->driftHint();
    }

    /** The graduated filter that evens sky and foreground just now; null where none is needed or no place is known. */
    public function gradHint(): ?string
    {
        return $this->bench->place?->gradHint();
    }

    /** The same as a number for the field; null when the light is as good as steady or no place is known. */
    public function driftNow(): ?string
    {
        $drift = $this->bench->place?->drift();

        return $drift === null ? null : Decimal::write($drift);
    }

    /** When the light that a remedy waits for will be there; null where it does not wait, or nothing says when. */
    public function when(Remedy $remedy): ?string
    {
        return $remedy->ev100 === null ? null : $this->bench->place?->when($remedy->ev100, $remedy->ev100 < $this->bench->reading->ev100());
    }

    private static function metres(float $metres): string
    {
        return is_finite($metres) ? resolve(Units::class)->about($metres, $metres < 10 ? 2 : 0) : 'the horizon';
    }
}
