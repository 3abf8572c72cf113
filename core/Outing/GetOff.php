<?php

declare(strict_types=1);

namespace GentlePour\Outing;

use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Tide\Level;
use GentlePour\Tide\TideCurve;

/**
 * When the numbers say to leave: the first instant at which tide, run-up and margin together reach the stand or the lowest point
 * of the way out, less the time to pack and walk. It is no promise that it is safe until then.
 */
final readonly class GetOff
{
    /** @param  float|null  $awashUntilUnix  when the water stands that high already: until then; null when it has yet to come */
    private function __construct(
        public float $leaveUnix,
        public float $reachedUnix,
        public float $levelM,
        public float $riseMPerTenMinutes,
        public ?float $awashUntilUnix,
    ) {
    }

    /**
     * @param  float  $standM  height of the stand above the curve's datum
     * @param  float|null  $wayOutM  of the lowest point of the way out
     * @return self|null null when the water does not come that high before the curve ends
     *
     * @throws InvalidValue when run-up, margin or walk are out of bounds
     */
    public static function after(
        TideCurve $tide, float $fromUnix, float $standM, ?float $wayOutM, float $runUpM, float $marginM, float $walkMinutes,
    ): ?self {
        Limit::RunUp->check($runUpM);
        Limit::Margin->check($marginM);
        Limit::WalkMinutes->check($walkMinutes);
        // Beyond what any tide reaches it is always awash, or always dry.
        $level = Limit::TideHeight->clamp(min($standM, $wayOutM ?? INF) - $runUpM - $marginM);
        foreach (Level::between($level, null)->spans($tide) as $span) {
            if ($span->to <= $fromUnix) {
                continue;
            }
            $reached = max($span->from, $fromUnix);

            return new self(
                $reached - 60 * $walkMinutes, $reached, $level,
                $tide->heightM(min($tide->to(), $reached + 300)) - $tide->heightM(max($tide->from(), $reached - 300)),
                $span->from < $fromUnix ? $span->to : null,
            );
        }

        return null;
    }
}
