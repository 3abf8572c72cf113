<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Household\Dropping;
use App\Models\Composition;
use App\Models\Frame;
use App\Models\Outing;
use App\Models\Place;
use App\Rooms\Kit\KitShelf;
use App\Rooms\Weather\PlaceForecasts;
use App\Rooms\Weather\RoughSea;
use GentlePour\InvalidValue;
use GentlePour\Kit\Crop;
use GentlePour\Motion\Look;
use GentlePour\Outing\Cautions;
use GentlePour\Planning\WantedLight;
use GentlePour\Sky\SkyEvent;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A visit planned as one thing: when, what, in which order, with what in the bag, and what came of it. */
final class OutingController
{
    private const FRAMES = 60;

    public function index(Request $request, AllOutings $outings): View
    {
        $place = Place::query()->find($request->integer('place'));
        $ahead = $request->integer('page', 1) > 1 ? [] : $outings->ahead($place?->id);

        return view('outings.index', [
            'place' => $place, 'ahead' => $ahead, 'behind' => $outings->behind($place?->id), 'now' => (float) now()->getTimestamp(),
        ]);
    }

    public function store(OutingRequest $request, Place $place, PlanOuting $plan): RedirectResponse
    {
        return redirect()->route('outings.show', $plan($place, $request->typed()))->with('done', 'The outing is planned.');
    }

    public function show(
        Outing $outing, OutingPlans $plans, PackingList $packing, KitShelf $shelf, PlaceForecasts $forecasts, RoughSea $rough,
    ): View {
        $plan = $problem = null;
        try {
            $plan = $plans->of($outing);
        } catch (InvalidValue $e) {
            $problem = $e->getMessage();
        }

        [$from, $to] = [(float) $outing->starts_at->getTimestamp(), (float) $outing->ends_at->getTimestamp()];
        $weather = $forecasts->reader($outing->place);

        return view('outings.show', [
            'weather' => $weather->of($from, $to), 'weatherBy' => ucfirst($weather->source()),
            'rough' => $rough->of($outing->place, $from, $to),
            'outing' => $outing, 'place' => $outing->place, 'plan' => $plan, 'problem' => $problem, 'events' => SkyEvent::cases(),
            'looks' => Look::cases(), 'lights' => WantedLight::cases(), 'crops' => Crop::cases(),
            'frames' => self::taken($outing), 'glass' => $shelf->packed()->pluck('name')->implode(', '),
            'seenAt' => ($plan?->at($plan->schedule->until) ?? $outing->ends_at->setTimezone($outing->place->timezone))
                ->format('Y-m-d\TH:i'),
            'packing' => $plan === null ? [] : $packing->of($plan->packing), 'own' => implode("\n", $packing->own()),
            'hasKit' => ! $shelf->isEmpty(),
            'notice' => $plan === null ? '' : NoticeWords::of($plan),
            'edges' => array_map(Cautions::atTheEdgeOf(...), $outing->place->load('subjects')->waters()),
            'hasTide' => $outing->place->tide->hasTide(),
        ]);
    }

    /** @return Collection<int, Frame> taken at the place while the outing lasted, or a little before and after */
    private static function taken(Outing $outing): Collection
    {
        return Frame::query()->where('place_id', $outing->place_id)->whereNotNull('open_s')->whereBetween('opened_at', $outing->around())
            ->oldest('opened_at')->limit(self::FRAMES)->get();
    }

    public function update(OutingRequest $request, Outing $outing, PlanOuting $plan): RedirectResponse
    {
        $plan->change($outing, $request->typed());

        return redirect()->route('outings.show', $outing)->with('done', 'The outing is changed.');
    }

    public function destroy(Outing $outing, Dropping $drop): RedirectResponse
    {
        return Dropping::said(redirect()->route('places.show', $outing->place_id), 'The outing is off.', $drop($outing));
    }

    public function compose(CompositionRequest $request, Outing $outing, KeepComposition $keep): RedirectResponse
    {
        $keep($outing, $request->typed());

        return redirect()->route('outings.show', $outing)->withFragment('schedule');
    }

    public function move(Request $request, Composition $composition, MoveComposition $move): RedirectResponse
    {
        $move($composition, $request->boolean('up'));

        return redirect()->route('outings.show', $composition->outing_id)->withFragment('schedule');
    }

    public function leaveOut(Composition $composition, Dropping $drop): RedirectResponse
    {
        $to = redirect()->route('outings.show', $composition->outing_id);

        return Dropping::said($to, $composition->subject->name.' is left out.', $drop($composition));
    }

    /** What is ticked at home, or when leaving the water. */
    public function pack(PackingRequest $request, Outing $outing): RedirectResponse|JsonResponse
    {
        $list = $request->isLeaving() ? 'brought_back' : 'packed';
        $outing->update([$list => $request->done($outing->$list)]);

        return $request->expectsJson()
            ? new JsonResponse(['done' => $outing->$list]) : redirect()->route('outings.show', $outing)->withFragment('packing');
    }

    public function own(PackingRequest $request, Outing $outing, PackingList $packing): RedirectResponse
    {
        $packing->keepOwn($request->own());

        return redirect()->route('outings.show', $outing)->withFragment('packing');
    }

    public function close(ClosingRequest $request, Outing $outing, CloseOuting $close): RedirectResponse
    {
        $typed = $request->typed();
        $close($outing, $typed->text('came_of_it'), $request->missed(), $request->sighted(), $typed->text('sighted_at'));

        return redirect()->route('outings.show', $outing)->with('done', 'The outing is closed.');
    }

    public function calendar(Outing $outing, OutingPlans $plans): Response
    {
        return new Response(OutingCalendar::of($plans->of($outing)), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8', 'Content-Disposition' => 'attachment; filename="outing.ics"',
        ]);
    }
}
