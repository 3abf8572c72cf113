<?php

declare(strict_types=1);

use App\Models\Place;
use App\Models\TideSource;
use App\Rooms\Places\DayScenes;
use App\Tide\PlaceTide;

beforeEach(function (): void {
    $this->place = Place::factory()->create([
        'name' => 'The Ledge', 'latitude' => 56.53, 'longitude' => -9.86, 'facing_deg' => 115, 'timezone' => 'Europe/London',
        'tide' => TideSource::Station,
        'station_id' => 'demo/orra-haven', 'stand_m' => 5.8, 'way_out_m' => 5.4,
    ]);
});

it('shows horizon, ground and coast of a place, and the horizon alone while it is asked for', function (): void {
    $this->get('/places/'.$this->place->id.'?day=2026-12-04')->assertOk()->assertSee('Sun in the frame')->assertSee('data-ground', false)
        ->assertSee('Not for navigation')->assertSee('1:10,000,000');
    $this->get("/places/{$this->place->id}/horizon?day=2026-12-04&facing=200&focal=50&tilt=10&upright=1")->assertOk()
        ->assertSee('27° by 40°')->assertDontSee('<html', false);
    // And of a place with marks, which were read with nothing else.
    $this->get('/places/2/horizon?day=2026-12-04&facing=200&focal=50')->assertOk()->assertSee('data-horizon', false);
});

it('says at the field what no lens can be, and draws the rest all the same', function (array $asked, string $field, string $words): void {
    $answer = $this->get("/places/{$this->place->id}/horizon?".http_build_query(['day' => '2026-12-04'] + $asked))->assertStatus(422)
        ->assertSee($words)->assertSee("lens-{$field}-problem", false);
    expect($answer->getContent())->toContain('data-horizon');
    $this->get("/places/{$this->place->id}?".http_build_query(['day' => '2026-12-04'] + $asked))->assertOk()->assertSee($words);
})->with([
    [['facing' => '400'], 'facing', 'The facing'], [['facing' => 'north'], 'facing', 'must be a number'],
    [['focal' => '0.5'], 'focal', 'The focal length'], [['tilt' => '89'], 'tilt', 'The tilt'],
    [['tilt' => '1e400'], 'tilt', 'must be a number'],
]);

it('is there without a position, without a camera, at a pole and over the cut of the map', function (array $of): void {
    $place = Place::factory()->create($of);
    $this->get('/places/'.$place->id.'?day=2026-06-21')->assertOk()->assertSee('Ground');
})->with([[[]], [['latitude' => 90, 'longitude' => 0]], [['latitude' => -89.9, 'longitude' => 12, 'facing_deg' => 0]],
    [['latitude' => 66.5, 'longitude' => 179.95, 'facing_deg' => 360]], [['latitude' => 0, 'longitude' => -180]]]);

it('keeps the skyline, and everything reckons with it: the light of the board, what the sun is, the windows', function (): void {
    $before = app(DayScenes::class)->of($this->place, new DateTimeImmutable('2026-12-04'));
    $noon = (float) strtotime('2026-12-04 12:30 UTC');
    $this->put("/places/{$this->place->id}/around", ['skyline' => '100 30, 260 30'])->assertRedirect();
    $place = $this->place->fresh(['marks', 'outings', 'subjects']);
    $after = app(DayScenes::class)->of($place, new DateTimeImmutable('2026-12-04'));
    expect($place->skyline)->toBe('100 30, 260 30')
        ->and($after->light?->ev100($noon))->toBeLessThan((float) $before->light?->ev100($noon) - 0.5);
    $this->get("/places/{$place->id}?day=2026-12-04")->assertSee('sun behind the skyline')->assertSee('Sun over the skyline');
    // Taken away, the sky is open again.
    $this->put("/places/{$place->id}/around", ['skyline' => ''])->assertRedirect();
    expect($place->fresh()?->skyline)->toBeNull()->and($place->fresh()?->observer()?->skyline->isOpen())->toBeTrue();
});

it('draws a skyline that is tried, counts the sun over it, and offers to keep it; what is kept stays as it was', function (): void {
    $this->place->update(['skyline' => '100 5, 140 5']);
    $asked = fn (array $more): string => "/places/{$this->place->id}/horizon?".http_build_query(['day' => '2026-12-04'] + $more);
    $shown = static fn (string $page): string => preg_match('#<dt>Sun over the skyline</dt><dd>([^<]*)#', $page, $m) === 1 ? $m[1] : 'open';
    $kept = (string) $this->get($asked([]))->assertOk()->assertSee('value="100 5, 140 5"', false)->getContent();
    $tried = (string) $this->get($asked(['skyline' => '0 60, 360 60']))->assertOk()->assertSee('value="0 60, 360 60"', false)->getContent();
    $open = (string) $this->get($asked(['skyline' => '']))->assertOk()->getContent();
    expect($shown($kept))->toContain(' to ')->and($shown($tried))->toBe('not this day')->and($shown($open))->toBe('open')
        ->and(preg_match('/data-keep-skyline\s+hidden/', $kept))->toBe(1)->and(preg_match('/data-keep-skyline\s+hidden/', $tried.$open))->toBe(0)
        ->and($this->place->fresh()?->skyline)->toBe('100 5, 140 5');
    // Nothing is sent where nothing is tried: it is the one that is kept, were it changed in another tab.
    expect($kept)->toContain('data-tried-skyline disabled')->and($tried)->not->toContain('data-tried-skyline disabled');
    // By compass: three degrees or so west of true here.
    expect($this->get($asked(['skyline' => '100M 5, 140M 5']))->assertOk()->getContent())->toContain('value="100M 5, 140M 5"');
    // Without scripts it comes by the address of the place, and stands in the field that keeps it.
    $this->get("/places/{$this->place->id}?day=2026-12-04&skyline=0+60,+360+60")->assertOk()->assertSee('>0 60, 360 60</textarea>', false);
});

it('says what is wrong with a skyline that is tried, and draws the one that is kept', function (string $skyline, string $words): void {
    $this->place->update(['skyline' => '0 60, 360 60']);
    $this->get("/places/{$this->place->id}/horizon?".http_build_query(['day' => '2026-12-04', 'skyline' => $skyline]))->assertStatus(422)
        ->assertSee('The skyline is not drawn')->assertSee($words, false)->assertSee('<dd>not this day</dd>', false);
})->with([['100', 'is no point'], ['100 95', 'altitude'], ['200 5, 100 5, 300 5', 'more than once'], [str_repeat('1 1, ', 900), 'characters']]);

it('goes by the lowest leg of the way out when it says when to leave, where that is lower than what was typed', function (): void {
    $curve = app(PlaceTide::class)->curve($this->place, $from = (float) strtotime('2026-11-25 00:00 UTC'), $from + 86400);
    $leave = fn (): ?float => app(PlaceTide::class)->getOff($this->place->fresh(), $curve, $from)?->reachedUnix;
    $before = $leave();
    $this->put("/places/{$this->place->id}/around", ['way_out' => '270 20 4.6, 300 30 6.0'])->assertRedirect();
    expect($this->place->fresh()?->lowestOfWayOutM())->toBe(4.6)->and($leave())->toBeLessThan((float) $before);
    // A higher leg does not make the way out drier than it was typed.
    $this->put("/places/{$this->place->id}/around", ['way_out' => '270 20 6.1'])->assertRedirect();
    expect($this->place->fresh()?->lowestOfWayOutM())->toBe(5.4)->and($leave())->toBe($before);
});

it('refuses at the field what is no skyline, way or direction, and keeps what was typed', function (string $field, string $typed, string $words): void {
    $this->from("/places/{$this->place->id}")->put("/places/{$this->place->id}/around",
        [$field => $typed])->assertSessionHasErrorsIn('around', $field);
    $this->get("/places/{$this->place->id}")->assertSee($words)->assertSee($typed)->assertSee("f-{$field}-problem", false);
    expect($this->place->fresh()?->getAttribute($field))->toBeNull();
})->with([
    ['skyline', '90 5, 80 5, 70 5', 'more than once'], ['skyline', 'a cliff', 'is no point'], ['way_out', '90 10', 'is no leg'],
    ['swell_from_deg', '720', 'The direction of the swell'],
]);

it('keeps the facing that the frame was dragged to', function (): void {
    $this->put("/places/{$this->place->id}/facing", ['facing' => '200.4'])
        ->assertRedirect()->assertSessionHas('done', 'The Ledge faces 200° now.');
    expect($this->place->fresh()?->facing_deg)->toBe(200.4);
    $this->put("/places/{$this->place->id}/facing", ['facing' => ''])->assertSessionHasErrorsIn('around', 'facing');
});

it('is open to the sky where an old backup brought what cannot be read', function (): void {
    $this->place->update(['skyline' => 'nonsense', 'way_out' => 'likewise']);
    $this->get("/places/{$this->place->id}")->assertOk()->assertSee('nonsense');
    expect($this->place->observer()?->skyline->isOpen())->toBeTrue()->and($this->place->wayOut())->toBeNull();
});
