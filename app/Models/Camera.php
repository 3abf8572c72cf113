<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\CameraFactory;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Kit\Camera as KitCamera;
use GentlePour\Kit\Handling;
use GentlePour\Kit\Sensor;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property float $sensor_width_mm
 * @property float $sensor_height_mm
 * @property int|null $pixels_wide
 * @property float $iso_base
 * @property float|null $iso_low
 * @property float $iso_max
 * @property float $longest_timed_s
 * @property float|null $battery_minutes
 * @property float $reciprocity exponent of film, 1 for a sensor
 * @property bool $mirror
 * @property bool $optical_finder
 * @property bool $stabiliser in the body or in the lens
 * @property bool $raw
 */
final class Camera extends Model
{
    /** @use HasFactory<CameraFactory> */
    use HasFactory;

    /** @var list<string> */
    protected $fillable = [
        'name', 'sensor_width_mm', 'sensor_height_mm', 'pixels_wide', 'iso_base', 'iso_low', 'iso_max',
        'longest_timed_s', 'battery_minutes', 'reciprocity', 'mirror', 'optical_finder', 'stabiliser', 'raw',
    ];

    /** @var array<string, mixed> */
    protected $attributes = ['mirror' => false, 'optical_finder' => false, 'stabiliser' => true, 'raw' => true];

    /** @var array<string, string> */
    protected $casts = [
        'sensor_width_mm' => 'float', 'sensor_height_mm' => 'float', 'pixels_wide' => 'integer',
        'iso_base' => 'float', 'iso_low' => 'float', 'iso_max' => 'float', 'longest_timed_s' => 'float', 'battery_minutes' => 'float',
        'reciprocity' => 'float', 'mirror' => 'boolean', 'optical_finder' => 'boolean', 'stabiliser' => 'boolean', 'raw' => 'boolean',
    ];

    /** @throws InvalidValue when the core cannot make something of it */
    public function assertUsable(): void
    {
        $this->toKit();
    }

    /** As the core packs it. */
    public function toKit(): KitCamera
    {
        return new KitCamera(
            $this->sensor(),
            Iso::named($this->iso_base),
            $this->iso_low === null ? null : Iso::named($this->iso_low),
            Iso::named($this->iso_max),
            ShutterTime::ofSeconds($this->longest_timed_s)->nearestDial(),
            $this->battery_minutes,
            $this->reciprocity ?? 1.0,
            new Handling($this->mirror, $this->optical_finder, $this->stabiliser, $this->raw),
        );
    }

    public function sensor(): Sensor
    {
        return new Sensor($this->sensor_width_mm, $this->sensor_height_mm, $this->pixels_wide);
    }
}
