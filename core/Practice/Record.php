<?php

declare(strict_types=1);

namespace GentlePour\Practice;

/**
 * What was answered: by drill how often and how often right, and the questions that were not, which are asked again until they are. What
 * one is bad at is asked sooner: a drill by the share of its last answers that were wrong, as if one more had been right and one wrong.
 */
final readonly class Record
{
    /** Answers of a drill that count: older ones say less. */
    private const LAST = 20;

    /** So many questions wait to be asked again at the most. */
    private const MISSED = 60;

    /** Of a round so many at the most were missed before. */
    private const AGAIN = 3;

    /**
     * @param  array<string, array{asked: int, right: int, last: string}>  $drills  by value; the last as 1 and 0, the latest at the end
     * @param  list<array{string, int}>  $missed  drill and seed, the longest ago first
     */
    private function __construct(public array $drills, public array $missed)
    {
    }

    /** @param  array<array-key, mixed>  $kept  as toArray() wrote it; what is not in order in it is left out */
    public static function read(array $kept): self
    {
        $drills = $missed = [];
        foreach (is_array($kept['drills'] ?? null) ? $kept['drills'] : [] as $name => $of) {
            if (Drill::tryFrom((string) $name) !== null && is_array($of) && is_int($of['asked'] ?? null) && is_int($of['right'] ?? null)) {
                $last = is_string($of['last'] ?? null) && preg_match('/^[01]*$/D', $of['last']) === 1 ? $of['last'] : '';
                $drills[(string) $name] = ['asked' => $of['asked'], 'right' => $of['right'], 'last' => substr($last, -self::LAST)];
            }
        }
        foreach (is_array($kept['missed'] ?? null) ? $kept['missed'] : [] as $one) {
            if (is_array($one) && is_string($one[0] ?? null) && Drill::tryFrom($one[0]) !== null && is_int($one[1] ?? null)) {
                $missed[] = [$one[0], $one[1]];
            }
        }

        return new self($drills, array_slice($missed, -self::MISSED));
    }

    /** @return array{drills: array<string, array{asked: int, right: int, last: string}>, missed: list<array{string, int}>} */
    public function toArray(): array
    {
        return ['drills' => $this->drills, 'missed' => $this->missed];
    }

    public function with(Drill $drill, int $seed, bool $right): self
    {
        $was = $this->drills[$drill->value] ?? ['asked' => 0, 'right' => 0, 'last' => ''];
        $now = [
            'asked' => $was['asked'] + 1, 'right' => $was['right'] + ($right ? 1 : 0),
            'last' => substr($was['last'].($right ? '1' : '0'), -self::LAST),
        ];
        $missed = array_values(array_filter($this->missed, static fn (array $one): bool => $one !== [$drill->value, $seed]));

        return new self(
            [$drill->value => $now] + $this->drills, $right ? $missed : array_slice([...$missed, [$drill->value, $seed]], -self::MISSED),
        );
    }

    public function asked(Drill $drill): int
    {
        return $this->drills[$drill->value]['asked'] ?? 0;
    }

    public function right(Drill $drill): int
    {
        return $this->drills[$drill->value]['right'] ?? 0;
    }

    /** @return list<bool> whether the last answers of a drill were right, the latest at the end */
    public function last(Drill $drill): array
    {
        $last = $this->drills[$drill->value]['last'] ?? '';

        return $last === '' ? [] : array_map(static fn (string $one): bool => $one === '1', str_split($last));
    }

    /** How much sooner than others a drill is asked, from nought to one. */
    public function weight(Drill $drill): float
    {
        $last = $this->drills[$drill->value]['last'] ?? '';

        return (substr_count($last, '0') + 1) / (strlen($last) + 2);
    }

    /**
     * The questions of a round: some that were missed before, and for the rest the drills by their weights, no two of one drill next to
     * each other where more than one is asked.
     *
     * @param  Drill|null  $only  one drill alone
     * @return list<array{string, int}> drill and seed
     */
    public function round(Chance $chance, int $count, ?Drill $only = null): array
    {
        $again = array_filter($this->missed, static fn (array $one): bool => $only === null || $one[0] === $only->value);
        $round = array_slice($again, 0, min(self::AGAIN, $count - 1));
        while (count($round) < $count) {
            $before = $round === [] ? null : $round[count($round) - 1][0];
            $round[] = [($only ?? $this->drawn($chance, $before))->value, $chance->whole(1, 2 ** 31 - 1)];
        }

        return $round;
    }

    private function drawn(Chance $chance, ?string $before): Drill
    {
        $drills = array_values(array_filter(Drill::cases(), static fn (Drill $d): bool => $d->value !== $before));
        $at = $chance->share() * array_sum(array_map($this->weight(...), $drills));
        $drawn = Drill::Stops;
        foreach ($drills as $drill) {
            $drawn = $drill;
            $at -= $this->weight($drill);
            if ($at < 0) {
                break;
            }
        }

        return $drawn;
    }
}
