<?php

declare(strict_types=1);

namespace App\Rooms\Learned;

use App\Models\Frame;
use App\Models\Setting;
use GentlePour\Motion\Taste;
use GentlePour\Motion\WaterKind;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

/** What the person likes of each kind of water: what they said of frames since it was last reset, and what they set by hand. */
final class Tastes
{
    public static function of(WaterKind $kind): Taste
    {
        return self::read(Setting::read('taste'), $kind);
    }

    /** @return array<string, Taste> of every kind that was ever judged or set, by its value */
    public static function all(): array
    {
        $stored = Setting::read('taste');
        $judged = Frame::query()->whereNotNull('blur')->whereNotNull('open_s')->distinct()->pluck('water_kind')->map(static fn (mixed $k): string => $k instanceof WaterKind ? $k->value : (is_string($k) ? $k : ''))->all();
        $tastes = [];
        foreach (WaterKind::cases() as $kind) {
            if (in_array($kind->value, $judged, true) || isset($stored[$kind->value])) {
                $tastes[$kind->value] = self::read($stored, $kind);
            }
        }

        return $tastes;
    }

    public static function setByHand(WaterKind $kind, float $stops): void
    {
        self::write($kind, ['by_hand' => $stops]);
    }

    /** Verdicts before now no longer count, and nothing is set by hand. */
    public static function reset(WaterKind $kind): void
    {
        self::write($kind, ['by_hand' => 0.0, 'since' => now()->format('Y-m-d H:i:s')]);
    }

    /** @param  array<string, mixed>  $stored */
    private static function read(array $stored, WaterKind $kind): Taste
    {
        $own = is_array($stored[$kind->value] ?? null) ? $stored[$kind->value] : [];
        $since = is_string($own['since'] ?? null) ? Carbon::parse($own['since']) : null;
        /** @var Collection<int, Frame> $frames */
        $frames = Frame::query()->where('water_kind', $kind->value)->whereNotNull('blur')->whereNotNull('open_s')
            ->where('updated_at', '>', $since ?? Carbon::createFromTimestamp(0))
            ->orderByDesc('id')->limit(200)->get();
        $verdicts = [];
        foreach ($frames as $frame) {
            if ($frame->blur !== null && $frame->open_s !== null && $frame->middleS() !== null && ($frame->role?->tellsTaste() ?? true)) {
                $verdicts[] = [log($frame->open_s / $frame->middleS(), 2), $frame->blur];
            }
        }

        return Taste::of($verdicts, is_numeric($own['by_hand'] ?? null) ? (float) $own['by_hand'] : 0.0);
    }

    /** @param  array<string, mixed>  $changes */
    private static function write(WaterKind $kind, array $changes): void
    {
        $stored = Setting::read('taste');
        $own = is_array($stored[$kind->value] ?? null) ? $stored[$kind->value] : [];
        Setting::write('taste', [$kind->value => [...$own, ...$changes]] + $stored);
    }
}
