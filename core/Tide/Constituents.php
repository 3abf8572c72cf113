<?php

declare(strict_types=1);

namespace GentlePour\Tide;

use GentlePour\InvalidValue;

/**
 * The constituents that stations use: speed, Doodson numbers, and of the compound ones the members whose corrections they
 * share. The table itself is data; names that mean the same are resolved by it.
 */
final readonly class Constituents
{
    /**
     * @param  array<string, array{speed: float, doodson: list<int|float>|null, members: list<array{string, float}>}>  $table
     * @param  array<string, string>  $aliases
     */
    private function __construct(
        private array $table,
        private array $aliases,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $data  the decoded data file
     *
     * @throws InvalidValue when it is not such a file
     */
    public static function of(array $data): self
    {
        $table = $aliases = [];
        foreach (is_array($data['constituents'] ?? null) ? $data['constituents'] : [] as $name => $entry) {
            if (! is_array($entry) || ! is_numeric($entry['speed'] ?? null)) {
                throw new InvalidValue("The constituent “{$name}” has no speed.");
            }
            $members = [];
            foreach (is_array($entry['members'] ?? null) ? $entry['members'] : [] as $member) {
                if (is_array($member) && is_string($member[0] ?? null) && is_numeric($member[1] ?? null)) {
                    $members[] = [$member[0], (float) $member[1]];
                }
            }
            $doodson = is_array($entry['doodson'] ?? null)
                ? array_map(static fn (mixed $d): float => is_numeric($d) ? (float) $d : 0.0, array_values($entry['doodson']))
                : null;
            $table[(string) $name] = ['speed' => (float) $entry['speed'], 'doodson' => $doodson, 'members' => $members];
        }
        foreach (is_array($data['aliases'] ?? null) ? $data['aliases'] : [] as $alias => $name) {
            if (is_string($name)) {
                $aliases[(string) $alias] = $name;
            }
        }

        return new self($table, $aliases);
    }

    public function knows(string $name): bool
    {
        return isset($this->table[$this->aliases[$name] ?? $name]);
    }

    /** In degrees an hour. */
    public function speed(string $name): float
    {
        return $this->table[$this->aliases[$name] ?? $name]['speed'];
    }

    /** The equilibrium argument V in degrees. A compound without Doodson numbers of its own adds up its members'. */
    public function argument(string $name, MeanLongitudes $at): float
    {
        $entry = $this->table[$this->aliases[$name] ?? $name];
        if ($entry['doodson'] !== null) {
            return $at->argument($entry['doodson']);
        }
        $sum = 0.0;
        foreach ($entry['members'] as [$member, $factor]) {
            $sum += $factor * $this->argument($member, $at);
        }

        return $sum;
    }

    /** @return array{float, float} the nodal factor f and angle u in degrees; of a compound its members' together */
    public function correction(string $name, MeanLongitudes $at): array
    {
        $name = $this->aliases[$name] ?? $name;
        $own = NodalCorrection::of($name, $at);
        if ($own !== null) {
            return $own;
        }
        [$f, $u] = [1.0, 0.0];
        foreach ($this->table[$name]['members'] as [$member, $factor]) {
            [$memberF, $memberU] = $this->correction($member, $at);
            $f *= $memberF ** abs($factor);
            $u += $factor * $memberU;
        }

        return [$f, $u];
    }
}
