<?php

declare(strict_types=1);

use GentlePour\Compass\MagneticField;
use GentlePour\Compass\MagneticModel;
use GentlePour\InvalidValue;
use GentlePour\Sky\Observer;

const YEAR_2025 = 1735689600.0;

/** The World Magnetic Model 2025, as it ships. */
function magneticModel(): MagneticModel
{
    $data = json_decode((string) file_get_contents(dirname(__DIR__, 3).'/data/magnetic.json'), true);

    return MagneticModel::of((float) $data['epoch'], $data['terms']);
}

/** A magnet in the middle of the earth, along its axis and across it. */
function magnet(float $along, float $across = 0.0, float $aYear = 0.0): MagneticModel
{
    return MagneticModel::of(2025.0, [[1, 0, $along, 0.0, $aYear, 0.0], [1, 1, $across, 0.0, 0.0, 0.0]]);
}

it('has the field of geomagnetism 0.2, which works the same model out by code of its own, to 0.3 nT and a hundredth of a degree', function (): void {
    $rows = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/Reference/magnetic.json'), true);
    expect($rows)->toHaveCount(96);
    $model = magneticModel();
    foreach ($rows as $row) {
        $field = $model->at(new Observer($row['latitude'], $row['longitude']), $row['at']);
        // The time of a year is counted in years of 365 days there, and of 365.25 here: a few tenths of a nanotesla.
        expect($field->northNT)->toBeAbout($row['north'], 0.3)->and($field->eastNT)->toBeAbout($row['east'], 0.3)
            ->and($field->downNT)->toBeAbout($row['down'], 0.3);
        if ($field->levelNT() > 2000) {
            expect(abs($field->variationDeg() - $row['variation']))->toBeLessThan(0.01);
        }
    }
});

it('is that of a magnet in the middle: tan dip = 2 tan latitude, twice as strong at the poles (closed form)', function (float $latitude): void {
    $field = magnet(-30_000.0)->at(new Observer($latitude, 77.0), YEAR_2025);
    [$fromAxis, $fromEquator] = (new Observer($latitude, 77.0))->geocentricKm();
    $middle = atan2($fromEquator, $fromAxis);
    // From the level ground, which the earth's flatness turns by up to a fifth of a degree.
    $dip = atan(2 * tan($middle)) - deg2rad($latitude) + $middle;
    $strength = 30_000.0 * (6371.2 / hypot($fromAxis, $fromEquator)) ** 3 * sqrt(1 + 3 * sin($middle) ** 2);
    expect($field->dipDeg())->toBeAbout(rad2deg($dip), 1e-6)->and($field->variationDeg())->toBeAbout(0.0, 1e-9)
        ->and(hypot($field->levelNT(), $field->downNT))->toBeAbout($strength, 1e-3);
})->with([-75.0, -30.0, 0.0, 15.0, 45.0, 60.0, 86.0]);

it('points along a magnet that lies across the axis', function (): void {
    // Its north lies on the equator at 180 degrees: there the compass stands, on the equator it points along it.
    $magnet = magnet(0.0, 30_000.0);
    expect($magnet->at(new Observer(0.0, 90.0), YEAR_2025)->variationDeg())->toBeAbout(90.0, 1e-9)
        ->and($magnet->at(new Observer(0.0, -90.0), YEAR_2025)->variationDeg())->toBeAbout(-90.0, 1e-9)
        ->and($magnet->at(new Observer(40.0, 180.0), YEAR_2025)->variationDeg())->toBeAbout(180.0, 1e-6)
        ->and($magnet->at(new Observer(40.0, 0.0), YEAR_2025)->variationDeg())->toBeAbout(0.0, 1e-6);
});

it('drifts evenly from its epoch on, by years of 365.25 days', function (): void {
    $at = static fn (float $years): float => magnet(-30_000.0, aYear: 100.0)->at(new Observer(0.0, 0.0), YEAR_2025 + $years * 31_557_600)->northNT;
    $scale = (6371.2 / 6378.137) ** 3;
    // The year 2025 began most of a day before 25 such years were over.
    expect($at(0.0))->toBeAbout(30_000.0 * $scale, 0.3)->and($at(2.5))->toBeAbout(29_750.0 * $scale, 0.3)
        ->and($at(-4.9))->toBeAbout(30_490.0 * $scale, 0.3);
});

it('is of use five years before its epoch and ten after, and says so beyond', function (): void {
    $model = magneticModel();
    $in = static fn (int $year): MagneticField => $model->at(new Observer(50.0, -5.0), (float) gmmktime(0, 0, 0, 7, 1, $year));
    expect($in(2020)->levelNT())->toBeGreaterThan(15_000.0)->and($in(2034)->levelNT())->toBeGreaterThan(15_000.0);
    foreach ([2019, 2035, 1970, 2200] as $year) {
        expect(static fn (): MagneticField => $in($year))->toThrow(InvalidValue::class,
            'The model of the earth’s magnetism that is kept here is of 2025: give the bearing from true north.');
    }
});

it('knows which way compasses are off (common knowledge of 2025, to the degree)', function (float $latitude, float $longitude, float $west, float $east): void {
    expect(magneticModel()->at(new Observer($latitude, $longitude), YEAR_2025 + 3e7)->variationDeg())->toBeGreaterThan($west)->toBeLessThan($east);
})->with([
    'south of England: about nought' => [51.0, -1.5, -1.0, 1.5],
    'Iceland: some eleven west' => [64.0, -20.0, -14.0, -8.0],
    'New Zealand: some twenty-three east' => [-42.0, 173.0, 20.0, 26.0],
    'South of Africa: some twenty-five west' => [-34.0, 19.0, -29.0, -22.0],
]);

it('trusts no compass near a magnetic pole, and bears the poles of the earth', function (): void {
    expect((new MagneticField(2000.0, 0.0, 50_000.0))->variationDeg())->toBe(0.0)
        ->and(static fn (): float => (new MagneticField(1999.0, 0.0, 50_000.0))->variationDeg())
        ->toThrow(InvalidValue::class, 'So near the magnetic pole no compass can be trusted: give the bearing from true north.')
        ->and((new MagneticField(0.0, -3000.0, 0.0))->variationDeg())->toBe(-90.0)
        ->and((new MagneticField(3000.0, 4000.0, 5000.0))->dipDeg())->toBeAbout(45.0, 1e-9);
    foreach ([-90.0, 90.0] as $pole) {
        $field = magneticModel()->at(new Observer($pole, 0.0), YEAR_2025);
        expect(is_finite($field->northNT) && is_finite($field->eastNT) && is_finite($field->downNT))->toBeTrue()
            ->and(hypot($field->levelNT(), $field->downNT))->toBeGreaterThan(50_000.0)->toBeLessThan(70_000.0);
    }
});
