<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Household\Settings;
use GentlePour\Outing\PackItem;

/** The packing list of an outing with one's own things on it, what was missed before at its head. */
final readonly class PackingList
{
    public const SETTING = 'packing';

    private const OWN = 'own:';

    public function __construct(private Settings $settings)
    {
    }

    /**
     * @param  list<PackItem>  $items
     * @return list<PackItem> the most missed first
     */
    public function of(array $items): array
    {
        foreach ($this->own() as $words) {
            $items[] = new PackItem(self::OWN.$words, $words, 'your own');
        }
        $missed = $this->missed();
        $said = array_map(static fn (PackItem $i): PackItem => isset($missed[$i->key])
            ? new PackItem($i->key, $i->words, self::missedWords($missed[$i->key])) : $i, $items);
        usort($said, static fn (PackItem $a, PackItem $b): int => ($missed[$b->key] ?? 0) <=> ($missed[$a->key] ?? 0));

        return $said;
    }

    /** @return list<string> */
    public function own(): array
    {
        $own = $this->settings->read(self::SETTING)['own'] ?? [];

        return is_array($own) ? array_values(array_filter($own, is_string(...))) : [];
    }

    /** @param  list<string>  $own */
    public function keepOwn(array $own): void
    {
        $this->settings->write(self::SETTING, ['own' => $own] + $this->settings->read(self::SETTING));
    }

    /** @param  list<string>  $keys */
    public function miss(array $keys): void
    {
        $missed = $this->missed();
        foreach ($keys as $key) {
            $missed[$key] = ($missed[$key] ?? 0) + 1;
        }
        $this->settings->write(self::SETTING, ['missed' => $missed] + $this->settings->read(self::SETTING));
    }

    /** @return array<string, int> how often, by key */
    private function missed(): array
    {
        $missed = $this->settings->read(self::SETTING)['missed'] ?? [];

        return is_array($missed) ? array_filter(
            $missed, static fn (mixed $n, mixed $key): bool => is_int($n) && is_string($key), ARRAY_FILTER_USE_BOTH,
        ) : [];
    }

    private static function missedWords(int $times): string
    {
        return $times === 1 ? 'missed once before' : "missed {$times} times before";
    }
}
