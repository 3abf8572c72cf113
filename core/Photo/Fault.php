<?php

declare(strict_types=1);

namespace GentlePour\Photo;

/** What may be wrong with a long frame, how one knows it from the figures, and what to do. The thresholds are judgement. */
enum Fault
{
    case Leak;
    case Veil;
    case Corners;
    case Cast;
    case Dust;
    case Shaken;

    /** From here on it is said: stops; spots for dust; for a shake the share of the base's sharpness that is lost. */
    public function from(): float
    {
        return match ($this) {
            self::Leak => 0.25,
            self::Veil => 0.6,
            self::Corners => 0.4,
            self::Cast => 0.12,
            self::Dust => 1.0,
            self::Shaken => 1 - Detail::SHAKEN,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Leak => 'Light has leaked in',
            self::Veil => 'A veil lies over it',
            self::Corners => 'The corners are darkened',
            self::Cast => 'The filter has a colour',
            self::Dust => 'Dust shows',
            self::Shaken => 'It is not as sharp',
        };
    }

    /** Common practice. */
    public function advice(): string
    {
        return match ($this) {
            self::Leak => 'One side is brighter than in the base. Close the eyepiece, seal the filter against its holder, lay a cloth over '
                .'both.',
            self::Veil => 'The dark parts have risen against the bright ones. Shade the lens and the gaps of the holder; wipe spray '
                .'off the glass.',
            self::Corners => 'Rings or the holder reach into the picture. Take a ring off, or go a little longer with the lens.',
            self::Cast => 'Undo it with the white balance, or in the file by these factors.',
            self::Dust => 'Spots in the smooth parts. Clean the sensor before the next outing; a wider aperture softens them.',
            self::Shaken => 'Wind on the tripod, a hand on the release, or focus that slipped behind the filter: weigh it down, wait two '
                .'seconds, focus before the filter goes on.',
        };
    }
}
