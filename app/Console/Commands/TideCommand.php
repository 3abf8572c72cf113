<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Tide\StationCatalogue;
use GentlePour\Documents\TideDocument;
use GentlePour\InvalidValue;
use GentlePour\Sky\Observer;
use GentlePour\Time\Instant;
use Illuminate\Console\Command;

final class TideCommand extends Command
{
    use AnswersDocuments;
    use ReadsOptions;

    protected $signature = 'pour:tide {station? : a catalogue id such as noaa/9447130} {--from= : date or instant} {--to= : date or instant}
        {--step= : minutes between heights} {--datum= : such as MLLW} {--above= : metres} {--below= : metres}
        {--near= : LAT,LON, to list stations} {--count=10 : how many to list}';

    protected $description = 'High and low waters, heights and level windows of a station; or the stations near a place';

    public function handle(StationCatalogue $catalogue): int
    {
        return $this->answering(fn (): array => $this->text('near') !== null ? $this->near($catalogue) : $this->tide($catalogue));
    }

    /** @return array<string, mixed> */
    private function tide(StationCatalogue $catalogue): array
    {
        $id = $this->argument('station');
        try {
            $station = $catalogue->find(is_string($id) ? $id : throw InvalidValue::missing('A station'));
        } catch (InvalidValue $e) {
            throw (new InvalidValue($e->getMessage().' pour:tide --near=LAT,LON lists those nearby.'))->at('station');
        }
        $zone = Instant::timezone($station->timezone);

        try {
            return TideDocument::answer(
                $station, $catalogue->constituents(), $this->instant('from', $zone), $this->instant('to', $zone),
                $this->numberOption('step'), $this->text('datum'),
                $this->numberOption('above'), $this->numberOption('below'),
            );
        } catch (InvalidValue $e) {
            throw $e->renamed(['above_m' => 'above', 'below_m' => 'below']);
        }
    }

    /** @return array<string, mixed> */
    private function near(StationCatalogue $catalogue): array
    {
        if (preg_match('/^\s*(-?\d+(?:\.\d+)?)\s*,\s*(-?\d+(?:\.\d+)?)\s*$/', (string) $this->text('near'), $m) !== 1) {
            throw (new InvalidValue('A place is written as latitude and longitude, like 57.1,-7.4.'))->at('near');
        }
        try {
            $place = new Observer((float) $m[1], (float) $m[2]);
        } catch (InvalidValue $e) {
            throw $e->renamed(['latitude' => 'near', 'longitude' => 'near']);
        }
        $count = (int) ($this->numberOption('count') ?? 10);
        if ($count < 1 || $count > 500) {
            throw InvalidValue::outside('The count', $count, 1, 500)->at('count');
        }

        return ['stations' => array_map(static fn (array $s): array => [
            'id' => $s['id'], 'name' => $s['name'], 'country' => $s['country'], 'distance_km' => round($s['distanceKm'], 2),
            'made_up' => $s['madeUp'],
        ], $catalogue->near($place->latitude, $place->longitude, $count))];
    }
}
