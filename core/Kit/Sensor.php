<?php

declare(strict_types=1);

namespace GentlePour\Kit;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/** A sensor or film gate: sides in mm, and its pixels across where they matter. */
final readonly class Sensor
{
    private const FULL_FRAME_DIAGONAL_MM = 43.266615305567875;

    /** @throws InvalidValue when a side is not between 2 and 300 mm, or the pixels not between 500 and 50000 */
    public function __construct(
        public float $widthMm,
        public float $heightMm,
        public ?int $pixelsWide = null,
    ) {
        Limit::SensorWidth->check($widthMm, 'sensor_width_mm');
        Limit::SensorHeight->check($heightMm, 'sensor_height_mm');
        if ($pixelsWide !== null) {
            Limit::PixelsWide->check($pixelsWide, 'pixels_wide');
        }
    }

    /** What is left of it by a crop: as large as fits. */
    public function cropped(Crop $crop): self
    {
        $ratio = $crop->ratio();
        if ($ratio === null) {
            return $this;
        }
        $width = min($this->widthMm, $this->heightMm * $ratio);
        $pixels = $this->pixelsWide === null ? null : (int) max(500, round($this->pixelsWide * $width / $this->widthMm));

        return new self($width, $width / $ratio, $pixels);
    }

    public function diagonalMm(): float
    {
        return hypot($this->widthMm, $this->heightMm);
    }

    /** The circle of confusion in mm: the diagonal over 1500. Common practice. */
    public function circleOfConfusionMm(): float
    {
        return $this->diagonalMm() / 1500;
    }

    /**
     * The smallest blur in mm that can matter, against which diffraction is judged: the larger of two pixels and the circle of confusion.
     * Two pixels rule where fewer than 3000 w / d of them lie across, w the width and d the diagonal: 2,496 at 3:2. With more, or where
     * their number is not known, the circle of confusion rules, since in a picture seen whole nothing finer is seen.
     */
    public function smallestBlurMm(): float
    {
        return max($this->circleOfConfusionMm(), $this->pixelsWide === null ? 0.0 : 2 * $this->widthMm / $this->pixelsWide);
    }

    public function fullFrameEquivalentMm(float $focalLengthMm): float
    {
        return $focalLengthMm * self::FULL_FRAME_DIAGONAL_MM / $this->diagonalMm();
    }
}
