<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Drawing\StopRule;
use App\Forms\Typed;
use App\Household\Devices;
use App\Household\Subjects;
use App\Rooms\Kit\KitShelf;
use GentlePour\Exposure\DialLabels;
use GentlePour\Motion\CloudDrift;
use GentlePour\Motion\CloudLook;
use GentlePour\Motion\Look;
use GentlePour\Motion\WaterKind;
use GentlePour\Outing\Support;
use GentlePour\Units;
use Illuminate\Support\MessageBag;

/** What the bench's page shows, whether or not it could be worked out. */
final readonly class BenchPages
{
    /** Fields that a choice of another field brings with it; the rest of them travel hidden. */
    private const CHANGING = [
        'feature', 'height', 'depth', 'chop_period', 'chop_height', 'also_distance', 'also_look', 'also_period', 'also_speed',
        'cloud_share', 'cloud_s', 'cloud_look', 'cloud_speed', 'cloud_base', 'cloud_elevation', 'cloud_across',
    ];

    private const NO_NOTES = ['letGo' => null, 'nearestFocal' => null];

    public function __construct(private KitShelf $shelf, private Subjects $subjects, private Devices $devices)
    {
    }

    /**
     * @param  array<string, string|null>  $notes  what was done to the fields that a person has to know
     * @return array<string, mixed>
     */
    public function worked(Bench $bench, array $notes = []): array
    {
        $drawn = $bench->drawn();

        return $this->form($bench->form->toQuery(), new MessageBag) + [
            ...$notes + self::NO_NOTES,
            'guess' => $bench->form->water->guess(resolve(Units::class)),
            'bench' => $bench,
            'says' => $bench->says(),
            'rules' => [StopRule::wide($drawn), StopRule::narrow($drawn)],
        ];
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return array<string, mixed>
     */
    public function refused(array $typed, MessageBag $problems): array
    {
        return $this->form($typed, $problems) + ['bench' => null, 'says' => null, 'rules' => [], 'guess' => null, ...self::NO_NOTES];
    }

    /**
     * @param  array<string, mixed>  $inputs
     * @return array<string, mixed>
     */
    private function form(array $inputs, MessageBag $problems): array
    {
        $typed = new Typed($inputs);
        $kind = $typed->choice('kind', WaterKind::class);
        $also = $typed->choice('also', WaterKind::class);
        $sky = $typed->choice('sky', CloudsBy::class) ?? CloudsBy::Nothing;
        $flows = $kind === null || ! $kind->isWaves();

        return [
            'inputs' => $inputs,
            'problems' => $problems,
            'kind' => $kind,
            'kinds' => WaterKind::cases(),
            'flows' => $flows,
            'sea' => $kind?->isOpenSea() ?? false,
            'measure' => ($typed->choice('measure', FlowMeasure::class) ?? FlowMeasure::Speed)->of($kind),
            'measures' => array_filter(FlowMeasure::cases(), static fn (FlowMeasure $m): bool => $m->of($kind) === $m),
            'howToKnow' => $kind?->falls() ? 'type its drop, or time a float' : 'time a float to know',
            'flowFields' => [
                [FlowMeasure::Speed, 'speed', 'Speed', 'm/s'], [FlowMeasure::Drop, 'drop', 'Drop', 'm'],
                [FlowMeasure::Float, 'float_m', 'Float went', 'm'],
                [FlowMeasure::Float, 'float_s', 'in', 's'],
            ],
            'also' => $also,
            'sky' => $sky,
            'skies' => CloudsBy::cases(),
            'drifts' => CloudDrift::cases(),
            'looks' => Look::cases(),
            'cloudLooks' => CloudLook::cases(),
            'supports' => Support::cases(),
            'support' => $typed->choice('support', Support::class) ?? $this->shelf->carry()->support,
            'quiet' => array_diff(self::CHANGING, self::shown($kind, $also, $sky)),
            'places' => $this->subjects->places(),
            'at' => AtForm::of($typed)->choice(),
            'cameras' => $this->shelf->cameras(),
            'lenses' => $this->shelf->lenses(),
            'filters' => $this->shelf->packed(),
            'on' => $typed->ids('on'),
            'must' => $typed->ids('must'),
            'off' => $typed->ids('off'),
            'release' => $this->shelf->carry()->release,
            'hasMeter' => $this->devices->hasMeter(),
            'dials' => self::dials(),
        ];
    }

    /** @return list<string> */
    private static function shown(?WaterKind $kind, ?WaterKind $also, CloudsBy $sky): array
    {
        return [
            ...match (true) {
                $kind === null || ! $kind->isWaves() => ['feature'],
                $kind->isOpenSea() => ['height', 'depth', 'chop_period', 'chop_height'],
                default => ['height'],
            },
            ...$also === null ? [] : ['also_distance', 'also_look', $also->isWaves() ? 'also_period' : 'also_speed'],
            ...$sky->fields(),
        ];
    }

    /** @return array<string, list<string>> the names on the dials, for stepping along them */
    private static function dials(): array
    {
        return [
            'shutter' => DialLabels::SHUTTER,
            'aperture' => array_map(static fn (string $n): string => 'f/'.$n, DialLabels::APERTURE),
            'iso' => DialLabels::ISO,
        ];
    }
}
