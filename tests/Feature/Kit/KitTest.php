<?php

declare(strict_types=1);

use App\Models\Camera;
use App\Models\Filter;
use App\Models\Lens;
use Illuminate\Http\UploadedFile;

it('shows what is packed', function (): void {
    $this->get('/kit')->assertOk()->assertSee('Ten')->assertSee('9.6 stops, measured')->assertSee('at home')->assertSee('Wide zoom');
});

it('adds a filter by its marking', function (): void {
    $this->post('/kit/filter', ['name' => 'Nine', 'kind' => 'nd', 'marking' => 'ND512', 'mount' => 'slot'])->assertRedirect('/kit');

    expect(Filter::query()->where('name', 'Nine')->firstOrFail()->stops)->toBeAbout(9.0, 1e-6);
});

it('lets the person say which meaning an ambiguous marking has', function (): void {
    $this->post(
        '/kit/filter', ['name' => 'As stops', 'kind' => 'nd', 'marking' => 'ND4', 'reading' => '1', 'mount' => 'slot'],
    )->assertRedirect('/kit');
    $this->post(
        '/kit/filter', ['name' => 'As factor', 'kind' => 'nd', 'marking' => 'ND4', 'reading' => '0', 'mount' => 'slot'],
    )->assertRedirect('/kit');

    expect(Filter::query()->where('name', 'As stops')->value('stops'))->toEqual(4.0)
        ->and(Filter::query()->where('name', 'As factor')->value('stops'))->toEqual(2.0);
    $this->get('/kit/marking?kind=nd&marking=ND4')->assertSee('factor 4')->assertSee('4 stops');
});

it('adds variable, polarising and unmeasured filters as they are', function (): void {
    $this->post(
        '/kit/filter', ['name' => 'Turn', 'kind' => 'variable', 'marking' => 'ND2-400', 'mount' => 'thread', 'thread_mm' => '77'],
    )->assertRedirect('/kit');
    $this->post('/kit/filter', ['name' => 'Glare', 'kind' => 'polariser', 'marking' => '', 'mount' => 'thread'])->assertRedirect('/kit');
    $this->post(
        '/kit/filter', ['name' => 'Welder', 'kind' => 'welding', 'marking' => 'shade eleven', 'mount' => 'slot'],
    )->assertRedirect('/kit');

    expect(Filter::query()->where('name', 'Turn')->value('lightest_stops'))->toEqual(1.0)
        ->and(Filter::query()->where('name', 'Glare')->firstOrFail()->toKit()->stops()?->value)->toBe(1.5)
        ->and(Filter::query()->where('name', 'Welder')->firstOrFail()->toKit()->stops())->toBeNull();
    $this->get('/bench')->assertOk();
});

it('refuses bad kit at the field and keeps what was typed', function (string $item, array $sent, string $field): void {
    $valid = [
        'camera' => [
            'name' => 'New', 'sensor_width_mm' => '36', 'sensor_height_mm' => '24', 'iso_base' => '100', 'iso_max' => '1600',
            'longest_timed' => '30',
        ],
        'lens' => ['name' => 'New', 'focal_min_mm' => '24', 'widest' => 'f/4', 'smallest' => 'f/22'],
        'filter' => ['name' => 'New', 'kind' => 'nd', 'marking' => '6 stops', 'mount' => 'slot'],
    ][$item];
    $this->from("/kit/{$item}/new")->post(
        "/kit/{$item}", $sent + $valid,
    )->assertRedirect("/kit/{$item}/new")->assertSessionHasErrors($field);
    $this->get("/kit/{$item}/new")->assertSee('id="f-'.$field.'-problem"', false);
    $this->postJson("/kit/{$item}", $sent + $valid)->assertStatus(422);
})->with([
    ['camera', ['name' => ''], 'name'],
    ['camera', ['name' => 'Small body'], 'name'],
    ['camera', ['sensor_width_mm' => '0'], 'sensor_width_mm'],
    ['camera', ['iso_base' => 'low'], 'iso_base'],
    ['camera', ['iso_max' => '50'], 'iso_max'],
    ['camera', ['iso_low' => '200'], 'iso_low'],
    ['camera', ['pixels_wide' => '12'], 'pixels_wide'],
    ['camera', ['longest_timed' => 'ever'], 'longest_timed'],
    ['lens', ['focal_min_mm' => '-1'], 'focal_min_mm'],
    ['lens', ['focal_max_mm' => '12'], 'focal_max_mm'],
    ['lens', ['widest' => 'big'], 'widest'],
    ['lens', ['smallest' => 'f/2'], 'smallest'],
    ['lens', ['thread_mm' => '5'], 'thread_mm'],
    ['filter', ['marking' => 'dark'], 'marking'],
    ['filter', ['marking' => ''], 'marking'],
    ['filter', ['kind' => 'fog'], 'kind'],
    ['filter', ['kind' => 'variable', 'marking' => 'ND8'], 'marking'],
    ['filter', ['measured_stops' => '99'], 'measured_stops'],
    ['filter', ['mount' => 'glue'], 'mount'],
    ['filter', ['name' => 'Six'], 'name'],
]);

it('edits and removes kit', function (): void {
    $this->get('/kit/camera/1')->assertOk()->assertSee('Full-frame body');
    $this->put(
        '/kit/camera/1',
        [
            'name' => 'Full-frame body', 'sensor_width_mm' => '36', 'sensor_height_mm' => '24', 'iso_base' => '64', 'iso_max' => '3200',
            'longest_timed' => '60',
        ],
    )->assertRedirect('/kit');
    expect(Camera::query()->findOrFail(1)->iso_max)->toBeWithinShare(3200, 1e-9);
    $this->delete('/kit/lens/1')->assertRedirect('/kit');
    expect(Lens::query()->find(1))->toBeNull();
    $this->get('/kit/lens/1')->assertNotFound();
    $this->get('/kit/tripod/new')->assertNotFound();
});

it('leaves a filter at home with one press, and the bench forgets it', function (): void {
    $six = Filter::query()->where('name', 'Six')->firstOrFail();
    $this->get('/bench?'.http_build_query(benchQuery()))->assertSee('way=Six%7C', false);
    $this->put("/kit/filter/{$six->id}/packed", ['packed' => '0'])->assertRedirect('/kit');
    $this->get('/bench?'.http_build_query(benchQuery()))->assertDontSee('way=Six%7C', false);
});

it('keeps holder, rings and release', function (): void {
    $this->put('/kit/carry', ['slots' => '3', 'release' => '0', 'rings' => '67-77, 72–77'])->assertRedirect('/kit');
    expect(settings()->read('carry'))->toEqual(
        ['slots' => 3, 'release' => false, 'rings' => [[67, 77], [72, 77]], 'adapters' => [], 'holds_s' => null, 'support' => 'tripod'],
    );
    $this->put('/kit/carry', ['slots' => '3', 'adapters' => '67, 77', 'support' => 'light', 'holds' => '5m'])->assertRedirect('/kit');
    expect(settings()->read('carry')['holds_s'])->toEqual(300)->and(settings()->read('carry')['adapters'])->toEqual([67, 77]);
    $this->put('/kit/carry', ['slots' => '3', 'holds' => 'ages'])->assertSessionHasErrors('holds');
    $this->put('/kit/carry', ['slots' => '3', 'adapters' => 'wide'])->assertSessionHasErrors('adapters');
    $this->put('/kit/carry', ['slots' => '9'])->assertSessionHasErrors('slots');
    $this->put('/kit/carry', ['slots' => '2', 'rings' => 'big to small'])->assertSessionHasErrors('rings');
});

it('keeps habits, and the bench ranks by them', function (): void {
    $this->put(
        '/kit/habits', ['aperture' => 'stopped_down', 'iso' => 'lowest', 'highlights' => 'protect', 'noise_reduction' => 'in_camera'],
    )->assertRedirect('/kit');
    $this->get('/bench')->assertSee('keeps it busy')->assertSee('stopped down');
    $this->put(
        '/kit/habits', ['aperture' => 'odd', 'iso' => 'lowest', 'highlights' => 'protect', 'noise_reduction' => 'later'],
    )->assertSessionHasErrors('aperture');
});

it('writes the kit as one document by its own schema, and takes it in again in another bag', function (): void {
    Camera::query()->firstOrFail()->update(['battery_minutes' => 90, 'reciprocity' => 1.3]);
    Filter::query()->where('name', 'Ten')->firstOrFail()->update(['cast_red' => -0.2, 'cast_blue' => 0.4, 'measured_on' => '2026-10-01']);
    $json = (string) $this->get('/kit/file')->assertOk()->assertHeader(
        'Content-Disposition', 'attachment; filename="gentle-pour-kit.json"',
    )->getContent();
    $before = json_decode($json, true);
    expect($before['format'])->toBe('gentle-pour-kit-1')
        ->and($before['filters'][2]['measured_on'])->toBe('2026-10-01')
        ->and($before['cameras'][0]['reciprocity'])->toBe(1.3);

    Camera::query()->delete();
    Filter::query()->delete();
    settings()->write('carry', ['slots' => 0, 'release' => false, 'rings' => []]);
    $this->post(
        '/kit/file', ['kit' => UploadedFile::fake()->createWithContent('kit.json', $json)],
    )->assertRedirect('/kit')->assertSessionHasNoErrors();
    $after = json_decode((string) $this->get('/kit/file')->getContent(), true);
    unset($before['exported_at'], $after['exported_at']);
    expect($after)->toEqual($before);
});

it('publishes the schema', function (): void {
    $schema = json_decode((string) $this->get('/schemas/kit.json')->assertOk()->getContent(), true);
    expect($schema['$id'])->toBe('urn:gentle-pour:kit:1');
});

it('refuses a kit file that is none, in whole and saying where', function (string $json, string $said): void {
    $before = Filter::query()->count();
    $this->post('/kit/file', ['kit' => UploadedFile::fake()->createWithContent('kit.json', $json)])->assertSessionHasErrors('kit');
    expect(session('errors')->first('kit'))->toContain($said)->and(Filter::query()->count())->toBe($before);
})->with([
    'no JSON' => ['{', 'not JSON'],
    'a list' => ['[]', 'schema'],
    'another format' => ['{"format": "other", "cameras": [], "lenses": [], "filters": []}', '/format'],
    'a kind that is none' => [
        '{"format": "gentle-pour-kit-1", "cameras": [], "lenses": [], "filters": [{"name": "A", "kind": "pink", "mount": "slot"}]}',
        '/filters/0/kind',
    ],
    'a day that is none' => [
        '{"format": "gentle-pour-kit-1", "cameras": [], "lenses": [], "filters": [{"name": "A", "kind": "nd", "mount": "slot", "stops": 3, "measured_on": "2026-13-45"}]}',
        '/filters/0/measured_on',
    ],
    'too dark' => [
        '{"format": "gentle-pour-kit-1", "cameras": [], "lenses": [], "filters": [{"name": "A", "kind": "nd", "mount": "slot", "stops": 99}]}',
        '/filters/0/stops',
    ],
    'what the core refuses' => [
        '{"format": "gentle-pour-kit-1", "cameras": [], "lenses": [], "filters": [{"name": "Fine", "kind": "nd", "mount": "slot", "stops": 3}, {"name": "B", "kind": "variable", "mount": "slot", "stops": 3}]}',
        'filters.1',
    ],
    'an upside-down lens' => [
        '{"format": "gentle-pour-kit-1", "cameras": [], "filters": [], "lenses": [{"name": "L", "focal_min_mm": 24, "focal_max_mm": 70, "widest_f": 8, "smallest_f": 4}]}',
        'lenses.0',
    ],
]);

it('asks for a kit file when none was chosen', function (): void {
    $this->post('/kit/file')->assertSessionHasErrors('kit');
});

it('keeps everything a piece of kit can say', function (): void {
    $this->post(
        '/kit/camera',
        [
            'name' => 'Film body', 'sensor_width_mm' => '36', 'sensor_height_mm' => '24', 'iso_base' => '100', 'iso_max' => '100',
            'longest_timed' => '1 s', 'battery_minutes' => '600', 'reciprocity' => '1,31',
        ],
    )->assertSessionHasNoErrors();
    $this->post(
        '/kit/lens',
        [
            'name' => 'Slow zoom', 'focal_min_mm' => '18', 'focal_max_mm' => '200', 'widest' => 'f/4', 'smallest' => 'f/22',
            'widest_long' => 'f/5.6', 'best_from' => 'f/8', 'best_to' => 'f/11',
        ],
    )->assertSessionHasNoErrors();
    $this->post(
        '/kit/filter',
        [
            'name' => 'Hard', 'kind' => 'graduated', 'marking' => '0.6', 'mount' => 'slot', 'edge' => 'hard', 'measured_on' => '2026-11-20',
            'cast_red' => '0.1', 'cast_blue' => '-0,2',
        ],
    )->assertSessionHasNoErrors();
    $lens = Lens::query()->where('name', 'Slow zoom')->firstOrFail();
    $filter = Filter::query()->where('name', 'Hard')->firstOrFail();

    expect(Camera::query()->where('name', 'Film body')->firstOrFail()->toKit()->reciprocity)->toBe(1.31)
        ->and($lens->toKitAt(18)->widest->label())->toBe('f/4')
        ->and($lens->toKitAt(200)->widest->label())->toBe('f/5.6')
        ->and($lens->toKitAt(60)->preferred[0]->label())->toBe('f/8')
        ->and($filter->toKit()->graduation()?->value)->toBeAbout(1.99, 0.01)
        ->and($filter->toKit()->cast?->blueStops)->toBe(-0.2)
        ->and($filter->edge)->toBe('hard');
    $this->get('/kit')->assertOk()->assertSee('hard');
    foreach ([['lens', ['best_from' => 'f/11', 'best_to' => 'f/8'], 'best_to'], ['lens', ['best_from' => 'f/11'], 'best_to'],
        ['camera', ['reciprocity' => '5'], 'reciprocity'], ['camera', ['battery_minutes' => 'flat'], 'battery_minutes'],
        ['filter', ['measured_on' => 'yesterday'], 'measured_on'], ['filter', ['cast_red' => '9'], 'cast_red']] as [$item, $sent, $field]) {
        $whole = match ($item) {
            'lens' => ['name' => 'X', 'focal_min_mm' => '24', 'widest' => 'f/4', 'smallest' => 'f/22'],
            'camera' => [
                'name' => 'X', 'sensor_width_mm' => '36', 'sensor_height_mm' => '24', 'iso_base' => '100', 'iso_max' => '100',
                'longest_timed' => '30',
            ],
            default => ['name' => 'X', 'kind' => 'nd', 'marking' => '6 stops', 'mount' => 'slot'],
        };
        $this->post('/kit/'.$item, $sent + $whole)->assertSessionHasErrors($field);
    }
});

it('shows the card for exactly what is packed, by either school, and as CSV', function (): void {
    $this->get('/card')->assertOk()->assertSee('Fifteen')->assertSee('the middle step')->assertSee('never turn your back');
    $this->get('/card?thirds=1&school=card')->assertOk()->assertSee('1/50');
    $csv = (string) $this->get('/card.csv')->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')->getContent();
    expect($csv)->toContain('Ten (9.6 stops)');
    Filter::query()->update(['packed' => false]);
    $this->get('/card')->assertOk()->assertSee('No filter is packed');
    Camera::query()->delete();
    $this->get('/card')->assertRedirect('/kit/first');
});

it('refuses a first kit at the field', function (array $sent, string $field): void {
    $this->post(
        '/kit/first',
        $sent + [
            'camera' => 'Mine', 'sensor' => 'full', 'iso_base' => '100', 'focal_min_mm' => '24', 'widest' => 'f/4', 'marking' => '',
            'mount' => 'thread',
        ],
    )->assertSessionHasErrors($field);
    expect(Camera::query()->where('name', 'Mine')->exists())->toBeFalse();
})->with(
    [
        [['camera' => ''], 'camera'], [['sensor' => 'huge'], 'sensor'], [['iso_base' => 'bright'], 'iso_base'],
        [['focal_min_mm' => '-3'], 'focal_min_mm'], [['focal_max_mm' => '12'], 'focal_max_mm'], [['widest' => 'f/64'], 'smallest'],
        [['smallest' => 'tiny'], 'smallest'], [['thread_mm' => '5'], 'thread_mm'],
        [['marking' => 'grey'], 'marking'],
    ],
);

it('says what would make it better, when asked', function (): void {
    Filter::query()->where('name', '!=', 'Three')->update(['packed' => false]);
    $this->get(
        '/bench/better?'.http_build_query(benchQuery(['shutter' => '1/60'])),
    )->assertOk()->assertSee('Pack “Six”')->assertSee('stops better');
});

it('goes by two readings, and asks for both halves of the earlier one', function (): void {
    $this->get(
        '/bench?'.http_build_query(benchQuery(['shutter' => '1/30', 'earlier_shutter' => '1/60', 'earlier_minutes' => '4'])),
    )->assertOk()->assertSee('−0.25 stops a minute');
    $this->get(
        '/bench?'.http_build_query(benchQuery(['earlier_shutter' => '1/60', 'earlier_minutes' => ''])),
    )->assertOk()->assertSee('both are needed')->assertDontSee('stops a minute');
    $this->get(
        '/bench?'.http_build_query(benchQuery(['earlier_shutter' => '1/8000', 'earlier_minutes' => '1'])),
    )->assertStatus(422)->assertSee('id="f-earlier_shutter-problem"', false);
});

it('keeps a graduated filter that was on for the reading, and counts no stops for it', function (): void {
    $grad = Filter::query()->where('name', 'Soft grad')->firstOrFail();
    $this->get('/bench?'.http_build_query(benchQuery(['on' => [(string) $grad->id]])))->assertOk()->assertSee('Six + Soft grad');
});

it('proposes the mean of several to those who shoot that way, with its gaps', function (): void {
    settings()->write('habits', ['frames' => 'mean']);
    $this->get(
        '/bench?'.http_build_query(benchQuery(['shutter' => '1/60'])),
    )->assertOk()->assertSee('The mean of')->assertSee('streaks break');
});

it('sends a person without a lens to the first kit, and one with a bench out of order back to it', function (): void {
    $this->get('/bench?'.http_build_query(benchQuery()))->assertOk();
    // A lens that no longer reaches takes its nearest; a bench whose time cannot be read is out of order.
    $this->withSession(['bench' => ['shutter' => 'soon'] + benchQuery()])->get('/compare')->assertRedirect('/bench');
    Lens::query()->delete();
    $this->get('/card')->assertRedirect('/kit/first');
    $this->get('/card.csv')->assertRedirect('/kit/first');
    $this->get('/compare')->assertRedirect('/kit/first');
    $this->get('/bench')->assertRedirect('/kit/first');
    $this->get('/bench/better')->assertStatus(422);
});

it('tells names apart whatever their case, as the bag does', function (): void {
    $six = Filter::query()->where('name', 'Six')->firstOrFail();
    $sent = ['kind' => 'nd', 'marking' => '6 stops', 'mount' => 'slot'];

    foreach (['six', ' SIX ', 'Six'] as $name) {
        $this->post('/kit/filter', ['name' => $name] + $sent)->assertSessionHasErrors(['name' => 'There is one of that name already.']);
    }
    $this->put("/kit/filter/{$six->id}", ['name' => 'SIX'] + $sent)->assertSessionHasNoErrors();
    expect($six->refresh()->name)->toBe('SIX');
    $this->post('/kit/first', ['camera' => mb_strtoupper((string) Camera::query()->value('name'))])->assertSessionHasErrors('camera');
    $this->get('/bench')->assertOk();
});

it('takes a piece of a file for the one that it has, whatever the case of its name', function (): void {
    $count = Filter::query()->count();
    $piece = ['name' => 'sIX', 'kind' => 'nd', 'marking' => '6 stops', 'stops' => 6, 'mount' => 'slot'];
    $file = json_encode(['format' => 'gentle-pour-kit-1', 'cameras' => [], 'lenses' => [],
        'filters' => [$piece, ['name' => 'Élan'] + $piece, ['name' => 'éLAN', 'stops' => 7] + $piece]]);
    $this->post('/kit/file', ['kit' => UploadedFile::fake()->createWithContent('kit.json', (string) $file)])->assertSessionHasNoErrors();

    expect(Filter::query()->count())->toBe($count + 1)->and(Filter::query()->where('name', 'éLAN')->value('stops'))->toEqual(7);
    $this->get('/bench')->assertOk();
});

it('packs sixty filters and says so of the next', function (): void {
    $packed = Filter::query()->where('packed', true)->count();
    foreach (range($packed + 1, 60) as $i) {
        Filter::query()->create(['name' => "Spare {$i}", 'kind' => 'nd', 'marking' => '6 stops', 'stops' => 6, 'mount' => 'slot',
            'packed' => true]);
    }
    $this->post('/kit/filter', ['name' => 'One more', 'kind' => 'nd', 'marking' => '6 stops', 'mount' => 'slot'])
        ->assertSessionHas('done',
            'One more is in the kit, and stays at home: as many filters are packed as the bench weighs. Leave another at home first.');
    $more = Filter::query()->where('name', 'One more')->firstOrFail();
    expect($more->packed)->toBeFalse();

    $this->followingRedirects()->put("/kit/filter/{$more->id}/packed", ['packed' => '1'])->assertSee('One more stays at home');
    expect($more->refresh()->packed)->toBeFalse();

    $file = json_encode(['format' => 'gentle-pour-kit-1', 'cameras' => [], 'lenses' => [],
        'filters' => [['name' => 'From a file', 'kind' => 'nd', 'stops' => 6, 'mount' => 'slot', 'packed' => true]]]);
    $this->post('/kit/file', ['kit' => UploadedFile::fake()->createWithContent('kit.json', (string) $file)])->assertSessionHasErrors('kit');
    expect(Filter::query()->where('name', 'From a file')->exists())->toBeFalse();

    $this->put('/kit/filter/'.Filter::query()->where('name', 'Spare 60')->value('id').'/packed', ['packed' => '0']);
    $this->put("/kit/filter/{$more->id}/packed", ['packed' => '1'])->assertSessionHas('done', 'One more is packed.');
    $this->get('/bench')->assertOk();
});
