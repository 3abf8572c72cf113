<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Models\Calibration;
use App\Models\Filter;
use App\Models\Frame;

/** What a frame tells of the one filter that was on: measured with its base, or guessed from how bright it came out. */
final readonly class FilterTold
{
    /** A frame that is off by less may be off for many reasons, in stops. Judgement. */
    private const LEAST_STOPS = 0.6;

    private function __construct(
        public ?Filter $filter,
        public ?Calibration $calibration,
        public ?string $guess,
    ) {
    }

    public static function by(Frame $frame): self
    {
        $names = $frame->plan->way->filters;
        $filter = count($names) === 1 ? Filter::query()->where('name', $names[0])->first() : null;
        $photo = $frame->photo;
        $calibration = $filter === null || $photo === null ? null
            : Calibration::query()->where('filter_id', $filter->id)->where('filtered_id', $photo->id)->latest('id')->first();

        return new self($filter, $calibration, $filter === null ? null : self::guess($frame));
    }

    /** Too dark by so much at the time that was asked for is a filter that takes as much more. */
    private static function guess(Frame $frame): ?string
    {
        if ($frame->exposure_thirds === null || $frame->open_s === null || $frame->by_file) {
            return null;
        }
        $brighter = $frame->exposure_thirds / 3 - log($frame->open_s / $frame->exact_s, 2);
        $stops = $frame->plan->way->stops;

        return abs($brighter) < self::LEAST_STOPS ? null : sprintf(
            'By its exposure this looks like %.1f stops rather than %.1f: test it with a frame without the filter.',
            $stops - $brighter, $stops,
        );
    }
}
