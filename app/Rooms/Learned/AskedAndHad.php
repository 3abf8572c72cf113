<?php

declare(strict_types=1);

namespace App\Rooms\Learned;

use App\Models\Frame;
use App\Models\Photo;
use App\Models\PhotoRole;
use GentlePour\Motion\WaterKind;
use GentlePour\Review\Spread;
use Illuminate\Database\Eloquent\Collection;

/**
 * How far what was had lay from what was asked for: of each look the time and the texture, of each filter and each water the exposure as
 * it was judged.
 */
final class AskedAndHad
{
    private const FRAMES = 2000;

    private const PICTURES = 500;

    /** Less texture than this is the noise of a file. */
    private const LEAST_TEXTURE = 0.1;

    /** @return list<array{string, string, Spread}> what, of what, and by how many stops */
    public function rows(): array
    {
        $frames = Frame::query()->whereNotNull('open_s')->latest('opened_at')->limit(self::FRAMES)
            ->get(['id', 'look', 'water_kind', 'open_s', 'planned_s', 'exposure_thirds', 'filters_label', 'by_file']);
        $planned = $frames->where('by_file', false);
        $judged = $planned->whereNotNull('exposure_thirds');
        $open = static fn (Frame $f): float => log((float) $f->open_s / $f->planned_s, 2);
        $bright = static fn (Frame $f): float => (float) $f->exposure_thirds / 3;

        return [
            ...self::of('open longer than asked', $planned, static fn (Frame $f): string => $f->look->value, $open),
            ...self::of('brighter than asked', $judged, static fn (Frame $f): string => 'with '.$f->filters_label, $bright),
            ...self::of('brighter than asked', $judged, static fn (Frame $f): string => $f->water_kind->label(), $bright),
            ...$this->textures(),
        ];
    }

    /** @return list<array{string, string, Spread}> */
    private function textures(): array
    {
        $photos = Photo::query()->where('role', PhotoRole::Frame)->where('texture_kept', '>', self::LEAST_TEXTURE)->with('frame')
            ->latest('id')->limit(self::PICTURES)->get()->filter(static fn (Photo $p): bool => $p->frame !== null
                && $p->frame->plan->texture > self::LEAST_TEXTURE);
        $kind = static fn (Photo $p): string => ($p->frame->water_kind ?? WaterKind::Swell)->label();

        return self::of('more of its drawing left than reckoned', $photos, $kind, static fn (Photo $p): float => log(
            (float) $p->texture_kept / max(self::LEAST_TEXTURE, $p->frame->plan->texture ?? 1.0), 2,
        ));
    }

    /**
     * @template T of Frame|Photo
     *
     * @param  Collection<int, T>  $records
     * @param  callable(T): string  $group
     * @param  callable(T): float  $value
     * @return list<array{string, string, Spread}>
     */
    private static function of(string $what, Collection $records, callable $group, callable $value): array
    {
        $rows = [];
        foreach ($records->groupBy($group) as $name => $of) {
            $spread = Spread::of(array_values($of->map($value)->all()));
            if ($spread !== null) {
                $rows[] = [(string) $name, $what, $spread];
            }
        }

        return $rows;
    }
}
