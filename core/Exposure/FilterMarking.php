<?php

declare(strict_types=1);

namespace GentlePour\Exposure;

use GentlePour\Limit;
use GentlePour\Numeral;

/**
 * What is engraved on a filter, read in every way makers write it: as a filter factor (ND8, 8x), an optical density
 * (0.9, ND 3.0), stops (10 stop, 1/3) or a transmittance (12.5 %). Where one marking has two meanings both are given,
 * the likelier first, so that the person can say which.
 *
 * T transmittance, D = -log10 T, F = 1/T, stops = log2 F = D / log10 2.
 */
final readonly class FilterMarking
{
    private const DARKEST_STOPS = 24;

    /** @param  non-empty-list<array{stops: Stops, meaning: string}>  $readings likeliest first */
    private function __construct(
        public string $written,
        private array $readings,
    ) {
    }

    /** @throws UnreadableMarking when no meaning is found, or none of a filter that exists */
    public static function parse(string $written): self
    {
        $readings = self::saidTwice($written);
        if ($readings === null) {
            $text = self::plain($written);
            $readings = self::unambiguous($text, $written) ?? self::ambiguous($text, $written);
        }
        foreach ($readings as $reading) {
            if ($reading['stops']->value > self::DARKEST_STOPS) {
                throw UnreadableMarking::tooDark($written);
            }
        }

        return new self(trim($written), $readings);
    }

    /**
     * The range of a variable filter: “2-8 stops”, “ND2-400”, “1.5 to 5”.
     *
     * @return array{Stops, Stops}
     *
     * @throws UnreadableMarking
     */
    public static function parseRange(string $written): array
    {
        $text = self::plain($written);
        if (preg_match('/^(nd|x)?(\d+(?:\.\d+)?)(?:-|–|to)(?:nd|x)?(\d+(?:\.\d+)?)(stops?|st|ev|x)?$/', $text, $m) !== 1) {
            throw UnreadableMarking::range($written);
        }
        $asDensity = ($m[4] ?? '') === '' && $m[1] === 'nd' && str_contains($m[2], '.') && str_contains($m[3], '.');
        $asFactor = match ($m[4] ?? '') {
            'x' => true,
            '' => $m[1] !== '' || (float) $m[3] > 16,
            default => false,
        };
        $stops = static fn (string $n): Stops => match (true) {
            $asDensity => Stops::ofDensity((float) $n),
            $asFactor => Stops::ofFactor((float) $n),
            default => Stops::of((float) $n),
        };
        [$from, $to] = [$stops($m[2]), $stops($m[3])];

        return $from->value >= 0 && $from->value < $to->value && $to->value <= self::DARKEST_STOPS
            ? [$from, $to]
            : throw UnreadableMarking::range($written);
    }

    /** The likeliest meaning. */
    public function stops(): Stops
    {
        return $this->readings[0]['stops'];
    }

    /** The meaning that a person chose among the readings, or the likeliest. */
    public function chosen(int $reading): Stops
    {
        return ($this->readings[$reading] ?? $this->readings[0])['stops'];
    }

    public function isAmbiguous(): bool
    {
        return count($this->readings) > 1;
    }

    /** @return non-empty-list<array{stops: Stops, meaning: string}> likeliest first */
    public function readings(): array
    {
        return $this->readings;
    }

    /** “ND64 = factor 64 = 6 stops, density 1.8.” With a question mark where there is another meaning. */
    public function sentence(): string
    {
        $said = $this->written.' = '.implode('. Or ', array_map(self::equation(...), $this->readings));

        return rtrim($said, '.?').(count($this->readings) > 1 ? '?' : '.');
    }

    /** @param  array{stops: Stops, meaning: string}  $reading */
    private static function equation(array $reading): string
    {
        ['stops' => $stops, 'meaning' => $meaning] = $reading;
        $said = str_ends_with($meaning, 'stops')
            ? Numeral::short($stops->value).' stops'
            : $meaning.' = '.Numeral::short($stops->value).' stops';

        return str_starts_with($meaning, 'density') ? $said : $said.', density '.number_format($stops->density(), 1);
    }

    /** @throws UnreadableMarking when it is two numbers */
    private static function plain(string $written): string
    {
        $text = mb_strtolower(Numeral::withoutMixed($written));
        if (preg_match('/^(?:nd|x)|,/u', $text) === 1) {
            $text = Numeral::withoutThousands($text);
        }
        if (Numeral::isTwo($text)) {
            throw UnreadableMarking::unknown($written);
        }
        $text = strtr((string) preg_replace('/\s+/u', '', $text), [',' => '.', '×' => 'x', '#' => '']);

        // “10 stop ND”
        return (string) preg_replace('/(?<=stop|stops|st|ev|x)-?nd$/', '', $text);
    }

    /**
     * “ND0.9 3 stops”, “ND64 6 stops”: the marking and its stops beside it, which must agree within a fifth of a stop.
     *
     * @return non-empty-list<array{stops: Stops, meaning: string}>|null null where it is said once
     *
     * @throws UnreadableMarking when the two do not agree
     */
    private static function saidTwice(string $written): ?array
    {
        $twice = '/^(.*\d\S*)[\s,(]+(\d+(?:[.,]\d+)?\s*-?\s*(?:f-?)?(?:stops?|st|ev))\)?$/iu';
        if (preg_match($twice, Numeral::withoutMixed($written), $m) !== 1) {
            return null;
        }
        $stops = self::parse($m[2])->stops();
        foreach (self::parse(rtrim($m[1], ' ,='))->readings as $reading) {
            if (abs($reading['stops']->value - $stops->value) <= 0.2) {
                return [['stops' => $stops, 'meaning' => 'stops']];
            }
        }

        throw UnreadableMarking::disagreeing($written);
    }

    /** @return non-empty-list<array{stops: Stops, meaning: string}>|null */
    private static function unambiguous(string $text, string $written): ?array
    {
        $one = static fn (Stops $stops, string $meaning): array => [['stops' => $stops, 'meaning' => $meaning]];

        if (preg_match('#^1/(\d{1,6})$#', $text, $m) === 1 && ((int) $m[1] > 9 || in_array((int) $m[1], [2, 4, 8], true))) {
            // A share of the light, as a rule; up to an eighth it may be meant as part of a stop.
            $share = ['stops' => Stops::ofFactor((float) $m[1]), 'meaning' => 'transmittance 1/'.$m[1]];

            return (int) $m[1] > 9 ? [$share] : [$share, ['stops' => Stops::of(1 / (int) $m[1]), 'meaning' => 'stops']];
        }
        if (preg_match('#^(?:nd)?(\d+(?:\.\d+)?)(?:/(\d+))?-?(?:f-?)?(?:stops?|st|ev)$#', $text, $m) === 1
            || preg_match('#^(\d)/(\d)$#', $text, $m) === 1) {
            $under = (float) ($m[2] ?? 1);

            return $under > 0 ? $one(Stops::of((float) $m[1] / $under), 'stops') : throw UnreadableMarking::unknown($written);
        }
        if (preg_match('/^(?:nd|t)?(\d+(?:\.\d+)?)%$/', $text, $m) === 1) {
            $share = Limit::Transmittance->check((float) $m[1]) / 100;

            return $one(Stops::ofFactor(1 / $share), 'transmittance '.$m[1].' %');
        }
        if (preg_match('/^(?:nd)?(?:x(\d+(?:\.\d+)?)|(\d+(?:\.\d+)?)x)$/', $text, $m) === 1) {
            $factor = $m[1] !== '' ? $m[1] : $m[2];

            return (float) $factor >= 1
                ? $one(Stops::ofFactor((float) $factor), 'factor '.$factor)
                : throw UnreadableMarking::unknown($written);
        }
        if (preg_match('/^(?:nd|od|d)?(\d?\.\d+)$/', $text, $m) === 1 || preg_match('/^(?:od|d)(\d)$/', $text, $m) === 1) {
            return $one(Stops::ofDensity((float) $m[1]), 'density '.$m[1]);
        }
        if (preg_match('/^nd(\d+)k$/', $text, $m) === 1) {
            return $one(Stops::ofFactor(1000 * (float) $m[1]), 'factor '.$m[1].'000');
        }

        return null;
    }

    /**
     * Whole numbers: after “ND” a factor as a rule, bare a number of stops as a rule, and beyond 16 always a factor.
     *
     * @return non-empty-list<array{stops: Stops, meaning: string}>
     */
    private static function ambiguous(string $text, string $written): array
    {
        if (preg_match('/^(nd)?(\d{1,7})$/', $text, $m) !== 1 || (int) $m[2] < 1) {
            throw UnreadableMarking::unknown($written);
        }
        $number = (int) $m[2];
        $factor = ['stops' => Stops::ofFactor($number), 'meaning' => 'factor '.$number];
        if ($number > 16) {
            return [$factor];
        }
        $stops = ['stops' => Stops::of($number), 'meaning' => $number.' stops'];
        if ($number === 1) {
            return [$stops];
        }

        return $m[1] === 'nd' ? [$factor, $stops] : [$stops, $factor];
    }
}
