<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Refusal;
use App\Household\Subjects;
use App\Models\Filter;
use App\Rooms\Kit\KitShelf;
use App\Rooms\Learned\OwnLooks;
use App\Rooms\Learned\Tastes;
use App\Tide\PlaceNow;
use App\Tide\PlaceTide;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Filter as KitFilter;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** Hands a bench what it is worked out with: bag, habits, taste and place. */
final readonly class Workbench
{
    public function __construct(
        private KitShelf $shelf,
        private Subjects $subjects,
        private Tastes $tastes,
        private OwnLooks $looks,
        private PlaceTide $tides,
        private Meters $meters,
    ) {
    }

    /**
     * @throws InvalidValue at the field of the form that does not go with the rest
     * @throws ModelNotFoundException when camera or lens are gone
     */
    public function open(BenchForm $form): Bench
    {
        return Bench::of($form, $this->gear($form), $this->tastes->of($form->water->kind()), $this->looks->bounds(), $this->place($form));
    }

    /**
     * What moves in it alone, without the ways to shoot it.
     *
     * @throws InvalidValue
     * @throws ModelNotFoundException when the camera is gone
     */
    public function moving(BenchForm $form): Moving
    {
        return Moving::of($form, $this->shelf->cameras()->findOrFail($form->framing->cameraId)->sensor(), $this->looks->bounds());
    }

    /**
     * The shutter time that the meter asks for where the bench stands, at this moment.
     *
     * @throws InvalidValue at the field that stands in its way
     */
    public function metered(BenchForm $form): ShutterTime
    {
        $subject = $this->subjects->find($form->at->subjectId);
        $meter = $this->meters->at($subject->place ?? $this->subjects->place($form->at->placeId), $subject?->facing_deg);
        $on = $this->filters($form->reading->onIds);

        return Refusal::at('shutter', fn (): ShutterTime => $form->reading->metered($meter->ev100((float) now()->getTimestamp()), $on));
    }

    private function gear(BenchForm $form): Gear
    {
        $camera = $this->shelf->cameras()->findOrFail($form->framing->cameraId);
        $lens = $this->shelf->lenses()->findOrFail($form->framing->lensId);

        return new Gear(
            Refusal::at('focal', fn (): Bag => $this->shelf->bag($camera, $lens, $form->framing->focalMm)),
            $this->shelf->habits(),
            $this->shelf->carry(),
            $this->filters($form->reading->onIds),
            $this->filters($form->held->mustIds),
            $this->filters($form->held->offIds),
        );
    }

    /**
     * @param  list<int>  $ids
     * @return list<KitFilter>
     */
    private function filters(array $ids): array
    {
        return array_values($this->shelf->filters()->whereIn('id', $ids)->map(static fn (Filter $f): KitFilter => $f->toKit())->all());
    }

    private function place(BenchForm $form): ?PlaceNow
    {
        $subject = $this->subjects->find($form->at->subjectId);
        $place = $subject->place ?? $this->subjects->place($form->at->placeId);

        return $place === null ? null : new PlaceNow($place, $this->tides, (float) now()->getTimestamp(), $subject?->facing_deg);
    }
}
