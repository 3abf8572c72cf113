<?php

declare(strict_types=1);

namespace App\Household;

use App\Models\Subject;
use Illuminate\Database\Eloquent\Collection;

/** The waters kept at all places, read once a request. */
final class Subjects
{
    /** @var Collection<int, Subject>|null */
    private ?Collection $all = null;

    /** @return Collection<int, Subject> */
    public function all(): Collection
    {
        return $this->all ??= Subject::query()->with('place')->oldest('id')->get();
    }

    public function find(int $id): ?Subject
    {
        return $this->all()->find($id);
    }
}
