<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\CoreValue;
use App\Forms\Quantity;
use App\Forms\Typed;
use App\Rooms\Kit\KitShelf;
use BackedEnum;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Limit;
use GentlePour\Motion\CloudDrift;
use GentlePour\Motion\CloudLook;
use GentlePour\Motion\Look;
use GentlePour\Motion\WaterKind;
use GentlePour\Outing\Support;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\In;

/** What may stand in the fields of the bench, by what the others say. A field that does not count is left out of what is valid. */
final readonly class BenchRules
{
    public const MESSAGES = [
        'required_with' => 'The chop needs both its period and its height.',
        'sharp_near.required_with' => 'Sharp from where?',
        'camera.required' => 'Add a camera in Kit first.',
        'lens.required' => 'Add a lens in Kit first.',
        'camera.in' => 'This is no longer in the kit.',
        'lens.in' => 'This is no longer in the kit.',
        'on.*.in' => 'This is no longer in the kit.',
    ];

    private const NEEDED = ['bail', 'required'];

    private const FREE = ['nullable', 'bail'];

    private const LEFT_OUT = ['nullable', 'exclude'];

    public function __construct(private Typed $typed, private KitShelf $shelf)
    {
    }

    /** @return array<string, mixed> */
    public function all(): array
    {
        return [...$this->water(), ...$this->also(), ...$this->sky(), ...$this->framing(), ...self::aim(), ...$this->reading()];
    }

    /** @return array<string, mixed> */
    private function water(): array
    {
        $kind = $this->typed->choice('kind', WaterKind::class);
        $waves = $kind?->isWaves() ?? false;
        $measure = ($this->typed->choice('measure', FlowMeasure::class) ?? FlowMeasure::Speed)->of($kind);
        $by = static fn (FlowMeasure $one): array => ! $waves && $measure === $one ? self::FREE : self::LEFT_OUT;
        $float = fn (string $other): array => $measure === FlowMeasure::Float && ! $waves && $this->typed->has($other)
            ? self::NEEDED : $by(FlowMeasure::Float);
        $ofFlow = $waves ? self::LEFT_OUT : self::FREE;
        $ofWaves = $waves ? self::FREE : self::LEFT_OUT;
        $ofSea = $kind?->isOpenSea() ?? false ? self::FREE : self::LEFT_OUT;

        return [
            ...array_fill_keys(['place', 'subject'], ['nullable', 'string', 'max:20']),
            'kind' => ['required', self::oneOf(WaterKind::cases())],
            'measure' => ['required', self::oneOf(FlowMeasure::cases())],
            'speed' => [...$by(FlowMeasure::Speed), new Quantity(Limit::WaterSpeed)],
            'drop' => [...$by(FlowMeasure::Drop), new Quantity(Limit::Drop)],
            'float_m' => [...$float('float_s'), new Quantity(Limit::FloatDistance)],
            'float_s' => [...$float('float_m'), new Quantity(Limit::FloatTime)],
            'period' => [...$kind?->comesInWaves() ?? false ? self::FREE : self::LEFT_OUT, new Quantity(Limit::WavePeriod)],
            'feature' => [...$ofFlow, new Quantity(Limit::TextureSize)],
            'height' => [...$ofWaves, new Quantity(Limit::WaveHeight)],
            'depth' => [...$ofSea, new Quantity(Limit::Depth)],
            'chop_period' => [...$ofSea, 'required_with:chop_height', new Quantity(Limit::WavePeriod, 'The chop’s period')],
            'chop_height' => [...$ofSea, 'required_with:chop_period', new Quantity(Limit::WaveHeight, 'The chop’s height')],
            'rhythm' => ['nullable', 'string', 'max:20'],
        ];
    }

    /** @return array<string, mixed> */
    private function also(): array
    {
        $also = $this->typed->choice('also', WaterKind::class);
        $free = static fn (bool $when): array => $when ? self::FREE : self::LEFT_OUT;

        return [
            'also' => ['nullable', self::oneOf(WaterKind::cases())],
            'also_speed' => [...$free($also !== null && ! $also->isWaves()), new Quantity(Limit::WaterSpeed)],
            'also_period' => [...$free($also?->isWaves() ?? false), new Quantity(Limit::WavePeriod)],
            'also_distance' => [...$free($also !== null), new Quantity(Limit::Distance)],
            'also_look' => [...($also === null ? self::LEFT_OUT : self::NEEDED), self::oneOf(Look::cases())],
        ];
    }

    /** @return array<string, mixed> */
    private function sky(): array
    {
        $by = $this->typed->choice('sky', CloudsBy::class) ?? CloudsBy::Nothing;
        $needed = static fn (CloudsBy $when): array => $by === $when ? self::NEEDED : self::LEFT_OUT;

        return [
            'sky' => ['nullable', self::oneOf(CloudsBy::cases())],
            'cloud_speed' => [...$needed(CloudsBy::Wind), new Quantity(Limit::CloudSpeed)],
            'cloud_base' => [...$needed(CloudsBy::Wind), new Quantity(Limit::CloudBase)],
            'cloud_elevation' => [...$needed(CloudsBy::Wind), new Quantity(Limit::CloudElevation)],
            'cloud_across' => [...$needed(CloudsBy::Wind), self::oneOf(CloudDrift::cases())],
            'cloud_share' => [...$needed(CloudsBy::Crossing), new Quantity(Limit::CrossingShare)],
            'cloud_s' => [...$needed(CloudsBy::Crossing), new Quantity(Limit::CrossingTime)],
            'cloud_look' => [...($by === CloudsBy::Nothing ? self::LEFT_OUT : self::FREE), self::oneOf(CloudLook::cases())],
            'wind' => [...self::FREE, new Quantity(Limit::Wind)],
            'support' => ['nullable', self::oneOf(Support::cases())],
        ];
    }

    /** @return array<string, mixed> */
    private function framing(): array
    {
        return [
            'camera' => [...self::NEEDED, Rule::in($this->shelf->cameras()->modelKeys())],
            'lens' => [...self::NEEDED, Rule::in($this->shelf->lenses()->modelKeys())],
            'focal' => [...self::NEEDED, new Quantity(Limit::FocalLength)],
            'distance' => [...self::NEEDED, new Quantity(Limit::Distance)],
            'oblique' => [...self::FREE, new Quantity(Limit::Oblique)],
            'sharp_near' => ['nullable', 'required_with:sharp_far', 'bail', new Quantity(Limit::SharpNear)],
            'sharp_far' => [...self::FREE, new Quantity(Limit::SharpFar)],
        ];
    }

    /** @return array<string, mixed> */
    private static function aim(): array
    {
        return [
            'look' => ['required', self::oneOf(Look::cases())],
            'look_was' => ['nullable', 'string', 'max:20'],
            'target' => ['nullable', 'bail', 'string', 'max:40', new CoreValue(ShutterTime::parse(...))],
            'after' => ['nullable', 'string', 'max:20'],
            'pick' => ['nullable', 'string', 'max:300'],
            'glass' => ['nullable', 'string', 'max:300'],
            'glass_was' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, mixed> */
    private function reading(): array
    {
        $time = ['string', 'max:40', new CoreValue(ShutterTime::parse(...))];

        return [
            'aperture' => [...self::NEEDED, 'max:40', new CoreValue(Aperture::parse(...))],
            'shutter' => [...self::NEEDED, 'max:40', new CoreValue(ShutterTime::parse(...))],
            'iso' => [...self::NEEDED, 'max:40', new CoreValue(Iso::parse(...))],
            'on' => ['array', 'max:60'],
            'on.*' => [Rule::in($this->shelf->filters()->modelKeys())],
            ...array_fill_keys(['must', 'off'], ['array', 'max:60']),
            ...array_fill_keys(['must.*', 'off.*'], [Rule::in($this->shelf->filters()->modelKeys())]),
            'pin_aperture' => [...self::FREE, 'string', 'max:40', new CoreValue(Aperture::parse(...))],
            'pin_iso' => [...self::FREE, 'string', 'max:40', new CoreValue(Iso::parse(...))],
            'bias' => [...self::FREE, new Quantity(Limit::HighlightBias)],
            'longest' => [...self::FREE, ...$time],
            'drift' => [...self::FREE, new Quantity(Limit::LightDrift)],
            'correction' => [...self::FREE, new Quantity(Limit::Correction)],
            'earlier_shutter' => [...self::FREE, ...$time],
            'earlier_minutes' => [...self::FREE, new Quantity(Limit::BetweenReadings)],
        ];
    }

    /**
     * Cheaper than the rule for enums, which is asked by name many times over for each field.
     *
     * @param  list<BackedEnum>  $cases
     */
    private static function oneOf(array $cases): In
    {
        return Rule::in(array_column($cases, 'value'));
    }
}
