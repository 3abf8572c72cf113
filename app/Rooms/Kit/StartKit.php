<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Household\Settings;
use App\Models\Camera;
use App\Models\Carry;
use App\Models\Filter;
use App\Models\Lens;
use GentlePour\Kit\Bag;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Mount;
use Illuminate\Support\Facades\DB;

/** Keeps a first camera, lens and filter together, or none of them. */
final readonly class StartKit
{
    /** Slots of a holder that nobody has counted yet. Common practice. */
    private const USUAL_SLOTS = 2;

    public function __construct(private Settings $settings, private KeepKit $keep)
    {
    }

    public function __invoke(FirstKit $first): void
    {
        DB::transaction(function () use ($first): void {
            ($this->keep)(new Camera, $first->camera);
            $taken = Lens::query()->where('name', $first->lens['name'])->exists();
            ($this->keep)(
                new Lens, ['name' => $taken ? $first->lens['name'].' of '.$first->camera['name'] : $first->lens['name']] + $first->lens,
            );
            $marking = Bag::plainName($first->marking);
            $has = Filter::query()->pluck('name')->contains(static fn (string $name): bool => Bag::plainName($name) === $marking);
            if ($marking !== '' && ! $has) {
                ($this->keep)(new Filter, [
                    'name' => $first->marking, 'kind' => FilterKind::NeutralDensity, 'marking' => $first->marking, 'stops' => $first->stops,
                    'mount' => $first->mount, 'packed' => true,
                ]);
            }
            $carry = Carry::read($this->settings->read(Carry::SETTING))->withRelease($first->release);
            $this->settings->write(
                Carry::SETTING, ($first->mount === Mount::Slot ? $carry->withSlots(self::USUAL_SLOTS) : $carry)->toArray(),
            );
        });
    }
}
