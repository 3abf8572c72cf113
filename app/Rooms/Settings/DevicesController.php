<?php

declare(strict_types=1);

namespace App\Rooms\Settings;

use App\Household\Devices;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Camera and meter that the person works with. */
final class DevicesController
{
    public function update(Request $request, Devices $devices): RedirectResponse
    {
        $one = ['nullable', Rule::in([Devices::NONE, Devices::SIMULATED])];
        $request->validate(['camera' => $one, 'meter' => $one, 'forecast' => $one], ['*' => 'Choose one of those that are offered.']);
        $devices->choose(...array_map(
            static fn (string $device): string => $request->string($device)->toString(), ['camera', 'meter', 'forecast'],
        ));

        return redirect()->route('settings')->with('done', 'Your devices are kept.');
    }
}
