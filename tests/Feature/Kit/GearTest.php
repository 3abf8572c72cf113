<?php

declare(strict_types=1);

use App\Household\Settings;
use App\Models\Camera;
use App\Models\Carry;
use App\Models\Lens;

// More than one camera, a holder that nobody counted, a lens that does not reach.

function twoCameras(): array
{
    return [
        Camera::factory()->create(['name' => 'The small one', 'sensor_width_mm' => 23.5, 'sensor_height_mm' => 15.6]),
        Lens::factory()->create(['name' => 'The short one', 'focal_min_mm' => 10, 'focal_max_mm' => 18, 'widest_f' => 4,
            'smallest_f' => 22]),
    ];
}

it('says on the bench what is packed and cannot be put on, by name and with the way out', function (): void {
    settings()->write(Carry::SETTING, ['slots' => 0, 'release' => true]);
    $this->get('/bench?'.http_build_query(benchQuery(['shutter' => '1/60'])))->assertOk()
        ->assertSee('“Ten” is packed but the holder has no slots')->assertSee('say in Kit how many it has');
});

it('asks with the first slot filter how many slots the holder has, and never again', function (): void {
    settings()->write(Carry::SETTING, ['slots' => 0]);
    $this->get('/kit/filter/new')->assertSee('Slots of your holder');
    $filter = ['name' => 'Twelve', 'kind' => 'nd', 'marking' => '12 stops', 'mount' => 'slot', 'slots' => '3'];
    $this->post('/kit/filter', ['mount' => 'thread', 'name' => 'Screwed'] + $filter)->assertSessionHasNoErrors();
    expect(Carry::read(settings()->read(Carry::SETTING))->slots)->toBe(0);
    $this->post('/kit/filter', $filter)->assertSessionHasNoErrors();
    expect(Carry::read(settings()->read(Carry::SETTING))->slots)->toBe(3);
    $this->get('/kit/filter/new')->assertDontSee('Slots of your holder');
    $this->post('/kit/filter', ['name' => 'Thirteen', 'slots' => '1'] + $filter);
    expect(Carry::read(settings()->read(Carry::SETTING))->slots)->toBe(3);
    $this->post('/kit/filter', ['name' => 'Fourteen', 'slots' => '9'] + $filter)->assertSessionHasErrors('slots');
});

it('asks the first kit for thread and smallest aperture', function (): void {
    Camera::query()->delete();
    Lens::query()->delete();
    $this->get('/kit/first')->assertSee('Smallest aperture')->assertSee('Filter thread');
    $this->post('/kit/first', [
        'camera' => 'Mine', 'sensor' => 'full', 'iso_base' => '100', 'focal_min_mm' => '24', 'widest' => 'f/4', 'smallest' => 'f/32',
        'thread_mm' => '67', 'marking' => '', 'mount' => 'thread',
    ])->assertSessionHasNoErrors();
    $lens = Lens::query()->firstOrFail();
    expect($lens->smallest_f)->toBeAbout(32.0, 0.01)->and($lens->thread_mm)->toBe(67.0);
});

it('takes the nearest focal length of a lens that does not reach, and says so', function (string $asked, string $taken): void {
    $this->get('/bench?'.http_build_query(benchQuery(['focal' => $asked])))->assertOk()->assertSee('name="focal" value="'.$taken.'"', false)
        ->assertSee('does not reach '.$asked.' mm; it takes its nearest.');
})->with([['14', '16'], ['200', '35']]);

it('leaves a focal length alone that the lens reaches, or that cannot be read', function (): void {
    $this->get('/bench?'.http_build_query(benchQuery(['focal' => '20'])))->assertOk()->assertDontSee('takes its nearest');
    $this->get('/bench?'.http_build_query(benchQuery(['focal' => 'long'])))->assertStatus(422)->assertDontSee('takes its nearest');
});

it('remembers with which lens each camera was used, and opens on the last of them', function (): void {
    [$camera, $lens] = twoCameras();
    $plan = function (array $changes): void {
        $query = benchQuery($changes);
        $page = (string) $this->get('/bench?'.http_build_query($query))->assertOk()->getContent();
        $this->post(shootThis($page), $query)->assertRedirect();
    };
    $plan(['camera' => (string) $camera->id, 'lens' => (string) $lens->id, 'focal' => '12']);
    $fresh = $this->flushSession()->get('/bench')->assertOk();
    $fresh->assertSee('<option value="'.$camera->id.'" selected>', false)->assertSee('name="focal" value="12"', false);
    // Changing the camera brings its lens along; choosing a lens too leaves that alone.
    $first = Camera::query()->oldest('id')->firstOrFail();
    $plan(['camera' => (string) $first->id, 'lens' => '1', 'focal' => '30']);
    $was = ['camera_was' => (string) $first->id, 'lens_was' => '1'];
    $this->get('/bench?'.http_build_query(benchQuery(['camera' => (string) $camera->id, 'lens' => '1', 'focal' => '30'] + $was)))
        ->assertOk()->assertSee('<option value="'.$lens->id.'" selected>', false)->assertSee('name="focal" value="12"', false);
    $this->get('/bench?'.http_build_query(benchQuery(['camera' => (string) $camera->id, 'lens' => '2', 'focal' => '70',
        'camera_was' => (string) $first->id, 'lens_was' => '1'])))
        ->assertOk()->assertSee('<option value="2" selected>', false);
    // One that is gone is not looked for.
    $camera->delete();
    $lens->delete();
    $this->flushSession()->get('/bench')->assertOk();
    expect(resolve(Settings::class)->read('gear')['camera'])->toBe($first->id);
});

it('asks on the card which camera and lens it is for, where there are more', function (): void {
    [$camera, $lens] = twoCameras();
    $this->get('/card')->assertOk()->assertSee('id="card-camera"', false)->assertSee('id="card-lens"', false);
    $this->get("/card?camera={$camera->id}&lens={$lens->id}")->assertOk()->assertSee('The small one, The short one');
    $this->get("/card.csv?camera={$camera->id}&lens={$lens->id}")->assertOk();
    $this->get('/card?camera=999&lens=x')->assertOk();
    Camera::query()->where('id', '>', 1)->delete();
    $this->get('/card')->assertDontSee('id="card-camera"', false);
});
