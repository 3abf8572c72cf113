<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Forms\Refusal;
use App\Household\AsSeen;
use App\Household\Dropping;
use App\Household\Settings;
use App\Models\Camera;
use App\Models\Carry;
use App\Models\Filter;
use App\Models\Lens;
use GentlePour\Exposure\FilterMarking;
use GentlePour\InvalidValue;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterMarkingForm;
use GentlePour\Outing\Support;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class KitController
{
    public function index(KitShelf $shelf): View
    {
        return view('kit.index', [
            'cameras' => $shelf->cameras(),
            'lenses' => $shelf->lenses(),
            'filters' => $shelf->filters(),
            'carry' => $shelf->carry(),
            'habits' => $shelf->habits(),
            'supports' => Support::cases(),
        ]);
    }

    public function create(KitPiece $item, KitShelf $shelf): View
    {
        return self::form($item, $item->fresh(), $shelf);
    }

    public function edit(KitPiece $item, int $id, KitShelf $shelf): View
    {
        return self::form($item, $item->find($id), $shelf);
    }

    public function store(KitRequest $request, KitPiece $item, KeepKit $keep, CountSlots $slots): RedirectResponse
    {
        $record = $item->fresh();
        Refusal::renamed(KitValues::CORE_FIELDS, static fn () => $keep($record, $request->values()->toArray()));

        $slots($request->slots());

        $atHome = $record instanceof Filter && $record->packed === false ? ', and stays at home: '.Filter::FULL : '.';

        return redirect()->route('kit')->with('done', $record->name.' is in the kit'.$atHome);
    }

    public function update(KitRequest $request, KitPiece $item, int $id, KeepKit $keep, CountSlots $slots): RedirectResponse
    {
        $record = $item->find($id);
        AsSeen::check($request, $record);
        Refusal::renamed(KitValues::CORE_FIELDS, static fn () => $keep($record, $request->values()->toArray()));

        $slots($request->slots());

        return redirect()->route('kit')->with('done', $record->name.' is kept.');
    }

    public function destroy(KitPiece $item, int $id, Dropping $drop): RedirectResponse
    {
        $record = $item->find($id);

        return Dropping::said(redirect()->route('kit'), $record->name.' is out of the kit. The log keeps its frames.', $drop($record));
    }

    /** One press: packed or left at home. */
    public function pack(PackedRequest $request, Filter $filter): RedirectResponse
    {
        $packed = $request->packed();
        if ($packed && ! $filter->packed && Filter::fillTheBag()) {
            return redirect()->route('kit')->with('problem', $filter->name.' stays at home: '.Filter::FULL);
        }
        $filter->update(['packed' => $packed]);

        return redirect()->route('kit')->with('done', $filter->name.($filter->packed ? ' is packed.' : ' stays at home.'));
    }

    public function carry(CarryRequest $request, Settings $settings): RedirectResponse
    {
        $settings->write(Carry::SETTING, $request->carry()->toArray());

        return redirect()->route('kit')->with('done', 'The bag is kept.');
    }

    public function release(PackedRequest $request, PackRelease $pack): RedirectResponse
    {
        return redirect()->route('kit')->with('done', $pack($request->packed()));
    }

    public function habits(HabitsRequest $request, Settings $settings): RedirectResponse
    {
        $settings->write(KitShelf::HABITS, $request->habits());

        return redirect()->route('kit')->with('done', 'Your habits are kept; the bench ranks by them now.');
    }

    /** What a marking means, said while it is typed. */
    public function marking(Request $request): View
    {
        $written = $request->string('marking')->limit(60, '')->toString();
        $kind = FilterKind::tryFrom($request->string('kind')->toString());
        try {
            return view('kit.marking', $kind?->marking() === FilterMarkingForm::Range
                ? ['range' => FilterMarking::parseRange($written), 'chosen' => 0]
                : ['marking' => FilterMarking::parse($written), 'chosen' => $request->integer('reading')]);
        } catch (InvalidValue $e) {
            return view('kit.marking', ['problem' => trim($written) === '' ? null : $e->getMessage()]);
        }
    }

    private static function form(KitPiece $item, Camera|Lens|Filter $record, KitShelf $shelf): View
    {
        return view('kit.edit', [
            'item' => $item->value, 'record' => $record, 'filterKinds' => FilterKind::cases(), 'edges' => KitRequest::EDGES,
            'slots' => $shelf->carry()->slots,
        ]);
    }
}
