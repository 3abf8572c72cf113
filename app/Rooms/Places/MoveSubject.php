<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Models\Subject;
use Illuminate\Support\Facades\DB;

/** Moves a subject one up or down in the list of its place; at an end it stays. */
final class MoveSubject
{
    public function __invoke(Subject $subject, bool $up): void
    {
        $list = Subject::query()->where('place_id', $subject->place_id)->orderBy('position')->orderBy('id')->get()->all();
        $from = (int) array_search($subject->id, array_column($list, 'id'), true);
        array_splice($list, max(0, $from + ($up ? -1 : 1)), 0, array_splice($list, $from, 1));
        DB::transaction(static function () use ($list): void {
            foreach ($list as $i => $one) {
                $one->update(['position' => $i + 1]);
            }
        });
    }
}
