<?php

declare(strict_types=1);

use GentlePour\Exposure\ShutterTime;
use GentlePour\Outing\Support;
use GentlePour\Solving\WallKind;

it('has each support hold what it is known to at 5 m/s and 24 mm, and falls from there by 1 / (v² f) (judgement)', function (
    Support $support, float $holdsS,
): void {
    $wall = $support->wall(5, 24);
    expect($support->holdsS())->toBe($holdsS)->and($wall?->longest->seconds)->toBe($holdsS)->and($wall?->kind)->toBe(WallKind::Wind)
        ->and($support->wall(10, 48)?->longest->seconds)->toBe($holdsS / 8)
        ->and($support->wall(5, 48, 100)?->longest->seconds)->toBe(50.0)
        ->and($support->label())->not->toBe('');
})->with([[Support::Heavy, 960.0], [Support::Tripod, 480.0], [Support::Light, 120.0], [Support::Clamp, 240.0]]);

it('names every support in its own words', function (): void {
    expect(array_map(fn (Support $s): string => $s->label(), Support::cases()))
        ->toBe(['heavy tripod, weighted', 'tripod', 'light travel tripod', 'clamp or beanbag']);
});

it('is no wall in a calm, and is one from 1.5 m/s on', function (): void {
    expect(Support::Tripod->wall(1.49, 24))->toBeNull()->and(Support::Tripod->wall(0, 24))->toBeNull()
        ->and(Support::Tripod->wall(1.5, 24))->not->toBeNull()
        ->and(fn () => Support::Tripod->wall(-1, 24))->toBeRefused('wind', 'wind_m_s');
});

it('keeps to times that can be had: a quarter of a second at least, what the core takes at most, no lens below 8 mm', function (): void {
    expect(Support::Light->wall(60, 1000)?->longest->seconds)->toBe(ShutterTime::ofSeconds(0.25)->counted()->seconds)
        ->and(Support::Heavy->wall(1.5, 8, 1e9)?->longest->seconds)->toBe(ShutterTime::LONGEST_S)
        ->and(Support::Tripod->wall(5, 4)?->longest->seconds)->toBe(Support::Tripod->wall(5, 8)?->longest->seconds)
        ->and(Support::Tripod->wall(5, 8)?->longest->seconds)->toBe(1440.0);
});

it('says the wind and what it comes to', function (): void {
    expect(Support::Tripod->wall(5, 24)?->why)->toBe('wind 5 m/s: 8:00 at most')
        ->and(Support::Tripod->wall(7.5, 24)?->why)->toBe('wind 7.5 m/s: 3:35 at most')
        ->and(Support::Tripod->wall(7.55, 24)?->why)->toStartWith('wind 7.6 m/s')
        ->and(Support::Tripod->wall(7.46, 24)?->why)->toStartWith('wind 7.5 m/s');
});
