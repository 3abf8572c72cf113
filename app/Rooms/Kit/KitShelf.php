<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Household\Settings;
use App\Models\Camera;
use App\Models\Carry;
use App\Models\Filter;
use App\Models\Lens;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Filter as KitFilter;
use GentlePour\Solving\ApertureHabit;
use GentlePour\Solving\FramesHabit;
use GentlePour\Solving\Habits;
use GentlePour\Solving\HighlightHabit;
use GentlePour\Solving\IsoHabit;
use GentlePour\Solving\NoiseReductionHabit;
use Illuminate\Database\Eloquent\Collection;

/** All kit records, each kind read once a request, and what the core packs of them. */
final class KitShelf
{
    public const HABITS = 'habits';

    /** @var Collection<int, Camera>|null */
    private ?Collection $cameras = null;

    /** @var Collection<int, Lens>|null */
    private ?Collection $lenses = null;

    /** @var Collection<int, Filter>|null */
    private ?Collection $filters = null;

    public function __construct(private readonly Settings $settings)
    {
    }

    /** @return Collection<int, Camera> */
    public function cameras(): Collection
    {
        return $this->cameras ??= Camera::query()->oldest('id')->get();
    }

    /** @return Collection<int, Lens> */
    public function lenses(): Collection
    {
        return $this->lenses ??= Lens::query()->oldest('id')->get();
    }

    /** @return Collection<int, Filter> */
    public function filters(): Collection
    {
        return $this->filters ??= Filter::query()->oldest('id')->get();
    }

    /** @return Collection<int, Filter> */
    public function packed(): Collection
    {
        return $this->filters()->where('packed', true)->values();
    }

    /** @return list<KitFilter> */
    public function atHome(): array
    {
        return array_values($this->filters()->where('packed', false)->map(static fn (Filter $f): KitFilter => $f->toKit())->all());
    }

    public function isEmpty(): bool
    {
        return $this->cameras()->isEmpty() || $this->lenses()->isEmpty();
    }

    public function carry(): Carry
    {
        return Carry::read($this->settings->read(Carry::SETTING));
    }

    public function bag(Camera $camera, Lens $lens, float $focalMm): Bag
    {
        $carry = $this->carry();

        return new Bag(
            $camera->toKit(),
            $lens->toKitAt($focalMm),
            array_values($this->packed()->map(static fn (Filter $f): KitFilter => $f->toKit())->all()),
            $carry->slots,
            $carry->release,
            $carry->rings,
            $carry->adapters,
        );
    }

    public function habits(): Habits
    {
        $stored = $this->settings->read(self::HABITS);
        $one = static fn (string $key): string => is_string($stored[$key] ?? null) ? $stored[$key] : '';

        return new Habits(
            ApertureHabit::tryFrom($one('aperture')) ?? ApertureHabit::Best,
            IsoHabit::tryFrom($one('iso')) ?? IsoHabit::Lowest,
            HighlightHabit::tryFrom($one('highlights')) ?? HighlightHabit::Protect,
            NoiseReductionHabit::tryFrom($one('noise_reduction')) ?? NoiseReductionHabit::Later,
            FramesHabit::tryFrom($one('frames')) ?? FramesHabit::One,
        );
    }
}
