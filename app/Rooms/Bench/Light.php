<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Decimal;
use App\Models\Filter;
use App\Rooms\Kit\KitBag;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\InvalidValue;
use GentlePour\Kit\Bag;
use GentlePour\Outing\Support;
use GentlePour\Solving\Wall;
use Illuminate\Database\Eloquent\Collection;

/** The light and the wind as they were filled in on the bench: the base reading, its drift, and what the wind allows. */
final class Light
{
    /**
     * As it was given, or between an earlier reading at the same aperture and ISO and this one.
     *
     * @param  callable(string): string  $text
     */
    public static function drift(callable $text, Reading $reading): ?DriftingLight
    {
        if ($text('earlier_shutter') === '' || $text('earlier_minutes') === '') {
            return $text('drift') === '' ? null : DriftingLight::of(Decimal::read($text('drift')));
        }
        $now = $reading->exposure;
        $earlier = new Reading(new Exposure($now->aperture, ShutterTime::parse($text('earlier_shutter')), $now->iso), $reading->filtersOn);

        return Field::at('earlier_shutter', static fn (): DriftingLight => DriftingLight::between($earlier->ev100(), $reading->ev100(), Decimal::read($text('earlier_minutes'))));
    }

    /**
     * @param  callable(string): string  $text
     * @return list<Wall>
     */
    public static function windWalls(callable $text, Bag $bag): array
    {
        $carry = KitBag::carry();
        $support = Support::tryFrom($text('support')) ?? Support::from($carry['support']);
        $wall = $text('wind') === '' ? null : Field::at('wind', static fn (): ?Wall => $support->wall(
            Decimal::read($text('wind')), $bag->camera->sensor->fullFrameEquivalentMm($bag->lens->focalLengthMm), $support->value === $carry['support'] ? $carry['holds_s'] : null,
        ));

        return $wall === null ? [] : [$wall];
    }

    /**
     * @param  callable(string): string  $text
     * @param  Collection<int, Filter>  $on  the filters on the lens
     */
    public static function reading(callable $text, Collection $on): Reading
    {
        $stops = Stops::zero();
        foreach ($on as $filter) {
            $stops = $stops->plus($filter->glass()->stops() ?? throw (new InvalidValue('The density of “'.$filter->name.'” is not known yet.'))->at('on'));
        }

        return new Reading(new Exposure(Aperture::parse($text('aperture')), ShutterTime::parse($text('shutter')), Iso::parse($text('iso'))), $stops);
    }
}
