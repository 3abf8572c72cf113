<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Models\Frame;
use App\Models\PhotoRole;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Photo\CameraClock;
use GentlePour\Photo\Candidate;
use GentlePour\Photo\Matching;
use GentlePour\Photo\ShotSettings;
use Illuminate\Support\Carbon;

/** Finds the frame that a picture file shows, among those of the days around it. */
final readonly class MatchPhoto
{
    private const AROUND_H = 27;

    /** More frames than these nobody makes in two days. */
    private const AT_MOST = 3000;

    public function __construct(private CameraClocks $clocks)
    {
    }

    /** Null where none fits, or the file does not say when it was taken. */
    public function __invoke(ShotSettings $taken): ?Matching
    {
        $unix = CameraClock::unix($taken->takenAt);
        if ($unix === null) {
            return null;
        }
        $offset = $this->clocks->offsetS($taken);
        $at = Carbon::createFromTimestampUTC($unix + ($offset ?? 0.0));
        $around = [$at->copy()->subHours(self::AROUND_H), $at->copy()->addHours(self::AROUND_H)];
        $frames = Frame::query()->withExists(['photos as has_picture' => static fn ($q) => $q->where('role', PhotoRole::Frame)])
            ->where(static fn ($query) => $query->whereBetween('opened_at', $around)
                ->orWhere(static fn ($waiting) => $waiting->whereNull('open_s')->whereBetween('created_at', $around)))
            ->limit(self::AT_MOST)->get();
        $match = Matching::of($taken, $unix, $offset, array_values($frames->map(self::candidate(...))->all()));
        if ($match?->offsetS !== null) {
            $this->clocks->learn($taken, $match->offsetS);
        }

        return $match;
    }

    private static function candidate(Frame $frame): Candidate
    {
        $way = $frame->plan->way;

        return new Candidate(
            $frame->id, (float) $frame->created_at->getTimestamp(), $frame->opened_at?->getPreciseTimestamp(3) / 1000 ?: null,
            new ShotSettings(aperture: $way->aperture, shutterS: $frame->open_s ?? $frame->planned_s, iso: $way->iso),
            self::base($frame), (bool) $frame->getAttribute('has_picture'),
        );
    }

    /** The settings of its reading, as it was typed. */
    private static function base(Frame $frame): ?ShotSettings
    {
        $typed = static fn (string $name): string => is_string($frame->inputs[$name] ?? null) ? $frame->inputs[$name] : '';
        try {
            return new ShotSettings(
                aperture: Aperture::parse($typed('aperture'))->number, shutterS: ShutterTime::parse($typed('shutter'))->seconds,
                iso: Iso::parse($typed('iso'))->speed,
            );
        } catch (InvalidValue) {
            return null;
        }
    }
}
