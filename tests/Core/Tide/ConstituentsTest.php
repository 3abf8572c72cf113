<?php

declare(strict_types=1);

use GentlePour\Tide\Constituents;
use GentlePour\Tide\MeanLongitudes;
use GentlePour\Tide\NodalCorrection;

it('takes a table of constituents with what is wrong in it left out or refused', function (): void {
    $table = Constituents::of([
        'constituents' => [
            'A2' => ['speed' => 28, 'doodson' => ['t' => 2, 's' => 0, 'h' => '0', 'p' => 'x', 'n' => 0, 'ps' => 0, '90' => 0],
                'members' => 'none'],
            'B4' => ['speed' => '56', 'members' => [['A2', 2], ['A2'], [3, 1], 'A2', ['A2', 'x'], 'by name' => ['A2', '1']]],
        ],
        'aliases' => ['TWICE' => 'B4', 'NOBODY' => 5],
    ]);
    $at = MeanLongitudes::at(0.0);
    expect($table->knows('TWICE'))->toBeTrue()->and($table->knows('NOBODY'))->toBeFalse()
        ->and($table->speed('TWICE'))->toBe(56.0)
        ->and($table->argument('A2', $at))->toBeAbout(2 * $at->hour, 1e-9)
        ->and($table->argument('B4', $at))->toBeAbout(3 * $table->argument('A2', $at), 1e-9)
        ->and(fn () => Constituents::of(['constituents' => ['C' => ['speed' => 'fast']]]))->toBeRefused('The constituent “C” has no speed.')
        ->and(fn () => Constituents::of(['constituents' => ['C' => 5]]))->toBeRefused('The constituent “C” has no speed.')
        ->and(Constituents::of([])->knows('A2'))->toBeFalse();
});

it('reads the table of constituents, and refuses one without speeds', function (): void {
    $table = Constituents::of([
        'constituents' => [
            'A1' => ['speed' => 15.0, 'doodson' => [1, 0, 0, 0, 0, 0, 90], 'members' => []],
            'B2' => ['speed' => '30', 'doodson' => null, 'members' => [['A1', 2], ['M2', -1]]],
            'M2' => ['speed' => 28.98, 'doodson' => [2, 0, 0, 0, 0, 0, 0]],
        ],
        'aliases' => ['BB' => 'B2', 'bad' => 3],
    ]);
    $at = MeanLongitudes::at(0.0);
    expect($table->knows('A1'))->toBeTrue()
        ->and($table->knows('BB'))->toBeTrue()
        ->and($table->knows('bad'))->toBeFalse()
        ->and($table->knows('Z0'))->toBeFalse()
        ->and($table->speed('BB'))->toBe(30.0)
        ->and($table->argument('BB', $at))->toBeAbout(2 * $table->argument('A1', $at) - $table->argument('M2', $at), 1e-9)
        ->and($table->correction('BB', $at)[1])->toBeAbout(-$table->correction('M2', $at)[1], 1e-12)
        ->and($table->correction('BB', $at)[0])->toBeAbout($table->correction('M2', $at)[0], 1e-12)
        ->and(fn () => Constituents::of(['constituents' => ['A1' => ['doodson' => []]]]))->toBeRefused('“A1” has no speed')
        ->and(fn () => Constituents::of(['constituents' => ['A1' => 'fast']]))->toBeRefused('“A1” has no speed')
        ->and(Constituents::of([])->knows('M2'))->toBeFalse();
});

it('has the mean longitudes of 1900 that the tables give, s 270.44, h 279.70, p 334.33, N 259.18, p1 281.22 (Schureman 1940; from memory)', function (): void {
    $noon = (float) gmmktime(12, 0, 0, 12, 31, 1899);
    $at = MeanLongitudes::at($noon);
    expect($at->moon)->toBeAbout(270.44, 0.02)->and($at->sun)->toBeAbout(279.70, 0.02)->and($at->lunarPerigee)->toBeAbout(334.33, 0.03)
        ->and($at->lunarNode)->toBeAbout(259.18, 0.02)->and($at->solarPerigee)->toBeAbout(281.22, 0.02);
    // The lunar hour counts from noon here: a quarter of a day is 90°, less what the moon has gained on the sun.
    foreach ([6, 12, 18] as $hours) {
        $later = MeanLongitudes::at($noon + 3600 * $hours);
        expect(fmod($later->hour - 15 * $hours - ($later->sun - $later->moon) + 1080, 360))->toBeAbout(0.0, 1e-6)
            ->and(fmod($later->moon - $at->moon + 360, 360))->toBeAbout(13.17640 * $hours / 24, 0.001);
    }
    expect(fmod($at->hour - ($at->sun - $at->moon) + 1080, 360))->toBeAbout(0.0, 1e-6);
});

it('corrects Mm and M3 by their closed forms of the node and the perigee (IHO Tidal Committee, Annex A)', function (string $date): void {
    $at = MeanLongitudes::at(at($date));
    [$node, $perigee] = [deg2rad($at->lunarNode), deg2rad($at->lunarPerigee)];
    expect(NodalCorrection::of('Mm', $at))->toBe([
        1 - 0.1311 * cos($node) + 0.0538 * cos(2 * $perigee) + 0.0205 * cos(2 * $perigee - $node), 0.0,
    ])->and(NodalCorrection::of('M3', $at)[0])->toBeAbout(NodalCorrection::of('M2', $at)[0] ** 1.5, 1e-12)
        ->and(NodalCorrection::of('M3', $at)[1])->toBeAbout(-3.21 * sin($node), 1e-12)
        ->and(NodalCorrection::of('S2', $at)[0] ?? 1.0)->toBeAbout(1.0, 0.01);
})->with(['1992-02-29', '2026-11-26', '2039-06-01']);

it('turns alpha2 by the angle between the perigees of moon and sun (IHO Tidal Committee, Annex A)', function (string $date): void {
    $at = MeanLongitudes::at(at($date));
    $apart = deg2rad($at->lunarPerigee - $at->solarPerigee);
    [$f, $u] = NodalCorrection::of('alpha2', $at);
    expect($f * cos(deg2rad($u)))->toBeAbout(1 - 0.0446 * cos($apart), 1e-12)->and($f * sin(deg2rad($u)))->toBeAbout(-0.0446 * sin($apart), 1e-12);
})->with(['1992-02-29', '2026-11-26', '2039-06-01']);

it('counts the fifth Doodson number backwards, as the moon’s node goes (Doodson 1921)', function (): void {
    $at = MeanLongitudes::at(at('2026-11-26'));
    expect($at->argument([0, 0, 0, 0, 1, 0, 0]))->toBe(-$at->lunarNode)->and($at->argument([0, 0, 0, 0, -2, 0, 1]))->toBe(2 * $at->lunarNode + 90.0);
});
