<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Typed;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Motion\Look;

/** What is aimed at: the look that was pressed, or the time that was set. */
final readonly class AimForm
{
    /**
     * @param  ShutterTime|null  $target  null where the look says
     * @param  string  $targetText  as typed
     * @param  string  $pick  the key of the way that was picked; empty for the best
     * @param  int  $afterId  the frame that taught the correction; nought without one
     */
    private function __construct(
        public Look $look,
        public ?ShutterTime $target,
        public string $targetText,
        public string $pick,
        public int $afterId,
    ) {
    }

    /** A look that was pressed lets go of the target. */
    public static function of(Typed $typed): self
    {
        $look = $typed->choice('look', Look::class) ?? throw InvalidValue::missing('The look')->at('look');
        $pressed = $typed->has('look_was') && $typed->text('look_was') !== $look->value;
        $target = $pressed ? '' : $typed->text('target');

        return new self($look, $target === '' ? null : $typed->shutter('target'), $target, $typed->text('pick'), $typed->id('after'));
    }
}
