<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/**
 * How high the sun stands through one day, from three of its positions eight hours apart. With a declination that stands still,
 *
 *     sin h = A + B cos(w (t - t0)),    w = one turn in a day
 *
 * (J. Meeus, Astronomical Algorithms, 1998, equation 13.6), and three samples a third of a turn apart give A, B and t0 at once as their
 * discrete Fourier sum. The declination does move, by up to 0.4 degrees a day: to four minutes at 56 degrees of latitude, which is
 * enough for a drawing of months and far quicker than closing in on each twilight.
 */
final readonly class SunOfDay
{
    private const SAMPLES = 3;

    private const DAY_S = 86400.0;

    private function __construct(
        public float $fromUnix,
        public float $toUnix,
        private float $mean,
        private float $swing,
        private float $noonUnix,
    ) {
    }

    public static function of(Observer $observer, float $fromUnix, float $toUnix): self
    {
        $mean = $cosine = $sine = 0.0;
        $middle = ($fromUnix + $toUnix) / 2;
        for ($i = 0; $i < self::SAMPLES; $i++) {
            $unix = $middle + ($i - 1) * self::DAY_S / self::SAMPLES;
            $height = sin(deg2rad($observer->sun($unix)->altitudeDeg));
            $turn = 2 * M_PI * $i / self::SAMPLES;
            $mean += $height / self::SAMPLES;
            $cosine += 2 / self::SAMPLES * $height * cos($turn);
            $sine += 2 / self::SAMPLES * $height * sin($turn);
        }
        $first = $middle - self::DAY_S / self::SAMPLES;
        $noon = $first + self::DAY_S * atan2($sine, $cosine) / (2 * M_PI);
        // The noon that lies nearest to the middle of the day.
        $noon += self::DAY_S * round(($middle - $noon) / self::DAY_S);

        return new self($fromUnix, $toUnix, $mean, hypot($cosine, $sine), $noon);
    }

    /**
     * When the sun’s centre stands lower than that; instants in s since 1970, within the day.
     *
     * @return list<array{float, float}>
     */
    public function spansBelow(float $altitudeDeg): array
    {
        $cosine = (sin(deg2rad($altitudeDeg)) - $this->mean) / $this->swing;
        if ($cosine >= 1) {
            return [[$this->fromUnix, $this->toUnix]];
        }
        if ($cosine <= -1) {
            return [];
        }
        $half = self::DAY_S * acos($cosine) / (2 * M_PI);
        $spans = [];
        foreach ([$this->noonUnix - self::DAY_S, $this->noonUnix] as $noon) {
            [$from, $to] = [max($this->fromUnix, $noon + $half), min($this->toUnix, $noon + self::DAY_S - $half)];
            if ($from < $to) {
                $spans[] = [$from, $to];
            }
        }

        return $spans;
    }
}
