<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

/** What a way is sharp over, in words. */
final readonly class Sharpness
{
    /** @param  list<string>|null  $stack  distances of a focus stack, where one frame is not enough and a stack is possible */
    public function __construct(
        public string $focus,
        public string $hyperfocal,
        public string $needed,
        public string $near,
        public string $far,
        public bool $enough,
        public ?array $stack,
    ) {
    }
}
