<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Refusal;
use App\Forms\Typed;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\InvalidValue;
use GentlePour\Kit\Filter;

/** The base reading, and the light as it moves. */
final readonly class ReadingForm
{
    /**
     * @param  list<int>  $onIds  filters on the lens for the reading
     * @param  ShutterTime|null  $longest  the person's own limit
     * @param  float|null  $drift  stops a minute, as given
     * @param  ShutterTime|null  $earlier  of an earlier reading at the same aperture and ISO
     */
    private function __construct(
        private Aperture $aperture,
        private ShutterTime $shutter,
        private Iso $iso,
        public array $onIds,
        public Stops $bias,
        public Stops $correction,
        public ?ShutterTime $longest,
        private ?float $drift,
        private ?ShutterTime $earlier,
        private ?float $earlierMinutes,
    ) {
    }

    public static function of(Typed $typed): self
    {
        return new self(
            $typed->aperture('aperture'),
            $typed->shutter('shutter'),
            $typed->iso('iso'),
            $typed->ids('on'),
            Stops::of($typed->number('bias') ?? 0.0),
            Stops::of($typed->number('correction') ?? 0.0),
            $typed->has('longest') ? $typed->shutter('longest') : null,
            $typed->number('drift'),
            $typed->has('earlier_shutter') ? $typed->shutter('earlier_shutter') : null,
            $typed->number('earlier_minutes'),
        );
    }

    /**
     * @param  list<Filter>  $on
     *
     * @throws InvalidValue when the density of a filter that was on is not known
     */
    public function reading(array $on): Reading
    {
        return new Reading(new Exposure($this->aperture, $this->shutter, $this->iso), self::stack($on));
    }

    /**
     * The shutter time on the dial that a meter asks for in a light, at the aperture and ISO that are set, through what is on the lens.
     *
     * @param  list<Filter>  $on
     *
     * @throws InvalidValue when the density of a filter is not known, or no shutter is open for so short or long
     */
    public function metered(float $ev100, array $on): ShutterTime
    {
        $seconds = Reading::ofLight($ev100)->openSeconds($this->aperture, $this->iso, self::stack($on), Stops::zero());

        return ShutterTime::ofSeconds($seconds)->nearestDial();
    }

    public function hasTwo(): bool
    {
        return $this->earlier !== null && $this->earlierMinutes !== null;
    }

    /** As it was given, or between the earlier reading and this one. */
    public function drift(Reading $now): ?DriftingLight
    {
        if ($this->earlier === null || $this->earlierMinutes === null) {
            return $this->drift === null ? null : Refusal::at('drift', fn (): DriftingLight => DriftingLight::of((float) $this->drift));
        }
        $earlier = new Reading(new Exposure($this->aperture, $this->earlier, $this->iso), $now->filtersOn);

        return Refusal::at(
            'earlier_shutter',
            fn (): DriftingLight => DriftingLight::between($earlier->ev100(), $now->ev100(), (float) $this->earlierMinutes),
        );
    }

    /**
     * @param  list<Filter>  $on
     *
     * @throws InvalidValue
     */
    private static function stack(array $on): Stops
    {
        $stops = Stops::zero();
        foreach ($on as $filter) {
            $stops = $stops->plus(
                $filter->stops() ?? throw (new InvalidValue('The density of “'.$filter->name.'” is not known yet.'))->at('on'),
            );
        }

        return $stops;
    }
}
