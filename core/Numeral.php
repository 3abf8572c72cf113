<?php

declare(strict_types=1);

namespace GentlePour;

/** Numbers as a person writes them. */
final class Numeral
{
    private const FRACTIONS = [
        '½' => ' 1/2', '⅓' => ' 1/3', '⅔' => ' 2/3', '¼' => ' 1/4', '¾' => ' 3/4',
        '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8',
    ];

    /** “1½” and “1 1/2” as 1.5, so that what stands before a fraction is never read into it; “½” as 1/2. */
    public static function withoutMixed(string $written): string
    {
        return (string) preg_replace_callback(
            '#(?<![\d.,/])(\d+)\s+([1-7])/([2-8])(?![\d.,/])#u',
            static fn (array $m): string => (string) round((float) $m[1] + (float) $m[2] / (float) $m[3], 6),
            trim(strtr($written, ['⁄' => '/'] + self::FRACTIONS)),
        );
    }

    /** Whether a comma in it may set thousands off as well as decimals: “1,600”. */
    public static function mayMeanThousands(string $written): bool
    {
        return preg_match('/(?<![\d.,])[1-9]\d{0,2}(?:,\d{3})+(?![\d.,])/', $written) === 1;
    }

    /** “1,600”, “1.600” and “1 600” as 1600, where decimals make no sense; anything else as it is. */
    public static function withoutThousands(string $written): string
    {
        return (string) preg_replace_callback(
            '/(?<![\d.,])[1-9]\d{0,2}(?:[.,\s]\d{3})+(?![\d.,])/u',
            static fn (array $m): string => (string) preg_replace('/\D/u', '', $m[0]), $written,
        );
    }

    /** What a person is asked who wrote “1,600”: “may mean 1.600 or 1600; write which.” */
    public static function whichOfTwo(string $written): string
    {
        return 'may mean '.strtr(trim($written), [',' => '.']).' or '.strtr(trim($written), [',' => '']).'; write which.';
    }

    /** Whether two numbers stand beside each other, as in “0.9 3”. */
    public static function isTwo(string $written): bool
    {
        return preg_match('/\d\s+[.,]?\d/u', $written) === 1;
    }

    /** “one frame”, “3 frames”, “no frames”: so many of a thing, as a sentence says it. */
    public static function many(int $count, string $one, ?string $more = null): string
    {
        return match ($count) {
            0 => 'no ', 1 => 'one ', default => "{$count} ",
        }.($count === 1 ? $one : $more ?? $one.'s');
    }

    /** To so many decimals at most, without noughts behind the last figure that says something. */
    public static function short(float $value, int $decimals = 2): string
    {
        $written = number_format($value, $decimals, '.', '');

        return str_contains($written, '.') ? rtrim(rtrim($written, '0'), '.') : $written;
    }

    /** Words with figures, with a true minus; nought has no sign, also where it was a little less before it was rounded. */
    public static function minus(string $written): string
    {
        return str_replace('-', '−', (string) preg_replace('/-(?=0(?:\.0+)?(?![\d.]))/', '', $written));
    }

    /** With its sign, a true minus, and as many places as are asked for; nought has no sign, also where it was rounded to it. */
    public static function signed(float $value, int $decimals = 2): string
    {
        $size = number_format(abs($value), $decimals, '.', '');

        return match (true) {
            (float) $size === 0.0 => $size,
            $value < 0 => "−{$size}",
            default => "+{$size}",
        };
    }
}
