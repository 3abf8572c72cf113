<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Models\Camera;
use App\Models\Filter;
use App\Models\Lens;
use App\Models\Setting;
use GentlePour\Kit\Bag;
use GentlePour\Outing\Support;
use GentlePour\Solving\ApertureHabit;
use GentlePour\Solving\FramesHabit;
use GentlePour\Solving\Habits;
use GentlePour\Solving\HighlightHabit;
use GentlePour\Solving\IsoHabit;
use GentlePour\Solving\NoiseReductionHabit;
use Illuminate\Database\Eloquent\Collection;

/** The kit records, turned into what the core packs and the habits it follows. */
final class KitBag
{
    public static function packed(Camera $camera, Lens $lens, float $focalMm): Bag
    {
        $carry = self::carry();

        return new Bag(
            $camera->body(),
            $lens->glassAt($focalMm),
            array_values(self::packedFilters()->map(static fn (Filter $f) => $f->glass())->all()),
            $carry['slots'],
            $carry['release'],
            $carry['rings'],
            $carry['adapters'],
        );
    }

    /** @return Collection<int, Filter> */
    public static function packedFilters(): Collection
    {
        return Filter::query()->where('packed', true)->orderBy('id')->get();
    }

    /** @return array{slots: int, release: bool, rings: list<array{float, float}>, adapters: list<float>, support: string, holds_s: float|null} */
    public static function carry(): array
    {
        $stored = Setting::read('carry');
        $rings = [];
        foreach (is_array($stored['rings'] ?? null) ? $stored['rings'] : [] as $ring) {
            if (is_array($ring) && is_numeric($ring[0] ?? null) && is_numeric($ring[1] ?? null)) {
                $rings[] = [(float) $ring[0], (float) $ring[1]];
            }
        }

        return [
            'slots' => is_int($stored['slots'] ?? null) ? $stored['slots'] : 0,
            'release' => (bool) ($stored['release'] ?? false),
            'rings' => $rings,
            'adapters' => array_values(array_map(floatval(...), array_filter(is_array($stored['adapters'] ?? null) ? $stored['adapters'] : [], is_numeric(...)))),
            'holds_s' => is_numeric($stored['holds_s'] ?? null) ? (float) $stored['holds_s'] : null,
            'support' => Support::tryFrom(is_string($stored['support'] ?? null) ? $stored['support'] : '')->value ?? Support::Tripod->value,
        ];
    }

    public static function habits(): Habits
    {
        $stored = Setting::read('habits');
        $one = static fn (string $key): string => is_string($stored[$key] ?? null) ? $stored[$key] : '';

        return new Habits(
            ApertureHabit::tryFrom($one('aperture')) ?? ApertureHabit::Best,
            IsoHabit::tryFrom($one('iso')) ?? IsoHabit::Lowest,
            HighlightHabit::tryFrom($one('highlights')) ?? HighlightHabit::Protect,
            NoiseReductionHabit::tryFrom($one('noise_reduction')) ?? NoiseReductionHabit::Later,
            FramesHabit::tryFrom($one('frames')) ?? FramesHabit::One,
        );
    }
}
