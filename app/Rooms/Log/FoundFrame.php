<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Forms\Decimal;
use App\Household\Subjects;
use App\Models\Camera;
use App\Models\Filter;
use App\Models\Frame;
use App\Models\Lens;
use App\Models\Outing;
use App\Models\Place;
use App\Models\Subject;
use App\Rooms\Bench\BenchFiller;
use App\Rooms\Bench\BenchForm;
use App\Rooms\Bench\Workbench;
use App\Rooms\Kit\KitShelf;
use App\Rooms\Shoot\PlanFrame;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Kit\FilterStack;
use GentlePour\Photo\ShotSettings;
use GentlePour\Sky\LightCurve;
use GentlePour\Solving\Way;
use GentlePour\Tide\Station;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Carbon;

/** Makes a frame of the log of one that nobody planned, from what its file says, with place and water as of that minute. */
final readonly class FoundFrame
{
    /** A frame so soon before or after was most likely of the same water. */
    private const SAME_WATER_H = 6;

    /** A place is meant within so far of it. Judgement. */
    private const NEAR_KM = 2.0;

    public function __construct(
        private Workbench $workbench, private BenchFiller $filler, private Subjects $subjects, private KitShelf $shelf,
    ) {
    }

    /**
     * Null where the file does not say how it was exposed, or the kit is empty.
     *
     * @param  array{float, float}|null  $where  latitude and longitude where it was taken, as far as that may be known
     */
    public function __invoke(ShotSettings $taken, Carbon $at, ?array $where = null): ?Frame
    {
        return $this->with($taken, $at, $where === null ? $this->subjectAt($at) : $this->subjectNear($where, $at), []);
    }

    /**
     * The same with a water and glass that the person has named.
     *
     * @param  list<Filter>  $on
     */
    public function with(ShotSettings $taken, Carbon $at, ?Subject $subject, array $on): ?Frame
    {
        if ($taken->shutterS === null || $taken->aperture === null || $taken->iso === null || $this->shelf->isEmpty()) {
            return null;
        }
        $stack = FilterStack::of(array_map(static fn (Filter $f) => $f->toKit(), $on));
        try {
            $shutter = ShutterTime::ofSeconds($taken->shutterS);
            $way = new Way(
                $shutter, $shutter, Aperture::named(round($taken->aperture, 1)), Iso::of($taken->iso), $stack, $stack->darkest, false,
                ShutterTime::ofSeconds(max(30.0, $taken->shutterS)), [], [],
            );
            $bench = $this->workbench->open(BenchForm::of([
                ...$this->filler->defaults(), ...$subject === null ? [] : BenchFiller::ofSubject($subject), ...$this->gear($taken),
                ...$this->reading($way, $subject, $at), 'target' => Decimal::write($taken->shutterS, 5).' s',
            ]));
        } catch (InvalidValue|ModelNotFoundException) {
            return null;
        }
        $frame = PlanFrame::draft($bench, $way);

        return $frame->fill(['opened_at' => $at, 'open_s' => $taken->shutterS, 'by_file' => true]);
    }

    /**
     * What the person most likely photographed then, if it is there; else the first water of the nearest place.
     *
     * @param  array{float, float}  $where
     */
    private function subjectNear(array $where, Carbon $at): ?Subject
    {
        $away = static fn (Place $p): float => $p->latitude === null || $p->longitude === null
            ? INF : Station::haversineKm($p->latitude, $p->longitude, ...$where);
        $likely = $this->subjectAt($at);
        if ($likely !== null && $away($likely->place) <= self::NEAR_KM) {
            return $likely;
        }
        $place = $this->subjects->places()->sortBy($away)->first();

        return $place !== null && $away($place) <= self::NEAR_KM ? $place->subjects->first() : null;
    }

    /** What the person most likely photographed then. */
    public function subjectAt(Carbon $at): ?Subject
    {
        $around = [$at->copy()->subHours(self::SAME_WATER_H), $at->copy()->addHours(self::SAME_WATER_H)];
        $near = Frame::query()->whereNotNull('subject_id')->whereBetween('opened_at', $around)->get(['id', 'subject_id', 'opened_at'])
            ->sortBy(static fn (Frame $f): float => abs($f->opened_at?->diffInSeconds($at) ?? INF))->first();
        $outing = $near !== null ? null : Outing::query()->where('starts_at', '<=', $at->copy()->addHours(2))
            ->where('ends_at', '>=', $at->copy()->subHours(2))->with('compositions')->first();

        return match (true) {
            $near !== null => $this->subjects->find((int) $near->subject_id),
            $outing !== null => $this->subjects->find((int) $outing->compositions->first()?->subject_id)
                ?? $this->subjects->place($outing->place_id)?->subjects->first(),
            default => null,
        };
    }

    /** @return array<string, string> */
    private function gear(ShotSettings $taken): array
    {
        $named = static fn (?string $said, string $kept): bool => $said !== null && $said !== ''
            && (stripos($said, $kept) !== false || stripos($kept, $said) !== false);
        $camera = $this->shelf->cameras()->first(static fn (Camera $c): bool => $named($taken->camera, $c->name));
        $focal = $taken->focalLengthMm;
        $reaches = static fn (Lens $l): bool => $focal !== null && $focal >= $l->focal_min_mm - 0.5
            && $focal <= ($l->focal_max_mm ?? $l->focal_min_mm) + 0.5;
        $lens = $this->shelf->lenses()->first(static fn (Lens $l): bool => $named($taken->lens, $l->name))
            ?? $this->shelf->lenses()->first($reaches);

        return [
            ...$camera === null ? [] : ['camera' => (string) $camera->id],
            ...$lens === null ? [] : ['lens' => (string) $lens->id],
            ...$lens !== null && $reaches($lens) ? ['focal' => Decimal::write(max($lens->focal_min_mm, (float) $focal))] : [],
        ];
    }

    /**
     * The light as the sun brought it then, at the frame's own aperture and ISO; where nothing says it, that of the frame itself.
     *
     * @return array<string, string>
     */
    private function reading(Way $way, ?Subject $subject, Carbon $at): array
    {
        $observer = $subject?->place->observer();
        $ev = $observer === null ? null : LightCurve::metered(
            $observer, $subject->facing_deg ?? $subject->place->facing_deg, foreground: $subject->place->foreground(),
        )->ev100((float) $at->getTimestamp());
        $seconds = $way->stack->value > 0.5 || $ev === null
            ? $way->shutter->seconds * 2 ** -$way->stack->value
            : $way->aperture->number ** 2 * 100 / $way->iso->speed * 2 ** -$ev;

        return [
            'aperture' => $way->aperture->label(), 'iso' => $way->iso->label(),
            'shutter' => Decimal::write(max(ShutterTime::SHORTEST_S, min(ShutterTime::LONGEST_S, $seconds)), 6).' s',
        ];
    }
}
