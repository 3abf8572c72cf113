<?php

declare(strict_types=1);

namespace GentlePour\Kit;

use GentlePour\Exposure\Aperture;
use GentlePour\InvalidValue;
use GentlePour\Limit;

/** A lens at the focal length in use. */
final readonly class Lens
{
    /**
     * @param  array{Aperture, Aperture}|null  $preferred  where this lens is best, widest first; null where that is not known
     *
     * @throws InvalidValue when a figure is out of bounds or an aperture range is upside down
     */
    public function __construct(
        public float $focalLengthMm,
        public Aperture $widest,
        public Aperture $smallest,
        public ?float $threadMm = null,
        public ?array $preferred = null,
    ) {
        Limit::FocalLength->check($focalLengthMm, 'focal_length_mm');
        if ($smallest->number < $widest->number) {
            throw (new InvalidValue('The smallest aperture must have the larger f-number.'))->at('aperture_max');
        }
        if ($preferred !== null && $preferred[1]->number < $preferred[0]->number) {
            throw (new InvalidValue('The preferred apertures run from the wider to the smaller.'))->at('preferred');
        }
        if ($threadMm !== null) {
            Limit::Thread->check($threadMm, 'thread_mm');
        }
    }

    /**
     * The aperture of a zoom at a focal length between its ends: in stops, it closes evenly with the logarithm of the focal length.
     * Judgement: makers do not say; the ends are exact.
     */
    public static function between(Aperture $short, Aperture $long, float $shortMm, float $longMm, float $focalMm): Aperture
    {
        if ($longMm <= $shortMm) {
            return $short;
        }
        $share = max(0.0, min(1.0, log($focalMm / $shortMm) / log($longMm / $shortMm)));

        return Aperture::of(2 ** (log($short->number, 2) + $share * log($long->number / $short->number, 2)));
    }

    /** The same if it opened to another aperture. */
    public function openingTo(Aperture $widest): self
    {
        return new self($this->focalLengthMm, $widest, $this->smallest, $this->threadMm, $this->preferred);
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
