<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Household\Devices;
use App\Models\Frame;
use GentlePour\InvalidValue;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\RedirectResponse;

/** Has the camera on the cable take a planned frame: its base first, then the long one. What it delivers comes in by the ordinary door. */
final class FireController
{
    /** @throws InvalidValue at camera, when there is none, or the frame cannot be taken any more */
    public function __invoke(Frame $frame, Devices $devices, FireCamera $fire): RedirectResponse
    {
        if (! $devices->hasCamera()) {
            throw (new InvalidValue('No camera is chosen in Settings.'))->at('camera');
        }
        try {
            $fire($frame);
        } catch (ModelNotFoundException) {
            throw (new InvalidValue('Camera or lens of this frame are no longer in the kit.'))->at('camera');
        }

        return redirect()->route('log.show', $frame)->with('done', 'Taken: the base, and the frame behind it.');
    }
}
