<?php

declare(strict_types=1);

use App\Models\Frame;
use App\Models\Place;
use App\Rooms\Learned\PlacesRemember;
use GentlePour\Review\WhatWorked;

it('says what the log has taught, with counts, and offers to look for it again', function (): void {
    $page = $this->get('/learned')->assertOk()->assertSee('Marrow Shelf')->assertSee('3 keepers of 5')->assertSee('rising')
        ->assertSee('Fifteen')->assertSee('Times you kept');
    preg_match('#href="([^"]*/almanac\?[^"]*)"#', (string) $page->getContent(), $found);
    $this->get(html_entity_decode($found[1]))->assertOk()->assertSee('windows at Marrow Shelf');
});

it('says nothing from fewer than three keepers, and begins the job in an empty house', function (): void {
    Frame::query()->where('place_id', Place::query()->where('name', 'Marrow Shelf')->value('id'))->where('keeper',
        'keeper')->oldest('id')->firstOrFail()->update(['keeper' => null]);
    $this->get('/learned')->assertOk()->assertDontSee('keepers of 5');
    Frame::query()->delete();
    App\Models\Calibration::query()->delete();
    $this->get('/learned')->assertOk()->assertSee('Nothing yet')->assertSee('No filter was measured');
});

it('puts what worked in words', function (array $conditions, string $words): void {
    $frames = array_map(static fn (array $c): GentlePour\Review\TakenUnder => new GentlePour\Review\TakenUnder(true, ...$c),
        array_fill(0, 3, $conditions));
    expect(PlacesRemember::words(WhatWorked::of($frames) ?? throw new LogicException))->toBe($words);
})->with([
    [[4.24, true, 3.0, -80.0], 'Best at 4.2 to 4.3 m, rising, with low sun from the left: 3 keepers of 3.'],
    [[null, null, 30.0, 20.0], 'Best with a high sun ahead: 3 keepers of 3.'],
    [[2.0, false, -5.0, 0.0], 'Best at 2.0 m, falling, with the sun down: 3 keepers of 3.'],
    [[null, null, 3.0, null], 'Best with low sun: 3 keepers of 3.'],
]);
