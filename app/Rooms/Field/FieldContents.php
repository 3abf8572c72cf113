<?php

declare(strict_types=1);

namespace App\Rooms\Field;

use App\Models\Camera;
use App\Models\Lens;
use App\Models\Place;
use App\Models\Subject;
use App\Rooms\Bench\UsedGear;
use App\Rooms\Kit\KitShelf;
use App\Rooms\Learned\OwnLooks;
use App\Rooms\Learned\Tastes;
use App\Rooms\Outings\PlannedOuting;
use GentlePour\Exposure\SteppedLight;
use GentlePour\Field\LookGrid;
use GentlePour\InvalidValue;
use GentlePour\Measuring\CrestRhythm;
use GentlePour\Measuring\CrestTimer;
use GentlePour\Motion\Framing;
use GentlePour\Motion\OpeningMoment;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;
use GentlePour\Outing\Cautions;
use GentlePour\Review\BlurVerdict;
use GentlePour\Solving\NoiseReductionHabit;
use Illuminate\Support\Collection;

/** What a field file carries for its script: the tables of the bag, the waters, the frames that were scheduled, the marks. */
final readonly class FieldContents
{
    public const VERSION = 1;

    /** Waters of one's own at the most in a file of no place. */
    private const SUBJECTS = 40;

    public function __construct(private KitShelf $shelf, private UsedGear $used, private Tastes $tastes, private OwnLooks $looks)
    {
    }

    /**
     * @param  string  $home  the address to which what was done goes
     * @return array<string, mixed>
     */
    public function of(Camera $camera, Lens $lens, ?PlannedOuting $plan, string $home): array
    {
        $focal = $this->focal($camera, $lens);
        $habits = $this->shelf->habits();
        $tables = FieldTables::of($this->shelf->bag($camera, $lens, $focal), $habits, $this->looks->bounds());
        $place = $plan?->outing->place;
        $scheduled = $plan === null ? [] : $this->scheduled($plan, $tables);

        return [
            'version' => self::VERSION,
            'made_at_ms' => 1000 * now()->getTimestamp(),
            'home' => $home,
            'outing' => $plan === null ? null : [
                'uid' => $plan->outing->getAttribute('uid'), 'place' => $place?->getAttribute('uid'), 'name' => $place?->name,
                'from' => $plan->schedule->from, 'until' => $plan->schedule->until, 'zone' => $place?->timezone,
                'packed' => $plan->outing->packed, 'brought_back' => $plan->outing->brought_back,
            ],
            'gear' => [
                'camera' => $camera->getAttribute('uid'), 'lens' => $lens->getAttribute('uid'), 'focal_mm' => $focal,
                'sensor_mm' => $camera->sensor()->widthMm, 'filters' => $this->shelf->packed()->pluck('uid', 'name')->all(),
            ],
            'noise_in_camera' => $habits->noiseReduction === NoiseReductionHabit::InCamera,
            'sun_gone_stops' => SteppedLight::SUN_GONE_STOPS,
            'peak_over_pressed' => CrestTimer::peakOfPressedS(1.0),
            'sure_by_share' => CrestRhythm::sureByShare(),
            'enough_presses' => CrestTimer::ENOUGH_PRESSES,
            'subjects' => $this->subjects($camera, $place),
            'kinds' => array_map($this->kind(...), WaterKind::cases()),
            'scheduled' => $scheduled,
            'verdicts' => array_map(static fn (BlurVerdict $v): array => [$v->value, $v->label()], BlurVerdict::cases()),
            ...$tables->written(),
        ];
    }

    private function focal(Camera $camera, Lens $lens): float
    {
        $used = $this->used->with($camera->id);

        return $used !== null && $used['lens'] === $lens->id ? $used['focal'] : $lens->focal_min_mm;
    }

    /** @return list<array<string, mixed>> */
    private function scheduled(PlannedOuting $plan, FieldTables $tables): array
    {
        $frames = [];
        foreach ($plan->schedule->frames as $one) {
            $way = $plan->ways[$one->index] ?? null;
            $wanted = $plan->compositions[$one->index];
            if ($way !== null) {
                $frames[] = [
                    'at' => $one->from, 'subject' => $wanted->subject->getAttribute('uid'), 'name' => $wanted->subject->name,
                    'look' => $wanted->look->value, ...$tables->place($way),
                ];
            }
        }

        return $frames;
    }

    /** @return list<array<string, mixed>> those of the place, or where there is none all */
    private function subjects(Camera $camera, ?Place $place): array
    {
        /** @var Collection<int, Subject> $subjects */
        $subjects = $place->subjects ?? Subject::query()->with('place')->oldest('id')->limit(self::SUBJECTS)->get();
        $written = [];
        foreach ($subjects as $subject) {
            $spec = $subject->water();
            $framing = new Framing(
                $camera->sensor(), $subject->focal_mm ?? $this->shelf->lenses()->first()->focal_min_mm ?? 24.0, $subject->distance_m,
            );
            try {
                $water = $spec->orUsual()->in($framing);
            } catch (InvalidValue) {
                continue;
            }
            $written[] = [
                'uid' => $subject->getAttribute('uid'), 'name' => $subject->name, 'place' => ($place ?? $subject->place)->name,
                'kind' => $subject->water_kind->value, 'look' => $subject->look->value ?? 'silk', 'width_m' => round($framing->widthM(), 2),
                'period_s' => $spec->periodS, 'height_m' => $spec->heightM, 'guessed' => $spec->guessed() !== [],
                'grid' => LookGrid::ofBands(
                    $this->looks->bands($water, $framing), $this->tastes->of($subject->water_kind)->stops,
                )->written(),
            ];
        }

        return $written;
    }

    /** @return array<string, mixed> */
    private function kind(WaterKind $kind): array
    {
        return [
            'kind' => $kind->value, 'name' => $kind->label(), 'grid' => FieldTables::grid($kind),
            'by' => $kind->isWaves() ? 'period_s' : 'speed_m_s', 'usual' => $kind->usual(),
            'height_m' => $kind->isWaves() && ! $kind->isOpenSea() ? WaterSpec::HEIGHT_M : null,
            'taste' => $this->tastes->of($kind)->stops, 'top' => $kind->opensBy() === OpeningMoment::Retreat,
            'beats' => $kind->opensBy() !== OpeningMoment::Any, 'cautions' => Cautions::for($kind),
        ];
    }
}
