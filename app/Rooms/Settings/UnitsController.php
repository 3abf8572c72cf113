<?php

declare(strict_types=1);

namespace App\Rooms\Settings;

use App\Household\Settings;
use GentlePour\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The units that a person reads and types in, and the hours of the clock. */
final class UnitsController
{
    public const SETTING = 'units';

    public function show(Units $units): View
    {
        return view('settings.index', [
            'units' => $units, 'choices' => [
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
