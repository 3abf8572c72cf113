<?php

declare(strict_types=1);

use App\Models\Camera;
use App\Models\Filter;
use App\Models\Lens;
use App\Models\Outing;
use App\Models\Place;
use App\Models\Subject;

function nothingYet(): void
{
    Place::query()->delete();
    Camera::query()->delete();
    Lens::query()->delete();
    Filter::query()->delete();
}

/** @return array<string, mixed> what the script of a field file reads */
function carriedIn(string $html): array
{
    preg_match('#id="field-data">([A-Za-z0-9+/=]+)</script>#', $html, $found);

    return json_decode((string) gzdecode((string) base64_decode($found[1] ?? '', true)), true, 64, JSON_THROW_ON_ERROR);
}

it('is one page that holds all of it and asks nobody for anything', function (): void {
    $outing = Outing::query()->whereHas('compositions')->latest('id')->firstOrFail();
    $answer = $this->get('/field/file?outing='.$outing->id)->assertOk()->assertHeader('Content-Type', 'text/html; charset=utf-8');
    $html = (string) $answer->getContent();
    $own = (string) preg_replace('#<script type="application/json".*?</script>|<script type="module">.*?</script>|<style>.*?</style>#s', '',
        $html);
    preg_match_all('#(?:src|href|action|poster|data-src)="([^"]*)"#', $own, $addresses);

    expect(strlen($html))->toBeLessThan(400_000)
        ->and(array_values(array_filter($addresses[1], static fn (string $to): bool => ! str_starts_with($to, '#')
            && ! str_starts_with($to, 'data:'))))->toBe([])
        ->and($html)->not->toContain('url(/')->not->toContain('@import')->and($own)->not->toContain('csrf-token')->not->toContain('_token')
        ->and($answer->headers->get('Content-Security-Policy'))->toContain("default-src 'none'; script-src 'sha256-")->not
        ->toContain('unsafe');
    $answer->assertSee('off it by')->assertSee('The days around')->assertSee('Did the water reach it?')->assertSee('Nothing left behind')
        ->assertSee('lifeguards and coastguards', false)->assertSee('Pocket card');

    // What it lets run is what it carries.
    preg_match('#<script type="module">(.*?)</script>#s', $html, $script);
    preg_match('#<style>(.*?)</style>#s', $html, $style);
    foreach ([$script[1], $style[1]] as $inline) {
        expect($answer->headers->get('Content-Security-Policy'))->toContain("'sha256-".base64_encode(hash('sha256', $inline, true))."'");
    }
    $data = carriedIn($html);
    expect($data['outing']['uid'])->toBe($outing->getAttribute('uid'))->and($data['scheduled'])->not->toBe([])
        ->and($data['home'])->toBe(route('field.home'))->and(array_column($data['kinds'], 'kind'))->toContain('surf', 'river')
        ->and($data['subjects'])->toHaveCount($outing->place->subjects()->count())
        ->and($data['marks'])->toHaveCount($outing->place->marks()->count());
    foreach ($data['scheduled'] as $one) {
        expect($data['times'][$one['time']]['label'])->toBeString()->and($data['glasses'][$one['glass']]['sheets'][0])->not->toBe([]);
    }
});

it('is saved under a name of its own, and opened where it came from', function (): void {
    $outing = Outing::query()->whereHas('compositions')->latest('id')->firstOrFail();
    $this->get("/field/file?outing={$outing->id}&save=1")->assertHeader('Content-Disposition',
        'attachment; filename="field-marrow-shelf-'.$outing->starts_at->setTimezone($outing->place->timezone)->format('Y-m-d').'.html"');
    $this->get('/field/file?save=1')->assertHeader('Content-Disposition', 'attachment; filename="field-bag.html"');
    expect($this->get('/field/file')->headers->has('Content-Disposition'))->toBeFalse();
});

it('leads a stranger to the first kit, and is there without any place', function (): void {
    nothingYet();
    $this->get('/field')->assertRedirect(route('kit.first'));
    $this->get('/field/file')->assertRedirect(route('kit.first'));
    Camera::factory()->create();
    Lens::factory()->create();
    $html = (string) $this->get('/field/file?outing=77')->assertOk()->getContent();
    expect(carriedIn($html)['subjects'])->toBe([])->and(carriedIn($html)['outing'])->toBeNull()->and($html)->not->toContain('id="outing"');
});

it('carries every name as text, whatever it is', function (): void {
    nothingYet();
    Camera::factory()->create(['name' => '</script><b>Cam']);
    Lens::factory()->create();
    Filter::factory()->create(['name' => '</script><img src=x> “Ten”', 'packed' => true]);
    $place = Place::factory()->create(['name' => '<i>Cove</i> & {base}']);
    Subject::factory()->for($place)->create(['name' => '</template><script>']);
    $html = (string) $this->get('/field/file')->assertOk()->getContent();

    expect(substr_count($html, '</script>'))->toBe(2)->and($html)->not->toContain('<img src=x>')->not->toContain('<b>Cam')
        ->and(carriedIn($html)['subjects'][0]['name'])->toBe('</template><script>')
        ->and(array_column(carriedIn($html)['glasses'], 'label'))->toContain('</script><img src=x> “Ten”');
});

it('goes by the bag as it is packed: another filter makes another file', function (): void {
    nothingYet();
    Camera::factory()->create();
    Lens::factory()->create();
    $labels = fn (): array => array_column(carriedIn((string) $this->get('/field/file')->getContent())['glasses'], 'label');
    Filter::factory()->create(['name' => 'Ten', 'packed' => true]);
    expect($labels())->toContain('Ten')->not->toContain('Six');
    Filter::factory()->create(['name' => 'Six', 'stops' => 6.0, 'packed' => true]);
    expect($labels())->toContain('Six');
});

it('says on its page what is in it, how it comes onto the phone, and how large it is', function (): void {
    $outing = Outing::query()->whereHas('compositions')->latest('id')->firstOrFail();
    $this->get("/field?outing={$outing->id}")->assertOk()->assertSee('the outing at Marrow Shelf')
        ->assertSee('answers on this machine alone')
        ->assertSee(e(route('field.file', ['camera' => Camera::query()->min('id'), 'lens' => Lens::query()->min('id'),
            'outing' => $outing->id, 'save' => 1])), false);
    expect((string) $this->get("/field/weight?outing={$outing->id}")->assertOk()->getContent())->toMatch('/^\d{3} kB$/');
    $this->get("/outings/{$outing->id}")->assertSee(e(route('field', ['outing' => $outing->id])), false);
});

it('says why there is none where the tide of the place cannot be had', function (): void {
    $place = Place::factory()->create(['tide' => 'station', 'station_id' => 'noaa/none-such', 'latitude' => 50, 'longitude' => -5]);
    $outing = Outing::query()->create(['place_id' => $place->id, 'starts_at' => now()->addDay(),
        'ends_at' => now()->addDay()->addHours(2)]);
    $weight = (string) $this->get("/field/weight?outing={$outing->id}")->assertOk()->getContent();
    expect($weight)->not->toContain(' kB');
});
