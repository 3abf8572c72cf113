<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\Decimal;
use App\Forms\Quantity;
use App\Models\LevelMark;
use App\Models\Place;
use App\Models\Sighting;
use App\Tide\PlaceTide;
use GentlePour\InvalidValue;
use GentlePour\Time\Instant;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Level marks of a place, and what was seen there. */
final class MarkController
{
    public function store(Request $request, Place $place): RedirectResponse
    {
        $valid = $request->validateWithBag('mark', [
            'name' => ['required', 'string', 'max:60'], 'above' => ['required', 'boolean'], 'height_m' => ['nullable', 'bail', new Quantity('The height', -10, 30, 'm')],
        ], ['name.required' => 'What does the water do there?']);
        $height = is_scalar($valid['height_m'] ?? null) ? trim((string) $valid['height_m']) : '';
        $place->marks()->create(['name' => $valid['name'], 'above' => $request->boolean('above'), 'height_m' => $height === '' ? null : Decimal::read($height)]);

        return redirect()->route('places.show', $place)->with('done', 'The mark is kept'.($height === '' ? '; it learns its height from sightings.' : '.'));
    }

    public function destroy(LevelMark $mark): RedirectResponse
    {
        $mark->delete();

        return redirect()->route('places.show', $mark->place_id)->with('done', 'The mark is gone.');
    }

    /** One press in the field: reached or not, now; or at an instant that is typed. */
    public function sight(Request $request, LevelMark $mark, PlaceTide $tides): RedirectResponse
    {
        $request->validate(['reached' => ['required', 'boolean'], 'seen_at' => ['nullable', 'string', 'max:40']]);
        $place = $mark->place()->firstOrFail();
        $typed = $request->string('seen_at')->trim()->toString();
        try {
            $unix = $typed === '' ? (float) now()->getTimestamp() : Instant::parse($typed, $place->zone());
            $height = $tides->curve($place, $unix - 3600, $unix + 3600)?->heightM($unix);
        } catch (InvalidValue $e) {
            throw ValidationException::withMessages(['seen_at-'.$mark->id => $e->getMessage()]);
        }
        if ($height === null) {
            throw ValidationException::withMessages(['seen_at-'.$mark->id => 'No tide is known for '.$place->name.' at that time.']);
        }
        $mark->sightings()->create(['seen_at' => gmdate('Y-m-d H:i:s', (int) $unix), 'reached' => $request->boolean('reached'), 'predicted_m' => $height]);

        return redirect()->route('places.show', $place)->with('done', sprintf('Seen: %s at a prediction of %.2f m.', $request->boolean('reached') ? 'reached' : 'not reached', $height));
    }

    public function forget(Sighting $sighting): RedirectResponse
    {
        $mark = $sighting->mark()->firstOrFail();
        $sighting->delete();

        return redirect()->route('places.show', $mark->place_id)->with('done', 'The sighting is gone.');
    }
}
