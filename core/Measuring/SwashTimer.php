<?php

declare(strict_types=1);

namespace GentlePour\Measuring;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/**
 * The rhythm of a beach: a press when the uprush is at its top, another when the backwash has drained, and so on. What a frame
 * of backwash streaks may use is a part of the retreat.
 */
final readonly class SwashTimer
{
    private function __construct(
        public float $retreatS,
        public ?float $periodS,
        public int $retreats,
    ) {
    }

    /**
     * @param  list<float>  $pressesS  top, drained, top, drained, ...: seconds on any one clock
     *
     * @throws InvalidValue when there are fewer than two presses, or one retreat takes less than 0.2 s or more than two minutes
     */
    public static function ofPresses(array $pressesS): self
    {
        Limit::Presses->check(count($pressesS), 'presses');
        $retreats = $periods = [];
        for ($i = 0; $i + 1 < count($pressesS); $i += 2) {
            $retreats[] = Limit::Retreat->check($pressesS[$i + 1] - $pressesS[$i], 'presses');
            if (isset($pressesS[$i + 2])) {
                $periods[] = Limit::BetweenUprushes->check($pressesS[$i + 2] - $pressesS[$i], 'presses');
            }
        }

        return new self(Quartiles::median($retreats), $periods === [] ? null : Quartiles::median($periods), count($retreats));
    }
}
