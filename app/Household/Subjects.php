<?php

declare(strict_types=1);

namespace App\Household;

use App\Models\Frame;
use App\Models\Outing;
use App\Models\Place;
use App\Models\Subject;
use GentlePour\Motion\WaterBody;
use Illuminate\Database\Eloquent\Collection;

/** The places and the waters kept at them, read once a request. */
final class Subjects
{
    /** @var Collection<int, Place>|null */
    private ?Collection $places = null;

    /** @return Collection<int, Place> by name, each with its subjects in their order */
    public function places(): Collection
    {
        if ($this->places === null) {
            $this->places = Place::query()->with('subjects')->orderBy('name')->get();
            foreach ($this->places as $place) {
                $place->subjects->each(static fn (Subject $subject) => $subject->setRelation('place', $place));
            }
        }

        return $this->places;
    }

    public function place(int $id): ?Place
    {
        return $this->places()->find($id);
    }

    public function find(int $id): ?Subject
    {
        return $this->places()->flatMap->subjects->firstWhere('id', $id);
    }

    /** @return non-empty-list<WaterBody> those that a person meets at all places; without a place, the sea and running water */
    public function waters(): array
    {
        $waters = [];
        foreach ($this->places() as $place) {
            foreach ($place->waters() as $body) {
                in_array($body, $waters, true) || $waters[] = $body;
            }
        }

        return $waters === [] ? [WaterBody::Sea, WaterBody::Running] : $waters;
    }

    /** Where a person most likely is: where an outing is under way, else where the last frame was planned; null where nothing tells. */
    public function here(): ?Place
    {
        $outing = Outing::underWay()->oldest('starts_at')->first();

        return $this->place($outing->place_id ?? Frame::query()->latest('id')->first(['id', 'place_id'])->place_id ?? 0);
    }
}
