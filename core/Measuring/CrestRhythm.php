<?php

declare(strict_types=1);

namespace GentlePour\Measuring;

/**
 * A rhythm that was pressed with the crests, to count on by, on the clock of the device that heard it. Waves are no clockwork: each adds
 * its own spread, so that after n of them the next crest is unsure by the spread times the root of n, as of any sum of independent
 * errors. Past half a period nothing is left to say.
 */
final readonly class CrestRhythm
{
    /** The spread where none was measured, as a share of the period. Judgement. */
    private const USUAL_SPREAD = 1 / 6;

    public float $spreadS;

    /**
     * @param  float|null  $spreadS  half the spread between the quartiles
     * @param  float  $atMs  of the last press, since 1970
     * @param  float|null  $setApartS  between the starts of two sets, where sets were heard
     * @param  float|null  $setAtMs  when the next set is due
     */
    public function __construct(
        public float $periodS,
        ?float $spreadS,
        public float $atMs,
        public ?float $setApartS = null,
        public ?float $setAtMs = null,
    ) {
        $this->spreadS = $spreadS ?? self::USUAL_SPREAD * $periodS;
    }

    /** How many waves after the last press a crest can still be foretold. */
    public function sureForWaves(): float
    {
        return ($this->periodS / 2 / max(1e-6, $this->spreadS)) ** 2;
    }

    /**
     * The same for whoever only looks up: by the spread as a share of the period, rising.
     *
     * @return list<array{float, float}>
     */
    public static function sureByShare(): array
    {
        return array_map(static fn (int $percent): array => [
            $percent / 100, (new self(1.0, $percent / 100, 0.0))->sureForWaves(),
        ], [5, 7, 10, 12, 15, 17, 20, 25, 30, 40, 50]);
    }
}
