<?php

declare(strict_types=1);

namespace GentlePour\Photo;

use GentlePour\InvalidValue;

/** How much light each level of a channel stands for, 0 to 1: the curves that a colour profile gives (ICC.1:2022, 10.6 and 10.18). */
final readonly class ToneCurve
{
    /** @var list<float> light of each level, 256 */
    public array $light;

    /** @param  callable(float): float  $of  light of a value, both 0 to 1 */
    private function __construct(callable $of)
    {
        $light = [];
        for ($level = 0; $level < 256; $level++) {
            $value = $of($level / 255);
            if (! is_finite($value)) {
                throw new InvalidValue('A tone curve gives a finite light for every level.');
            }
            $light[] = max(0.0, min(1.0, $value));
        }
        $this->light = $light;
    }

    public static function srgb(): self
    {
        return new self(static fn (float $v): float => Srgb::light((int) round(255 * $v)));
    }

    /** @throws InvalidValue for an exponent below 0.1 or above 10, which no picture is made with */
    public static function gamma(float $gamma): self
    {
        return self::parametric(0, [$gamma]);
    }

    /**
     * Values evenly spaced from level 0 to level 255, straight lines between them.
     *
     * @param  list<float>  $values  0 to 1, two at the least
     *
     * @throws InvalidValue when they are fewer
     */
    public static function table(array $values): self
    {
        $last = count($values) - 1;
        if ($last < 1) {
            throw new InvalidValue('A tone curve by a table has two values at the least.');
        }

        return new self(static function (float $v) use ($values, $last): float {
            $below = min($last - 1, (int) floor($v * $last));
            $part = $v * $last - $below;

            return (1 - $part) * $values[$below] + $part * $values[$below + 1];
        });
    }

    /**
     * Kinds 0 to 4 of ICC.1:2022, table 68: a power, with a foot, with a straight part below d.
     *
     * @param  list<float>  $p  g, then a, b, c, d, e, f, as many as the kind has
     *
     * @throws InvalidValue for another kind, too few parameters, or an exponent below 0.1 or above 10
     */
    public static function parametric(int $kind, array $p): self
    {
        $wanted = [1, 3, 4, 5, 7][$kind] ?? throw new InvalidValue("There is no tone curve of kind {$kind}.");
        if (count($p) < $wanted || ! ($p[0] >= 0.1 && $p[0] <= 10.0)) {
            throw new InvalidValue('A tone curve has an exponent from 0.1 to 10 and all that its kind asks for.');
        }
        [$g, $a, $b, $c, $d, $e, $f] = [...$p, ...array_fill(0, 7, 0.0)];
        $power = static fn (float $base): float => $base <= 0.0 ? 0.0 : $base ** $g;

        return new self(match ($kind) {
            0 => $power,
            1 => static fn (float $v): float => $a * $v + $b >= 0.0 ? $power($a * $v + $b) : 0.0,
            2 => static fn (float $v): float => $a * $v + $b >= 0.0 ? $power($a * $v + $b) + $c : $c,
            3 => static fn (float $v): float => $v >= $d ? $power($a * $v + $b) : $c * $v,
            4 => static fn (float $v): float => $v >= $d ? $power($a * $v + $b) + $e : $c * $v + $f,
        });
    }
}
