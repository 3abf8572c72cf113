<?php

declare(strict_types=1);

namespace App\Files;

use App\Household\Settings;
use App\Models\Camera;
use App\Models\Carry;
use App\Models\Filter;
use App\Models\Lens;
use GentlePour\InvalidValue;
use GentlePour\Kit\Bag;
use GentlePour\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use JsonException;
use stdClass;

/** The kit as one JSON document, by the published schema. */
final readonly class KitFile
{
    public const FORMAT = 'gentle-pour-kit-1';

    /** A date that is written as a day. */
    private const DAY = 'measured_on';

    /** Kept apart from the kit records: what goes along, and habits. */
    private const SETTINGS = [Carry::SETTING, 'habits'];

    public function __construct(private Settings $settings)
    {
    }

    public static function schema(): string
    {
        return (string) file_get_contents(base_path('data/schemas/kit.schema.json'));
    }

    public function write(): string
    {
        return json_encode([
            'format' => self::FORMAT,
            'exported_at' => now()->toIso8601String(),
            'cameras' => self::records(Camera::class),
            'lenses' => self::records(Lens::class),
            'filters' => self::records(Filter::class),
            'carry' => Carry::read($this->settings->read(Carry::SETTING))->toArray(),
            'habits' => (object) $this->settings->read('habits'),
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /**
     * Takes a document in whole or not at all. What has the name of something in the kit takes its place; the rest is added.
     *
     * @return int how many pieces it held
     *
     * @throws InvalidValue when it is not by the schema, or the core cannot make something of a piece
     */
    public function read(string $json): int
    {
        $document = self::validated($json);

        return DB::transaction(function () use ($document): int {
            $count = 0;
            foreach (['cameras' => Camera::class, 'lenses' => Lens::class, 'filters' => Filter::class] as $kind => $model) {
                $kept = $model::query()->get()->keyBy(static fn (Model $record): string => Bag::plainName($record->name))->all();
                foreach (self::pieces($document, $kind) as $i => $piece) {
                    $name = Bag::plainName((string) $piece['name']);
                    $record = $kept[$name] ?? new $model;
                    $record->fill($piece);
                    self::check($record, "{$kind}.{$i}");
                    $record->save();
                    $kept[$name] = $record;
                    $count++;
                }
            }
            foreach (self::SETTINGS as $setting) {
                if (isset($document->$setting)) {
                    $this->settings->write($setting, [...$this->settings->read($setting), ...self::plain($document->$setting)]);
                }
            }
            $packed = Filter::query()->where('packed', true)->count();
            if ($packed > Limit::FiltersPacked->most()) {
                throw (new InvalidValue(sprintf(
                    'With this file %d filters would be packed, and the bench weighs %d. Leave some at home first, here or in the file.',
                    $packed, Limit::FiltersPacked->most(),
                )))->at('kit');
            }

            return $count;
        });
    }

    /**
     * All of a kind, with every column that a person fills in.
     *
     * @param  class-string<Model>  $model
     * @return list<array<string, mixed>>
     */
    private static function records(string $model): array
    {
        return array_values($model::query()->oldest('id')->get()->map(static function (Model $record): array {
            $row = $record->only($record->getFillable());
            if ($record instanceof Filter) {
                $row[self::DAY] = $record->measured_on?->format('Y-m-d');
            }

            return $row;
        })->all());
    }

    /** @throws InvalidValue */
    private static function validated(string $json): stdClass
    {
        try {
            $document = json_decode($json, false, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw (new InvalidValue('This is not JSON: '.lcfirst($e->getMessage()).'.'))->at('kit');
        }
        $fault = Schema::fault($document, self::schema());
        if ($fault !== null) {
            throw (new InvalidValue('Not a kit by the schema, '.$fault))->at('kit');
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
            $record->assertUsable();
        } catch (InvalidValue $e) {
            throw (new InvalidValue("{$record->name} ({$where}): ".$e->getMessage()))->at('kit');
        }
    }
}
