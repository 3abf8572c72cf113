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

    /** @var list<string> */
    protected $fillable = [
        'key', 'value',
    ];

    /** @var array<string, string> */
    protected $casts = ['value' => 'array'];
}
