<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Motion\Look;
use GentlePour\Review\BlurVerdict;

/** What was said of a finished frame; null for what was not. */
final readonly class Verdict
{
    public function __construct(
        public ShutterTime $open,
        public ?BlurVerdict $blur,
        public ?int $exposureThirds,
        public ?string $note,
        public ?Look $called = null,
    ) {
    }
}
