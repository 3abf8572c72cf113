<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** One frame of a list: how it is shot and what it is for. */
final readonly class Shot
{
    public function __construct(
        public ShotRole $role,
        public string $purpose,
        public Way $way,
    ) {
    }
}
