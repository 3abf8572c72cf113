<?php

declare(strict_types=1);

namespace App\Rooms\Shoot;

use App\Models\Frame;
use App\Models\ShotList;
use Illuminate\Support\Facades\DB;

/** Forgets a list with its waiting frames. Frames that were taken stay in the log. */
final class DropList
{
    public function __invoke(ShotList $list): void
    {
        DB::transaction(static function () use ($list): void {
            Frame::query()->where('shot_list_id', $list->id)->whereNull('open_s')->delete();
            $list->delete();
        });
    }
}
