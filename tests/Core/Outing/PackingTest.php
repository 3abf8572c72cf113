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
    expect($sea)->toHaveKeys(['kit:Body', 'kit:Ten', 'tripod', 'release', 'cards', 'cloths', 'blower', 'tide', 'headlamp', 'phone', 'clothes'])
        // 130 minutes at 60 a battery are three; and one more.
        ->and($sea['batteries'])->toBe('4 batteries, charged');
    $fall = packed([], false, 0.0, null, false, false);
    expect($fall)->not->toHaveKeys(['release', 'tide', 'headlamp'])->and($fall['batteries'])->toBe('2 batteries, charged');
});

it('knows each thing by a key of its own', function (): void {
    $keys = array_map(fn (PackItem $i): string => $i->key, Packing::of(['Body', 'Ten'], true, 10.0, null, true, true));
    expect(array_unique($keys))->toBe($keys);
});
