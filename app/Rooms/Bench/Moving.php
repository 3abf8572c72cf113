<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Decimal;
use App\Models\Camera;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\InvalidValue;
use GentlePour\Motion\CloudLook;
use GentlePour\Motion\Clouds;
use GentlePour\Motion\Dispersion;
use GentlePour\Motion\Flow;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\LookTarget;
use GentlePour\Motion\MovingWater;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\Waves;
use GentlePour\Motion\WaveSpectrum;

/** Everything that moves in the picture on the bench: its water, another water in it, and the clouds over it. */
final readonly class Moving
{
    /** Shares of the clouds' drift that run across the view. */
    public const ACROSS = ['across' => 1.0, 'slanting' => 0.7, 'towards' => 0.0];

    private function __construct(
        public WaterKind $kind,
        public Framing $framing,
        public MovingWater $water,
        public LookBands $bands,
        public ?MovingPart $also,
        public ?Clouds $clouds,
        public ?MovingPart $sky,
    ) {
    }

    /**
     * @param  array<string, mixed>  $inputs  validated
     *
     * @throws InvalidValue when they do not go together
     */
    public static function of(array $inputs, Camera $camera): self
    {
        $text = static fn (string $field): string => is_scalar($inputs[$field] ?? null) ? trim((string) $inputs[$field]) : '';
        $number = static fn (string $field): float => Decimal::read($text($field));

        $kind = WaterKind::from($text('kind'));
        $framing = new Framing($camera->sensor(), $number('focal'), $number('distance'), $text('oblique') === '' ? 0.0 : $number('oblique'));
        $water = self::water($text, $kind, $framing);
        $clouds = self::clouds($text, $framing);

        return new self($kind, $framing, $water, LookBands::of($water, $framing), self::also($text, $framing), $clouds, $clouds === null ? null : self::sky($text, $clouds));
    }

    /** @return list<MovingPart> besides the water itself */
    public function others(): array
    {
        return array_values(array_filter([$this->also, $this->sky]));
    }

    /** @param  callable(string): string  $text */
    private static function water(callable $text, WaterKind $kind, Framing $framing): MovingWater
    {
        $number = static fn (string $field): float => Decimal::read($text($field));
        if ($kind->isWaves()) {
            $seas = [WaveSpectrum::ofPeriod($number('period'), WaveSpectrum::WIND_SEA, $text('height') === '' ? 1.0 : $number('height'))];
            if ($text('chop_period') !== '' && $text('chop_height') !== '') {
                if ($text('height') === '') {
                    throw InvalidValue::missing('The height of the swell, to add a chop to it,')->at('height');
                }
                $seas[] = Field::at('chop_period', static fn (): WaveSpectrum => WaveSpectrum::ofPeriod($number('chop_period'), WaveSpectrum::WIND_SEA, $number('chop_height')));
            }

            return Field::at('depth', static fn (): Waves => Waves::ofSeas($seas, $framing, 0.3, $text('depth') === '' ? Dispersion::DEEP_M : $number('depth')));
        }
        [$field, $speed] = match (true) {
            $text('measure') === 'float' => ['float_s', Flow::speedOfFloat($number('float_m'), $number('float_s'))],
            $text('measure') === 'drop' && $kind->falls() => ['drop', Flow::speedOfDrop($kind, $number('drop'))],
            default => ['speed', $number('speed')],
        };

        return Field::at($field, static fn (): Flow => Flow::of($speed, $text('feature') === '' ? (float) $kind->featureM() : $number('feature'), $framing));
    }

    /** @param  callable(string): string  $text */
    private static function also(callable $text, Framing $framing): ?MovingPart
    {
        $kind = WaterKind::tryFrom($text('also'));
        if ($kind === null) {
            return null;
        }
        $distance = $text('also_distance') === '' ? $framing->distanceM : Decimal::read($text('also_distance'));
        $its = new Framing($framing->sensor, $framing->focalLengthMm, $distance, $framing->obliqueDeg);
        $water = $kind->isWaves()
            ? Field::at('also_period', static fn (): Waves => Waves::ofPeriod(Decimal::read($text('also_period')), $its))
            : Field::at('also_speed', static fn (): Flow => Flow::of(Decimal::read($text('also_speed')), (float) $kind->featureM(), $its));
        $bands = LookBands::of($water, $its);
        $look = Look::tryFrom($text('also_look')) ?? Look::Silk;
        $window = $bands->band($look)?->window() ?? throw (new InvalidValue("This water never looks {$look->value} at its distance."))->at('also_look');

        return new MovingPart(
            'Also', number_format($water->speedMS(), 1).' m/s', MovingPart::waterBands($bands), new LookTarget('the '.$kind->label(), $look->value, $window),
            static fn (float $s): array => MovingPart::stroke($its->streakMm($water->speedMS(), $s) / $its->sensor->widthMm, $water->textureKept($s)),
        );
    }

    /** @param  callable(string): string  $text */
    private static function clouds(callable $text, Framing $framing): ?Clouds
    {
        $number = static fn (string $field, float $default): float => $text($field) === '' ? $default : Decimal::read($text($field));

        return match ($text('sky')) {
            'crossing' => Field::at('cloud_s', static fn (): Clouds => Clouds::ofCrossing($number('cloud_share', 33) / 100, $number('cloud_s', 60))),
            'wind' => Field::at('cloud_speed', static fn (): Clouds => Clouds::ofWind(
                $number('cloud_speed', 10), $number('cloud_base', 1000), $number('cloud_elevation', 20), self::ACROSS[$text('cloud_across')] ?? 1.0,
                $framing->focalLengthMm, $framing->sensor->widthMm,
            )),
            default => null,
        };
    }

    /** @param  callable(string): string  $text */
    private static function sky(callable $text, Clouds $clouds): MovingPart
    {
        $look = CloudLook::tryFrom($text('cloud_look'));

        return new MovingPart(
            'Sky', sprintf('%.2f %%/s', 100 * $clouds->sharePerSecond),
            array_map(static fn (array $b): array => ['look' => $b['look']->value, 'words' => $b['look']->words(), 'minS' => $b['minS'], 'maxS' => $b['maxS']], $clouds->bands()),
            $look === null ? null : new LookTarget('the clouds', $look->value, self::cloudWindow($clouds, $look)),
            static fn (float $s): array => MovingPart::stroke($clouds->streakShare($s), 1 / (1 + 6 * $clouds->streakShare($s))),
        );
    }

    private static function cloudWindow(Clouds $clouds, CloudLook $look): ShutterWindow
    {
        return Field::at('cloud_look', static fn (): ShutterWindow => $clouds->window($look));
    }
}
