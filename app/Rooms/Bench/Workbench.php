<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Refusal;
use App\Household\Subjects;
use App\Models\Filter;
use App\Rooms\Kit\KitShelf;
use App\Rooms\Learned\Tastes;
use App\Tide\PlaceNow;
use App\Tide\PlaceTide;
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
        private PlaceTide $tides,
    ) {
    }

    /**
     * @throws InvalidValue at the field of the form that does not go with the rest
     * @throws ModelNotFoundException when camera or lens are gone
     */
    public function open(BenchForm $form): Bench
    {
        return Bench::of($form, $this->gear($form), $this->tastes->of($form->water->kind()), $this->place($form));
    }

    /**
     * What moves in it alone, without the ways to shoot it.
     *
     * @throws InvalidValue
     * @throws ModelNotFoundException when the camera is gone
     */
    public function moving(BenchForm $form): Moving
    {
        return Moving::of($form, $this->shelf->cameras()->findOrFail($form->framing->cameraId)->sensor());
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
