<?php

declare(strict_types=1);

use GentlePour\Motion\WaterKind;
use GentlePour\Outing\Cautions;

it('warns at the edge of every water of what that water does (common practice of lifeguards and coastguards)', function (WaterKind $kind): void {
    $says = match ($kind) {
        WaterKind::Swell, WaterKind::Chop, WaterKind::Backwash, WaterKind::Foam => 'never turn your back on it',
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
