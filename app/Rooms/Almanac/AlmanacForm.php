<?php

declare(strict_types=1);

namespace App\Rooms\Almanac;

use App\Household\Subjects;
use App\Models\Frame;
use App\Models\LevelMark;
use App\Models\Place;
use GentlePour\Planning\WantedLight;
use GentlePour\Review\FrameMark;
use GentlePour\Review\Spread;
use GentlePour\Time\PlaceCalendar;
use Illuminate\Support\MessageBag;

/** What the sentence over the months offers, whether or not it could be searched for. */
final readonly class AlmanacForm
{
    /** Of more marks than these no ready sentence is offered. */
    private const MARKS = 3;

    public function __construct(private Subjects $subjects)
    {
    }

    /**
     * @param  Place|null  $place  with its marks
     * @param  array<string, mixed>  $inputs
     * @return array<string, mixed>
     */
    public function of(?Place $place, array $inputs, MessageBag $problems): array
    {
        $isAsked = static fn (string $day): bool => in_array($day, (array) ($inputs['days'] ?? []), true);

        return [
            'place' => $place, 'places' => $this->subjects->places(), 'inputs' => $inputs, 'problems' => $problems,
            'lights' => WantedLight::cases(), 'sides' => SunSide::cases(),
            'weekdays' => array_combine(PlaceCalendar::DAYS, array_map($isAsked, PlaceCalendar::DAYS)),
            'ready' => $place === null ? [] : self::ready($place),
            'hasKeepers' => $place !== null && Frame::query()->where('place_id', $place->id)->where('keeper', FrameMark::Keeper->value)
                ->limit(Spread::LEAST)->count() >= Spread::LEAST,
        ];
    }

    /** @return list<array{string, array<string, int|string|list<string>>}> words and what they ask for */
    private static function ready(Place $place): array
    {
        $ready = [];
        foreach ($place->marks->take(self::MARKS) as $mark) {
            /** @var LevelMark $mark */
            $ask = ['place' => $place->id, 'mark' => $mark->id];
            $ready[] = [$mark->name.' in daylight', $ask + ['light' => WantedLight::Day->value]];
            $ready[] = [$mark->name.' at dawn or dusk', $ask + ['light' => WantedLight::Low->value]];
        }
        if ($place->marks->isEmpty()) {
            $ready[] = ['golden or blue hour', ['place' => $place->id, 'light' => WantedLight::Low->value]];
            $ready[] = ['weekends', ['place' => $place->id, 'light' => WantedLight::Low->value, 'days' => ['sat', 'sun']]];
        }

        return $ready;
    }
}
