<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\FilterFactory;
use GentlePour\Exposure\Stops;
use GentlePour\InvalidValue;
use GentlePour\Kit\ColourCast;
use GentlePour\Kit\Filter as KitFilter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Mount;
use GentlePour\Limit;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property string $name
 * @property FilterKind $kind
 * @property string|null $marking
 * @property float|null $stops
 * @property float|null $lightest_stops
 * @property float|null $measured_stops
 * @property string|null $edge of a graduated filter: soft, hard or reverse
 * @property float|null $cast_red
 * @property float|null $cast_blue
 * @property Carbon|null $measured_on
 * @property Mount $mount
 * @property float|null $thread_mm
 * @property bool $packed
 */
final class Filter extends Model
{
    /** @use HasFactory<FilterFactory> */
    use HasFactory;

    /** Said of one that cannot be packed. */
    public const FULL = 'as many filters are packed as the bench weighs. Leave another at home first.';

    /** @var list<string> */
    protected $fillable = [
        'name', 'kind', 'mount', 'marking', 'stops', 'lightest_stops', 'measured_stops', 'measured_on', 'edge',
        'cast_red', 'cast_blue', 'thread_mm', 'packed',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'kind' => FilterKind::class, 'mount' => Mount::class, 'packed' => 'boolean',
        'stops' => 'float', 'lightest_stops' => 'float', 'measured_stops' => 'float', 'thread_mm' => 'float',
        'cast_red' => 'float', 'cast_blue' => 'float', 'measured_on' => 'date',
    ];

    /** Whether as many are packed as the core's bag takes. */
    public static function fillTheBag(): bool
    {
        return self::query()->where('packed', true)->count() >= Limit::FiltersPacked->most();
    }

    /**
     * What came in on top of a full bag stays at home.
     *
     * @param  list<int>  $packedBefore  numbers of those that were packed before it came
     * @return int how many stay
     */
    public static function leaveTheRestAtHome(array $packedBefore): int
    {
        $came = self::query()->where('packed', true)->whereKeyNot($packedBefore)->orderBy('id')->pluck('id')->all();
        $atHome = array_slice($came, max(0, (int) Limit::FiltersPacked->most() - count($packedBefore)));

        return self::query()->whereKey($atHome)->update(['packed' => false]);
    }

    /** @return list<int> */
    public static function packedIds(): array
    {
        return array_values(self::query()->where('packed', true)->pluck('id')->all());
    }

    /** @throws InvalidValue when the core cannot make something of it */
    public function assertUsable(): void
    {
        $this->toKit();
    }

    /** As the core packs it. */
    public function toKit(): KitFilter
    {
        $stops = static fn (?float $value): ?Stops => $value === null ? null : Stops::of($value);

        return KitFilter::of(
            $this->name, $this->kind, $this->mount, $stops($this->stops), $stops($this->measured_stops), $stops($this->lightest_stops),
            $this->thread_mm,
            $this->cast_red === null && $this->cast_blue === null ? null : ColourCast::of($this->cast_red ?? 0.0, $this->cast_blue ?? 0.0),
        );
    }
}
