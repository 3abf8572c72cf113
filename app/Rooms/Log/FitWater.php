<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Models\Camera;
use App\Models\Frame;
use App\Models\Photo;
use App\Models\PhotoRole;
use App\Models\Subject;
use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Motion\Framing;
use GentlePour\Motion\MovingWater;
use GentlePour\Review\FittedWater;

/** Fits the water of a subject to what its frames show: faster or slower than it was taken to, kept with what stood there before. */
final class FitWater
{
    /** Frames that count: older ones are of another day’s water. */
    private const FRAMES = 40;

    /** Nearer to what it was taken for than this nothing is gained, in stops. Judgement. */
    private const LEAST_STOPS = 0.15;

    /** Standard errors that it has to be off by. */
    private const SURE = 2.0;

    /** What a faster water changes of its description. */
    private const COLUMNS = ['speed_m_s', 'period_s', 'float_m', 'float_s', 'drop_m', 'chop_period_s'];

    /** What fitting would change; null where too few frames tell, or it is as it was taken to be. */
    public static function offered(Frame $frame): ?FittedWater
    {
        $subject = $frame->subject;
        if ($subject === null) {
            return null;
        }
        try {
            $fitted = FittedWater::of(self::water($subject, $frame), self::kept($subject));
        } catch (InvalidValue) {
            return null;
        }

        return abs($fitted->stops) < max(self::LEAST_STOPS, self::SURE * $fitted->uncertaintyStops) ? null : $fitted;
    }

    /**
     * @return string what came of it
     *
     * @throws InvalidValue at fit, when too few frames tell
     */
    public function __invoke(Frame $frame): string
    {
        $subject = $frame->subject;
        $fitted = self::offered($frame);
        if ($subject === null || $fitted === null) {
            throw (new InvalidValue('The frames of this water do not say that it is another than it was taken to be.'))->at('fit');
        }
        $was = $subject->only(self::COLUMNS);
        $said = $subject->water()->orUsual();
        $changed = $subject->water_kind->isWaves() ? [
            'period_s' => Limit::WavePeriod->clamp((float) $said->periodS / $fitted->factor()),
            'chop_period_s' => $subject->chop_period_s === null ? null
                : Limit::WavePeriod->clamp($subject->chop_period_s / $fitted->factor()),
        ] : [
            'speed_m_s' => Limit::WaterSpeed->clamp(self::water($subject, $frame)->speedMS() * $fitted->factor()),
            'drop_m' => null, 'float_m' => null, 'float_s' => null,
        ];
        $subject->update([...$changed, 'fitted' => [
            'stops' => round($fitted->stops, 3), 'uncertainty_stops' => round($fitted->uncertaintyStops, 3), 'frames' => $fitted->frames,
            'was' => $subject->fitted['was'] ?? $was,
        ]]);

        return sprintf(
            '%s is taken for %.0f %% %s from now on, by %d frames.', ucfirst($subject->name), 100 * abs($fitted->factor() - 1),
            $fitted->stops > 0 ? 'faster' : 'slower', $fitted->frames,
        );
    }

    public function undo(Frame $frame): void
    {
        $was = $frame->subject?->fitted['was'] ?? null;
        if (is_array($was)) {
            $frame->subject->update([...array_intersect_key($was, array_flip(self::COLUMNS)), 'fitted' => null]);
        }
    }

    /** As the subject says it, framed as the frame was. */
    private static function water(Subject $subject, Frame $frame): MovingWater
    {
        $number = static fn (string $field): float => is_numeric($frame->inputs[$field] ?? null) ? (float) $frame->inputs[$field] : 0.0;
        $camera = Camera::query()->find((int) $number('camera')) ?? Camera::query()->oldest('id')->firstOrFail();
        $focal = $number('focal') > 0 ? $number('focal') : ($subject->focal_mm ?? 24.0);

        return $subject->water()->orUsual()->in(new Framing($camera->sensor(), $focal, $subject->distance_m));
    }

    /** @return list<array{float, float}> open time and share of the texture kept */
    private static function kept(Subject $subject): array
    {
        return array_values(Photo::query()->where('role', PhotoRole::Frame)->whereNotNull('texture_kept')
            ->whereHas('frame', static fn ($q) => $q->where('subject_id', $subject->id)->whereNotNull('open_s'))
            ->with('frame')->latest('id')->limit(self::FRAMES)->get()
            ->map(static fn (Photo $p): array => [(float) ($p->shutter_s ?? $p->frame?->open_s), (float) $p->texture_kept])->all());
    }
}
