<?php

declare(strict_types=1);

namespace GentlePour\Practice;

use GentlePour\InvalidValue;

/** A question of a drill, with what is right and why. Either one of several choices, or a number within a share of the truth. */
final readonly class Question
{
    /**
     * @param  string  $asks  a sentence
     * @param  string  $given  what it goes by, shown large
     * @param  list<string>  $choices  none where a number is asked for
     * @param  int  $right  the place of the right choice
     * @param  float|null  $truth  the number that is asked for
     * @param  string  $why  said after the answer
     */
    private function __construct(
        public string $asks,
        public string $given,
        public array $choices,
        public int $right,
        public ?float $truth,
        public float $within,
        public string $why,
        public ?Shown $shown,
    ) {
    }

    /** @param  list<string>  $choices */
    public static function choice(string $asks, string $given, array $choices, string $right, string $why, ?Shown $shown = null): self
    {
        return new self($asks, $given, $choices, (int) array_search($right, $choices, true), null, 0.0, $why, $shown);
    }

    /** @param  float  $within  as a share of the truth */
    public static function number(string $asks, float $truth, float $within, string $why, Shown $shown): self
    {
        return new self($asks, '', [], 0, $truth, $within, $why, $shown);
    }

    /**
     * @param  string  $answer  the place of a choice, or a number
     *
     * @throws InvalidValue at answer, when it is neither
     */
    public function isRight(string $answer): bool
    {
        if ($this->truth !== null) {
            $written = str_replace(',', '.', trim($answer));
            $number = is_numeric($written) ? (float) $written : 0.0;
            if (! is_finite($number) || $number <= 0) {
                throw (new InvalidValue('Write the period in seconds, or press with the crests.'))->at('answer');
            }

            return abs($number / $this->truth - 1) <= $this->within;
        }
        if (preg_match('/^\d$/D', $answer) !== 1 || ! isset($this->choices[(int) $answer])) {
            throw (new InvalidValue('Choose one of the answers.'))->at('answer');
        }

        return (int) $answer === $this->right;
    }

    /** What would have been right, in words. */
    public function rightAnswer(): string
    {
        return $this->truth === null ? $this->choices[$this->right] : sprintf('%.1f s', $this->truth);
    }
}
