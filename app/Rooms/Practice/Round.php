<?php

declare(strict_types=1);

namespace App\Rooms\Practice;

use GentlePour\Practice\Drill;
use GentlePour\Practice\Question;
use Illuminate\Contracts\Session\Session;

/** The questions of a round and what was answered, as the session keeps them. */
final readonly class Round
{
    private const KEY = 'practice';

    /**
     * @param  list<array{string, int}>  $questions  drill and seed
     * @param  list<string>  $given
     * @param  list<bool>  $right
     * @param  bool  $isOver  the last answer was looked at
     */
    private function __construct(public array $questions, public array $given = [], public array $right = [], public bool $isOver = false)
    {
    }

    /** @param  list<array{string, int}>  $questions */
    public static function of(array $questions): self
    {
        return new self($questions);
    }

    public static function kept(Session $session): ?self
    {
        $kept = $session->get(self::KEY);

        return $kept instanceof self && $kept->questions !== [] ? $kept : null;
    }

    public function keep(Session $session): void
    {
        $session->put(self::KEY, $this);
    }

    public function with(string $given, bool $right): self
    {
        return new self($this->questions, [...$this->given, $given], [...$this->right, $right]);
    }

    public function over(): self
    {
        return new self($this->questions, $this->given, $this->right, true);
    }

    /** Which question is at hand, from nought. */
    public function at(): int
    {
        return min(count($this->given), count($this->questions) - 1);
    }

    public function isAnswered(): bool
    {
        return count($this->given) === count($this->questions);
    }

    public function drill(int $at): Drill
    {
        return Drill::from($this->questions[$at][0]);
    }

    public function seed(int $at): int
    {
        return $this->questions[$at][1];
    }

    public function question(int $at): Question
    {
        return $this->drill($at)->question($this->seed($at));
    }
}
