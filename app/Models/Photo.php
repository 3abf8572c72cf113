<?php

declare(strict_types=1);

namespace App\Models;

use GentlePour\InvalidValue;
use GentlePour\Photo\Area;
use GentlePour\Photo\ShotSettings;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A picture file that came in, with what it says of itself and what was measured in it. The pictures themselves lie in files, by their
 * SHA-256.
 *
 * @property int $id
 * @property int|null $frame_id null while nobody knows which frame it shows
 * @property int|null $base_id what it is set against, where that was chosen by hand
 * @property PhotoRole $role
 * @property string $sha256 of the file as it came
 * @property string $name of the file
 * @property int $width
 * @property int $height
 * @property string|null $camera
 * @property string|null $lens
 * @property float|null $aperture
 * @property float|null $shutter_s
 * @property float|null $iso
 * @property float|null $focal_mm
 * @property string|null $camera_clock when it was taken as the camera has it
 * @property Carbon|null $taken_at by the person's clock
 * @property Original $original
 * @property list<float>|null $water_area X, Y, W, H as shares
 * @property list<float>|null $still_area
 * @property float|null $texture_kept of the water, against its base
 * @property-read Frame|null $frame
 * @property-read Photo|null $base
 */
final class Photo extends Model
{
    /** @var list<string> */
    protected $fillable = [
        'frame_id', 'base_id', 'role', 'sha256', 'name', 'width', 'height', 'camera', 'lens', 'aperture', 'shutter_s', 'iso', 'focal_mm',
        'camera_clock', 'taken_at', 'original', 'water_area', 'still_area', 'texture_kept',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'role' => PhotoRole::class, 'original' => Original::class, 'aperture' => 'float', 'shutter_s' => 'float', 'iso' => 'float',
        'focal_mm' => 'float', 'taken_at' => 'datetime', 'water_area' => 'array', 'still_area' => 'array', 'texture_kept' => 'float',
        'width' => 'integer', 'height' => 'integer',
    ];

    /** @var array<string, mixed> */
    protected $attributes = ['role' => 'frame', 'original' => 'left'];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** Of its contents, for its address: what a browser has kept of another that once had its number is not taken for it. */
    public function fingerprint(): string
    {
        return substr($this->sha256, 0, 12);
    }

    /** @return BelongsTo<Frame, $this> */
    public function frame(): BelongsTo
    {
        return $this->belongsTo(Frame::class);
    }

    /** @return BelongsTo<Photo, $this> */
    public function base(): BelongsTo
    {
        return $this->belongsTo(self::class, 'base_id');
    }

    public function settings(): ShotSettings
    {
        return new ShotSettings(
            $this->camera, $this->lens, $this->aperture, $this->shutter_s, $this->iso, $this->focal_mm, $this->camera_clock,
        );
    }

    /** Where its water lies; null where nobody has drawn it. */
    public function water(): ?Area
    {
        return self::area($this->water_area);
    }

    /** Where nothing moves; null where nobody has drawn it. */
    public function still(): ?Area
    {
        return self::area($this->still_area);
    }

    /** @param  list<float>|null  $kept */
    private static function area(?array $kept): ?Area
    {
        try {
            return $kept === null || count($kept) !== 4 ? null : Area::of(...$kept);
        } catch (InvalidValue) {
            return null;
        }
    }
}
