<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Files\TideTable;
use App\Forms\Instants;
use App\Forms\Position;
use App\Forms\Refusal;
use App\Forms\Typed;
use App\Models\Place;
use App\Models\TideEntry;
use App\Models\TideSource;
use App\Tide\ClockOfPlace;
use App\Tide\StationCatalogue;
use DateTimeZone;
use GentlePour\InvalidValue;
use GentlePour\Tide\TideEvent;
use Illuminate\Support\Facades\DB;

/** Keeps a place as it was typed, with its tide. */
final readonly class KeepPlace
{
    /** Numbers that a place may be without; the others keep what they have where nothing was typed. */
    private const MAY_BE_EMPTY = ['facing_deg', 'stand_m', 'way_out_m'];

    public function __construct(private StationCatalogue $catalogue, private ClockOfPlace $clock)
    {
    }

    /** @throws InvalidValue at table, when the pasted table cannot be read */
    public function __invoke(Place $place, Typed $typed): void
    {
        $source = $typed->choice('tide', TideSource::class) ?? TideSource::None;
        $station = $source->needsAStation() ? $this->catalogue->find($typed->text('station_id')) : null;
        $position = Position::parse($typed->text('position'));
        $zone = $typed->has('timezone') ? $typed->text('timezone') : $this->clock->at($position);
        $events = $source->isTable() && $typed->has('table')
            ? Refusal::at('table', static fn (): array => TideTable::parse($typed->text('table'), new DateTimeZone($zone)))
            : null;
        $place->fill(self::numbers($typed) + [
            'name' => $typed->text('name'),
            'notes' => $typed->has('notes') ? $typed->text('notes') : null,
            'latitude' => $position->latitude,
            'longitude' => $position->longitude,
            'timezone' => $zone,
            'tide' => $source,
            'station_id' => $station?->id,
            'wall' => $typed->flag('wall'),
        ]);
        DB::transaction(static function () use ($place, $events): void {
            $place->save();
            if ($events !== null) {
                self::keepTable($place, $events);
            }
        });
    }

    /** @param  list<TideEvent>  $events */
    private static function keepTable(Place $place, array $events): void
    {
        $place->tideEntries()->delete();
        TideEntry::query()->insert(array_map(static fn (TideEvent $e): array => [
            'place_id' => $place->id, 'at' => Instants::stored($e->unix), 'height_m' => $e->heightM, 'high' => $e->high,
        ], $events));
    }

    /** @return array<string, float|null> */
    private static function numbers(Typed $typed): array
    {
        $numbers = [];
        foreach (array_keys(PlaceRequest::numbers()) as $name) {
            if ($typed->has($name) || in_array($name, self::MAY_BE_EMPTY, true)) {
                $numbers[$name] = $typed->number($name);
            }
        }

        return $numbers;
    }
}
