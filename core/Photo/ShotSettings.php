<?php

declare(strict_types=1);

namespace GentlePour\Photo;

/** What a file says of how it was taken; null where it does not. */
final readonly class ShotSettings
{
    public function __construct(
        public ?string $camera = null,
        public ?string $lens = null,
        public ?float $aperture = null,
        public ?float $shutterS = null,
        public ?float $iso = null,
        public ?float $focalLengthMm = null,
        public ?string $takenAt = null,
    ) {
    }

    /** By how many stops more light this frame was given than another; null where one of them does not say. */
    public function stopsMoreThan(self $other): ?float
    {
        $own = $this->exposureStops();
        $others = $other->exposureStops();

        return $own === null || $others === null ? null : $own - $others;
    }

    /** Shutter time, aperture and ISO as stops of exposure. */
    private function exposureStops(): ?float
    {
        return $this->aperture === null || $this->shutterS === null || $this->iso === null
            ? null
            : log($this->shutterS * $this->iso / $this->aperture ** 2, 2);
    }

    /** @return array<string, string|float|null> */
    public function toArray(): array
    {
        return [
            'camera' => $this->camera, 'lens' => $this->lens, 'aperture' => $this->aperture, 'shutter_s' => $this->shutterS,
            'iso' => $this->iso, 'focal_length_mm' => $this->focalLengthMm, 'taken_at' => $this->takenAt,
        ];
    }
}
