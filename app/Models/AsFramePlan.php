<?php

declare(strict_types=1);

namespace App\Models;

use GentlePour\Documents\Fields;
use GentlePour\Documents\FramePlan;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A frame's plan, kept as a JSON document of its own version, its sentences apart.
 *
 * @implements CastsAttributes<FramePlan, FramePlan>
 */
final class AsFramePlan implements CastsAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): FramePlan
    {
        $document = json_decode(is_string($value) ? $value : '', true);

        return FramePlan::read(new Fields(resolve(Sentences::class)->back(is_array($document) ? $document : [])));
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return self::written(resolve(Sentences::class)->away($value?->toArray() ?? []));
    }

    /** @param  array<array-key, mixed>  $document */
    public static function written(array $document): string
    {
        return json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }
}
