<?php

declare(strict_types=1);

namespace GentlePour;

/**
 * A value that cannot be used. The message is a sentence for the person who gave it and says what would be valid; the
 * field is where they gave it, in dotted notation, once the caller has said so with at().
 */
class InvalidValue extends \InvalidArgumentException
{
    /** From here on a number has more figures than anybody reads. */
    private const PLAIN_UP_TO = 1e12;

    private string $field = '';

    final public function __construct(string $message, ?self $of = null)
    {
        parent::__construct($message, 0, $of);
    }

    public static function outside(string $what, float $value, float $least, float $most, string $unit = ''): static
    {
        $unit = $unit === '' || $unit === '°' ? $unit : ' '.$unit;
        $shown = is_finite($value) ? self::number($value).$unit : 'not a finite number';

        return new static(sprintf(
            '%s must be between %s and %s%s, and is %s.', $what, self::number($least), self::number($most), $unit, $shown,
        ));
    }

    public static function notNumeric(string $what): static
    {
        return new static("{$what} must be a number.");
    }

    public static function missing(string $what): static
    {
        return new static("{$what} is needed.");
    }

    /** @param  list<string>  $choices */
    public static function notOneOf(string $what, string $given, array $choices): static
    {
        return new static(sprintf('%s cannot be %s; it is one of %s.', $what, self::quoted($given), implode(', ', $choices)));
    }

    /** The same refusal, said of a field. An inner field is kept behind the outer one. */
    public function at(string $field): static
    {
        return $this->of($this->field === '' ? $field : $field.'.'.$this->field);
    }

    /**
     * The same refusal where a field goes by another name.
     *
     * @param  array<string, string>  $names  this name to the other
     */
    public function renamed(array $names): static
    {
        return isset($names[$this->field]) ? $this->of($names[$this->field]) : $this;
    }

    /** What was given, between quotation marks and not longer than a line; “Nothing” where there was nothing. */
    public static function quoted(string $given): string
    {
        $given = trim($given);

        return $given === '' ? 'Nothing' : '“'.mb_strimwidth($given, 0, 60, '…').'”';
    }

    public function field(): string
    {
        return $this->field;
    }

    /** An exception cannot be cloned; the copy keeps the first one, and with it where it was thrown. */
    private function of(string $field): static
    {
        $copy = new static($this->getMessage(), $this);
        $copy->field = $field;

        return $copy;
    }

    private static function number(float $value): string
    {
        return abs($value) < self::PLAIN_UP_TO ? Numeral::short($value, abs($value) < 1 ? 5 : 3) : sprintf('%.3g', $value);
    }
}
