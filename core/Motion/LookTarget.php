<?php

declare(strict_types=1);

namespace GentlePour\Motion;

use GentlePour\Exposure\ShutterWindow;

/** One moving part of a picture, the look that is wanted of it, and the times that give it. */
final readonly class LookTarget
{
    /**
     * @param  string  $name  water, clouds, or what the person calls it
     * @param  string  $look  silk, soft, ...
     */
    public function __construct(
        public string $name,
        public string $look,
        public ShutterWindow $window,
    ) {
    }
}
