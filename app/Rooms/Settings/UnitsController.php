<?php

declare(strict_types=1);

namespace App\Rooms\Settings;

use App\Files\Backup\Backups;
use App\Household\Devices;
use App\Household\Entrances;
use App\Household\FeedAddress;
use App\Household\Invited;
use App\Household\Settings;
use App\Models\Entrance;
use GentlePour\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The units that a person reads and types in, and the hours of the clock. */
final class UnitsController
{
    public const SETTING = 'units';

    public function show(
        Request $request, Units $units, Backups $backups, Settings $settings, FeedAddress $address, Devices $devices, Entrances $entrances,
    ): View {
        return view('settings.index', [
            'devices' => $devices, 'units' => $units, 'kept' => $backups->all()[0] ?? null, 'away' => BackupController::away($settings),
            'asksForPasscode' => $asks = Invited::isAskedFor($request), 'entrances' => $asks ? $entrances->all() : [],
            'isThisOne' => static fn (Entrance $one): bool => $entrances->isThisOne($request->session(), $one),
            'feed' => $address->secret() === null ? null : route('calendar', $address->secret()), 'choices' => [
                'length' => ['Lengths and heights', Units::LENGTHS], 'speed' => ['Speed of water and clouds', Units::SPEEDS],
                'wind' => ['Wind', Units::WINDS], 'temperature' => ['Temperature', Units::TEMPERATURES],
            ],
        ]);
    }

    public function update(UnitsRequest $request, Settings $settings): RedirectResponse
    {
        $settings->write(self::SETTING, $request->units()->toArray());

        return redirect()->route('settings')->with('done', 'Your units are kept. What was kept before is shown in them.');
    }
}
