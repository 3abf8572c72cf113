<?php

declare(strict_types=1);

use App\Models\Filter;
use App\Models\Outing;
use App\Models\ShotList;
use App\Models\Subject;
use App\Rooms\Bench\Bench;
use App\Rooms\Shoot\ListOrder;
use App\Rooms\Shoot\MakeList;
use App\Tide\PlaceTide;
use GentlePour\Motion\Look;
use GentlePour\Motion\WaterKind;
use GentlePour\Solving\ListKind;
use GentlePour\Solving\Wall;
use GentlePour\Solving\WallKind;
use Illuminate\Support\Carbon;

/** @param  array<string, mixed>  $changes */
function worked(array $changes = []): Bench
{
    return openBench(benchQuery($changes));
}

it('says what is wrong at the field, and loses nothing that was typed', function (array $changes, string $field): void {
    $typed = $changes[$field] ?? '';
    $answer = $this->get('/bench?'.http_build_query(benchQuery($changes)))->assertStatus(422);

    $answer->assertSee("id=\"f-{$field}-problem\"", false);
    // A choice cannot show what is none of its own.
    if ($typed !== '' && ! in_array($field, ['also_look', 'cloud_look', 'cloud_across', 'sky', 'support'], true)) {
        $answer->assertSee(e($typed), false);
    }
})->with([
    'a grain of nothing' => [['feature' => '0'], 'feature'],
    'a grain in words' => [['feature' => 'fine'], 'feature'],
    'a slant past the edge' => [['oblique' => '90'], 'oblique'],
    'a sea of no height' => [['kind' => 'swell', 'period' => '8', 'height' => '0'], 'height'],
    'a depth below the bed' => [['kind' => 'swell', 'period' => '8', 'depth' => '-1'], 'depth'],
    'a chop that is too slow' => [
        ['kind' => 'swell', 'period' => '8', 'height' => '1', 'chop_period' => '99', 'chop_height' => '0.3'], 'chop_period',
    ],
    'a chop as high as a house' => [
        ['kind' => 'swell', 'period' => '8', 'height' => '1', 'chop_period' => '3', 'chop_height' => '40'], 'chop_height',
    ],
    'an endless period' => [['kind' => 'swell', 'period' => '1e9'], 'period'],
    'another water that stands' => [['also' => 'river', 'also_speed' => '0'], 'also_speed'],
    'another water on the moon' => [['also' => 'river', 'also_speed' => '1', 'also_distance' => '384400000'], 'also_distance'],
    'a look of the other that is none' => [['also' => 'river', 'also_speed' => '1', 'also_look' => 'creamy'], 'also_look'],
    'a crossing of nothing' => [['sky' => 'crossing', 'cloud_share' => '0', 'cloud_s' => '20'], 'cloud_share'],
    'a crossing in no time' => [['sky' => 'crossing', 'cloud_share' => '33', 'cloud_s' => '0'], 'cloud_s'],
    'clouds that stand' => [['sky' => 'wind', 'cloud_speed' => '0'], 'cloud_speed'],
    'clouds on the ground' => [['sky' => 'wind', 'cloud_base' => '0'], 'cloud_base'],
    'clouds below the horizon' => [['sky' => 'wind', 'cloud_elevation' => '-5'], 'cloud_elevation'],
    'clouds that go nowhere' => [['sky' => 'wind', 'cloud_across' => 'about'], 'cloud_across'],
    'a look of clouds that is none' => [['sky' => 'crossing', 'cloud_look' => 'fluffy'], 'cloud_look'],
    'a sky by guess' => [['sky' => 'guess'], 'sky'],
    'wind in words' => [['wind' => 'some'], 'wind'],
    'wind of a tornado' => [['wind' => '200'], 'wind'],
    'a support of air' => [['wind' => '5', 'support' => 'hand'], 'support'],
    'sharp from nowhere' => [['sharp_near' => '0'], 'sharp_near'],
    'sharp to somewhere only' => [['sharp_near' => '', 'sharp_far' => '20'], 'sharp_near'],
    'sharp backwards' => [['sharp_near' => '9', 'sharp_far' => '3'], 'sharp_far'],
    'an earlier reading that is none' => [['earlier_shutter' => 'noon', 'earlier_minutes' => '4'], 'earlier_shutter'],
    'an earlier reading of just now' => [['earlier_shutter' => '1/60', 'earlier_minutes' => '0'], 'earlier_minutes'],
    'an earlier reading of last year' => [['earlier_shutter' => '1/60', 'earlier_minutes' => '525600'], 'earlier_minutes'],
]);

it('takes numbers with a comma in every field that takes a number', function (): void {
    $bench = worked([
        'speed' => '3,5',
        'distance' => '8,5',
        'wind' => '6,5',
        'sharp_near' => '1,5',
        'sky' => 'crossing',
        'cloud_share' => '33,3',
        'cloud_s' => '74,5',
    ]);

    expect($bench->moving->water->speedMS())->toBe(3.5);
    expect($bench->moving->framing->distanceM)->toBe(8.5);
    expect($bench->question->sharp?->nearM)->toBe(1.5);
    expect($bench->moving->clouds?->sharePerSecond)->toBeAbout(0.333 / 74.5, 1e-9);
});

it('has a wall for the wind by what the camera stands on, and by the person’s own word', function (): void {
    $wall = static fn (array $changes): float => array_values(
        array_filter(worked($changes)->question->walls(), static fn (Wall $w): bool => $w->kind === WallKind::Wind),
    )[0]->longest->seconds;
    $tripod = $wall(['wind' => '8', 'support' => 'tripod']);

    expect($wall(['wind' => '8', 'support' => 'heavy']))->toBeGreaterThan($tripod);
    expect($wall(['wind' => '8', 'support' => 'light']))->toBeLessThan($tripod);
    expect($wall(['wind' => '16', 'support' => 'tripod']))->toBeLessThan($tripod / 3.5);

    settings()->write('carry', ['slots' => 2, 'release' => true, 'rings' => [], 'support' => 'tripod', 'holds_s' => 60.0]);
    expect($wall(['wind' => '5', 'support' => '', 'focal' => '24']))->toBeAbout(60.0, 1.0);
    expect($wall(['wind' => '5', 'support' => 'tripod', 'focal' => '24']))->toBeAbout(60.0, 1.0);
    expect($wall(['wind' => '5', 'support' => 'heavy', 'focal' => '24']))->toBeGreaterThan(600.0);
    expect(array_column(worked(['wind' => '1'])->question->walls(), 'kind'))->not->toContain(WallKind::Wind)
        ->and(array_column(worked(['wind' => '9'])->question->walls(), 'kind'))->toContain(WallKind::Wind);
});

it('aims where all that moves in the picture is suited', function (): void {
    $bench = worked(
        [
            'kind' => 'swell', 'period' => '8', 'look' => 'silk', 'look_was' => 'silk', 'sky' => 'crossing', 'cloud_share' => '33',
            'cloud_s' => '40', 'cloud_look' => 'soft',
        ],
    );
    $meet = $bench->picture->meet();

    expect($meet)->not->toBeNull();
    expect($meet?->contains($bench->window->best))->toBeTrue();
    expect($bench->window->max->seconds)->toBeLessThanOrEqual(
        array_reduce(
            $bench->picture->targets, static fn (float $least, $w): float => min($least, $w->window->max->seconds), INF,
        ) * (1 + 1e-9),
    );
});

it('keeps a time of one’s own, whatever else would be suited', function (): void {
    $bench = worked(['target' => '1/4', 'sky' => 'crossing', 'cloud_share' => '33', 'cloud_s' => '600', 'cloud_look' => 'streaked']);

    expect($bench->window->best->label())->toBe('1/4');
    expect($bench->picture->conflicts())->not->toBe([]);
});

it('makes of every kind of water something that moves, from the fields a person would fill in', function (WaterKind $kind): void {
    $fields = $kind->isWaves()
        ? ['period' => '6']
        : ['measure' => 'speed', 'speed' => '1.5', 'period' => $kind === WaterKind::Backwash ? '8' : ''];
    $moving = worked(['kind' => $kind->value, 'look' => 'glass', 'look_was' => 'glass'] + $fields)->moving;

    expect($moving->kind)->toBe($kind);
    expect($moving->bands->band(Look::Silk) ?? $moving->bands->band(Look::Mist))->not->toBeNull();
    expect([$moving->also, $moving->sky])->toBe([null, null]);
    $this->get(
        '/bench?'.http_build_query(benchQuery(['kind' => $kind->value, 'look' => 'glass', 'look_was' => 'glass'] + $fields)),
    )->assertOk()->assertSee('Glass in the '.$kind->label());
})->with(WaterKind::cases());

it('says when to open for a swash that was timed, and not for a river', function (): void {
    expect(
        worked(['kind' => 'backwash', 'speed' => '1.6', 'period' => '8'])->says()->rhythm()?->moment(WaterKind::Backwash),
    )->toContain('4.0 s');
    expect(worked(['kind' => 'river', 'speed' => '1.6', 'period' => '8'])->says()->rhythm())->toBeNull();
    expect(worked(['kind' => 'backwash', 'speed' => '1.6', 'period' => ''])->says()->rhythm())->toBeNull();
});

it('writes streaks so that they can be read, from a hair to many frames', function (string $speed, string $target, string $label): void {
    expect(worked(['speed' => $speed, 'target' => $target])->says()->streakLabel())->toBe($label);
})->with([
    // Streak v t over the frame's height of 8 m x 24 / 24 (closed form).
    'a hair' => ['0.4', '1/500', '0.01 %'],
    'a tenth' => ['4', '1/4', '13 %'],
    'half' => ['4', '1', '50 %'],
    'two frames' => ['4', '4', '2 frames'],
    'very many' => ['4', '2m', '60 frames'],
]);

it('has no list that promises more than the bag can do', function (): void {
    Filter::query()->update(['packed' => false]);
    $bench = worked(['shutter' => '1/60']);
    $plan = MakeList::plan($bench, new ListOrder(ListKind::Ladder));

    expect($plan->left)->not->toBe([]);
    expect(count($plan->shots) + count($plan->left))->toBe(count($bench->moving->bands->bands));
    $this->post(
        '/lists?'.http_build_query(benchQuery(['shutter' => '1/60'])), ['list' => 'time:1'],
    )->assertRedirect('/bench')->assertSessionHas('problem');
    expect(ShotList::query()->count())->toBe(0);
});

it('says whether a list fits before it is time to get off', function (): void {
    Outing::query()->delete();
    $subject = Subject::query()->where('name', 'the posts in swell')->firstOrFail();
    $place = $subject->place;
    $this->travelTo(Carbon::parse('2026-11-26 15:00', 'UTC'));
    $curve = app(PlaceTide::class)->curve($place, (float) now()->getTimestamp(), now()->getTimestamp() + 6 * 3600);
    $leave = app(PlaceTide::class)->getOff(
        $place, $curve ?? throw new LogicException, (float) now()->getTimestamp(),
    )?->leaveUnix ?? throw new LogicException;
    $place->outings()->create(['starts_at' => '2026-11-26 14:30', 'ends_at' => '2026-11-26 18:00']);
    $query = ['subject' => (string) $subject->id, 'kind' => 'swell', 'period' => '8', 'distance' => '12', 'shutter' => '1/8'];

    foreach (['It fits before' => 3000, 'It does not fit before' => 20] as $says => $before) {
        $this->travelTo(Carbon::createFromTimestamp((int) $leave - $before, 'UTC'));
        $this->post('/lists?'.http_build_query(benchQuery($query)), ['list' => 'time:1'])->assertRedirect();
        expect(ShotList::query()->latest('id')->firstOrFail()->note)->toContain($says);
    }
});

it('has a demo that keeps to its own cautions: the outing ahead begins dry, with time to leave', function (): void {
    $outing = Outing::query()->where('starts_at', '>', now())->firstOrFail();
    $curve = app(PlaceTide::class)->curve(
        $outing->place, (float) $outing->starts_at->getTimestamp() - 3600, (float) $outing->ends_at->getTimestamp() + 12 * 3600,
    );
    $getOff = app(PlaceTide::class)->getOff($outing->place, $curve ?? throw new LogicException, (float) $outing->starts_at->getTimestamp());

    expect($getOff?->awashUntilUnix)->toBeNull();
    expect($getOff?->leaveUnix ?? INF)->toBeGreaterThanOrEqual($outing->starts_at->getTimestamp() + 1800);
});

it('says at what hour the light alone will do it, by the sun at the place of the subject', function (): void {
    $this->travelTo(Carbon::parse('2026-11-26 13:00', 'UTC'));
    Filter::query()->update(['packed' => false]);
    $bright = $this->get('/bench?'.http_build_query(benchQuery(['subject' => '1', 'shutter' => '1/125'])))->assertOk();
    $bright->assertSee('Wait until the light has dropped')->assertSee('By the sun at Thrennet Stair, in a clear sky: 1');

    $this->get(
        '/bench?'.http_build_query(benchQuery(['subject' => '', 'shutter' => '1/125'])),
    )->assertOk()->assertSee('Wait until the light has dropped')->assertDontSee('By the sun at');
});

it('offers the drift of the hour with one press, and nothing at noon', function (): void {
    $this->travelTo(Carbon::parse('2026-11-26 16:40', 'UTC'));
    $this->get(
        '/bench?'.http_build_query(benchQuery(['subject' => '1'])),
    )->assertOk()->assertSee('data-set="f-drift" data-value="-0.', false)->assertSee('just now, by the sun at Thrennet Stair');

    $this->travelTo(Carbon::parse('2026-06-21 12:40', 'UTC'));
    $this->get('/bench?'.http_build_query(benchQuery(['subject' => '1'])))->assertOk()->assertDontSee('data-set="f-drift"', false);
});

it('says the graduated filter that evens sky and foreground just now: soft inland, hard over the sea, none without a place', function (): void {
    $this->travelTo(Carbon::parse('2026-11-26 16:20', 'UTC'));
    $page = fn (string $subject): string => (string) $this->get('/bench?'.http_build_query(benchQuery(['subject' => $subject])))
        ->assertOk()->getContent();
    preg_match('/Sky (\d\.\d) stops over the foreground just now, in a clear sky at Thrennet Stair: a graduated filter of (\d) stops, soft, evens them\./', $page('1'), $inland);
    preg_match('/Sky (\d\.\d) stops over the foreground just now, in a clear sky at Marrow Shelf: a graduated filter of (\d) stops, hard, evens them\./', $page('3'), $sea);

    expect((float) ($inland[1] ?? 0))->toBeBetween(1.5, 4.5)->and((int) ($inland[2] ?? 0))->toBe((int) round((float) ($inland[1] ?? 0)))
        ->and((float) ($sea[1] ?? 0))->toBeBetween(1.0, 4.0)->and($page(''))->not->toContain('stops over the foreground');
});
