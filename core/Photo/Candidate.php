<?php

declare(strict_types=1);

namespace GentlePour\Photo;

/** A frame that a picture file may show. */
final readonly class Candidate
{
    /**
     * @param  float  $plannedUnix  when it was planned, in s
     * @param  float|null  $openedUnix  when the person opened it; null where that was not said
     * @param  ShotSettings  $settings  as it was shot, or is to be
     * @param  ShotSettings|null  $base  those by which the light was read
     * @param  bool  $hasPicture  whether its own picture is there already
     */
    public function __construct(
        public int $id,
        public float $plannedUnix,
        public ?float $openedUnix,
        public ShotSettings $settings,
        public ?ShotSettings $base,
        public bool $hasPicture = false,
    ) {
    }
}
