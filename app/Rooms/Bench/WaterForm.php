<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Decimal;
use App\Forms\Refusal;
use App\Forms\Typed;
use GentlePour\InvalidValue;
use GentlePour\Motion\Framing;
use GentlePour\Motion\MovingWater;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;
use GentlePour\Units;

/** The water on the bench. */
final readonly class WaterForm
{
    /** The core's names for what the form calls otherwise. */
    private const CORE_FIELDS = [
        'drop_m' => 'drop', 'float.distance_m' => 'float_m', 'float.seconds' => 'float_s', 'feature_m' => 'feature',
        'peak_period_s' => 'period',
        'significant_height_m' => 'height', 'depth_m' => 'depth', 'chop.peak_period_s' => 'chop_period',
        'chop.significant_height_m' => 'chop_height',
    ];

    /** @param  int  $rhythmId  of the measurement that its period comes from; nought without one */
    private function __construct(
        public int $rhythmId,
        public FlowMeasure $measure,
        public WaterSpec $spec,
    ) {
    }

    public static function of(Typed $typed): self
    {
        $kind = $typed->choice('kind', WaterKind::class) ?? throw InvalidValue::missing('The water')->at('kind');
        $measure = ($typed->choice('measure', FlowMeasure::class) ?? FlowMeasure::Speed)->of($kind);
        $flows = ! $kind->isWaves();
        $by = static fn (FlowMeasure $one, string $field): ?float => $flows && $measure === $one ? $typed->number($field) : null;
        $float = $flows && $measure === FlowMeasure::Float && ($typed->has('float_m') || $typed->has('float_s'));
        $sea = $kind->isOpenSea();
        $chop = $sea && $typed->has('chop_period') && $typed->has('chop_height');

        return new self($typed->id('rhythm'), $measure, new WaterSpec(
            $kind,
            $by(FlowMeasure::Speed, 'speed'),
            $by(FlowMeasure::Drop, 'drop'),
            $float ? [$typed->needed('float_m'), $typed->needed('float_s')] : null,
            $flows ? $typed->number('feature') : null,
            $kind->comesInWaves() ? $typed->number('period') : null,
            $flows ? null : $typed->number('height'),
            $sea ? $typed->number('depth') : null,
            $chop ? [$typed->needed('chop_period'), $typed->needed('chop_height')] : null,
        ));
    }

    /** What is reckoned with where nothing was measured, in words; null where something was. */
    public function guess(Units $units = new Units): ?string
    {
        $usual = $this->spec->kind->usual();
        $said = array_map(static fn (string $field): string => match ($field) {
            'speed_m_s' => $units->speedAbout($usual),
            'significant_height_m' => $units->about(WaterSpec::HEIGHT_M, 0),
            default => Decimal::write($usual).' s',
        }, $this->spec->guessed());

        return $said === [] ? null : implode(', ', $said).', a guess';
    }

    public function kind(): WaterKind
    {
        return $this->spec->kind;
    }

    /** @throws InvalidValue at the field of the form that the core refuses */
    public function in(Framing $framing): MovingWater
    {
        return Refusal::renamed(
            ['speed_m_s' => $this->measure->field()] + self::CORE_FIELDS, fn (): MovingWater => $this->spec->orUsual()->in($framing),
        );
    }
}
