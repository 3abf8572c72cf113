<?php

declare(strict_types=1);

namespace Tests\Attack;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** What nobody would type, and what somebody might: values, bytes and documents, by a seed. */
final class Nasty
{
    private const TEXTS = [
        '', ' ', '0', '-0', '-1', '1e999', '-1e999', 'NaN', 'INF', '1/0', '0/0', '1e-320', '999999999999999999999', '9223372036854775808',
        '1,5', '1.2.3', '½', '⅒/⅒', '0x1A', '1_000',
        'true', 'null', '[]', '{}', "\0", "a\0b", "\xff\xfe", "\xc3\x28", "\xed\xa0\x80", "\u{202e}8", '٣', '🌊🌊🌊', "e\u{301}",
        "' OR 1=1 --", '"; DROP TABLE frames; --',
        '<script>alert(1)</script>', '"><img src=x onerror=alert(1)>', '../../../../etc/passwd', '%00', '%', '{{7*7}}', '${jndi:ldap://x}',
        "=cmd|' /C calc'!A0", "\r\nSet-Cookie: x=1",
        '20000-01-01', '0000-00-00', '2026-02-30', '2026-03-29T02:30', '24:30', '+99:99', '-0001-01-01', 'Moon/Sea', 'UTC+99', '10000:00',
        '1h61m', 'f/0', 'f/-8', 'ND', 'ND0', '-10 stops', '1e5 stops',
        'force 13', '0 mph', '91N 181E', '<wpt lat="1e9" lon="x"/>', 'php://input', 'a[b][c]', '@1', '@99999999999', 'silk ', 'SILK',
        'undefined',
    ];

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function number(int $least, int $most): int
    {
        return $this->random->getInt($least, $most);
    }

    public function oneIn(int $times): bool
    {
        return $this->number(1, $times) === 1;
    }

    /**
     * @template T
     *
     * @param  non-empty-array<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        $values = array_values($of);

        return $values[$this->number(0, count($values) - 1)];
    }

    /** @return mixed for a field of a form: a text, or a list where none belongs */
    public function value(): mixed
    {
        return match ($this->number(1, 14)) {
            1 => $this->oneIn(8) ? [$this->text()] : $this->text(),
            2 => $this->oneIn(8) ? [[$this->text() => [$this->text()]]] : $this->text(),
            3 => str_repeat($this->text().'9', $this->number(20, 400)),
            4 => (string) ($this->number(-1_000_000, 1_000_000) / 1000),
            5 => null,
            default => $this->text(),
        };
    }

    public function text(): string
    {
        return $this->one(self::TEXTS);
    }

    /** Some bytes of a file other than they were. */
    public function bytes(string $of): string
    {
        for ($i = $this->number(1, 4); $i > 0; $i--) {
            $at = $this->number(0, strlen($of));
            $of = match ($this->number(1, 8)) {
                1 => substr($of, 0, $at),
                2 => substr($of, 0, $at).$this->text().substr($of, $at),
                3 => substr($of, 0, $at).chr($this->number(0, 255)).substr($of, $at + 1),
                4 => mb_convert_encoding($of, $this->one(['UTF-16LE', 'UTF-16BE', 'UTF-32']), 'ISO-8859-1'),
                5 => "\xef\xbb\xbf".$of,
                6 => str_replace("\n", $this->one(["\r", "\r\n", "\0", '']), $of),
                7 => (string) preg_replace_callback('/\d+/', fn (array $m): string => $this->oneIn(9) ? $this->text() : $m[0], $of),
                default => $of.substr($of, $at),
            };
        }

        return $of;
    }

    /**
     * A document with some of its values other than they were, or without them.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    public function document(array $document): array
    {
        foreach (array_keys($document) as $key) {
            if (is_array($document[$key]) && ! $this->oneIn(6)) {
                $document[$key] = $this->document($document[$key]);
            } elseif ($this->oneIn(25)) {
                if ($this->oneIn(5)) {
                    unset($document[$key]);
                } else {
                    $document[$key] = $this->one([
                        null, true, 0, -1, 1e308, -1e-320, 5e-324, PHP_INT_MAX, [], [[]], (object) [], $this->number(-100, 100),
                        $this->number(0, 1000) / 7, $this->text(), str_repeat('9', 300),
                    ]);
                }
            }
        }
        if ($this->oneIn(8)) {
            $document[$this->text()] = $this->text();
        }

        return $document;
    }
}
