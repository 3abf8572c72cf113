<?php

declare(strict_types=1);

namespace App\Tide;

use App\Models\LevelMark;
use App\Models\Place;
use App\Models\Sighting;
use App\Models\TideEntry;
use App\Models\TideSource;
use Closure;
use GentlePour\Planning\Window;
use Illuminate\Support\Facades\Cache;
use ReflectionClass;

/**
 * What was worked out for a place under a name, kept until something has changed that it goes by: the place, its marks, its tide, or what
 * was asked.
 */
final class KeptOfPlace
{
    /**
     * @template T
     *
     * @param  mixed  $goesBy  whatever else it goes by
     * @param  Closure(): T  $work
     * @param  class-string  ...$made  what it is made of besides, which may be another thing after an update
     * @return T
     */
    public static function get(string $name, Place $place, mixed $goesBy, Closure $work, string ...$made): mixed
    {
        $of = self::fingerprint($place, $goesBy, [Window::class, ...array_values($made)]);
        $key = "{$name}:{$place->id}";
        /** @var array{of: string, found: T}|null $kept */
        $kept = Cache::get($key);
        if ($kept === null || $kept['of'] !== $of) {
            $kept = ['of' => $of, 'found' => $work()];
            Cache::forever($key, $kept);
        }

        return $kept['found'];
    }

    /** @param  list<class-string>  $made */
    private static function fingerprint(Place $place, mixed $goesBy, array $made): string
    {
        $place->loadMissing('marks.sightings');
        $written = [filemtime(base_path('data/stations.ndjson.gz'))];
        foreach ($made as $class) {
            $written[] = filemtime((string) (new ReflectionClass($class))->getFileName());
        }

        return sha1(serialize([
            $written, $goesBy, $place->getAttributes(), $place->marks->map(static fn (LevelMark $m): array => [
                $m->getAttributes(), $m->sightings->map(static fn (Sighting $s): array => $s->getAttributes())->all(),
            ])->all(),
            $place->tide === TideSource::Table ? self::table($place) : [],
        ]));
    }

    /** What the waters of a table add up to: a table that was brought back may have the numbers of the one before it. */
    private static function table(Place $place): mixed
    {
        return TideEntry::query()->where('place_id', $place->id)->toBase()->selectRaw(
            'count(*), max(id), total(high), total(julianday(at)), total(height_m), total(julianday(at) * height_m)',
        )->first();
    }
}
