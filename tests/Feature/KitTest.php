<?php

declare(strict_types=1);

use App\Models\Camera;
use App\Models\Filter;
use App\Models\Lens;
use App\Models\Setting;

it('shows what is packed', function (): void {
    $this->get('/kit')->assertOk()->assertSee('Ten')->assertSee('9.6 stops, measured')->assertSee('at home')->assertSee('Wide zoom');
});

it('adds a filter by its marking', function (): void {
    $this->post('/kit/filter', ['name' => 'Nine', 'kind' => 'nd', 'marking' => 'ND512', 'mount' => 'slot'])->assertRedirect('/kit');

    expect(Filter::query()->where('name', 'Nine')->firstOrFail()->stops)->toBeAbout(9.0, 1e-6);
});

it('lets the person say which meaning an ambiguous marking has', function (): void {
    $this->post('/kit/filter', ['name' => 'As stops', 'kind' => 'nd', 'marking' => 'ND4', 'reading' => '1', 'mount' => 'slot'])->assertRedirect('/kit');
    $this->post('/kit/filter', ['name' => 'As factor', 'kind' => 'nd', 'marking' => 'ND4', 'reading' => '0', 'mount' => 'slot'])->assertRedirect('/kit');

    expect(Filter::query()->where('name', 'As stops')->value('stops'))->toEqual(4.0)->and(Filter::query()->where('name', 'As factor')->value('stops'))->toEqual(2.0);
    $this->get('/kit/marking?kind=nd&marking=ND4')->assertSee('factor 4')->assertSee('4 stops');
});

it('adds variable, polarising and unmeasured filters as they are', function (): void {
    $this->post('/kit/filter', ['name' => 'Turn', 'kind' => 'variable', 'marking' => 'ND2-400', 'mount' => 'thread', 'thread_mm' => '77'])->assertRedirect('/kit');
    $this->post('/kit/filter', ['name' => 'Glare', 'kind' => 'polariser', 'marking' => '', 'mount' => 'thread'])->assertRedirect('/kit');
    $this->post('/kit/filter', ['name' => 'Welder', 'kind' => 'welding', 'marking' => 'shade eleven', 'mount' => 'slot'])->assertRedirect('/kit');

    expect(Filter::query()->where('name', 'Turn')->value('lightest_stops'))->toEqual(1.0)
        ->and(Filter::query()->where('name', 'Glare')->firstOrFail()->glass()->stops()?->value)->toBe(1.5)
        ->and(Filter::query()->where('name', 'Welder')->firstOrFail()->glass()->stops())->toBeNull();
    $this->get('/bench')->assertOk();
});

it('refuses bad kit at the field and keeps what was typed', function (string $item, array $sent, string $field): void {
    $valid = [
        'camera' => ['name' => 'New', 'sensor_width_mm' => '36', 'sensor_height_mm' => '24', 'iso_base' => '100', 'iso_max' => '1600', 'longest_timed' => '30'],
        'lens' => ['name' => 'New', 'focal_min_mm' => '24', 'widest' => 'f/4', 'smallest' => 'f/22'],
        'filter' => ['name' => 'New', 'kind' => 'nd', 'marking' => '6 stops', 'mount' => 'slot'],
    ][$item];
    $this->from("/kit/{$item}/new")->post("/kit/{$item}", $sent + $valid)->assertRedirect("/kit/{$item}/new")->assertSessionHasErrors($field);
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
    $this->put('/kit/camera/1', ['name' => 'Full-frame body', 'sensor_width_mm' => '36', 'sensor_height_mm' => '24', 'iso_base' => '64', 'iso_max' => '3200', 'longest_timed' => '60'])->assertRedirect('/kit');
    expect(Camera::query()->findOrFail(1)->iso_max)->toBeWithinShare(3200, 1e-9);
    $this->delete('/kit/lens/1')->assertRedirect('/kit');
    expect(Lens::query()->find(1))->toBeNull();
    $this->get('/kit/lens/1')->assertNotFound();
    $this->get('/kit/tripod/new')->assertNotFound();
});

it('leaves a filter at home with one press, and the bench forgets it', function (): void {
    $six = Filter::query()->where('name', 'Six')->firstOrFail();
    $this->get('/bench')->assertSee('value="Six|', false);
    $this->put("/kit/filter/{$six->id}/packed")->assertRedirect('/kit');
    $this->get('/bench')->assertDontSee('value="Six|', false);
});

it('keeps holder, rings and release', function (): void {
    $this->put('/kit/carry', ['slots' => '3', 'release' => '0', 'rings' => '67-77, 72–77'])->assertRedirect('/kit');
    expect(Setting::read('carry'))->toEqual(['slots' => 3, 'release' => false, 'rings' => [[67, 77], [72, 77]]]);
    $this->put('/kit/carry', ['slots' => '9'])->assertSessionHasErrors('slots');
    $this->put('/kit/carry', ['slots' => '2', 'rings' => 'big to small'])->assertSessionHasErrors('rings');
});

it('keeps habits, and the bench ranks by them', function (): void {
    $this->put('/kit/habits', ['aperture' => 'stopped_down', 'iso' => 'lowest', 'highlights' => 'protect', 'noise_reduction' => 'in_camera'])->assertRedirect('/kit');
    $this->get('/bench')->assertSee('keeps it busy')->assertSee('stopped down');
    $this->put('/kit/habits', ['aperture' => 'odd', 'iso' => 'lowest', 'highlights' => 'protect', 'noise_reduction' => 'later'])->assertSessionHasErrors('aperture');
});
