<?php

declare(strict_types=1);

namespace App\Rooms\Settings;

use App\Household\Dropping;
use App\Models\Drop;
use Illuminate\Contracts\View\View;

/** What was deleted and can still be brought back. */
final class BinController
{
    public function __invoke(): View
    {
        $kept = Drop::query()->where('created_at', '>', now()->subDays(Dropping::DAYS));

        return view('settings.bin', ['drops' => $kept->latest('id')->get(), 'days' => Dropping::DAYS]);
    }
}
