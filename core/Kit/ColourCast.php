<?php

declare(strict_types=1);

namespace GentlePour\Kit;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/** The colour of a filter that should have none: by how many stops it takes red and blue more (-) or less (+) than green. */
final readonly class ColourCast
{
    /** Below this nobody sees it; in stops. Judgement. */
    private const SEEN = 0.1;

    private function __construct(
        public float $redStops,
        public float $blueStops,
    ) {
    }

    /** @throws InvalidValue beyond five stops either way */
    public static function of(float $redStops, float $blueStops): self
    {
        return new self(
            Limit::CastRed->check($redStops, 'cast_red'),
            Limit::CastBlue->check($blueStops, 'cast_blue'),
        );
    }

    public function size(): float
    {
        return max(abs($this->redStops), abs($this->blueStops));
    }

    /** What the eye calls it; null where it is not seen. */
    public function words(): ?string
    {
        return match (true) {
            $this->size() < self::SEEN => null,
            $this->redStops >= self::SEEN && $this->blueStops >= self::SEEN => 'magenta',
            $this->redStops <= -self::SEEN && $this->blueStops <= -self::SEEN => 'green',
            $this->redStops >= $this->blueStops => 'warm',
            default => 'blue',
        };
    }
}
