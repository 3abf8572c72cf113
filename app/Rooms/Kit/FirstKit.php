<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use GentlePour\Kit\Mount;

/** A first camera, lens and filter, as their records keep them. */
final readonly class FirstKit
{
    /**
     * @param  array{name: string, ...<string, mixed>}  $camera
     * @param  array{name: string, ...<string, mixed>}  $lens
     * @param  string  $marking  of the filter; empty without one
     */
    public function __construct(
        public array $camera,
        public array $lens,
        public string $marking,
        public ?float $stops,
        public Mount $mount,
        public bool $release,
    ) {
    }
}
