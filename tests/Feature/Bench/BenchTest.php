<?php

declare(strict_types=1);

use App\Forms\Decimal;
use App\Models\Camera;
use App\Models\Filter;
use App\Models\Frame;
use App\Models\Subject;
use GentlePour\Motion\WaterKind;

it('opens on the bench with the demo coast loaded', function (): void {
    $this->get('/bench')->assertOk()->assertSee('Silk in the cascade')->assertSee(
        'Thrennet Stair: the middle step',
    )->assertSee('Ways to shoot it')
        ->assertSee('Official tables, forecasts, closures');
});

it('works from the look back to the settings', function (): void {
    $this->get(
        '/bench?'.http_build_query(benchQuery()),
    )->assertOk()->assertSeeInOrder(['1.3 s', 'f/13', '100', 'Six'])->assertSee('silk 0.55 s to 3.1 s');
});

it('answers a change alone with the bench alone', function (): void {
    $this->get('/bench?'.http_build_query(benchQuery(['look' => 'mist'])), ['HX-Request' => 'true'])->assertOk()
        ->assertSee('Mist in the cascade')->assertDontSee('<html', false);
});

it('lets a pressed look set the target, and a set target choose the look', function (): void {
    $this->get(
        '/bench?'.http_build_query(benchQuery(['look' => 'glass', 'look_was' => 'silk', 'target' => '1.3'])),
    )->assertSee('Glass in the cascade');
    $this->get(
        '/bench?'.http_build_query(benchQuery(['target' => '1/4'])),
    )->assertSee('Brushed in the cascade')->assertSee('value="1/4"', false);
});

it('remembers the bench for the next visit', function (): void {
    $this->get('/bench?'.http_build_query(benchQuery(['kind' => 'swell', 'period' => '8', 'look' => 'mist'])))->assertOk();
    $this->get('/bench')->assertSee('Mist in the sea swell');
});

it('takes a subject from a place', function (): void {
    $fall = Subject::query()->where('water_kind', 'plunge')->firstOrFail();

    $this->get('/bench?take='.$fall->id)->assertOk()->assertSee('plunging fall')->assertSee('value="11"', false);
});

it('shows the message at the field and keeps everything typed', function (string $field, string $value, string $message): void {
    $kind = match ($field) {
        'period' => ['kind' => 'swell', 'period' => $value], 'drop' => ['kind' => 'plunge', 'measure' => 'drop', 'drop' => $value],
        'float_m' => ['measure' => 'float', 'float_m' => $value, 'float_s' => '4'],
        'float_s' => ['measure' => 'float', 'float_m' => '10', 'float_s' => $value],
        default => [$field => $value],
    };
    foreach ([[], ['HX-Request' => 'true']] as $headers) {
        $this->get('/bench?'.http_build_query(benchQuery($kind + ['distance' => '17.25'])), $headers)->assertStatus(422)
            ->assertSee('id="f-'.$field.'-problem"', false)->assertSee($message)->assertSee($field === 'distance' ? $value : '17.25')
            ->assertDontSee('Stack trace');
    }
})->with([
    ['shutter', 'soon', 'not a shutter time'],
    ['shutter', '', 'needed'],
    ['shutter', '-1', 'not a shutter time'],
    ['shutter', '0', 'between'],
    ['shutter', 'NaN', 'not a shutter time'],
    ['aperture', 'wide', 'not an aperture'],
    ['aperture', 'f/0', 'between'],
    ['iso', 'auto', 'not an ISO'],
    ['iso', '0', 'between'],
    ['speed', 'fast', 'must be a number'],
    ['speed', '-4', 'between'],
    ['speed', '1e9', 'must be a number'],
    ['speed', '.', 'must be a number'],
    ['drop', '0', 'between'],
    ['drop', '9999', 'between'],
    ['float_m', '', 'needed'],
    ['float_s', '0', 'between'],
    ['period', '0', 'between'],
    ['period', 'INF', 'must be a number'],
    ['focal', 'x', 'must be a number'],
    ['distance', '0', 'between'],
    ['distance', '99999999', 'between'],
    ['bias', '9', 'between'],
    ['drift', '9', 'between'],
    ['longest', 'later', 'not a shutter time'],
    ['camera', '999', 'no longer in the kit'],
    ['lens', '', 'Add a lens'],
    ['kind', 'lava', 'not one of the choices'],
]);

it('refuses an unreadable target and other odd input without falling over', function (array $changes): void {
    $this->get('/bench?'.http_build_query(benchQuery($changes)))->assertStatus(422)->assertDontSee('Stack trace');
})->with([
    [['target' => 'later']],
    [['on' => ['999']]],
    [['on' => 'Six']],
    [['shutter' => ['1/60']]],
    [['look' => 'fluffy']],
    [['speed' => ['a' => 'b']]],
    [['correction' => 'x']],
    [['target' => str_repeat('9', 300)]],
]);

it('reads decimal commas and numbers with blanks', function (): void {
    $this->get(
        '/bench?'.http_build_query(benchQuery(['speed' => ' 4,0 ', 'distance' => '8,0'])),
    )->assertOk()->assertSee('silk 0.55 s to 3.1 s');
});

it('says what would do it when nothing fits, and offers to aim there', function (): void {
    Filter::query()->update(['packed' => false]);

    $this->get('/bench?'.http_build_query(benchQuery(['shutter' => '1/60'])))->assertOk()
        ->assertSee('Nothing in the bag gives 1.4 s')->assertSee('Add a filter of')->assertSee('Average')->assertSee('Aim there');
});

it('keeps below the longest timed shutter when the release stays at home', function (): void {
    settings()->write('carry', ['slots' => 2, 'release' => false, 'rings' => []]);

    $this->get(
        '/bench?'.http_build_query(benchQuery(['speed' => '0.4', 'look' => 'glass'])),
    )->assertOk()->assertSee('Take a release')->assertSee('no release: 30 s at most');
});

it('counts the filter that was on the lens for the reading', function (): void {
    $six = Filter::query()->where('name', 'Six')->firstOrFail();

    $this->get('/bench?'.http_build_query(benchQuery(['shutter' => '1', 'on' => [$six->id]])))->assertOk()->assertSee('EV 13.0');
});

it('says what to do when the kit is empty', function (): void {
    Camera::query()->delete();

    $this->get('/bench')->assertRedirect('/kit/first');
    // Under way already, it is said at the field.
    $this->get('/bench', ['HX-Request' => 'true'])->assertStatus(422)->assertSee('Add a camera in Kit first');
});

it('answers for every water without a measurement, and says that it rests on a guess, in the field, on the rule and in the log', function (WaterKind $kind): void {
    $query = benchQuery(['kind' => $kind->value, 'measure' => 'speed', 'speed' => '', 'drop' => '', 'period' => '', 'look' => 'mist',
        'look_was' => 'mist', 'subject' => '']);
    $guess = Decimal::write($kind->usual()).($kind->isWaves() ? ' s' : ' m/s').($kind === WaterKind::Surf ? ', 1 m' : '').', a guess';
    $page = (string) $this->get('/bench?'.http_build_query($query))->assertOk()->assertSee($guess.': ')
        ->assertSee('>'.$guess.'<', false)->getContent();
    $frame = Frame::query()->findOrFail((int) basename((string) $this->post(shootThis($page), $query)->headers->get('Location')));
    $this->get('/log/'.$frame->id)->assertSee($guess);
    // A float of which one half is missing is a slip, and is said.
    if (! $kind->isWaves()) {
        $this->get('/bench?'.http_build_query(['measure' => 'float', 'float_s' => '4'] + $query))->assertStatus(422)
            ->assertSee('id="f-float_m-problem"', false);
    }
    $said = [$kind->isWaves() ? 'period' : 'speed' => '6', 'height' => '1.5'] + $query;
    $this->get('/bench?'.http_build_query($said))->assertOk()->assertDontSee('a guess');
})->with(WaterKind::cases());

it('gives the median of presses with its spread, and says how many are still needed', function (): void {
    $this->get('/water/heard?presses=0,8,16.2,24.1,40.0,48.2')->assertOk()->assertSee('8.2 s')
        ->assertSee('data-period="8.6"', false) /* the peak, 1.05 of it */;
    $this->get('/water/heard?presses=0,8.1')->assertOk()->assertSee('3 more to go')->assertSee('data-period=""', false);
    $this->get('/water/heard?presses=0,0.01')->assertStatus(422)->assertSee('Start again');
    $this->getJson('/water/heard?presses=a,b')->assertStatus(422);
});

it('plans the way that was pressed, and no other', function (): void {
    $this->post('/shoot?'.http_build_query(benchQuery()), ['way' => 'Six|f/13|100'])->assertRedirect();
    $frame = Frame::query()->latest('id')->firstOrFail();

    expect($frame->plan->way->filters)->toBe(['Six'])->and($frame->look->value)->toBe('silk')->and($frame->open_s)->toBeNull()
        ->and($frame->planned_s)->toBeWithinStops(1.3, 0.05);
    $this->post('/shoot?'.http_build_query(benchQuery()), ['way' => 'Nine|f/1|3'])->assertRedirect('/bench');
    $this->followingRedirects()->post('/shoot?'.http_build_query(benchQuery()), ['way' => 'x'])->assertSee('no longer among the answers');
    expect(Frame::query()->whereNull('open_s')->count())->toBe(1);
});
