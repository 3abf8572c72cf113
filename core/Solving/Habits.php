<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** The schools of the trade that change which way is put first. Each is held for a reason, so each can be chosen. */
final readonly class Habits
{
    public function __construct(
        public ApertureHabit $aperture = ApertureHabit::Best,
        public IsoHabit $iso = IsoHabit::Lowest,
        public HighlightHabit $highlights = HighlightHabit::Protect,
        public NoiseReductionHabit $noiseReduction = NoiseReductionHabit::Later,
        public FramesHabit $frames = FramesHabit::One,
    ) {
    }
}
