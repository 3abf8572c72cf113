<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What the person has chosen once for all: holder and release, habits.
 *
 * @property string $key
 * @property array<string, mixed> $value
 */
final class Setting extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $primaryKey = 'key';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['value' => 'array'];

    /** @return array<string, mixed> */
    public static function read(string $key): array
    {
        return self::query()->find($key)->value ?? [];
    }

    /** @param  array<string, mixed>  $value */
    public static function write(string $key, array $value): void
    {
        self::query()->updateOrCreate(['key' => $key], ['value' => $value]);
    }
}
