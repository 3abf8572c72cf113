<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Decimal;
use GentlePour\Exposure\DepthOfField;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\Bag;
use GentlePour\Motion\Dispersion;
use GentlePour\Motion\MovingSubject;
use GentlePour\Motion\ShoreRhythm;
use GentlePour\Motion\WaterKind;
use GentlePour\Solving\FrameMean;
use GentlePour\Solving\FramesHabit;
use GentlePour\Solving\Remedies;
use GentlePour\Solving\Remedy;

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
        $period = Decimal::read(is_scalar($this->bench->inputs['period'] ?? null) && $this->bench->inputs['period'] !== '' ? (string) $this->bench->inputs['period'] : '0');
        $counts = $this->bench->moving->kind->isWaves() || $this->bench->moving->kind === WaterKind::Backwash;

        return $counts && $period > 0 ? new ShoreRhythm($this->bench->window->best->seconds, $period) : null;
    }

    /**
     * What would hold still what else stirs in the picture, at its distance.
     *
     * @return list<array{what: string, label: string, time: string, seconds: float, speed: float}>
     */
    public function freezes(): array
    {
        return array_map(function (MovingSubject $what): array {
            $seconds = max(ShutterTime::SHORTEST_S, min(ShutterTime::LONGEST_S, $this->bench->moving->framing->sharpSeconds($what->speedMS())));

            return ['what' => $what->value, 'label' => $what->label(), 'time' => ShutterTime::onDial((int) floor(3 * log($seconds, 2)))->label(), 'seconds' => $seconds, 'speed' => $what->speedMS()];
        }, MovingSubject::cases());
    }

    /**
     * What the picked way is sharp over, and the focus that gives it; null where no depth was asked for.
     *
     * @return array{focus: string, hyperfocal: string, needed: string, near: string, far: string, enough: bool, stack: list<string>|null}|null
     */
    public function sharpness(): ?array
    {
        $range = $this->bench->question->sharp;
        if ($range === null || $this->bench->picked === null) {
            return null;
        }
        $m = static fn (float $metres): string => is_finite($metres) ? Decimal::write($metres, $metres < 10 ? 2 : 0).' m' : 'the horizon';
        $depth = $this->bench->question->depth();
        $aperture = $this->bench->picked->aperture;
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
        $wants = $this->bench->question->habits->frames === FramesHabit::Mean;
        if (! $wants && $this->bench->picked !== null) {
            return null;
        }
        $bare = $this->bench->question->packing(new Bag($this->bench->question->bag->camera, $this->bench->question->bag->lens, [], 0, $this->bench->question->bag->release));
        $frames = Remedies::framesToAverage($bare);
        if ($frames === null) {
            return null;
        }
        $each = FrameMean::of($this->bench->window, $frames)->best;
        $gap = self::GAP_S;

        return ['frames' => $frames, 'words' => sprintf(
            'The mean of %d frames of %s, without a dark filter: %s in all with gaps of %s s.%s', $frames, $each->label(), ShutterTime::ofSeconds(FrameMean::totalS($frames, $each->seconds, $gap))->label(), $gap,
            FrameMean::gapShows($this->bench->moving->water, $gap) ? ' In each gap the water moves on by more than its grain: streaks break, and the blur is that of many short ones.' : '',
        )];
    }

    /** The drift in stops a minute that two readings tell of; null without an earlier one. */
    public function driftFound(): ?string
    {
        $given = static fn (mixed $value): bool => is_scalar($value) && trim((string) $value) !== '';
        $both = $given($this->bench->inputs['earlier_shutter'] ?? null) && $given($this->bench->inputs['earlier_minutes'] ?? null);

        return $both && $this->bench->question->drift !== null ? sprintf('%+.2f stops a minute', $this->bench->question->drift->stopsPerMinute) : null;
    }

    /** Where a sea of this height breaks, so that a depth can be judged; null without a height. */
    public function breakerHint(): ?string
    {
        $height = is_scalar($this->bench->inputs['height'] ?? null) ? trim((string) $this->bench->inputs['height']) : '';

        return $this->bench->moving->kind->isWaves() && $height !== '' ? sprintf('It breaks in %.1f m of water', Dispersion::breakerDepthM(Decimal::read($height))) : null;
    }

    public function textureKept(): float
    {
        return $this->bench->moving->water->textureKept($this->bench->window->best->seconds);
    }

    /** Length of the streak as a share of the frame's side along the motion. */
    public function streakShare(): float
    {
        $side = $this->bench->moving->kind->falls() ? $this->bench->moving->framing->sensor->heightMm : $this->bench->moving->framing->sensor->widthMm;

        return $this->bench->moving->framing->streakMm($this->bench->moving->water->speedMS(), $this->bench->window->best->seconds) / $side;
    }

    /** What the light curve of the subject's place says of the drift just now. */
    public function driftHint(): ?string
    {
        return $this->place()?->driftHint();
    }

    /** The same as a number for the field; null when the light is as good as steady or no place is known. */
    public function driftNow(): ?string
    {
        $drift = $this->place()?->drift();

        return $drift === null ? null : Decimal::write($drift);
    }

    /** When the light that a remedy waits for will be there; null where it does not wait, or nothing says when. */
    public function when(Remedy $remedy): ?string
    {
        return $remedy->ev100 === null ? null : $this->place()?->when($remedy->ev100, $remedy->ev100 < $this->bench->reading->ev100());
    }

    private function place(): ?PlaceNow
    {
        return PlaceNow::of((int) (is_scalar($this->bench->inputs['subject'] ?? null) ? $this->bench->inputs['subject'] : 0));
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
}
