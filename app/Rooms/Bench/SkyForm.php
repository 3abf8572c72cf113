<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Refusal;
use App\Forms\Typed;
use GentlePour\InvalidValue;
use GentlePour\Motion\CloudDrift;
use GentlePour\Motion\CloudLook;
use GentlePour\Motion\Clouds;
use GentlePour\Motion\Framing;
use GentlePour\Outing\Support;
use GentlePour\Solving\Wall;
use GentlePour\Units;

/** The air on the bench: the clouds over the picture, and the wind at the tripod. */
final readonly class SkyForm
{
    private const CORE_FIELDS = [
        'speed_m_s' => 'cloud_speed', 'base_m' => 'cloud_base', 'elevation_deg' => 'cloud_elevation', 'across' => 'cloud_across',
        'frame_share' => 'cloud_share', 'seconds' => 'cloud_s',
    ];

    /**
     * @param  CloudLook|null  $look  null while nothing is wanted of them
     * @param  Support|null  $support  null for the one in the bag
     */
    private function __construct(
        private CloudsBy $by,
        private ?float $speedMS,
        private ?float $baseM,
        private ?float $elevationDeg,
        private CloudDrift $drift,
        private ?float $sharePercent,
        private ?float $seconds,
        public ?CloudLook $look,
        public ?float $windMS,
        private ?Support $support,
    ) {
    }

    public static function of(Typed $typed): self
    {
        return new self(
            $typed->choice('sky', CloudsBy::class) ?? CloudsBy::Nothing,
            $typed->number('cloud_speed'),
            $typed->number('cloud_base'),
            $typed->number('cloud_elevation'),
            $typed->choice('cloud_across', CloudDrift::class) ?? CloudDrift::Across,
            $typed->number('cloud_share'),
            $typed->number('cloud_s'),
            $typed->choice('cloud_look', CloudLook::class),
            $typed->number('wind'),
            $typed->choice('support', Support::class),
        );
    }

    /** @throws InvalidValue at the field of the form that the core refuses */
    public function clouds(Framing $framing): ?Clouds
    {
        return Refusal::renamed(self::CORE_FIELDS, fn (): ?Clouds => match ($this->by) {
            CloudsBy::Nothing => null,
            CloudsBy::Crossing => Clouds::ofCrossing(
                self::said($this->sharePercent, 'cloud_share') / 100, self::said($this->seconds, 'cloud_s'),
            ),
            CloudsBy::Wind => Clouds::ofWind(
                self::said($this->speedMS, 'cloud_speed'), self::said($this->baseM, 'cloud_base'),
                self::said($this->elevationDeg, 'cloud_elevation'),
                $this->drift->across(), $framing->focalLengthMm, $framing->sensor->widthMm,
            ),
        });
    }

    /** @return list<Wall> what the wind allows on this support */
    public function walls(Gear $gear): array
    {
        if ($this->windMS === null) {
            return [];
        }
        $support = $this->support ?? $gear->carry->support;
        $wall = Refusal::at('wind', fn (): ?Wall => $support->wall(
            $this->windMS, $gear->equivalentMm(), $support === $gear->carry->support ? $gear->carry->holdsS : null,
            resolve(Units::class),
        ));

        return $wall === null ? [] : [$wall];
    }

    private static function said(?float $value, string $field): float
    {
        return $value ?? throw InvalidValue::missing('This')->at($field);
    }
}
