<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\LensFactory;
use GentlePour\Exposure\Aperture;
use GentlePour\InvalidValue;
use GentlePour\Kit\Lens as KitLens;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property float $focal_min_mm
 * @property float $focal_max_mm
 * @property float $widest_f
 * @property float $smallest_f
 * @property float|null $widest_long_f the widest at the long end, where it differs
 * @property float|null $smallest_long_f
 * @property float|null $best_from_f where the lens is best
 * @property float|null $best_to_f
 * @property float|null $thread_mm
 */
final class Lens extends Model
{
    /** @use HasFactory<LensFactory> */
    use HasFactory;

    /** @var list<string> */
    protected $fillable = [
        'name', 'focal_min_mm', 'focal_max_mm', 'widest_f', 'smallest_f', 'widest_long_f', 'smallest_long_f',
        'best_from_f', 'best_to_f', 'thread_mm',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'focal_min_mm' => 'float', 'focal_max_mm' => 'float', 'widest_f' => 'float', 'smallest_f' => 'float', 'thread_mm' => 'float',
        'widest_long_f' => 'float', 'smallest_long_f' => 'float', 'best_from_f' => 'float', 'best_to_f' => 'float',
    ];

    /** @throws InvalidValue when the core cannot make something of it */
    public function assertUsable(): void
    {
        if ($this->focal_max_mm < $this->focal_min_mm) {
            throw (new InvalidValue('The longest focal length must not be below the shortest.'))->at('focal_max_mm');
        }
        $this->toKitAt($this->focal_min_mm);
        $this->toKitAt($this->focal_max_mm);
    }

    /**
     * As the core packs it, at a focal length.
     *
     * @throws InvalidValue when the lens does not reach it
     */
    public function toKitAt(float $focalMm): KitLens
    {
        if ($focalMm < $this->focal_min_mm - 0.01 || $focalMm > $this->focal_max_mm + 0.01) {
            throw InvalidValue::outside(
                'The focal length of “'.$this->name.'”', $focalMm, $this->focal_min_mm, $this->focal_max_mm, 'mm',
            );
        }

        $at = fn (float $short, ?float $long): Aperture => KitLens::between(
            Aperture::named($short), Aperture::named($long ?? $short), $this->focal_min_mm, $this->focal_max_mm, $focalMm,
        );

        return new KitLens(
            $focalMm, $at($this->widest_f, $this->widest_long_f), $at($this->smallest_f, $this->smallest_long_f), $this->thread_mm,
            $this->best_from_f === null || $this->best_to_f === null ? null : [
                Aperture::named($this->best_from_f), Aperture::named($this->best_to_f),
            ],
        );
    }

    public function isZoom(): bool
    {
        return $this->focal_max_mm > $this->focal_min_mm;
    }
}
