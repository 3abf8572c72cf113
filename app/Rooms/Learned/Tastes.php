<?php

declare(strict_types=1);

namespace App\Rooms\Learned;

use App\Household\Dropping;
use App\Household\Settings;
use App\Models\Frame;
use GentlePour\Motion\WaterKind;
use GentlePour\Review\Taste;

/** What the person likes of each kind of water: what they said of frames since it was last reset, and what they set by hand. */
final readonly class Tastes
{
    private const SETTING = 'taste';

    /** Verdicts that count: older ones say less of what is liked now. */
    private const VERDICTS = 200;

    public function __construct(private Settings $settings, private Dropping $dropping)
    {
    }

    public function of(WaterKind $kind): Taste
    {
        $own = $this->own($kind);
        $since = is_string($own['since'] ?? null) ? $own['since'] : null;
        $frames = Frame::query()->select(['open_s', 'planned_s', 'middle_s', 'blur', 'role'])
            ->where('water_kind', $kind->value)->whereNotNull('judged_at')->whereNotNull('open_s')
            ->when($since, static fn ($query) => $query->where('judged_at', '>', $since))
            ->latest('judged_at')->limit(self::VERDICTS)->get();
        $verdicts = [];
        foreach ($frames as $frame) {
            if ($frame->blur !== null && $frame->open_s !== null && $frame->middle_s !== null && ($frame->role?->tellsTaste() ?? true)
                && Taste::tells($frame->planned_s, $frame->open_s)) {
                $verdicts[] = [log($frame->open_s / $frame->middle_s, 2), $frame->blur];
            }
        }

        return Taste::of($verdicts, is_numeric($own['by_hand'] ?? null) ? (float) $own['by_hand'] : 0.0);
    }

    /** @return array<string, Taste> of every kind that was ever judged or set, by its value */
    public function all(): array
    {
        $tastes = [];
        foreach (WaterKind::cases() as $kind) {
            $judged = Frame::query()->where('water_kind', $kind->value)->whereNotNull('judged_at')->whereNotNull('open_s');
            if ($this->own($kind) !== [] || $judged->exists()) {
                $tastes[$kind->value] = $this->of($kind);
            }
        }

        return $tastes;
    }

    public function setByHand(WaterKind $kind, float $stops): void
    {
        $this->write($kind, ['by_hand' => $stops]);
    }

    /**
     * Verdicts before now no longer count, and nothing is set by hand.
     *
     * @return int the number by which it is undone
     */
    public function reset(WaterKind $kind): int
    {
        $drop = $this->dropping->setting(self::SETTING);
        $this->write($kind, ['by_hand' => 0.0, 'since' => now()->format('Y-m-d H:i:s.v')]);

        return $drop;
    }

    /** @return array<array-key, mixed> */
    private function own(WaterKind $kind): array
    {
        $own = $this->settings->read(self::SETTING)[$kind->value] ?? null;

        return is_array($own) ? $own : [];
    }

    /** @param  array<string, mixed>  $changes */
    private function write(WaterKind $kind, array $changes): void
    {
        $this->settings->write(self::SETTING, [$kind->value => [...$this->own($kind), ...$changes]] + $this->settings->read(self::SETTING));
    }
}
