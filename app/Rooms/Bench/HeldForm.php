<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Refusal;
use App\Forms\Typed;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\InvalidValue;
use GentlePour\Solving\Pins;

/** What is held fast, the time aside: that is the target. */
final readonly class HeldForm
{
    private const CORE_FIELDS = ['aperture' => 'pin_aperture', 'iso' => 'pin_iso', 'filters' => 'must'];

    /**
     * @param  list<int>  $mustIds  filters that must be on
     * @param  list<int>  $offIds  filters that must stay off
     */
    private function __construct(
        private ?Aperture $aperture,
        private ?Iso $iso,
        public array $mustIds,
        public array $offIds,
    ) {
    }

    public static function of(Typed $typed): self
    {
        return new self(
            $typed->has('pin_aperture') ? $typed->aperture('pin_aperture') : null, $typed->has('pin_iso') ? $typed->iso('pin_iso') : null,
            $typed->ids('must'), $typed->ids('off'),
        );
    }

    /** @throws InvalidValue at the field of what lens, camera or bag do not have */
    public function pins(Gear $gear): Pins
    {
        $pins = fn (): Pins => new Pins(aperture: $this->aperture, iso: $this->iso, with: $gear->must, without: $gear->off);

        return Refusal::renamed(self::CORE_FIELDS, static fn (): Pins => $pins()->checkedBy($gear->bag));
    }
}
