<?php

declare(strict_types=1);

namespace App\Models;

use GentlePour\Outing\Support;

/**
 * What goes along beside cameras, lenses and filters: the holder and its adapters, step-up rings, the release, and what the camera stands
 * on.
 */
final readonly class Carry
{
    public const SETTING = 'carry';

    /**
     * @param  list<array{float, float}>  $rings  lens thread and filter thread in mm
     * @param  list<float>  $adapters  threads in mm that the holder fits
     * @param  float|null  $holdsS  how long the support stands still by the person's own experience
     */
    public function __construct(
        public int $slots = 0,
        public bool $release = false,
        public array $rings = [],
        public array $adapters = [],
        public Support $support = Support::Tripod,
        public ?float $holdsS = null,
    ) {
    }

    /** @param  array<string, mixed>  $stored  as it was kept, by whatever version */
    public static function read(array $stored): self
    {
        $rings = [];
        foreach (is_array($stored['rings'] ?? null) ? $stored['rings'] : [] as $ring) {
            if (is_array($ring) && is_numeric($ring[0] ?? null) && is_numeric($ring[1] ?? null)) {
                $rings[] = [(float) $ring[0], (float) $ring[1]];
            }
        }
        $adapters = is_array($stored['adapters'] ?? null) ? $stored['adapters'] : [];
        $support = is_string($stored['support'] ?? null) ? $stored['support'] : '';

        return new self(
            is_int($stored['slots'] ?? null) ? $stored['slots'] : 0,
            (bool) ($stored['release'] ?? false),
            $rings,
            array_values(array_map(floatval(...), array_filter($adapters, is_numeric(...)))),
            Support::tryFrom($support) ?? Support::Tripod,
            is_numeric($stored['holds_s'] ?? null) ? (float) $stored['holds_s'] : null,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'slots' => $this->slots,
            'release' => $this->release,
            'rings' => $this->rings,
            'adapters' => $this->adapters,
            'support' => $this->support->value,
            'holds_s' => $this->holdsS,
        ];
    }

    public function withRelease(bool $release): self
    {
        return new self($this->slots, $release, $this->rings, $this->adapters, $this->support, $this->holdsS);
    }

    public function withSlots(int $atLeast): self
    {
        return new self(max($atLeast, $this->slots), $this->release, $this->rings, $this->adapters, $this->support, $this->holdsS);
    }
}
