<?php

declare(strict_types=1);

namespace App\Rooms\Learned;

use App\Household\Dropping;
use GentlePour\Motion\WaterKind;
use Illuminate\Http\RedirectResponse;

final class TasteController
{
    public function update(TasteRequest $request, WaterKind $kind, Tastes $tastes): RedirectResponse
    {
        if ($request->isReset()) {
            $said = 'The taste for '.$kind->label().' is forgotten; verdicts from now on count.';

            return Dropping::said(redirect()->route('water'), $said, $tastes->reset($kind));
        }
        $tastes->setByHand($kind, $request->stops());

        return redirect()->route('water')->with('done', 'The taste for '.$kind->label().' is kept.');
    }
}
