<?php

declare(strict_types=1);

namespace App\Rooms\Weather;

use DateTimeZone;
use GentlePour\Units;
use GentlePour\Weather\Forecast;
use Illuminate\Support\Carbon;

/** A forecast with whose it is and how old. */
final readonly class GivenForecast
{
    /** An older one is said to be old, in hours. Judgement. */
    private const OLD_HOURS = 18;

    public function __construct(
        public Forecast $forecast,
        public string $source,
        public Carbon $takenAt,
        public bool $isGiven,
    ) {
    }

    /** “forecast by the harbour office, 3 hours old” */
    public function words(): string
    {
        $hours = (int) floor($this->takenAt->diffInHours(now()));

        return $this->source.', '.match (true) {
            $hours < 1 => 'of this hour',
            $hours === 1 => '1 hour old',
            $hours < 48 => $hours.' hours old',
            default => intdiv($hours, 24).' days old',
        };
    }

    /** The same where the page itself grows old, as in a field file: whose, and from when, by a place's clock. */
    public function asOf(DateTimeZone $zone, Units $units): string
    {
        return $this->source.' of '.$this->takenAt->copy()->setTimezone($zone)->format('D j M, '.$units->hours());
    }

    public function isOld(): bool
    {
        return $this->takenAt->diffInHours(now()) > self::OLD_HOURS;
    }
}
