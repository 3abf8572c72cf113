<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Typed;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Motion\Look;

/** What is aimed at: the look that was pressed, the time that was set, or the time that falls out of the glass that was chosen. */
final readonly class AimForm
{
    /**
     * @param  ShutterTime|null  $target  null where the look says
     * @param  string  $targetText  as typed
     * @param  string  $pick  the stack of the way that was picked, by its label; empty for the best
     * @param  string  $glass  the stack whose time is the target, by its label; empty where another leads
     * @param  int  $afterId  the frame that taught the correction; nought without one
     */
    private function __construct(
        public Look $look,
        public ?ShutterTime $target,
        public string $targetText,
        public string $pick,
        public string $glass,
        public int $afterId,
    ) {
    }

    /** The glass that was pressed lets go of the target, a look that was pressed of both, a time that was set of the glass. */
    public static function of(Typed $typed): self
    {
        $look = $typed->choice('look', Look::class) ?? throw InvalidValue::missing('The look')->at('look');
        $glass = $typed->text('glass');
        $glassPressed = $glass !== '' && $typed->has('look_was') && $typed->text('glass_was') !== $glass;
        $lookPressed = ! $glassPressed && $typed->has('look_was') && $typed->text('look_was') !== $look->value;
        $target = $glassPressed || $lookPressed ? '' : $typed->text('target');

        return new self(
            $look, $target === '' ? null : $typed->shutter('target'), $target, $glassPressed ? '' : $typed->text('pick'),
            $lookPressed || $target !== '' ? '' : $glass, $typed->id('after'),
        );
    }
}
