<?php

declare(strict_types=1);

namespace GentlePour\Practice;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Chance that a seed decides: the same question every time it is asked. */
final readonly class Chance
{
    private Randomizer $random;

    public function __construct(public int $seed)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
    }

    /** One of the whole numbers from the least to the most. */
    public function whole(int $least, int $most): int
    {
        return $this->random->getInt($least, $most);
    }

    /** From nought to less than one. */
    public function share(): float
    {
        return $this->random->getInt(0, (1 << 30) - 1) / (1 << 30);
    }

    /**
     * @template T
     *
     * @param  list<T>  $of  never empty
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return list<T>
     */
    public function shuffled(array $of): array
    {
        return $this->random->shuffleArray($of);
    }
}
