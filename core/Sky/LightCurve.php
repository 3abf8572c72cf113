<?php

declare(strict_types=1);

namespace GentlePour\Sky;

use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Time\Spans;

/**
 * The light at a place through time, as EV at ISO 100. A reading anchors it: the difference from the model holds at its instant and
 * dies away over an hour; between two readings it runs from one to the other, and after them it goes on in the same way while it
 * dies away.
 */
final readonly class LightCurve
{
    private const MEMORY_S = 3600.0;

    /** @param  list<array{float, float}>  $offsets instants and differences of the readings from the model, in order */
    private function __construct(
        private Observer $observer,
        private SkyCondition $sky,
        private array $offsets,
    ) {
    }

    /**
     * @param  list<LightReading>  $readings
     *
     * @throws InvalidValue when a reading is beyond EV -10 to 20
     */
    public static function of(Observer $observer, SkyCondition $sky = SkyCondition::Clear, array $readings = []): self
    {
        usort($readings, static fn (LightReading $a, LightReading $b): int => $a->unix <=> $b->unix);
        $bare = new self($observer, $sky, []);
        $offsets = [];
        foreach ($readings as $reading) {
            Limit::LightReading->check($reading->ev100, 'reading');
            $offsets[] = [$reading->unix, $reading->ev100 - $bare->ev100($reading->unix)];
        }

        return new self($observer, $sky, $offsets);
    }

    public function ev100(float $unix): float
    {
        return $this->ev100With($this->observer->sun($unix), $unix);
    }

    /** The same where the sun's position at that instant is known already. */
    public function ev100With(Horizontal $sun, float $unix): float
    {
        return Illuminance::ev100(Illuminance::lux($sun->altitudeDeg)) + $this->sky->stops() + $this->offset($unix);
    }

    public function lux(float $unix): float
    {
        return 2.5 * 2 ** $this->ev100($unix);
    }

    /** Stops a minute, positive while it brightens. */
    public function driftStopsPerMinute(float $unix): float
    {
        return $this->ev100($unix + 30) - $this->ev100($unix - 30);
    }

    /**
     * When the light stands between two values, closed in on to a second.
     *
     * @return list<array{float, float}> spans
     */
    public function between(float $leastEv, float $mostEv, float $fromUnix, float $toUnix, float $stepS = 300.0): array
    {
        return Spans::where([[$fromUnix, $toUnix]], function (float $unix) use ($leastEv, $mostEv): bool {
            $ev = $this->ev100($unix);

            return $ev >= $leastEv && $ev <= $mostEv;
        }, $stepS);
    }

    private function offset(float $unix): float
    {
        $count = count($this->offsets);
        if ($count === 0) {
            return 0.0;
        }
        for ($i = 1; $i < $count; $i++) {
            [[$from, $a], [$to, $b]] = [$this->offsets[$i - 1], $this->offsets[$i]];
            if ($unix >= $from && $unix <= $to) {
                return $to > $from ? $a + ($b - $a) * ($unix - $from) / ($to - $from) : $b;
            }
        }
        $before = $unix < $this->offsets[0][0];
        [$at, $offset] = $before ? $this->offsets[0] : $this->offsets[$count - 1];
        $rate = 0.0;
        if ($count > 1) {
            [[$one, $a], [$two, $b]] = $before
                ? [$this->offsets[0], $this->offsets[1]]
                : [$this->offsets[$count - 2], $this->offsets[$count - 1]];
            $rate = $two - $one > 1 ? ($b - $a) / ($two - $one) : 0.0;
        }

        return ($offset + $rate * ($unix - $at)) * exp(-abs($unix - $at) / self::MEMORY_S);
    }
}
