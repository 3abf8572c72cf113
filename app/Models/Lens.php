<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\LensFactory;
use GentlePour\Exposure\Aperture;
use GentlePour\InvalidValue;
use GentlePour\Kit\Lens as Glass;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property float $focal_min_mm
 * @property float $focal_max_mm
 * @property float $widest_f
 * @property float $smallest_f
 * @property float|null $thread_mm
 */
final class Lens extends Model
{
    /** @use HasFactory<LensFactory> */
    use HasFactory;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = [
        'focal_min_mm' => 'float', 'focal_max_mm' => 'float', 'widest_f' => 'float', 'smallest_f' => 'float', 'thread_mm' => 'float',
    ];

    /** @throws InvalidValue when the lens does not reach that focal length */
    public function glassAt(float $focalMm): Glass
    {
        if ($focalMm < $this->focal_min_mm - 0.01 || $focalMm > $this->focal_max_mm + 0.01) {
            throw InvalidValue::outside('The focal length of “'.$this->name.'”', $focalMm, $this->focal_min_mm, $this->focal_max_mm, 'mm');
        }

        return new Glass($focalMm, Aperture::named($this->widest_f), Aperture::named($this->smallest_f), $this->thread_mm);
    }

    public function isZoom(): bool
    {
        return $this->focal_max_mm > $this->focal_min_mm;
    }
}
