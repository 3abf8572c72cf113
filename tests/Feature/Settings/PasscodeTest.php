<?php

declare(strict_types=1);

use App\Household\Passcode;
use App\Models\Keeper;
use App\Models\Place;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\URL;

/** From now on as one who is on the same network. */
beforeEach(function (): void {
    $this->fromTheHouse = fn () => URL::forceRootUrl('http://192.168.1.20:8000');
});

it('asks for nothing on this machine alone', function (): void {
    $this->withServerVariables(['SERVER_NAME' => '127.0.0.1'])->get('http://127.0.0.1/places')->assertOk();
    expect(Passcode::isSet())->toBeFalse();
});

it('lets nobody in from the house without the passcode, on any route, whatever is asked', function (): void {
    Passcode::renew();
    ($this->fromTheHouse)();
    $open = ['up', 'worker', 'enter', 'calendar', 'leave'];
    $seen = 0;
    foreach (Route::getRoutes() as $route) {
        if (in_array($route->getName(), $open, true) || $route->uri() === 'enter') {
            continue;
        }
        $path = '/'.preg_replace_callback('/\{(\w+)\??\}/', fn (array $m): string => match ($m[1]) {
            'kind' => str_contains($route->uri(), 'schemas') ? 'frames' : 'waves', 'item' => 'filter', 'backup' => '20261126T195501Z-daily', 'upload' => str_repeat('a', 32),
            default => '1',
        }, $route->uri());
        $method = $route->methods()[0];
        $answer = $this->call($method, $path);
        expect([$path, $answer->status(), $answer->headers->get('Location')])->toBe([$path, 302, route('enter')]);
        $seen++;
    }
    expect($seen)->toBeGreaterThan(60)->and(Place::query()->count())->toBeGreaterThan(0);
    // A part of a page takes the whole page along.
    $this->get('/bench', ['HX-Request' => 'true'])->assertStatus(401)->assertHeader('HX-Redirect', route('enter'));
    $this->getJson('/places')->assertStatus(401)->assertJsonPath('message', fn (string $words): bool => str_contains($words, 'enter the passcode'));
});

it('comes in by the passcode, however it is written, goes on to where it was, and leaves again', function (): void {
    $passcode = Passcode::renew();
    expect($passcode)->toMatch('/^[a-z2-9]{4}(-[a-z2-9]{4}){2}$/')
        ->and(Keeper::query()->value('password'))->toStartWith('$argon2id$v=19$m=19456,t=2,p=1$');
    ($this->fromTheHouse)();
    $this->get('/log')->assertRedirect('/enter');
    $this->get('/enter')->assertOk()->assertSee('Come in')->assertDontSee('Outlook');
    $this->post('/enter', ['passcode' => 'no'])->assertSessionHasErrors(['passcode' => 'This is not the passcode.']);
    expect(session()->getOldInput())->not->toHaveKey('passcode');
    $this->post('/enter', ['passcode' => ['a']])->assertSessionHasErrors('passcode');
    $before = session()->getId();
    $this->post('/enter', ['passcode' => ' '.strtoupper(str_replace('-', ' ', $passcode))])->assertRedirect('/log');
    expect(session()->getId())->not->toBe($before);
    $this->get('/log')->assertOk();
    $this->get('/places/stations?q=x')->assertOk();
    $this->post('/leave')->assertRedirect('/enter');
    $this->get('/log')->assertRedirect('/enter');
});

it('gives a guesser five tries a minute', function (): void {
    $passcode = Passcode::renew();
    ($this->fromTheHouse)();
    for ($i = 0; $i < 5; $i++) {
        $this->post('/enter', ['passcode' => "guess {$i}"])->assertStatus(302);
    }
    $this->post('/enter', ['passcode' => $passcode])->assertStatus(429)->assertSee('Wait a minute');
    $this->travel(61)->seconds();
    $this->post('/enter', ['passcode' => $passcode])->assertRedirect('/');
});

it('ends every other session with a new passcode', function (): void {
    $passcode = Passcode::renew();
    ($this->fromTheHouse)();
    $this->post('/enter', ['passcode' => $passcode]);
    $this->get('/settings')->assertOk()->assertSee('Make a new one');
    $other = session()->all();
    $this->put('/settings/passcode', ['passcode' => 'wrong'])->assertSessionHasErrors('passcode');
    $said = $this->put('/settings/passcode', ['passcode' => $passcode])->assertRedirect('/settings')->getSession()->get('done');
    preg_match('/[a-z2-9]{4}(-[a-z2-9]{4}){2}/', (string) $said, $new);
    expect($new[0])->not->toBe($passcode);
    $this->get('/log')->assertOk();
    // The other session, as it was kept.
    session()->flush();
    auth()->forgetGuards();
    $this->withSession($other)->get('/log')->assertRedirect('/enter');
    $this->travel(2)->minutes();
    $this->post('/enter', ['passcode' => $passcode])->assertSessionHasErrors('passcode');
    $this->post('/enter', ['passcode' => $new[0]])->assertRedirect();
});

it('stays when the house is emptied: whoever is in stays in, and the passcode opens it as before', function (): void {
    $passcode = Passcode::renew();
    ($this->fromTheHouse)();
    $this->post('/enter', ['passcode' => $passcode]);
    $this->post('/settings/backup/begin', ['sure' => '1'])->assertRedirect('/')->assertSessionHas('done');
    expect(Place::query()->count())->toBe(0);
    $this->get('/')->assertOk()->assertSee('Five minutes');
    $this->post('/leave');
    $this->post('/enter', ['passcode' => $passcode])->assertRedirect('/')->assertSessionHasNoErrors();
    $this->get('/settings')->assertOk();
});

it('says how a passcode is made where there is none, and makes it by a command', function (): void {
    ($this->fromTheHouse)();
    $this->get('/enter')->assertOk()->assertSee('pour:passcode');
    $this->post('/enter', ['passcode' => ''])->assertSessionHasErrors('passcode');
    $this->post('/enter', ['passcode' => 'x'])->assertSessionHasErrors('passcode');
    $this->artisan('pour:passcode')->assertExitCode(0)->expectsOutputToContain('"passcode": "');
    $this->artisan('pour:passcode')->assertExitCode(0)->expectsOutputToContain('It is set');
    $hash = Keeper::query()->value('password');
    $this->artisan('pour:passcode', ['--new' => true])->assertExitCode(0);
    expect(Keeper::query()->count())->toBe(1)->and(Keeper::query()->value('password'))->not->toBe($hash);
});
