<?php

declare(strict_types=1);

namespace GentlePour\Exposure;

use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Numeral;

/** How long the shutter is open, in seconds. Exact always; the dial's name for it only at the edge. */
final readonly class ShutterTime
{
    public const SHORTEST_S = Limit::SHORTEST_SHUTTER_S;

    public const LONGEST_S = Limit::LONGEST_SHUTTER_S;

    private function __construct(public float $seconds)
    {
    }

    /** @throws InvalidValue outside 1/65536 s to 24 h */
    public static function ofSeconds(float $seconds): self
    {
        return new self(Limit::ShutterTime->check($seconds));
    }

    /**
     * So many stops from a second. A power of two that is off in its last places is no reason to refuse the longest time of all.
     *
     * @throws InvalidValue outside 1/65536 s to 24 h
     */
    public static function ofStops(float $stops): self
    {
        $seconds = 2 ** $stops;

        return self::ofSeconds(abs($seconds / self::LONGEST_S - 1) < 1e-8 ? self::LONGEST_S : $seconds);
    }

    /** The exact time at a setting of the dial, in third stops from 1 s. */
    public static function onDial(int $thirds): self
    {
        return self::ofSeconds(2 ** ($thirds / 3));
    }

    /**
     * Reads a time as people write it: 1/60, 1/60 s, 0.8, 0,8, 0"8, 15", 30 s, 2m30s, 2:30, 1'30", 4 min, ½, 1½, ½ min, 1h30. A name on
     * the dial gives the dial's exact value; anything else is taken as written. “1,600” is refused: it may be 1.6 or 1600.
     *
     * @throws InvalidValue when it cannot be read or is out of bounds
     */
    public static function parse(string $written): self
    {
        $text = self::plain($written);
        $dial = DialLabels::thirdsOf(DialLabels::SHUTTER, DialLabels::SHUTTER_FIRST, DialLabels::SHUTTER_ALIASES[$text] ?? $text);
        if ($dial !== null) {
            return self::onDial($dial);
        }
        if (preg_match('#^(\d+(?:\.\d+)?)/(\d+(?:\.\d+)?)([hm]?)$#', $text, $m) === 1) {
            return (float) $m[2] > 0
                ? self::ofSeconds((float) $m[1] / (float) $m[2] * ['' => 1, 'm' => 60, 'h' => 3600][$m[3]])
                : throw UnreadableSetting::shutter($written);
        }
        if (preg_match('/^(\d+)h([\d.]+)$/', $text, $m) === 1) {
            return (float) $m[2] < 60
                ? self::ofSeconds(3600 * (float) $m[1] + 60 * (float) $m[2])
                : throw UnreadableSetting::shutter($written);
        }
        if (preg_match('/^\d*\.?\d+$/', $text) === 1) {
            return self::ofSeconds((float) $text);
        }
        if (preg_match('/^(?:(\d+):)?(\d+):([0-5]\d)$/', $text, $m) === 1) {
            return self::ofSeconds(3600 * (float) $m[1] + 60 * (float) $m[2] + (float) $m[3]);
        }
        if ($text !== '' && preg_match('/^(?:(\d+(?:\.\d+)?)h)?(?:(\d+(?:\.\d+)?)m)?(?:(\d+(?:\.\d+)?)s?)?$/', $text, $m) === 1) {
            return self::ofSeconds(3600 * (float) ($m[1] ?? 0) + 60 * (float) ($m[2] ?? 0) + (float) ($m[3] ?? 0));
        }

        throw UnreadableSetting::shutter($written);
    }

    /**
     * A time that was measured, not set on a dial: a plain number is so many seconds, 3 and not the 3.2 of the dial.
     *
     * @throws InvalidValue when it cannot be read or is out of bounds
     */
    public static function measured(string $written): self
    {
        $text = self::plain($written);

        return preg_match('/^\d*\.?\d+$/', $text) === 1 ? self::ofSeconds((float) $text) : self::parse($written);
    }

    /**
     * Lower case, no blanks, one spelling for every unit and mark; a lone “s” goes, since seconds are meant anyway.
     *
     * @throws UnreadableSetting when it is two numbers, or may be either of two
     */
    private static function plain(string $written): string
    {
        $mixed = Numeral::withoutMixed($written);
        if (Numeral::isTwo($mixed)) {
            throw UnreadableSetting::shutter($written);
        }
        if (Numeral::mayMeanThousands($mixed)) {
            throw UnreadableSetting::twoWays($written);
        }
        $text = strtr(mb_strtolower((string) preg_replace('/\s+/u', '', $mixed)), [
            ',' => '.', '”' => '"', '″' => '"', "''" => '"', '’' => "'", '′' => "'",
        ]);
        $text = (string) preg_replace('/^(\d+)"(\d+)$/', '$1.$2', $text);
        $text = (string) preg_replace(['/(hours?|hrs?)/', '/(minutes?|mins?|\')/', '/(seconds?|secs?|")/'], ['h', 'm', 's'], $text);

        return preg_match('/^[\d.\/]+s$/', $text) === 1 ? substr($text, 0, -1) : $text;
    }

    /** Third stops from 1 s; whole numbers are settings of the dial. */
    public function thirds(): float
    {
        return 3 * log($this->seconds, 2);
    }

    public function nearestDial(): self
    {
        return self::onDial((int) round($this->thirds()));
    }

    public function plus(Stops $stops): self
    {
        return self::ofSeconds($this->seconds * $stops->factor());
    }

    public function stopsFrom(self $other): Stops
    {
        return Stops::of(log($this->seconds / $other->seconds, 2));
    }

    /** Timed by the camera: within a sixth of a stop of its longest dial time, since that is how far a dial name may be off. */
    public function isTimedBy(self $longestTimed): bool
    {
        return $this->seconds <= $longestTimed->seconds * 2 ** (1 / 6 + 1e-9);
    }

    /**
     * What a person sets or counts: the dial's name up to the longest timed shutter, the clock above it, to 1 s below two
     * minutes and to 5 s from there.
     */
    public function label(?self $longestTimed = null): string
    {
        $dial = (int) round($this->thirds());
        if ($this->isTimedBy($longestTimed ?? self::onDial(15)) && abs($this->thirds() - $dial) < 0.02) {
            $name = DialLabels::at(DialLabels::SHUTTER, DialLabels::SHUTTER_FIRST, $dial);
            if ($name !== null) {
                return str_contains($name, '/') ? $name : $name.' s';
            }
        }

        return match (true) {
            $this->seconds < 0.3 => '1/'.round(1 / $this->seconds),
            $this->seconds < 1 => round($this->seconds, 2).' s',
            $this->seconds < 10 => round($this->seconds, 1).' s',
            default => self::clock(self::countable($this->seconds)),
        };
    }

    /** The time itself, whatever the dial calls it: three digits below a minute, the clock above. */
    public function exactLabel(): string
    {
        return match (true) {
            $this->seconds < 0.3 => '1/'.round(1 / $this->seconds, 1),
            $this->seconds < 60 => round($this->seconds, $this->seconds < 10 ? 2 : 1).' s',
            default => self::clock($this->seconds),
        };
    }

    /** The time as it can be counted by hand: to 1 s below two minutes, to 5 s above, to a tenth below ten seconds. */
    public function counted(): self
    {
        return self::ofSeconds($this->seconds < 10 ? max(0.1, round($this->seconds, 1)) : self::countable($this->seconds));
    }

    /**
     * The card school: double the printed name, not the exact value, so that 1/60 with ten stops is 15 s and 1/15 with
     * fifteen is 32 min. Common practice. Never a third of a stop away from the exact time.
     */
    public function card(): self
    {
        $thirds = (int) round($this->thirds());
        if ($thirds <= 15) {
            $name = DialLabels::at(DialLabels::SHUTTER, DialLabels::SHUTTER_FIRST, $thirds);
            [$over, $under] = array_pad(explode('/', $name ?? ''), 2, '1');

            return $name === null ? self::onDial($thirds) : self::ofSeconds((float) $over / (float) $under);
        }
        $past = $thirds - 16;

        return self::ofSeconds([40, 50, 60][$past % 3] * 2 ** intdiv($past, 3));
    }

    /** The card's time, by its own printed name. */
    public function cardLabel(): string
    {
        $thirds = (int) round($this->thirds());
        $name = $thirds <= 15 ? DialLabels::at(DialLabels::SHUTTER, DialLabels::SHUTTER_FIRST, $thirds) : null;

        return match (true) {
            $name === null => self::clock($this->card()->seconds),
            str_contains($name, '/') => $name,
            default => $name.' s',
        };
    }

    private static function countable(float $seconds): float
    {
        return $seconds < 120 ? round($seconds) : 5 * round($seconds / 5);
    }

    private static function clock(float $seconds): string
    {
        $whole = (int) round($seconds);

        return match (true) {
            $whole < 60 => $whole.' s',
            $whole < 3600 => sprintf('%d:%02d', intdiv($whole, 60), $whole % 60),
            default => sprintf('%d:%02d:%02d', intdiv($whole, 3600), intdiv($whole, 60) % 60, $whole % 60),
        };
    }
}
