<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

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
        return $shelf->isEmpty() ? redirect()->route('kit.first') : view('kit.card', [
            'card' => self::card($request, $cards),
            'waters' => $cards->waters(),
            'camera' => $cards->camera()->name,
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
        return $cards->card($request->boolean('thirds'), $request->query('school') === 'card');
    }
}
