<?php

declare(strict_types=1);

namespace App\Files;

use App\Models\Camera;
use App\Models\Filter;
use App\Models\Lens;
use App\Models\Setting;
use App\Rooms\Kit\KitBag;
use GentlePour\InvalidValue;
use Illuminate\Support\Facades\DB;
use JsonException;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use stdClass;

/** The kit as one JSON document, by the published schema. */
final class KitFile
{
    public const FORMAT = 'gentle-pour-kit-1';

    private const COLUMNS = [
        'cameras' => ['name', 'sensor_width_mm', 'sensor_height_mm', 'pixels_wide', 'iso_base', 'iso_low', 'iso_max', 'longest_timed_s', 'battery_minutes', 'reciprocity'],
        'lenses' => ['name', 'focal_min_mm', 'focal_max_mm', 'widest_f', 'smallest_f', 'widest_long_f', 'smallest_long_f', 'best_from_f', 'best_to_f', 'thread_mm'],
        'filters' => ['name', 'kind', 'mount', 'marking', 'stops', 'lightest_stops', 'measured_stops', 'edge', 'cast_red', 'cast_blue', 'thread_mm', 'packed'],
    ];

    public static function schema(): string
    {
        return (string) file_get_contents(base_path('data/schemas/kit.schema.json'));
    }

    public static function write(): string
    {
        $filters = Filter::query()->oldest('id')->get()->map(static fn (Filter $f): array => $f->only(self::COLUMNS['filters']) + ['measured_on' => $f->measured_on?->format('Y-m-d')])->all();

        return json_encode([
            'format' => self::FORMAT,
            'exported_at' => now()->toIso8601String(),
            'cameras' => Camera::query()->oldest('id')->get()->map(static fn (Camera $c): array => $c->only(self::COLUMNS['cameras']))->all(),
            'lenses' => Lens::query()->oldest('id')->get()->map(static fn (Lens $l): array => $l->only(self::COLUMNS['lenses']))->all(),
            'filters' => $filters,
            'carry' => KitBag::carry(),
            'habits' => (object) Setting::read('habits'),
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /**
     * Takes a document in whole or not at all. What has the name of something in the kit takes its place; the rest is added.
     *
     * @return int how many pieces it held
     *
     * @throws InvalidValue when it is not by the schema, or the core cannot make something of a piece
     */
    public static function read(string $json): int
    {
        $document = self::validated($json);

        return DB::transaction(static function () use ($document): int {
            $count = 0;
            foreach (['cameras' => Camera::class, 'lenses' => Lens::class, 'filters' => Filter::class] as $kind => $model) {
                foreach (self::pieces($document, $kind) as $i => $piece) {
                    $record = $model::query()->firstOrNew(['name' => trim((string) $piece['name'])]);
                    $record->fill(array_intersect_key($piece, array_flip([...self::COLUMNS[$kind], 'measured_on'])));
                    self::check($record, "{$kind}.{$i}");
                    $record->save();
                    $count++;
                }
            }
            foreach (['carry', 'habits'] as $setting) {
                if (isset($document->$setting)) {
                    Setting::write($setting, [...Setting::read($setting), ...self::plain($document->$setting)]);
                }
            }

            return $count;
        });
    }

    /** @throws InvalidValue */
    private static function validated(string $json): stdClass
    {
        try {
            $document = json_decode($json, false, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw (new InvalidValue('This is not JSON: '.lcfirst($e->getMessage()).'.'))->at('kit');
        }
        $result = (new Validator)->validate($document, self::schema());
        $error = $result->error();
        if ($error !== null) {
            $found = (new ErrorFormatter)->format($error, false);
            $where = (string) array_key_first($found);
            $said = is_string($found[$where] ?? null) ? $found[$where] : 'it does not fit';
            throw (new InvalidValue(sprintf('Not a kit by the schema, at %s: %s.', $where === '/' ? 'the top' : $where, rtrim(lcfirst($said), '.'))))->at('kit');
        }

        return $document instanceof stdClass ? $document : throw (new InvalidValue('A kit is one JSON object.'))->at('kit');
    }

    /** @return list<array<string, mixed>> */
    private static function pieces(stdClass $document, string $kind): array
    {
        $pieces = $document->$kind ?? [];

        return array_map(self::plain(...), is_array($pieces) ? array_values($pieces) : []);
    }

    /** @return array<string, mixed> */
    private static function plain(mixed $value): array
    {
        $plain = json_decode((string) json_encode($value), true);

        return is_array($plain) ? $plain : [];
    }

    /** @throws InvalidValue when the core refuses the piece */
    private static function check(Camera|Lens|Filter $record, string $where): void
    {
        try {
            match (true) {
                $record instanceof Camera => $record->body(),
                $record instanceof Lens => [$record->glassAt($record->focal_min_mm), $record->glassAt($record->focal_max_mm)],
                default => $record->glass(),
            };
        } catch (InvalidValue $e) {
            throw (new InvalidValue("{$record->name} ({$where}): ".$e->getMessage()))->at('kit');
        }
    }
}
