<?php

declare(strict_types=1);

use GentlePour\Motion\WaterKind;
use GentlePour\Outing\Cautions;

it('warns at the edge of every water of what that water does (common practice of lifeguards and coastguards)', function (WaterKind $kind): void {
    $says = match ($kind) {
        WaterKind::Surf, WaterKind::Swell, WaterKind::Chop, WaterKind::Backwash, WaterKind::Foam => 'never turn your back on it',
        WaterKind::Lake => 'cold water takes the breath',
        WaterKind::Plunge, WaterKind::Cascade, WaterKind::Weir, WaterKind::Rapid, WaterKind::River => 'Rivers rise after rain upstream',
    };
    $cautions = Cautions::for($kind);

    expect($cautions)->toHaveCount(3)->and($cautions[0])->toContain($says)->and($cautions[0])->toMatch('/dry/')
        ->and($cautions[1])->toContain('swell sets, surge, spates or weather')->toContain('Tell someone')
        ->and($cautions[2])->toContain('Official tables')->toContain('lifeguards and coastguards decide');
    foreach ($cautions as $caution) {
        expect($caution)->not->toMatch('/\\bsafe\\b/i');
    }
})->with(WaterKind::cases());

it('says the cautions in full', function (): void {
    expect(Cautions::for(WaterKind::Swell)[0])->toBe(
        'Watch the water for a full quarter of an hour before going down; never turn your back on it; leave while the way out is dry.',
    )->and(Cautions::for(WaterKind::Lake)[0])->toBe(
        'Wet rock is slippery, and cold water takes the breath; wind raises waves within minutes. Keep a dry way out.',
    )->and(Cautions::for(WaterKind::River)[0])->toBe('Rivers rise after rain upstream, and wet rock is slippery; keep a dry way out.');
});
