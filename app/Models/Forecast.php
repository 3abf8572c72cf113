<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * The latest forecast that a person gave for a place.
 *
 * @property int $id
 * @property int $place_id
 * @property string $source whose figures they are
 * @property Carbon $taken_at when it was given
 * @property list<list<float|null>> $hours in the order of the fields of an hour of weather
 */
final class Forecast extends Model
{
    public $timestamps = false;

    /** @var list<string> */
    protected $fillable = ['place_id', 'source', 'taken_at', 'hours'];

    /** @var array<string, string> */
    protected $casts = ['taken_at' => 'datetime', 'hours' => 'array'];
}
