<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Filter;

/** What the person holds fast; the rest is solved for. Nothing pinned is ever moved. */
final readonly class Pins
{
    /**
     * @param  list<Filter>  $with  filters that must be on
     * @param  list<Filter>  $without  filters that must stay off, or come off where they were on for the reading
     *
     * @throws InvalidValue when a filter is to be on and off at once
     */
    public function __construct(
        public ?ShutterTime $shutter = null,
        public ?Aperture $aperture = null,
        public ?Iso $iso = null,
        public array $with = [],
        public array $without = [],
    ) {
        foreach ($with as $filter) {
            if (in_array($filter->name, Filter::names($without), true)) {
                throw (new InvalidValue('“'.$filter->name.'” cannot be both on and off.'))->at('filters');
            }
        }
    }

    /** @throws InvalidValue when the lens has no such aperture or the camera no such ISO */
    public function checkedBy(Bag $bag): self
    {
        $lens = $bag->lens;
        if ($this->aperture !== null && ! self::between($this->aperture->thirds(), $lens->widest->thirds(), $lens->smallest->thirds())) {
            throw (new InvalidValue(sprintf(
                'The lens goes from %s to %s, not to %s.', $lens->widest->label(), $lens->smallest->label(), $this->aperture->label(),
            )))->at('aperture');
        }
        $isos = $bag->camera->isos();
        [$lowest, $highest] = [$isos[0], $isos[count($isos) - 1]];
        if ($this->iso !== null && ! self::between($this->iso->thirds(), $lowest->thirds(), $highest->thirds())) {
            throw (new InvalidValue(
                sprintf('ISO goes from %s to %s with this camera, not to %s.', $lowest->label(), $highest->label(), $this->iso->label()),
            ))->at('iso');
        }

        return $this;
    }

    /** @return list<Pin> */
    public function held(): array
    {
        return array_values(array_filter(Pin::cases(), fn (Pin $pin): bool => match ($pin) {
            Pin::Shutter => $this->shutter !== null,
            Pin::Aperture => $this->aperture !== null,
            Pin::Iso => $this->iso !== null,
            Pin::Filters => $this->with !== [] || $this->without !== [],
        }));
    }

    public function lettingGoOf(Pin ...$pins): self
    {
        $kept = static fn (Pin $pin): bool => ! in_array($pin, $pins, true);

        return new self(
            $kept(Pin::Shutter) ? $this->shutter : null, $kept(Pin::Aperture) ? $this->aperture : null, $kept(Pin::Iso) ? $this->iso : null,
            $kept(Pin::Filters) ? $this->with : [], $kept(Pin::Filters) ? $this->without : [],
        );
    }

    /**
     * @param  list<Filter>  $filters
     * @return list<Filter> without those that must stay off
     */
    public function leaving(array $filters): array
    {
        $off = Filter::names($this->without);

        return array_values(array_filter($filters, static fn (Filter $f): bool => ! in_array($f->name, $off, true)));
    }

    private static function between(float $thirds, float $from, float $to): bool
    {
        return $thirds >= $from - 0.02 && $thirds <= $to + 0.02;
    }
}
