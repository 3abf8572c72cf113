<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Drawing\Histogram;
use App\Household\Dropping;
use App\Models\Calibration;
use App\Models\Frame;
use App\Models\Photo;
use App\Rooms\Learned\OwnLooks;
use GentlePour\InvalidValue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Checks the picture of a frame, and learns what it tells of the filter and the water. */
final class CheckController
{
    /** The check, as a part of the frame's page: it takes a second or two the first time. */
    public function show(Photo $photo, CheckedFrame $checked, OwnLooks $looks): View
    {
        $photo->load('base', 'frame.basePhoto', 'frame.subject', 'frame.place');
        $base = $checked->base($photo);
        try {
            $check = $checked->of($photo, $base);
        } catch (InvalidValue $e) {
            return view('log.uncheckable', ['why' => $e->getMessage()]);
        }

        return view('log.check', [
            'photo' => $photo, 'frame' => $photo->frame, 'base' => $base, 'check' => $check, 'levels' => $check->inArea ?? $check->levels,
            'drawn' => Histogram::of($check->inArea ?? $check->levels),
            'says' => CheckWords::of($photo, $check, $looks->bounds()),
            'fit' => $photo->frame === null ? null : FitWater::offered($photo->frame),
            'told' => $photo->frame === null ? null : FilterTold::by($photo->frame),
        ]);
    }

    /** @throws InvalidValue at calibrate */
    public function calibrate(Frame $frame, CheckedFrame $checked, CalibrateFilter $calibrate): RedirectResponse
    {
        $told = FilterTold::by($frame);
        $photo = $frame->photo;
        $base = $photo === null ? null : $checked->base($photo);
        if ($told->filter === null || $photo === null || $base === null) {
            throw (new InvalidValue('A filter is measured with one filter on, the picture, and that of the same view without it.'))
                ->at('calibrate');
        }
        try {
            $calibrate($told->filter, $base, $photo);
        } catch (InvalidValue $e) {
            throw (new InvalidValue($e->getMessage()))->at('calibrate');
        }

        return redirect()->to(route('log.show', $frame).'#filter');
    }

    public function use(Calibration $calibration): RedirectResponse
    {
        CalibrateFilter::use($calibration->load('filter'));

        return redirect()->back()->with(
            'done', sprintf('The bench takes %s for %.1f stops from now on.', $calibration->filter->name, $calibration->stops),
        );
    }

    public function forget(Calibration $calibration, Dropping $drop): RedirectResponse
    {
        return Dropping::said(redirect()->back(), 'The measurement is forgotten; what Kit says stays.', $drop($calibration));
    }

    /** Takes the water of a subject for as fast as its frames say. */
    public function fit(Request $request, Frame $frame, FitWater $fit): RedirectResponse
    {
        $words = $fit($frame);

        return redirect()->route('log.show', $frame)->with('done', $words);
    }

    public function unfit(Frame $frame, FitWater $fit): RedirectResponse
    {
        $fit->undo($frame);

        return redirect()->route('log.show', $frame)->with('done', 'The water is taken as it was before.');
    }
}
