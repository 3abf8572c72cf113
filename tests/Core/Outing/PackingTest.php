<?php

declare(strict_types=1);

use GentlePour\Outing\Packing;
use GentlePour\Outing\PackItem;

/** @return array<string, string> words by key */
function packed(mixed ...$facts): array
{
    return array_column(array_map(fn (PackItem $i): array => [$i->key, $i->words], Packing::of(...$facts)), 1, 0);
}

it('packs the kit, what the sea and the dark ask for, and batteries for the open time with one to spare (common practice)', function (): void {
    $sea = packed(['Body', 'Ten'], true, 130.0, 60.0, true, true);
    expect($sea)->toHaveKeys(['kit:Body', 'kit:Ten', 'tripod', 'release', 'cards', 'cloths', 'blower', 'tide', 'headlamp', 'phone',
        'clothes'])
        // 130 minutes at 60 a battery are three; and one more.
        ->and($sea['batteries'])->toBe('4 batteries, charged');
    $fall = packed([], false, 0.0, null, false, false);
    expect($fall)->not->toHaveKeys(['release', 'tide', 'headlamp'])->and($fall['batteries'])->toBe('2 batteries, charged');
});

it('knows each thing by a key of its own', function (): void {
    $keys = array_map(fn (PackItem $i): string => $i->key, Packing::of(['Body', 'Ten'], true, 10.0, null, true, true));
    expect(array_unique($keys))->toBe($keys);
});

/** @return list<string> each thing with what is said of it */
function packedWhole(mixed ...$facts): array
{
    return array_map(static fn (PackItem $i): string => "{$i->key}|{$i->words}|{$i->why}", Packing::of(...$facts));
}

it('is a whole list, in the order in which a bag is packed (common practice)', function (): void {
    expect(packedWhole(['Body', 'Ten'], true, 130.4, 60.0, true, true, true))->toBe([
        'kit:Body|Body|', 'kit:Ten|Ten|', 'tripod|Tripod, plate on the camera|feet and joints rinsed afterwards',
        'release|Release, and its spare battery|',
        'batteries|4 batteries, charged|130 minutes open are planned; cold halves them', 'cards|Card, empty, and a spare one|',
        'cloths|Cloths, dry, in a bag that closes|spray on the glass spoils more frames than anything',
        'blower|Blower and brush|sand is blown off before it is wiped', 'hood|Hood|',
        'umbrella|Umbrella, and a cover for the camera|rain is forecast', 'card|The pocket card, printed|',
        'tide|The official tide table, printed|a phone gets wet',
        'headlamp|Headlamp with red light, charged|', 'phone|Phone, charged, in something dry|', 'clothes|Waterproofs and boots that grip|',
    ]);
    // At a fall by day, without a release, in the dry: rain is not taken for granted.
    expect(packedWhole([], false, 1.4, null, false, false))->toBe([
        'tripod|Tripod, plate on the camera|', 'batteries|2 batteries, charged|about a minute open is planned; cold halves them',
        'cards|Card, empty, and a spare one|',
        'cloths|Cloths, dry, in a bag that closes|spray on the glass spoils more frames than anything', 'blower|Blower and brush|',
        'hood|Hood|', 'card|The pocket card, printed|',
        'phone|Phone, charged, in something dry|', 'clothes|Waterproofs and boots that grip|',
    ]);
});

it('counts batteries by the open time of one, and by an hour where nothing is known of it', function (float $openMinutes, ?float $each, string $words, string $why): void {
    $batteries = array_values(array_filter(Packing::of([], false, $openMinutes, $each, false, false),
        static fn (PackItem $i): bool => $i->key === 'batteries'))[0];
    expect($batteries->words)->toBe($words)->and($batteries->why)->toStartWith($why);
})->with([
    [60.0, null, '2 batteries, charged', '60 minutes'], [61.0, null, '3 batteries, charged', '61 minutes'],
    [61.0, 90.0, '2 batteries, charged', '61 minutes'],
    [1.49, null, '2 batteries, charged', 'about a minute'], [1.5, null, '2 batteries, charged', '2 minutes'],
]);
