<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Models\Composition;

/** Makes a composition more wanted by one, or less; at an end it stays. */
final class MoveComposition
{
    public function __invoke(Composition $composition, bool $up): void
    {
        $list = array_values($composition->outing->compositions->all());
        $from = (int) array_search($composition->id, array_column($list, 'id'), true);
        array_splice($list, max(0, $from + ($up ? -1 : 1)), 0, array_splice($list, $from, 1));
        foreach ($list as $i => $one) {
            $one->update(['position' => $i + 1]);
        }
    }
}
