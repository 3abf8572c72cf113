<?php

declare(strict_types=1);

namespace GentlePour\Sky;

use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Time\Spans;

/**
 * The light at a place through time, as EV at ISO 100: either what falls on level ground, as an incident meter reads it, or what a camera
 * meters of the scene. A reading anchors it: the difference from the model holds at its instant and dies away over an hour. Two readings
 * give it a slope as well, which goes on for ten minutes at most after the later one; a change of more than two stops a minute is a step,
 * as when the sun comes out, and no slope.
 */
final readonly class LightCurve
{
    private const MEMORY_S = 3600.0;

    private const STEEPEST_STOPS_S = 2.0 / 60;

    private const SLOPE_GOES_ON_S = 600.0;

    /** No light that anybody photographs by lies outside; in EV at ISO 100. */
    private const DARKEST_EV = -12.0;

    private const BRIGHTEST_EV = 17.0;

    /** While the sun stands higher the moon adds nothing. */
    private const MOON_COUNTS_BELOW_DEG = -3.0;

    /**
     * @param  SceneLight|null  $scene  null for what falls on level ground
     * @param  list<array{float, float}>  $offsets  instants and differences of the readings from the model, in order
     */
    private function __construct(
        private Observer $observer,
        private SkyCondition $sky,
        private ?SceneLight $scene,
        private array $offsets,
    ) {
    }

    /**
     * What falls on level ground.
     *
     * @param  list<LightReading>  $readings
     *
     * @throws InvalidValue when a reading is beyond EV -10 to 20
     */
    public static function of(Observer $observer, SkyCondition $sky = SkyCondition::Clear, array $readings = []): self
    {
        return (new self($observer, $sky, null, []))->anchored($readings);
    }

    /**
     * What a camera meters of the scene.
     *
     * @param  float|null  $facingDeg  where the lens points; where nothing says it, beside the sun
     * @param  list<LightReading>  $readings
     *
     * @throws InvalidValue when a reading is beyond EV -10 to 20
     */
    public static function metered(
        Observer $observer, ?float $facingDeg, SkyCondition $sky = SkyCondition::Clear, array $readings = [],
        Foreground $foreground = Foreground::Shore,
    ): self {
        return (new self($observer, $sky, new SceneLight($sky, $facingDeg, $foreground, $observer->skyline), []))->anchored($readings);
    }

    public function ev100(float $unix): float
    {
        return $this->ev100With($this->observer->sun($unix), $unix);
    }

    /** The same where the sun's position at that instant is known already. */
    public function ev100With(Horizontal $sun, float $unix): float
    {
        return max(self::DARKEST_EV, min(self::BRIGHTEST_EV, $this->modelled($sun, $unix) + $this->offset($unix)));
    }

    /** Sky and foreground of the scene at an instant; null for what falls on level ground. */
    public function sceneWith(Horizontal $sun, float $unix): ?MeteredScene
    {
        return $this->scene?->metered($sun, ...$this->moon($sun, $unix))->brighter($this->offset($unix));
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

    /** @param  list<LightReading>  $readings */
    private function anchored(array $readings): self
    {
        usort($readings, static fn (LightReading $a, LightReading $b): int => $a->unix <=> $b->unix);
        $offsets = [];
        foreach ($readings as $reading) {
            Limit::LightReading->check($reading->ev100, 'reading');
            $offsets[] = [$reading->unix, $reading->ev100 - $this->modelled($this->observer->sun($reading->unix), $reading->unix)];
        }

        return new self($this->observer, $this->sky, $this->scene, $offsets);
    }

    private function modelled(Horizontal $sun, float $unix): float
    {
        $moon = $this->moon($sun, $unix);
        if ($this->scene !== null) {
            return $this->scene->metered($sun, ...$moon)->ev100();
        }
        [$at, $litShare] = $moon;
        $lux = $this->onGround($sun, Illuminance::lux($sun->altitudeDeg))
            + ($at === null ? 0.0 : $this->onGround($at, Illuminance::moonLux($at->altitudeDeg, $litShare)));

        return Illuminance::ev100($lux) + $this->sky->stops();
    }

    /** What of a body's light reaches level ground under the skyline of the place. */
    private function onGround(Horizontal $body, float $lux): float
    {
        $skyline = $this->observer->skyline;

        return $skyline->isOpen() ? $lux : $lux * $skyline->share($body, $this->sky->diffuseShare($body->altitudeDeg));
    }

    /** @return array{Horizontal|null, float} where the moon stands, while it counts, and the share of it that is lit */
    private function moon(Horizontal $sun, float $unix): array
    {
        return $sun->altitudeDeg > self::MOON_COUNTS_BELOW_DEG
            ? [null, 0.0] : [$this->observer->moon($unix), Moon::litShare(new Moment($unix))];
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
        $goesOn = $before ? 0.0 : $this->lastSlope() * min($unix - $at, self::SLOPE_GOES_ON_S);

        return ($offset + $goesOn) * exp(-abs($unix - $at) / self::MEMORY_S);
    }

    /** Stops a second between the last two readings, by which the light left the model; nought for one reading, and for a step. */
    private function lastSlope(): float
    {
        $count = count($this->offsets);
        if ($count < 2) {
            return 0.0;
        }
        [[$from, $a], [$to, $b]] = [$this->offsets[$count - 2], $this->offsets[$count - 1]];
        $slope = $to > $from ? ($b - $a) / ($to - $from) : INF;

        return abs($slope) <= self::STEEPEST_STOPS_S ? $slope : 0.0;
    }
}
