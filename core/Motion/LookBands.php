<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/** Where the looks lie for this water in this frame. */
final readonly class LookBands
{
    /** Third stops are walked to bracket a bound before it is closed in on. */
    private const STEP = 2 ** (1 / 3);

    /** @param  list<LookBand>  $bands from held to glass; a look that this water skips is absent */
    private function __construct(public array $bands)
    {
    }

    /** @param  LookBounds|null  $bounds  a person's own; null for the common ones */
    public static function of(MovingWater $water, Framing $framing, ?LookBounds $bounds = null): self
    {
        $bounds ??= LookBounds::common();
        $held = $framing->sharpSeconds($water->speedMS());
        $bands = [new LookBand(Look::Held, null, $held)];
        $from = $held;
        foreach ([Look::Lively, Look::Brushed, Look::Silk, Look::Mist] as $look) {
            $to = self::lastSecondsAbove((float) $bounds->leastTexture($look), $water, $from);
            if ($to > $from) {
                $bands[] = new LookBand($look, $from, $to);
                $from = $to;
            }
        }
        $bands[] = new LookBand(Look::Glass, $from, null);

        return new self($bands);
    }

    public function at(float $seconds): LookBand
    {
        foreach ($this->bands as $band) {
            if ($band->holds($seconds)) {
                return $band;
            }
        }

        return $this->bands[count($this->bands) - 1];
    }

    /** Null when this water never shows that look. */
    public function band(Look $look): ?LookBand
    {
        foreach ($this->bands as $band) {
            if ($band->look === $look) {
                return $band;
            }
        }

        return null;
    }

    /** The first time, from $fromS on, at which the texture kept falls to the level, by walking up and then bisecting. */
    private static function lastSecondsAbove(float $texture, MovingWater $water, float $fromS): float
    {
        if ($water->textureKept($fromS) <= $texture) {
            return $fromS;
        }
        $low = $fromS;
        $high = $fromS * self::STEP;
        while ($water->textureKept($high) > $texture && $high < 1e6) {
            [$low, $high] = [$high, $high * self::STEP];
        }
        for ($i = 0; $i < 30; $i++) {
            $middle = sqrt($low * $high);
            $water->textureKept($middle) > $texture ? $low = $middle : $high = $middle;
        }

        return sqrt($low * $high);
    }
}
