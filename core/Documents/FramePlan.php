<?php

declare(strict_types=1);

namespace GentlePour\Documents;

use GentlePour\InvalidValue;
use GentlePour\Measuring\CrestRhythm;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Outing\Step;

/**
 * What was planned of one frame, with everything that led to it, as it is kept: a document of its own version, which stands when kit,
 * places and models have changed.
 */
final readonly class FramePlan
{
    /** Version 1 was written without saying so; version 2 knows where all looks of the water lie, and whether the camera takes its time. */
    public const VERSION = 2;

    /**
     * @param  float  $middleS  of its look, whatever was aimed at
     * @param  string|null  $moment  when to open, in words
     * @param  float  $texture  share kept at the planned time
     * @param  float|null  $waves  in the planned time; null where there are none
     * @param  list<Step>  $steps
     * @param  list<string>  $cautions
     * @param  string|null  $purpose  of a frame of a list
     * @param  list<LookBand>  $looks  of this water as it was framed; none in version 1
     * @param  bool  $noiseInCamera  whether the camera is busy for as long again after the frame
     * @param  string|null  $guess  what stood for a measurement that was not made
     */
    public function __construct(
        public PlannedWay $way,
        public float $minS,
        public float $bestS,
        public float $maxS,
        public float $middleS,
        public ?CrestRhythm $rhythm,
        public ?string $moment,
        public string $readingLabel,
        public float $ev100,
        public float $speedMS,
        public float $featureM,
        public float $texture,
        public ?float $waves,
        public float $longestTimedS,
        public array $steps,
        public array $cautions,
        public ?string $purpose = null,
        public ?string $guess = null,
        public array $looks = [],
        public bool $noiseInCamera = false,
    ) {
    }

    /** @throws InvalidValue when it is no such document, or of a version that is not known yet */
    public static function read(Fields $in): self
    {
        if ($in->has('version') && $in->whole('version') > self::VERSION) {
            throw $in->refusal('version', 'This frame was written by a newer version.');
        }
        [$window, $reading, $water] = [$in->child('window'), $in->child('reading'), $in->child('water')];

        return new self(
            PlannedWay::read($in->child('way')),
            $window->number('min_s'),
            $window->number('best_s'),
            $window->number('max_s'),
            $window->numberOr('middle_s', $window->number('best_s')),
            $in->has('rhythm') ? self::rhythm($in->child('rhythm')) : null,
            $in->has('moment') ? $in->text('moment') : null,
            $reading->text('label'),
            $reading->number('ev100'),
            $water->number('speed_m_s'),
            $water->number('feature_m'),
            $water->number('texture'),
            $water->has('waves') ? $water->number('waves') : null,
            $in->number('longest_timed_s'),
            array_map(
                static fn (Fields $s): Step => new Step($s->text('key'), $s->text('title'), $s->text('detail'), $s->text('skipped')),
                $in->children('steps'),
            ),
            $in->texts('cautions'),
            $in->has('purpose') ? $in->text('purpose') : null,
            $in->has('guess') ? $in->text('guess') : null,
            self::looks($in),
            $in->flagOr('noise_in_camera', false),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'version' => self::VERSION,
            'way' => $this->way->toArray(),
            'window' => ['min_s' => $this->minS, 'best_s' => $this->bestS, 'max_s' => $this->maxS, 'middle_s' => $this->middleS],
            'rhythm' => $this->rhythm === null ? null : self::rhythmToArray($this->rhythm),
            'moment' => $this->moment,
            'reading' => ['label' => $this->readingLabel, 'ev100' => $this->ev100],
            'water' => [
                'speed_m_s' => $this->speedMS, 'feature_m' => $this->featureM, 'texture' => $this->texture, 'waves' => $this->waves,
            ],
            'longest_timed_s' => $this->longestTimedS,
            'steps' => array_map(
                static fn (Step $s): array => ['key' => $s->key, 'title' => $s->title, 'detail' => $s->detail, 'skipped' => $s->skipped],
                $this->steps,
            ),
            'cautions' => $this->cautions,
            'purpose' => $this->purpose,
            'guess' => $this->guess,
            'looks' => self::looksToArray($this->looks),
            'noise_in_camera' => $this->noiseInCamera,
        ];
    }

    /**
     * Each look begins where the one before it ends; glass has no end.
     *
     * @return list<LookBand>
     */
    private static function looks(Fields $in): array
    {
        $looks = [];
        $from = null;
        foreach ($in->has('looks') ? $in->numbersByName('looks') : [] as $name => $to) {
            $looks[] = new LookBand(Look::tryFrom($name) ?? throw $in->refusal('looks', "“{$name}” is no look."), $from, $to);
            $from = $to;
        }

        return $looks === [] ? [] : [...$looks, new LookBand(Look::Glass, $from, null)];
    }

    /**
     * @param  list<LookBand>  $looks
     * @return array<string, float>|null by name, where each ends
     */
    private static function looksToArray(array $looks): ?array
    {
        $ends = [];
        foreach ($looks as $band) {
            if ($band->maxS !== null) {
                $ends[$band->look->value] = $band->maxS;
            }
        }

        return $ends === [] ? null : $ends;
    }

    private static function rhythm(Fields $in): CrestRhythm
    {
        return new CrestRhythm(
            $in->number('period_s'), $in->has('spread_s') ? $in->number('spread_s') : null, $in->number('at_ms'),
            $in->has('set_apart_s') ? $in->number('set_apart_s') : null, $in->has('set_at_ms') ? $in->number('set_at_ms') : null,
        );
    }

    /** @return array<string, float|null> as the page counts by it, too */
    public static function rhythmToArray(CrestRhythm $rhythm): array
    {
        return [
            'period_s' => $rhythm->periodS, 'spread_s' => $rhythm->spreadS, 'at_ms' => $rhythm->atMs, 'set_apart_s' => $rhythm->setApartS,
            'set_at_ms' => $rhythm->setAtMs, 'sure_waves' => $rhythm->sureForWaves(),
        ];
    }
}
