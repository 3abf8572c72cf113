<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use GentlePour\Kit\ColourCast;
use GentlePour\Kit\FilterStack;
use GentlePour\Motion\Stage;
use GentlePour\Scene\HourLight;
use GentlePour\Scene\Thing;

/** How the pictures of a bench may be seen: in which light, with what in them, and through the colour of its glass. */
final readonly class Seeing
{
    /**
     * @param  list<HourLight>  $lights
     * @param  list<Thing>  $things
     * @param  HourLight|null  $now  of this hour, where an outing is under way
     */
    private function __construct(
        public array $lights,
        public array $things,
        public ?ColourCast $cast,
        public ?HourLight $now,
    ) {
    }

    public static function of(Stage $stage, ?FilterStack $glass, ?HourLight $now = null): self
    {
        $cast = $glass?->colour();

        return new self(HourLight::cases(), Thing::on($stage), $cast?->words() === null ? null : $cast, $now);
    }

    /** @return array{red: float, blue: float}|null in stops against green, as the drawers take it */
    public function drawnCast(): ?array
    {
        return $this->cast === null ? null : ['red' => $this->cast->redStops, 'blue' => $this->cast->blueStops];
    }
}
