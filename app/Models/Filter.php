<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\FilterFactory;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Filter as Glass;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Mount;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property FilterKind $kind
 * @property string|null $marking
 * @property float|null $stops
 * @property float|null $lightest_stops
 * @property float|null $measured_stops
 * @property Mount $mount
 * @property float|null $thread_mm
 * @property bool $packed
 */
final class Filter extends Model
{
    /** @use HasFactory<FilterFactory> */
    use HasFactory;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = [
        'kind' => FilterKind::class, 'mount' => Mount::class, 'packed' => 'boolean',
        'stops' => 'float', 'lightest_stops' => 'float', 'measured_stops' => 'float', 'thread_mm' => 'float',
    ];

    public function glass(): Glass
    {
        $stops = static fn (?float $value): ?Stops => $value === null ? null : Stops::of($value);

        return Glass::of(
            $this->name, $this->kind, $this->mount, $stops($this->stops), $stops($this->measured_stops), $stops($this->lightest_stops), $this->thread_mm,
        );
    }
}
