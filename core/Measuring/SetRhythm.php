<?php

declare(strict_types=1);

namespace GentlePour\Measuring;

/**
 * Big waves come in groups. Big ones less than so many periods apart are one set; from the starts of the sets follows when the
 * next may come. A rough figure: groups are no clockwork. Common practice.
 */
final readonly class SetRhythm
{
    private const PERIODS_APART = 3.0;

    /** @param  list<list<float>>  $sets  presses of each, in seconds */
    private function __construct(private array $sets)
    {
    }

    /** @param  list<float>  $bigS  presses of the big waves, in order, in seconds */
    public static function of(array $bigS, float $periodS): self
    {
        $sets = [];
        foreach ($bigS as $press) {
            $last = count($sets) - 1;
            if ($last >= 0 && $press - $sets[$last][count($sets[$last]) - 1] <= self::PERIODS_APART * $periodS) {
                $sets[$last][] = $press;
            } else {
                $sets[] = [$press];
            }
        }

        return new self($sets);
    }

    public function count(): int
    {
        return count($this->sets);
    }

    /** Big waves in a set, the median; null before the first. */
    public function size(): ?float
    {
        return $this->sets === [] ? null : Quartiles::median(array_map(static fn (array $set): float => (float) count($set), $this->sets));
    }

    /** Seconds from the start of one set to the start of the next, the median; null before the second. */
    public function apartS(): ?float
    {
        $apart = [];
        for ($i = 1; $i < count($this->sets); $i++) {
            $apart[] = $this->sets[$i][0] - $this->sets[$i - 1][0];
        }

        return $apart === [] ? null : Quartiles::median($apart);
    }

    /** On the clock of the presses; null before the second set. */
    public function nextExpectedS(): ?float
    {
        $apart = $this->apartS();

        return $apart === null ? null : $this->sets[count($this->sets) - 1][0] + $apart;
    }
}
