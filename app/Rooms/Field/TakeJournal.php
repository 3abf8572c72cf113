<?php

declare(strict_types=1);

namespace App\Rooms\Field;

use App\Files\Journal;
use App\Files\JournalEntry;
use App\Files\JournalKind;
use App\Forms\Typed;
use App\Models\Drop;
use App\Models\Frame;
use App\Models\LevelMark;
use App\Models\Measurement;
use App\Models\MeasurementKind;
use App\Models\Outing;
use App\Models\Place;
use App\Models\Sighting;
use App\Rooms\Places\KeepSighting;
use App\Rooms\Water\KeepMeasurement;
use GentlePour\Documents\Fields;
use GentlePour\InvalidValue;
use GentlePour\Limit;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Brings home what was done with a field file: each entry once, however often it comes, since the key that the phone gave it is the name
 * for life of the record that it becomes. What cannot be taken is said, and stays where it was.
 */
final readonly class TakeJournal
{
    public function __construct(
        private TakeFrame $frame, private KeepSighting $sighting, private KeepMeasurement $measurement,
        private ConnectionInterface $database,
    ) {
    }

    public function __invoke(Journal $journal): TakenIn
    {
        $taken = new TakenIn;
        foreach ($journal->entries as $entry) {
            try {
                // An entry that is refused half-way leaves nothing behind.
                $this->database->transaction(fn () => $this->take($entry, $taken));
            } catch (InvalidValue $e) {
                $taken->refuse($entry, $e->getMessage());
            }
        }

        return $taken;
    }

    /** @throws InvalidValue when something that it needs is gone, or the core refuses it */
    private function take(JournalEntry $entry, TakenIn $taken): void
    {
        if ($entry->kind === JournalKind::Ticks) {
            $this->tick($entry->fields) ? $taken->took($entry) : $taken->wasHere($entry);

            return;
        }
        if ($entry->kind === JournalKind::Frame && ($frame = Frame::query()->where('uid', $entry->key)->first()) !== null) {
            $taken->wasHere($entry, $this->frame->judge($frame, $entry));

            return;
        }
        if (self::isKnown($entry)) {
            $taken->wasHere($entry);

            return;
        }
        match ($entry->kind) {
            JournalKind::Frame => ($this->frame)($entry),
            JournalKind::Sighting => self::named($this->sighted($entry), $entry),
            JournalKind::Measurement => self::named($this->measured($entry), $entry),
        };
        $taken->took($entry);
    }

    /** Whether its record is here, or was deleted here. */
    private static function isKnown(JournalEntry $entry): bool
    {
        $here = match ($entry->kind) {
            JournalKind::Frame => Frame::query(),
            JournalKind::Sighting => Sighting::query(),
            JournalKind::Measurement => Measurement::query(),
            JournalKind::Ticks => Outing::query(),
        };

        return $here->where('uid', $entry->key)->exists() || Drop::query()->where('rows', 'like', '%"uid":"'.$entry->key.'"%')->exists();
    }

    private static function named(Model $record, JournalEntry $entry): void
    {
        $record->setAttribute('uid', $entry->key);
        $record->save();
    }

    private function sighted(JournalEntry $entry): Sighting
    {
        $mark = LevelMark::query()->with('place')->where('uid', $entry->fields->text('mark'))->first()
            ?? throw new InvalidValue('its mark is no longer here.');
        $seen = Carbon::createFromTimestampMs($entry->atMs, $mark->place->zone());

        return ($this->sighting)($mark, $entry->fields->flagOr('reached', false), $seen->format('Y-m-d\TH:i:s'));
    }

    private function measured(JournalEntry $entry): Measurement
    {
        $in = $entry->fields;
        $kind = MeasurementKind::from($in->text('what'));
        $fields = match ($kind) {
            MeasurementKind::Waves, MeasurementKind::Swash => ['presses' => self::presses($in)],
            MeasurementKind::Float => [
                'presses' => self::presses($in), 'distance_m' => (string) Limit::FloatDistance->check($in->number('distance_m')),
            ],
            MeasurementKind::Clouds => [
                'by' => 'crossing', 'share' => (string) Limit::CrossingShare->check($in->number('share')),
                'seconds' => (string) Limit::CrossingTime->check($in->number('seconds')),
            ],
            MeasurementKind::Drop, MeasurementKind::Buoy => throw new InvalidValue('no field file measures that.'),
        };
        $place = $in->has('place') ? Place::query()->where('uid', $in->text('place'))->value('id') : null;

        return ($this->measurement)($kind, new Typed($fields + [
            'place_id' => is_int($place) ? (string) $place : '', 'note' => $in->textOr('note', ''),
            'last_ms' => (string) round($entry->atMs),
        ]));
    }

    private static function presses(Fields $in): string
    {
        return implode(',', array_map(static fn (float $s): string => sprintf('%.3f', $s), $in->numbers('presses')));
    }

    /** What was ticked here and there: a tick is never taken back by a list that did not know of it. @return bool whether one was new */
    private function tick(Fields $in): bool
    {
        $outing = Outing::query()->where('uid', $in->text('outing'))->first() ?? throw new InvalidValue('its outing is no longer here.');
        $both = static fn (array $here, string $name): array => array_values(array_unique(
            [...$here, ...$in->has($name) ? $in->texts($name) : []],
        ));
        $outing->fill([
            'packed' => $both($outing->packed, 'packed'), 'brought_back' => $both($outing->brought_back, 'brought_back'),
        ]);
        $isNew = $outing->isDirty();
        $outing->save();

        return $isNew;
    }
}
