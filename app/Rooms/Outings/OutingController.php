<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Models\Outing;
use App\Models\Place;
use GentlePour\InvalidValue;
use GentlePour\Time\Instant;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

final class OutingController
{
    private const LONGEST_S = 3 * 86400;

    public function store(Request $request, Place $place): RedirectResponse
    {
        $request->validate(['starts_at' => ['required', 'string', 'max:40'], 'ends_at' => ['required', 'string', 'max:40'], 'note' => ['nullable', 'string', 'max:2000']]);
        $at = [];
        foreach (['starts_at', 'ends_at'] as $field) {
            try {
                $at[$field] = Instant::parse($request->string($field)->toString(), $place->zone());
            } catch (InvalidValue $e) {
                throw ValidationException::withMessages([$field => $e->getMessage()]);
            }
        }
        if ($at['ends_at'] <= $at['starts_at'] || $at['ends_at'] - $at['starts_at'] > self::LONGEST_S) {
            throw ValidationException::withMessages(['ends_at' => 'An outing ends after it starts, within three days.']);
        }
        $outing = $place->outings()->create([
            'starts_at' => gmdate('Y-m-d H:i:s', (int) $at['starts_at']), 'ends_at' => gmdate('Y-m-d H:i:s', (int) $at['ends_at']), 'note' => $request->input('note'),
        ]);

        return redirect()->route('places.show', [$place, 'day' => $outing->starts_at->setTimezone($place->timezone)->format('Y-m-d')])->with('done', 'The outing is planned.');
    }

    public function destroy(Outing $outing): RedirectResponse
    {
        $outing->delete();

        return redirect()->route('places.show', $outing->place_id)->with('done', 'The outing is off.');
    }
}
