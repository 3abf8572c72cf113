<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\Decimal;
use App\Forms\Typed;
use App\Models\Place;
use DateTimeImmutable;
use GentlePour\InvalidValue;
use GentlePour\Sky\LightReading;
use GentlePour\Sky\SkyCondition;
use GentlePour\Time\Instant;
use Illuminate\Foundation\Http\FormRequest;

/** A day of a place and its light, from the address. What cannot be read is said on the page, which is shown all the same. */
final class DayRequest extends FormRequest
{
    public const LIGHT = ['sky', 'at1', 'ev1', 'at2', 'ev2'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }

    /** @throws InvalidValue when it is no day */
    public function day(Place $place): DateTimeImmutable
    {
        $zone = $place->zone();
        $written = $this->query('day');

        return is_string($written)
            ? (new DateTimeImmutable('@'.(int) Instant::parse($written, $zone)))->setTimezone($zone)
            : new DateTimeImmutable('now', $zone);
    }

    /** Whether the hold plan, which takes longer, is asked for too. */
    public function isHeld(): bool
    {
        return $this->boolean('hold');
    }

    public function sky(): SkyCondition
    {
        return $this->typed()->choice('sky', SkyCondition::class) ?? SkyCondition::Clear;
    }

    /** @return array<string, mixed> the fields of the light as they were sent */
    public function light(): array
    {
        return array_filter($this->only(self::LIGHT), is_scalar(...));
    }

    /**
     * One or two readings of the light that day, by the place's clock: they anchor the curve.
     *
     * @return list<LightReading>
     *
     * @throws InvalidValue when a time or an EV cannot be read
     */
    public function readings(Place $place, DateTimeImmutable $day): array
    {
        $readings = [];
        foreach ([['at1', 'ev1'], ['at2', 'ev2']] as [$at, $ev]) {
            [$time, $value] = [$this->typed()->text($at), $this->typed()->text($ev)];
            if ($time !== '' || $value !== '') {
                $readings[] = self::reading($time, $value, $place, $day);
            }
        }

        return $readings;
    }

    private static function reading(string $time, string $ev, Place $place, DateTimeImmutable $day): LightReading
    {
        if (preg_match('/^\d{1,2}:\d{2}$/', $time) !== 1 || preg_match(Decimal::PATTERN, $ev) !== 1 || preg_match('/\d/', $ev) !== 1) {
            throw new InvalidValue('A reading of the light is a time like 6:15 and an EV like 7.5.');
        }
        $unix = Instant::parse($day->format('Y-m-d').'T'.str_pad($time, 5, '0', STR_PAD_LEFT), $place->zone());

        return new LightReading($unix, Decimal::read($ev));
    }

    private function typed(): Typed
    {
        return new Typed([...$this->query()]);
    }
}
