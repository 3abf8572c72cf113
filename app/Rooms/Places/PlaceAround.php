<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Drawing\DayBoard;
use App\Drawing\GroundPlan;
use App\Drawing\GroundSubject;
use App\Drawing\HorizonSheet;
use App\Forms\Compass;
use App\Models\Place;
use App\Models\Subject;
use App\Rooms\Kit\KitShelf;
use App\Tide\KeptOfPlace;
use App\Tide\PlaceTide;
use DateTimeImmutable;
use GentlePour\InvalidValue;
use GentlePour\Kit\Sensor;
use GentlePour\Sky\LensFrame;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SkyBody;
use GentlePour\Sky\Skyline;
use GentlePour\Tide\TideCurve;
use GentlePour\Units;

/** What lies around a place on a day: its horizon with the frame of a lens, and its ground. */
final readonly class PlaceAround
{
    private const FOCAL_MM = 24.0;

    /** A lens of which nothing else is said is held level. */
    private const TILT_DEG = 0.0;

    /** Where nothing says which way one looks: to the noon sun of the north. */
    private const FACING_DEG = 180.0;

    public function __construct(private KitShelf $shelf, private PlaceTide $tides, private Units $units, private Compass $compass)
    {
    }

    /**
     * @param  Place  $place  with its subjects
     * @param  TideCurve|null  $tide  of the day, where it is known already
     * @return array<string, mixed> for the view
     */
    public function of(Place $place, DateTimeImmutable $day, AskedFrame $asked, ?TideCurve $tide = null): array
    {
        $midnight = $day->setTimezone($place->zone())->setTime(0, 0);
        [$from, $to] = [(float) $midnight->getTimestamp(), (float) $midnight->modify('+1 day')->getTimestamp()];
        $facing = $asked->number('facing') ?? $place->facing_deg;
        $focal = $asked->number('focal') ?? $this->focal($place);
        $frame = self::frame($facing ?? self::FACING_DEG, $asked, $this->sensor(), $focal);
        $observer = $this->observer($place, $asked);
        $middle = $place->facing_deg ?? $facing ?? self::FACING_DEG;
        $sheet = $observer === null ? null : new HorizonSheet(
            $observer, $frame, $from, $to, $place->zone(), $middle, $this->units,
            KeptOfPlace::get('bodies', $place, $from, static fn (): array => HorizonSheet::moments($observer, $from, $to)),
        );

        return [
            'place' => $place,
            'dayWritten' => $midnight->format('Y-m-d'),
            'sheet' => $sheet,
            'passages' => $sheet === null ? [] : KeptOfPlace::get(
                'passages', $place, [$from, $frame, $this->units, $asked->skyline()],
                fn (): array => $this->passages($sheet, $from, $to, $place),
            ),
            'atCompass' => $this->compass->words($observer),
            'frame' => $frame,
            'plan' => new GroundPlan(
                $this->subjects($place, $facing), $place->wayOut(), $facing === null ? null : $frame, $place->swell_from_deg,
                $place->wind_from_deg, $this->tideM($place, $tide, $from, $to), $this->tides->runUpM($place), $place->margin_m,
                $this->units,
            ),
            'asked' => [
                'facing' => $asked->text('facing', $facing === null ? '' : (string) round($facing, 1)), 'tilt' => $asked->text('tilt', '0'),
                'focal' => $asked->text('focal', (string) round($focal, 1)), 'upright' => $asked->isUpright(),
                'skyline' => $asked->tried() ?? $place->skyline ?? '',
            ],
            'triesSkyline' => ! in_array($asked->tried(), [null, $place->skyline ?? ''], true),
            'frameProblems' => $asked->problems,
            'noWay' => $place->wayOut() === null,
        ];
    }

    /** Under the skyline that is tried, if one is. */
    private function observer(Place $place, AskedFrame $asked): ?Observer
    {
        $kept = $place->observer();

        return $kept === null || $asked->skyline() === null ? $kept : new Observer(
            $kept->latitude, $kept->longitude, Skyline::parse($this->compass->inTrue($asked->skyline(), $kept)),
        );
    }

    private static function frame(float $facing, AskedFrame $asked, Sensor $sensor, float $focal): LensFrame
    {
        [$wide, $high] = $asked->isUpright() ? [$sensor->heightMm, $sensor->widthMm] : [$sensor->widthMm, $sensor->heightMm];

        return LensFrame::of($facing, $asked->number('tilt') ?? self::TILT_DEG, $wide, $high, $focal);
    }

    private function sensor(): Sensor
    {
        return $this->shelf->cameras()->first()?->sensor() ?? new Sensor(36, 24);
    }

    private function focal(Place $place): float
    {
        return $place->subjects->first()->focal_mm ?? $this->shelf->lenses()->first()->focal_min_mm ?? self::FOCAL_MM;
    }

    /** @return list<GroundSubject> those of which it is known where they lie */
    private function subjects(Place $place, ?float $facing): array
    {
        return array_values($place->subjects
            ->map(static fn (Subject $s): ?GroundSubject => ($s->facing_deg ?? $facing) === null
                ? null : new GroundSubject($s->name, (float) ($s->facing_deg ?? $facing), $s->distance_m))->filter()->all());
    }

    /** @return list<float|null> height of the tide at each step; nothing where it cannot be had */
    private function tideM(Place $place, ?TideCurve $tide, float $from, float $to): array
    {
        try {
            $tide ??= $this->tides->curve($place, $from, $to);
        } catch (InvalidValue) {
            return [];
        }
        $heights = [];
        for ($unix = $from; $tide !== null && $unix <= $to; $unix += DayBoard::STEP_S) {
            $heights[] = $tide->heightM(max($tide->from(), min($tide->to(), $unix)));
        }

        return $heights;
    }

    /** @return list<array{string, string}> what happens in the frame and when, by the place's clock */
    private function passages(HorizonSheet $sheet, float $from, float $to, Place $place): array
    {
        $clock = fn (float $unix): string => $this->units->clock(
            (new DateTimeImmutable('@'.(int) round($unix)))->setTimezone($place->zone()),
        );
        $spans = static fn (array $spans): string => implode(', ', array_map(
            static fn (array $s): string => $clock($s[0]).' to '.($s[1] >= $to ? 'midnight' : $clock($s[1])), $spans,
        ));
        $lines = [];
        foreach (SkyBody::cases() as $body) {
            $in = $sheet->inFrame($body);
            $lines[] = [ucfirst($body->value).' in the frame', $in === [] ? 'not this day' : $spans($in)];
        }
        if (! $sheet->observer->skyline->isOpen()) {
            $over = $sheet->shown(SkyBody::Sun);
            $lines[] = ['Sun over the skyline', $over === [] ? 'not this day' : $spans($over)];
        }

        return $lines;
    }
}
