<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Camera;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Lens;
use GentlePour\Kit\Mount;
use GentlePour\Kit\Sensor;
use GentlePour\Outing\PocketCard;

/** @param  array<string, float>  $strengths */
function cardBag(array $strengths): Bag
{
    return new Bag(
        new Camera(new Sensor(36, 24), Iso::of(100), null, Iso::of(1600), ShutterTime::onDial(15)),
        new Lens(24, Aperture::named(4), Aperture::named(22)),
        array_map(
            static fn (string $n, float $s): Filter => Filter::of($n, FilterKind::NeutralDensity, Mount::Slot, Stops::of($s)),
            array_keys($strengths), array_values($strengths),
        ),
        1, true,
    );
}

function cardCell(PocketCard $card, string $base, string $column): ?string
{
    $place = array_search($column, array_column($card->columns, 'name'), true);
    foreach ($card->rows as $row) {
        if ($row['base'] === $base) {
            return $row['cells'][(int) $place]['label'] ?? null;
        }
    }

    return null;
}

it('says what every photographer’s card says, by the school of the printed names (common practice)', function (
    string $base, string $column, string $exact, string $card,
): void {
    $bag = cardBag(['Six' => 6, 'Ten' => 10, 'Fifteen' => 15]);

    expect(cardCell(PocketCard::of($bag), $base, $column))->toBe($exact)
        ->and(cardCell(PocketCard::of($bag, false, true), $base, $column))->toBe($card);
})->with([
    ['1/60', 'Ten', '15 s', '15 s'],
    ['1/30', 'Ten', '30 s', '30 s'],
    ['1/8', 'Ten', '2:10', '2:00'],
    ['1/2', 'Ten', '8:30', '8:00'],
    ['1/8', 'Six', '8 s', '8 s'],
    ['1/2', 'Six', '30 s', '30 s'],
    ['1/30', 'Six', '2 s', '2 s'],
    ['1/125', 'Fifteen', '4:15', '4:00'],
    ['1/15', 'Fifteen', '34:10', '32:00'],
]);

it('marks where bulb begins, and lengthens film', function (): void {
    $card = PocketCard::of(cardBag(['Ten' => 10]));
    $bulb = array_map(static fn (array $row): bool => $row['cells'][0]['bulb'] ?? true, $card->rows);
    $sorted = $bulb;
    sort($sorted);

    expect($bulb)->toBe($sorted)->and(in_array(true, $bulb, true))->toBeTrue()->and(in_array(false, $bulb, true))->toBeTrue();
});

it('has a row each third of a stop when asked, and a column for each strength once', function (): void {
    $card = PocketCard::of(cardBag(['Six' => 6, 'Also six' => 6.05, 'Three' => 3]), true);

    expect(count($card->rows))->toBe(40)->and(array_column($card->columns, 'name'))->toBe(['Three', 'Six']);
});

it('writes CSV that reads back, names with commas and all', function (): void {
    $csv = PocketCard::of(cardBag(['Six, the "old" one' => 6, 'Ten' => 10]))->csv();
    $rows = array_map(static fn (string $line): array => str_getcsv($line, ',', '"', ''), explode("\r\n", trim($csv)));

    expect($rows[0][1])->toBe('Six, the "old" one (6 stops)')->and(array_unique(array_map(count(...), $rows)))->toBe([5]);
    foreach (array_slice($rows, 1) as $row) {
        expect((float) $row[4] / (float) $row[2])->toBeWithinStops(16, 0.35);
    }
});

it('is empty for a bag without filters', function (): void {
    expect(PocketCard::of(cardBag([]))->columns)->toBe([])->and(PocketCard::of(cardBag([]))->csv())->toContain('base shutter');
});

// By hand: 1/60 is 1/64 s; a hundred times that is 1.56 s, which the dial calls 1.6; 2^15 times 512 s, counted as 510.
it('writes every row of the card, whole stops of the dial, and nothing beyond two hours', function (): void {
    expect(PocketCard::of(cardBag(['One, "hundred"' => 6.6438, 'Fifteen' => 15]))->csv())->toBe(implode("\r\n", [
        'base shutter,"One, ""hundred"" (6.64 stops)",seconds,Fifteen (15 stops),seconds',
        '1/2000,1/20,0.0496,15 s,16', '1/1000,1/10,0.0992,30 s,32', '1/500,1/5,0.1984,1:04,64', '1/250,0.4 s,0.3969,2:10,130',
        '1/125,0.8 s,0.7937,4:15,255', '1/60,1.6 s,1.5874,8:30,510', '1/30,3.2 s,3.1748,17:05,1025', '1/15,6 s,6.3496,34:10,2050',
        '1/8,13 s,12.6992,1:08:15,4095', '1/4,25 s,25.3984,,', '1/2,50 s,50,,', '1,1:40,100,,', '2,3:20,200,,', '4,6:40,400,,', '',
    ]));
});

it('shows the strengths of single filters first, as many columns as fit on A6, from the weakest to the darkest', function (): void {
    $bag = cardBag(['Ten' => 10, 'One' => 1, 'Six' => 6, 'Three' => 3]);
    $two = new Bag($bag->camera, $bag->lens, $bag->filters, 2, true);
    $card = PocketCard::of($two);

    expect(array_column($card->columns, 'stops'))->toBe([1.0, 3.0, 4.0, 6.0, 7.0, 9.0, 10.0, 11.0])
        ->and($card->columns)->toHaveCount(PocketCard::COLUMNS)->and(array_column($card->columns, 'name'))->toContain('Three + One')
        ->and(count($card->rows))->toBe(14);
    // A half stop apart are two columns, a tenth is one.
    expect(array_column(PocketCard::of(cardBag(['A' => 6, 'B' => 6.5, 'C' => 6.6]))->columns, 'name'))->toBe(['A', 'B'])
        ->and(array_column(PocketCard::of(cardBag(['A' => 6, 'B' => 6.2]))->columns, 'name'))->toBe(['A', 'B']);
});

it('writes no formula into its table, whatever a filter is called', function (string $name, string $cell): void {
    $lines = explode("\r\n", PocketCard::of(bag([nd($name, 6)]))->csv());

    expect($lines[0])->toBe("base shutter,{$cell},seconds");
})->with([
    ['=1+1', "'=1+1 (6 stops)"], ['+six', "'+six (6 stops)"], ['-six', "'-six (6 stops)"], ['@six', "'@six (6 stops)"],
    ['=HYPERLINK("x";"y")', "\"'=HYPERLINK(\"\"x\"\";\"\"y\"\") (6 stops)\""], ['Six', 'Six (6 stops)'],
    ['Six, soft', '"Six, soft (6 stops)"'],
]);
