<?php

declare(strict_types=1);

use App\Models\Camera;
use App\Models\Filter;
use App\Models\Frame;
use App\Models\Lens;
use App\Models\Place;
use App\Models\Setting;
use App\Models\Subject;
use Illuminate\Support\Facades\DB;

it('leads a stranger from place to kit to water to the first frame, and lets them be after that', function (): void {
    $frame = ['place_id' => null, 'subject_id' => null] + (array) DB::table('frames')->oldest('id')->first();
    Frame::query()->delete();
    Place::query()->delete();
    Camera::query()->delete();
    Lens::query()->delete();
    Filter::query()->delete();
    $this->get('/')->assertOk()->assertSee('Five minutes to your first frame')->assertSee('Begin with a place');
    $place = Place::factory()->create(['latitude' => 50, 'longitude' => -5]);
    $this->get('/places/'.$place->id)->assertSee('Next: your kit')->assertSee('done');
    $this->get('/kit')->assertSee('Next: your kit');
    // Out of their order as well, the step that is being taken is the one that is marked.
    $marked = fn (string $address): string => preg_match('#aria-current="step" ?>([^<]+)#', (string) $this->get($address)->getContent(), $m) === 1
        ? trim($m[1]) : '';
    expect($marked(route('kit.first', absolute: false)))->toBe('Your kit')->and($marked(route('places.create', absolute: false)))->toBe('A place')->and($marked('/kit'))->toBe('Your kit')
        ->and($marked(route('subjects.create', ['place' => $place->id], false)))->toBe('Its water');
    Camera::factory()->create();
    Lens::factory()->create();
    $this->get('/')->assertSee('Next: its water')->assertSee(e(route('subjects.create', ['place' => $place->id, 'focal' => ''])), false);
    Subject::factory()->create(['place_id' => $place->id]);
    $this->get('/')->assertSee('Next: the first frame');
    DB::table('frames')->insert($frame);
    $this->get('/')->assertDontSee('Next:');
});

it('says nothing of first steps where there are frames', function (): void {
    $this->get('/')->assertOk()->assertDontSee('first-steps')->assertSee('This is the demo’s coast')
        ->assertSee('begin with nothing but your own');
    Place::factory()->create(['latitude' => 50, 'longitude' => -5]);
    $this->get('/')->assertDontSee('This is the demo’s coast');
});

it('empties the house into a backup that brings everything back, and asks first', function (): void {
    $folder = sys_get_temp_dir().'/gentle-pour-begin-'.bin2hex(random_bytes(6));
    config(['backups.folder' => $folder]);
    $had = [Place::query()->count(), Frame::query()->count(), Filter::query()->count()];
    Setting::query()->updateOrCreate(['key' => 'units'], ['value' => ['length' => 'ft']]);
    $this->post(route('backup.begin'))->assertSessionHasErrors('sure');
    expect(Place::query()->count())->toBe($had[0]);
    $this->post(route('backup.begin'), ['sure' => '1'])->assertRedirect(route('outlook'))->assertSessionHas('done');
    expect([Place::query()->count(), Frame::query()->count(), Filter::query()->count()])->toBe([0, 0, 0])
        ->and(Setting::query()->where('key', 'units')->exists())->toBeTrue();
    $this->get('/')->assertOk()->assertSee('Five minutes');
    $kept = glob($folder.'/*before-emptying*');
    expect($kept)->toHaveCount(1);
    $this->artisan('pour:restore', ['file' => $kept[0], '--into' => 'replace'])->assertExitCode(0);
    expect([Place::query()->count(), Frame::query()->count(), Filter::query()->count()])->toBe($had);
    exec('rm -rf '.escapeshellarg($folder));
});
