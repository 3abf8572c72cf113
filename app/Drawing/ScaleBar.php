<?php

declare(strict_types=1);

namespace App\Drawing;

/** The bar at the foot of a map or plan that says how long a length is, with its ends turned up. Places in px of the drawing. */
final readonly class ScaleBar
{
    private const LEFT = 16.0;

    private const MOST_PX = 115.0;

    private const FOOT_PX = 16.0;

    private const END_PX = 9.0;

    private function __construct(public float $px, public Label $label)
    {
    }

    /**
     * The longest of those lengths that has room.
     *
     * @param  non-empty-list<int|float>  $lengths  in order
     * @param  callable(float): string  $name
     * @param  float  $size  of the drawing, which is square
     */
    public static function of(array $lengths, float $pxPer, callable $name, float $size): self
    {
        $length = $lengths[0];
        foreach ($lengths as $one) {
            $length = $one * $pxPer <= self::MOST_PX ? $one : $length;
        }
        $px = round($length * $pxPer, 1);

        return new self($px, new Label($name((float) $length), self::LEFT + $px + 8, $size - self::FOOT_PX));
    }

    /** Path data of the bar. */
    public function path(): string
    {
        return sprintf('M%g %gv%gh%gv%g', self::LEFT, $this->label->y - self::END_PX, self::END_PX, $this->px, -self::END_PX);
    }
}
