<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Models\Camera;
use App\Models\Lens;
use GentlePour\Outing\PocketCard;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The pocket card, on screen, on paper and as a table. */
final class CardController
{
    public function show(Request $request, PocketCards $cards, KitShelf $shelf): View|RedirectResponse
    {
        if ($shelf->isEmpty()) {
            return redirect()->route('kit.first');
        }
        [$camera, $lens] = self::gear($request, $cards);

        return view('kit.card', [
            'card' => self::card($request, $cards),
            'waters' => $cards->waters($camera, $lens),
            'camera' => $camera,
            'lens' => $lens,
            'cameras' => $shelf->cameras(),
            'lenses' => $shelf->lenses(),
            'release' => $shelf->carry()->release,
        ]);
    }

    public function table(Request $request, PocketCards $cards, KitShelf $shelf): Response|RedirectResponse
    {
        return $shelf->isEmpty() ? redirect()->route('kit.first') : response(self::card($request, $cards)->csv(), 200, [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="gentle-pour-card.csv"',
        ]);
    }

    private static function card(Request $request, PocketCards $cards): PocketCard
    {
        [$camera, $lens] = self::gear($request, $cards);

        return $cards->card($camera, $lens, $request->boolean('thirds'), $request->query('school') === 'card');
    }

    /** @return array{Camera, Lens} those that were chosen, else the first */
    private static function gear(Request $request, PocketCards $cards): array
    {
        return [$cards->camera($request->integer('camera')), $cards->lens($request->integer('lens'))];
    }
}
