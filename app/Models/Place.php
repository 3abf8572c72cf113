<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\PlaceFactory;
use DateTimeZone;
use GentlePour\InvalidValue;
use GentlePour\Motion\WaterBody;
use GentlePour\Outing\WayOut;
use GentlePour\Sky\Foreground;
use GentlePour\Sky\Observer;
use GentlePour\Sky\Skyline;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property string|null $notes
 * @property float|null $latitude
 * @property float|null $longitude
 * @property float|null $facing_deg
 * @property string $timezone
 * @property TideSource $tide
 * @property string|null $station_id
 * @property float $high_minutes
 * @property float $low_minutes
 * @property float $high_m
 * @property float $low_m
 * @property float|null $stand_m
 * @property float|null $way_out_m
 * @property float $margin_m
 * @property float $walk_minutes
 * @property float $wave_height_m
 * @property float $wave_period_s
 * @property float $slope
 * @property bool $wall
 * @property string|null $skyline points of azimuth and altitude, as they are read
 * @property string|null $way_out legs of bearing, metres and level, as they are read
 * @property float|null $swell_from_deg where it comes from as a rule
 * @property float|null $wind_from_deg
 * @property-read \Illuminate\Database\Eloquent\Collection<int, LevelMark> $marks
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Outing> $outings
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Subject> $subjects
 */
final class Place extends Model
{
    /** @use HasFactory<PlaceFactory> */
    use HasFactory;

    /** Where the demo's coast lies, in the open sea, and how far it reaches. */
    private const MADE_UP = [56.6, -9.7];

    private const MADE_UP_DEG = 0.6;

    /** @var list<string> */
    protected $fillable = [
        'name', 'notes', 'latitude', 'longitude', 'facing_deg', 'timezone', 'tide', 'station_id', 'high_minutes',
        'low_minutes', 'high_m', 'low_m', 'stand_m', 'way_out_m', 'margin_m', 'walk_minutes', 'wave_height_m',
        'wave_period_s', 'slope', 'wall', 'skyline', 'way_out', 'swell_from_deg', 'wind_from_deg',
    ];

    /** @var array<string, mixed> */
    protected $attributes = [
        'timezone' => 'UTC', 'tide' => 'none', 'high_minutes' => 0, 'low_minutes' => 0, 'high_m' => 0, 'low_m' => 0, 'margin_m' => 0.3,
        'walk_minutes' => 15,
        'wave_height_m' => 1.0, 'wave_period_s' => 8.0, 'slope' => 0.08, 'wall' => false,
    ];

    /** @var array<string, string> */
    protected $casts = [
        'latitude' => 'float', 'longitude' => 'float', 'facing_deg' => 'float', 'tide' => TideSource::class, 'high_minutes' => 'float',
        'low_minutes' => 'float',
        'high_m' => 'float', 'low_m' => 'float', 'stand_m' => 'float', 'way_out_m' => 'float', 'margin_m' => 'float',
        'walk_minutes' => 'float',
        'wave_height_m' => 'float', 'wave_period_s' => 'float', 'slope' => 'float', 'wall' => 'boolean',
        'swell_from_deg' => 'float', 'wind_from_deg' => 'float',
    ];

    /** @return HasMany<Subject, $this> */
    public function subjects(): HasMany
    {
        return $this->hasMany(Subject::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<LevelMark, $this> */
    public function marks(): HasMany
    {
        return $this->hasMany(LevelMark::class);
    }

    /** @return HasMany<TideEntry, $this> */
    public function tideEntries(): HasMany
    {
        return $this->hasMany(TideEntry::class);
    }

    /** @return HasMany<Outing, $this> */
    public function outings(): HasMany
    {
        return $this->hasMany(Outing::class);
    }

    /** @return non-empty-list<WaterBody> the waters that a person meets there: the sea where there is a tide, and those of its subjects */
    public function waters(): array
    {
        $bodies = $this->tide->hasTide() ? [WaterBody::Sea] : [];
        foreach ($this->subjects as $subject) {
            $body = $subject->water_kind->body();
            in_array($body, $bodies, true) || $bodies[] = $body;
        }

        return $bodies === [] ? [WaterBody::Running] : $bodies;
    }

    public function observer(): ?Observer
    {
        return $this->latitude === null || $this->longitude === null
            ? null : new Observer($this->latitude, $this->longitude, $this->readSkyline());
    }

    /** Open where what was kept, as by an older hand, cannot be read: the form says what is wrong with it. */
    public function readSkyline(): Skyline
    {
        try {
            return Skyline::parse($this->skyline ?? '');
        } catch (InvalidValue) {
            return Skyline::open();
        }
    }

    /** From the stand, or from as high as its way out where no stand is known; null where no leg is known. */
    public function wayOut(): ?WayOut
    {
        try {
            $legs = WayOut::legs($this->way_out ?? '');
        } catch (InvalidValue) {
            return null;
        }

        return $legs === [] ? null : WayOut::of($this->stand_m ?? $this->way_out_m ?? $legs[0][2], $legs);
    }

    /** The lowest point of the way out in m above datum, by what was typed and by its legs; null where neither is known. */
    public function lowestOfWayOutM(): ?float
    {
        $known = array_filter([$this->way_out_m, $this->wayOut()?->lowestM()], static fn (?float $m): bool => $m !== null);

        return $known === [] ? null : min($known);
    }

    /** What lies before the lens there, for the light that it meters: the sea's edge, or inland rock. */
    public function foreground(): Foreground
    {
        return $this->tide === TideSource::None ? Foreground::Rock : Foreground::Shore;
    }

    /** Whether it is one of the demo's: made-up land lies in the open sea. */
    public function isMadeUp(): bool
    {
        return $this->latitude !== null && $this->longitude !== null && abs($this->latitude - self::MADE_UP[0]) < self::MADE_UP_DEG
            && abs($this->longitude - self::MADE_UP[1]) < self::MADE_UP_DEG;
    }

    public function zone(): DateTimeZone
    {
        return new DateTimeZone($this->timezone);
    }
}
