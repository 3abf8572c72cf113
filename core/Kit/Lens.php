<?php

declare(strict_types=1);

namespace GentlePour\Kit;

use GentlePour\Bounds;
use GentlePour\Exposure\Aperture;
use GentlePour\InvalidValue;

/** A lens at the focal length in use. */
final readonly class Lens
{
    /** @throws InvalidValue when a figure is out of bounds or the aperture range is upside down */
    public function __construct(
        public float $focalLengthMm,
        public Aperture $widest,
        public Aperture $smallest,
        public ?float $threadMm = null,
    ) {
        Bounds::of('A focal length', 2, 2000, 'mm')->check($focalLengthMm, 'focal_length_mm');
        if ($smallest->number < $widest->number) {
            throw (new InvalidValue('The smallest aperture must have the larger f-number.'))->at('aperture_max');
        }
        if ($threadMm !== null) {
            Bounds::of('A lens thread', 10, 200, 'mm')->check($threadMm, 'thread_mm');
        }
    }

    /**
     * Every aperture of the dial that this lens offers, in third stops, widest first.
     *
     * @return non-empty-list<Aperture>
     */
    public function apertures(): array
    {
        $apertures = [];
        for ($thirds = (int) ceil($this->widest->thirds() - 0.02); $thirds <= $this->smallest->thirds() + 0.02; $thirds++) {
            $apertures[] = Aperture::onDial($thirds);
        }

        return $apertures === [] ? [$this->widest] : $apertures;
    }
}
