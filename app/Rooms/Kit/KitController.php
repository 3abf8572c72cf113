<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Models\Camera;
use App\Models\Filter;
use App\Models\Lens;
use App\Models\Setting;
use GentlePour\Exposure\FilterMarking;
use GentlePour\InvalidValue;
use GentlePour\Kit\FilterKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class KitController
{
    private const MODELS = ['camera' => Camera::class, 'lens' => Lens::class, 'filter' => Filter::class];

    public function index(): View
    {
        return view('kit.index', [
            'cameras' => Camera::query()->orderBy('id')->get(),
            'lenses' => Lens::query()->orderBy('id')->get(),
            'filters' => Filter::query()->orderBy('id')->get(),
            'carry' => KitBag::carry(),
            'habits' => KitBag::habits(),
        ]);
    }

    public function create(string $item): View
    {
        return view('kit.edit', ['item' => $item, 'record' => $this->fresh($item)]);
    }

    public function edit(string $item, int $id): View
    {
        return view('kit.edit', ['item' => $item, 'record' => $this->find($item, $id)]);
    }

    public function store(KitRequest $request, string $item): RedirectResponse
    {
        $record = $this->fresh($item);
        $request->fill($record);

        return redirect()->route('kit')->with('done', $record->name.' is in the kit.');
    }

    public function update(KitRequest $request, string $item, int $id): RedirectResponse
    {
        $record = $this->find($item, $id);
        $request->fill($record);

        return redirect()->route('kit')->with('done', $record->name.' is kept.');
    }

    public function destroy(string $item, int $id): RedirectResponse
    {
        $record = $this->find($item, $id);
        $record->delete();

        return redirect()->route('kit')->with('done', $record->name.' is out of the kit. The log keeps its frames.');
    }

    /** One press: packed or left at home. */
    public function pack(Filter $filter): RedirectResponse
    {
        $filter->update(['packed' => ! $filter->packed]);

        return redirect()->route('kit')->with('done', $filter->name.($filter->packed ? ' is packed.' : ' stays at home.'));
    }

    public function carry(CarryRequest $request): RedirectResponse
    {
        Setting::write('carry', $request->carry());

        return redirect()->route('kit')->with('done', 'The bag is kept.');
    }

    public function habits(HabitsRequest $request): RedirectResponse
    {
        Setting::write('habits', $request->habits());

        return redirect()->route('kit')->with('done', 'Your habits are kept; the bench ranks by them now.');
    }

    /** What a marking means, said while it is typed. */
    public function marking(Request $request): View
    {
        $written = $request->string('marking')->limit(60, '')->toString();
        $variable = $request->input('kind') === FilterKind::Variable->value;
        try {
            return view('kit.marking', $variable
                ? ['range' => FilterMarking::parseRange($written), 'chosen' => 0]
                : ['marking' => FilterMarking::parse($written), 'chosen' => $request->integer('reading')]);
        } catch (InvalidValue $e) {
            return view('kit.marking', ['problem' => trim($written) === '' ? null : $e->getMessage()]);
        }
    }

    private function fresh(string $item): Camera|Lens|Filter
    {
        $model = self::MODELS[$item] ?? abort(404);

        return new $model;
    }

    private function find(string $item, int $id): Camera|Lens|Filter
    {
        $model = self::MODELS[$item] ?? abort(404);

        return $model::query()->findOrFail($id);
    }
}
