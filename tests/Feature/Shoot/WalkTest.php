<?php

declare(strict_types=1);

use App\Models\Camera;
use App\Models\Filter;
use App\Models\Frame;
use App\Models\Place;
use App\Models\ShotList;
use GentlePour\Outing\Step;
use Illuminate\Support\Carbon;

// From frame to frame: what stays done, a list that walks on, and what takes up a correction.

function listOf(string $order, array $changes = []): ShotList
{
    test()->post('/lists?'.http_build_query(benchQuery($changes)), ['list' => $order])->assertRedirect();

    return ShotList::query()->with('frames')->latest('id')->firstOrFail();
}

/** @return list<string> */
function stepsOf(Frame $frame): array
{
    return array_map(static fn (Step $s): string => $s->key, $frame->plan->steps);
}

/** The figures of the headline. */
function figures(string $page): string
{
    preg_match('/<p class="settings">(.*?)<\/p>/s', $page, $found);

    return trim((string) preg_replace('/\s+/', ' ', strip_tags((string) preg_replace('/<button.*?<\/button>/s', '', $found[1] ?? ''))));
}

it('walks on through a bracket: verdict, then the next frame, which starts at set and open', function (): void {
    $list = listOf('time:1:third');
    [$first, $second, $third] = $list->frames->sortBy('list_place')->values()->all();
    $this->put("/shoot/{$first->id}/steps", ['all' => '1']);
    $this->put("/shoot/{$first->id}/open", ['opened_at_ms' => '1795680000000', 'open_s' => '1'])->assertRedirect("/log/{$first->id}");
    expect($second->refresh()->steps_done)->toBe(array_values(array_diff(stepsOf($second), ['settings', 'trigger'])));
    $this->get("/log/{$first->id}")->assertSee('Keep, and on to the next of the list')->assertSee('sharp? Histogram');
    $this->put("/log/{$first->id}", ['open' => '1 s', 'blur' => 'right'])->assertRedirect("/shoot/{$second->id}");
    $this->get("/shoot/{$second->id}")->assertSee('Two-second delay');
    expect(ticked($this, $second))->toBe($second->steps_done);
    $this->put("/shoot/{$second->id}/open", ['open_s' => '1.3']);
    expect($third->refresh()->steps_done)->toBe([...array_values(array_diff(stepsOf($third), ['settings', 'trigger']))]);
    $this->put("/log/{$second->id}", ['open' => '1.3 s'])->assertRedirect("/shoot/{$third->id}");
    $this->put("/shoot/{$third->id}/open", ['open_s' => '1.6']);
    $this->put("/log/{$third->id}", ['open' => '1.6 s'])->assertRedirect("/log/{$third->id}");
});

it('carries on only what stays true: another filter is to be put on', function (): void {
    $list = listOf('polariser', ['shutter' => '1/60']);
    [$first, $second] = $list->frames->sortBy('list_place')->values()->all();
    $this->put("/shoot/{$first->id}/steps", ['all' => '1']);
    $this->put("/shoot/{$first->id}/open", ['open_s' => '1'])->assertRedirect("/lists/{$list->id}");
    expect($second->refresh()->steps_done)->toContain('compose', 'focus')->not->toContain('settings')->not->toContain('polariser');
    // What was not ticked is not done; what the person has ticked of the next already is left alone.
    $other = listOf('time:1');
    [$one, $two] = $other->frames->sortBy('list_place')->values()->all();
    $this->put("/shoot/{$one->id}/steps", ['done' => ['compose']]);
    $this->put("/shoot/{$two->id}/steps", ['done' => ['focus']]);
    $this->put("/shoot/{$one->id}/open", ['open_s' => '1']);
    expect($two->refresh()->steps_done)->toBe(['focus']);
});

it('brackets by thirds and of the base frame from the bench, and refuses what is none', function (): void {
    expect(listOf('time:1:half')->frames)->toHaveCount(3);
    $base = listOf('base:1:full')->frames->sortBy('list_place')->values();
    expect($base->map(fn (Frame $f): ?string => $f->plan->purpose)->all())->toContain('base frame, bare', 'base frame, with Pola, +1')
        ->and($base->first(fn (Frame $f): bool => $f->plan->purpose === 'base frame, bare')?->plan->way->shutterLabel)->toBe('1/60');
    foreach (['time:1:quarter' => 'The step cannot be', 'time:9:third' => 'bracket', 'base:0' => 'bracket'] as $bad => $words) {
        $this->post('/lists?'.http_build_query(benchQuery()), ['list' => $bad])
            ->assertRedirect('/bench')->assertSessionHas('problem',
                fn (string $s): bool => str_contains(strtolower($s), strtolower($words)));
    }
    $this->get('/bench')->assertSee('list=base%3A1%3Athird', false);
});

it('takes up a correction by time, aperture or ISO, and keeps everything else (common practice)', function (string $by, array $expected): void {
    // 1 s at f/11, ISO 100 with six stops; a stop too dark.
    $query = benchQuery(['shutter' => '1/60', 'target' => '1', 'pin_aperture' => 'f/11', 'pin_iso' => '100', 'look' => 'silk',
        'look_was' => 'silk']);
    $page = (string) $this->get('/bench?'.http_build_query($query))->assertOk()->getContent();
    $frame = Frame::query()->findOrFail((int) basename((string) $this->post(shootThis($page), $query)->headers->get('Location')));
    expect([$frame->plan->way->apertureLabel, $frame->plan->way->isoLabel, $frame->plan->way->filters])->toBe(['f/11', '100', ['Six']]);
    $this->put("/shoot/{$frame->id}/open", ['open_s' => (string) $frame->planned_s]);
    $next = (string) $this->put("/log/{$frame->id}", ['open' => (string) $frame->planned_s, 'exposure_thirds' => '-3', 'next' => '1',
        'by' => $by])->headers->get('Location');
    expect(parse_url($next, PHP_URL_QUERY))->toBe("next={$frame->id}&by={$by}");
    expect(figures((string) $this->get($next)->assertOk()->getContent()))->toBe($expected[0]);
})->with([
    'by time: twice as long' => ['time', ['2 s f/11 ISO 100 with Six']],
    'by aperture: a stop wider' => ['aperture', ['1 s f/8 ISO 100 with Six']],
    'by ISO: twice the gain' => ['iso', ['1 s f/11 ISO 200 with Six']],
]);

it('asks for another time when the blur was not right, whatever takes up the light', function (): void {
    $frame = Frame::factory()->taken(1.0)->create();
    $this->put("/log/{$frame->id}", ['open' => '1 s', 'blur' => 'too_crisp', 'next' => '1', 'by' => 'time']);
    $page = (string) $this->get("/bench?next={$frame->id}&by=time")->assertOk()->getContent();
    // Twice as long, by the settings of the reading where they come within a third of a stop.
    expect((float) figures($page))->toBeWithinStops(2.0, 0.34);
    $this->put("/log/{$frame->id}", ['open' => '1 s', 'by' => 'magic'])->assertSessionHasErrors('by');
});

it('asks in Kit what the run sheet goes by, and goes by it', function (): void {
    $camera = Camera::query()->firstOrFail();
    $this->get('/kit/camera/'.$camera->id)->assertSee('An optical finder, to be covered');
    $sent = [
        'name' => $camera->name, 'sensor_width_mm' => '36', 'sensor_height_mm' => '24', 'iso_base' => '100', 'iso_max' => '1600',
        'longest_timed' => '30 s',
        'optical_finder' => '1', 'mirror' => '1', 'stabiliser' => '0', 'raw' => '0',
    ];
    $this->put('/kit/camera/'.$camera->id, $sent)->assertRedirect('/kit')->assertSessionHasNoErrors();
    $frame = Frame::factory()->create();
    expect(stepsOf($frame))->toContain('eyepiece', 'mirror')->not->toContain('stabiliser');
    $this->get('/shoot/'.$frame->id)->assertSee('Mirror up, or electronic first curtain')->assertSee('File: largest and finest');
    // Out and in again as a file.
    $file = (string) $this->get('/kit/file')->assertOk()->getContent();
    $camera->update(['mirror' => false]);
    $this->post('/kit/file', ['kit' => Illuminate\Http\UploadedFile::fake()->createWithContent('kit.json',
        $file)])->assertSessionHasNoErrors();
    expect($camera->refresh()->mirror)->toBeTrue()->and($camera->stabiliser)->toBeFalse();
});

it('has the lens shaded when the sun stands within sixty degrees of where it points', function (string $at, bool $shaded): void {
    $this->travelTo(Carbon::parse($at, 'UTC'));
    $stair = Place::query()->where('name', 'Thrennet Stair')->firstOrFail();
    $stair->update(['facing_deg' => 135]);
    $query = benchQuery(['place' => (string) $stair->id, 'subject' => '']);
    $page = (string) $this->get('/bench?'.http_build_query($query))->getContent();
    $frame = Frame::query()->findOrFail((int) basename((string) $this->post(shootThis($page), $query)->headers->get('Location')));
    expect(in_array('shade', stepsOf($frame), true))->toBe($shaded);
})->with(['a low sun in front' => ['2026-11-26 10:30', true], 'behind' => ['2026-06-20 19:30', false],
    'at night' => ['2026-11-26 01:00', false]]);

it('says what cannot be had when a correction goes beyond lens or camera', function (string $by): void {
    $frame = Frame::factory()->taken(1.0)->create();
    foreach ([15, -15] as $thirds) {
        $frame->update(['exposure_thirds' => $thirds]);
        $answer = $this->get("/bench?next={$frame->id}&by={$by}");
        expect($answer->status())->toBeIn([200, 422]);
        $answer->status() === 422 ? $answer->assertSee('-problem"', false)->assertDontSee('Stack trace') : $answer
            ->assertSee('class="settings"', false);
    }
})->with(['aperture', 'iso', 'time', 'nothing']);

it('keeps the steps of a filter that is gone from the kit out of the way of a correction', function (): void {
    $frame = Frame::factory()->taken(1.0)->create();
    Filter::query()->whereIn('name', $frame->plan->way->filters)->delete();
    $this->get("/bench?next={$frame->id}&by=iso")->assertOk();
    $this->get("/bench?next={$frame->id}&by=time")->assertOk();
});
