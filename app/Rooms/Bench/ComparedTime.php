<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\FilterStack;

/** One of the open times that are set side by side, and the glass that makes it, where it was named by that. */
final readonly class ComparedTime
{
    public function __construct(
        public ShutterTime $shutter,
        public ?FilterStack $glass = null,
    ) {
    }

    /**
     * @return array{seconds: float, label: string, glass: string|null, cast: array{red: float, blue: float}|null, look: string,
     *     kept: float}
     */
    public function shownOn(Bench $bench): array
    {
        $seconds = $this->shutter->seconds;

        return [
            'seconds' => $seconds,
            'label' => $this->shutter->label(),
            'glass' => $this->glass?->label(),
            'cast' => ($this->glass === null ? $bench->seeing() : Seeing::of($bench->moving->kind->stage(), $this->glass))->drawnCast(),
            'look' => $bench->moving->bands->at($seconds)->look->value,
            'kept' => $bench->moving->water->textureKept($seconds),
        ];
    }
}
