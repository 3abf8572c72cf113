<?php

declare(strict_types=1);

namespace App\Rooms\Field;

use App\Models\Place;
use App\Rooms\Places\DayScenes;
use Carbon\CarbonImmutable;
use GentlePour\InvalidValue;
use GentlePour\Sky\SkyEvent;
use GentlePour\Tide\LevelSpan;
use GentlePour\Tide\TideEvent;
use GentlePour\Units;

/** High and low waters, crossings of each mark, the time to leave and the sun, for the days around an outing, as a table to read. */
final readonly class FieldDays
{
    private const BEFORE = 1;

    private const AFTER = 6;

    public function __construct(private DayScenes $scenes, private Units $units)
    {
    }

    /**
     * None where no tide can be had.
     *
     * @return list<array{day: string, waters: list<string>, marks: array<string, string>, leave: string, sun: string}>
     */
    public function of(Place $place, CarbonImmutable $around): array
    {
        $days = [];
        for ($i = -self::BEFORE; $i <= self::AFTER; $i++) {
            $day = $around->setTimezone($place->zone())->startOfDay()->addDays($i);
            try {
                $scene = $this->scenes->of($place, $day->toDateTimeImmutable());
            } catch (InvalidValue) {
                return [];
            }
            $at = fn (float $unix): string => $this->units->clock(CarbonImmutable::createFromTimestamp((int) round($unix), $place->zone()));
            $sun = array_map(
                static fn (SkyEvent $e): string => $scene->sky?->at($e) === null ? '–' : $at((float) $scene->sky->at($e)),
                [SkyEvent::Sunrise, SkyEvent::Sunset],
            );
            $marks = [];
            foreach ($scene->marks as $mark) {
                $marks[$mark->name] = $mark->spans === [] ? 'not this day' : implode(', ', array_map(
                    static fn (LevelSpan $s): string => $at($s->from).'–'.$at($s->to), $mark->spans,
                ));
            }
            $days[] = [
                'day' => $day->format('D j M'),
                'waters' => array_map(
                    fn (TideEvent $e): string => ($e->high ? 'high ' : 'low ').$at($e->unix).' '.$this->units->metres($e->heightM),
                    TideEvent::within($scene->tide?->events() ?? [], $scene->from, $scene->to),
                ),
                'marks' => $marks,
                'leave' => $scene->getOff === null ? '' : $at($scene->getOff->leaveUnix),
                'sun' => $sun === ['–', '–'] ? '' : implode('–', $sun),
            ];
        }

        return $days;
    }
}
