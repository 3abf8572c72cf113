<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Models\Frame;
use App\Models\Outing;
use GentlePour\Motion\Look;
use GentlePour\Review\FrameMark;
use Illuminate\Database\Eloquent\Builder;

/** Which frames the contact sheet shows. */
final readonly class Sheet
{
    private const NAMES = 100;

    private function __construct(
        public ?int $placeId,
        public ?Outing $outing,
        public ?Look $look,
        public ?string $filters,
        public bool $keepersOnly,
        public bool $withRejects,
    ) {
    }

    /** @param  array<string, mixed>  $asked  from the address; what cannot be is passed over */
    public static function of(array $asked): self
    {
        $text = static fn (string $name): string => is_string($asked[$name] ?? null) ? $asked[$name] : '';
        $id = static fn (string $name): ?int => preg_match('/^[1-9]\d{0,14}$/', $text($name)) === 1 ? (int) $text($name) : null;

        return new self(
            $id('place'), $id('outing') === null ? null : Outing::query()->with('place')->find($id('outing')), Look::tryFrom($text('look')),
            $text('filters') === '' ? null : mb_substr($text('filters'), 0, 200), $text('show') === 'keepers', $text('show') === 'all',
        );
    }

    public function isWhole(): bool
    {
        return $this->placeId === null && $this->outing === null && $this->look === null && $this->filters === null && ! $this->keepersOnly;
    }

    /** @return Builder<Frame> newest first; without those folded away, unless they are asked for */
    public function frames(): Builder
    {
        return Frame::query()->whereNotNull('open_s')
            ->when($this->placeId !== null, fn ($q) => $q->where('place_id', $this->placeId))
            ->when($this->outing, static fn ($q, Outing $outing) => $q->where('place_id', $outing->place_id)
                ->whereBetween('opened_at', $outing->around()))
            ->when($this->look, static fn ($q, Look $look) => $q->where('look', $look->value))
            ->when($this->filters, static fn ($q, string $filters) => $q->where('filters_label', $filters))
            ->when($this->keepersOnly, static fn ($q) => $q->where('keeper', FrameMark::Keeper->value))
            // Not written as an or: the index of the order serves it as it is.
            ->when(
                ! $this->keepersOnly && ! $this->withRejects,
                static fn ($q) => $q->whereRaw('keeper IS NOT ?', [FrameMark::Reject->value]),
            )
            ->latest('opened_at')->latest('id');
    }

    /** @return list<string> */
    public function filterNames(): array
    {
        return array_values(Frame::query()->whereNotNull('filters_label')->distinct()->limit(self::NAMES)
            ->orderBy('filters_label')->pluck('filters_label')->all());
    }
}
