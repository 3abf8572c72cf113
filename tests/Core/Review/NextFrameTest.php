<?php

declare(strict_types=1);

use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\Review\BlurVerdict;
use GentlePour\Review\NextFrame;

function after(float $openS, float $askedS, float $carried, ?BlurVerdict $blur, ?int $thirds): NextFrame
{
    return NextFrame::after(ShutterTime::ofSeconds($openS), ShutterTime::ofSeconds($askedS), Stops::of($carried), $blur, $thirds);
}

it('moves the target by a stop for the blur: the least change that is plainly seen (common practice)', function (): void {
    expect(after(2, 2, 0, BlurVerdict::TooCrisp, null)->target->seconds)->toBe(4.0)
        ->and(after(2, 2, 0, BlurVerdict::TooSmooth, null)->target->seconds)->toBe(1.0)
        ->and(after(2, 2, 0, BlurVerdict::Right, null)->target->seconds)->toBe(2.0)
        ->and(after(2, 2, 0, null, null)->target->seconds)->toBe(2.0);
});

it('gives a frame that came out two thirds too bright two thirds less', function (): void {
    expect(after(16, 16, 0, null, 2)->correction->value)->toBeAbout(-2 / 3, 1e-9)
        ->and(after(16, 16, -1, null, -1)->correction->value)->toBeAbout(-2 / 3, 1e-9);
});

it('counts the true open time: closed at half the time and right means half was right', function (): void {
    expect(after(8, 16, 0, null, 0)->correction->value)->toBeAbout(-1.0, 1e-9)
        ->and(after(8, 16, 0, null, -3)->correction->value)->toBeAbout(0.0, 1e-9);
});

it('keeps what was carried when nothing was said of the exposure', function (): void {
    expect(after(8, 16, 0.5, BlurVerdict::Right, null)->correction->value)->toBe(0.5);
});

it('refuses a verdict beyond five stops', function (): void {
    expect(fn () => after(8, 16, 0, null, 16))->toBeRefused('five stops', 'exposure_thirds');
});
