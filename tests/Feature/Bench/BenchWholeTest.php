<?php

declare(strict_types=1);

use App\Forms\Typed;
use App\Rooms\Bench\BenchFiller;
use App\Rooms\Bench\BenchForm;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Motion\CloudDrift;
use GentlePour\Motion\MovingSubject;
use Illuminate\Support\Facades\DB;

it('asks the database at most twelve times for a page of the bench, and nothing twice', function (string $query): void {
    $this->get('/bench?'.$query)->assertOk();
    DB::enableQueryLog();
    DB::flushQueryLog();
    $this->get('/bench?'.$query)->assertOk();
    $asked = array_map(fn (array $q): string => $q['query'].json_encode($q['bindings']), DB::getQueryLog());
    DB::disableQueryLog();

    expect(count($asked))->toBeLessThanOrEqual(12)->and(array_diff_assoc($asked, array_unique($asked)))->toBe([]);
})->with(
    ['', 'kind=cascade&measure=speed&speed=4&look=silk&look_was=silk', 'take=1', 'sky=wind&cloud_speed=9&cloud_base=1200&cloud_look=soft'],
);

it('can be written to an address and read back the same', function (): void {
    $form = BenchForm::of([...app(BenchFiller::class)->defaults(), 'kind' => 'swell', 'period' => '8', 'target' => '1/4', 'wind' => '7,5']);
    expect(BenchForm::of($form->toQuery())->toQuery())->toBe($form->toQuery());
});

it('aims where all is suited if nothing of one’s own is chosen; else stays at the water’s own window', function (): void {
    $swell = ['kind' => 'swell', 'period' => '8', 'look' => 'silk', 'look_was' => 'silk'];
    $under = fn (string $crossingS, array $more = []): array => $more + $swell + [
        'sky' => 'crossing', 'cloud_share' => '33', 'cloud_s' => $crossingS, 'cloud_look' => 'soft',
    ];
    $alone = openBench($swell)->window;
    $seconds = fn (?ShutterWindow $w): ?array => $w === null ? null : [$w->min->seconds, $w->max->seconds, $w->best->seconds];
    $window = fn (string $crossingS, array $more = []): array => $seconds(openBench($under($crossingS, $more))->window);
    $meet = fn (string $crossingS, array $more = []): ?array => $seconds(openBench($under($crossingS, $more))->picture->meet());

    // Fast clouds: the water's own best suits both. Slow ones: what suits both lies further on.
    expect($meet('40')[1])->toBeGreaterThan($alone->best->seconds)->and($window('40')[2])->toBe($alone->best->seconds)
        ->and(array_slice($window('40'), 0, 2))->toBe(array_slice($meet('40'), 0, 2))
        ->and($meet('330')[0])->toBeGreaterThan($alone->best->seconds)->and($window('330'))->toBe($meet('330'));
    // A time of one's own inside of what suits both is taken; one outside keeps the water's window.
    expect($window('40', ['target' => '3'])[2])->toBe(ShutterTime::parse('3')->seconds)
        ->and($window('40', ['target' => '3'])[1])->toBe($meet('40')[1])
        ->and($window('40', ['target' => '1/15'])[2])->toBe(1 / 16)
        ->and($window('40', ['target' => '1/15'])[0])->toBeLessThan($meet('40', ['target' => '1/15'])[0]);
    // What does not meet at all leaves the water as it was.
    expect($meet('7200'))->toBeNull()->and($window('7200')[2])->toBe($alone->best->seconds)
        ->and($window('7200')[1])->toBe($alone->max->seconds);
});

it('frames another water at its own distance', function (): void {
    $rates = fn (array $also): array => array_map(
        fn ($span): ?float => $span->minS,
        openBench(['also' => 'foam', 'also_speed' => '0.4', 'also_look' => 'mist'] + $also)->moving->also?->spans ?? [],
    );
    $near = $rates(['also_distance' => '4', 'distance' => '12']);
    expect($near)->not->toBe($rates(['also_distance' => '40', 'distance' => '12']))
        ->and($rates(['also_distance' => '', 'distance' => '4']))->toBe($near);
});

it('draws clouds by how they drift across the view (judgement)', function (): void {
    expect(array_map(fn (CloudDrift $d): float => $d->across(), CloudDrift::cases()))->toBe([1.0, 0.7, 0.0]);
    $rate = fn (string $across): ?float => openBench([
        'sky' => 'wind', 'cloud_speed' => '9', 'cloud_base' => '1200', 'cloud_elevation' => '20', 'cloud_across' => $across,
        'cloud_look' => '',
    ])->moving->clouds?->sharePerSecond;
    expect($rate('across'))->toBeGreaterThan($rate('slanting'))->and($rate('slanting'))->toBeGreaterThan($rate('towards'));
});

it('says the longest dial time that still holds what stirs, never a longer one', function (): void {
    $bench = openBench(['distance' => '10', 'focal' => '24']);
    foreach ($bench->says()->companions() as $companion) {
        $sharp = $bench->moving->framing->sharpSeconds($companion->what->speedMS());
        $thirds = log($sharp / $companion->time->seconds, 2) * 3;
        expect($thirds)->toBeGreaterThanOrEqual(-1e-9)->toBeLessThan(1.0);
    }
    expect($bench->says()->companions())->toHaveCount(count(MovingSubject::cases()));
});

it('is a mistake at the field, not a fault of the server, when fields do not go together', function (): void {
    $this->get(
        '/bench?'.http_build_query(benchQuery(['distance' => '0.0001'])),
    )->assertStatus(422)->assertSee('id="f-distance-problem"', false)
        ->assertSee('between 0.2 and 20000 m');
    expect((new Typed(['speed' => '1,5']))->number('speed'))->toBe(1.5)->and(ShutterTime::parse('1/60')->seconds)->toBe(1 / 64);
});
