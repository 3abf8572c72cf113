<?php

declare(strict_types=1);

namespace App\Models;

use GentlePour\Documents\Fields;
use GentlePour\Documents\FramePlan;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A frame's plan, kept as a JSON document of its own version, its sentences apart and its lists of alike things without their names: two
 * frames go on a page of the database.
 *
 * @implements CastsAttributes<FramePlan, FramePlan>
 */
final class AsFramePlan implements CastsAttributes
{
    private const STEP = ['key', 'title', 'detail', 'skipped'];

    private const TERM = ['name', 'stops', 'why'];

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): FramePlan
    {
        return self::read(is_string($value) ? $value : '');
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return self::kept($value?->toArray() ?? []);
    }

    /** @return array<string, mixed> the document as it was before it was kept */
    public static function document(string $kept): array
    {
        return self::read($kept)->toArray();
    }

    /** @param  array<string, mixed>  $document */
    public static function kept(array $document): string
    {
        return self::written(resolve(Sentences::class)->away($document));
    }

    private static function read(string $kept): FramePlan
    {
        $document = json_decode($kept, true);

        return FramePlan::read(new Fields(self::named(resolve(Sentences::class)->back(is_array($document) ? $document : []))));
    }

    /** @param  array<array-key, mixed>  $document */
    public static function written(array $document): string
    {
        $document = self::listed($document);

        return json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function listed(array $document): array
    {
        return self::each($document, static fn (array $one, array $names): array => array_is_list($one)
            ? $one : array_map(static fn (string $name): mixed => $one[$name] ?? null, $names));
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function named(array $document): array
    {
        return self::each($document, static fn (array $one, array $names): array => array_is_list($one) && count($one) === count($names)
            ? array_combine($names, $one) : $one);
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  callable(array<array-key, mixed>, list<string>): array<array-key, mixed>  $change
     * @return array<array-key, mixed>
     */
    private static function each(array $document, callable $change): array
    {
        if (is_array($document['steps'] ?? null)) {
            $steps = $document['steps'];
            $document['steps'] = array_map(static fn (mixed $one): mixed => is_array($one) ? $change($one, self::STEP) : $one, $steps);
        }
        if (is_array($document['way'] ?? null) && is_array($document['way']['terms'] ?? null)) {
            $terms = $document['way']['terms'];
            $term = static fn (mixed $one): mixed => is_array($one) ? $change($one, self::TERM) : $one;
            $document['way']['terms'] = array_map($term, $terms);
        }

        return $document;
    }
}
