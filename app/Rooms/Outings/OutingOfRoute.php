<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Models\Outing;
use Illuminate\Http\Request;

/** The outing that the address names. */
final class OutingOfRoute
{
    public static function of(Request $request): Outing
    {
        $outing = $request->route('outing');

        return $outing instanceof Outing ? $outing : abort(404);
    }
}
