<?php

declare(strict_types=1);

// Who is in by the passcode: seen device by device, shown out one by one, and told where somebody guesses.

use App\Household\Passcode;
use App\Models\Entrance;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\URL;

beforeEach(function (): void {
    $this->passcode = Passcode::renew();
    URL::forceRootUrl('http://192.168.1.20:8000');
    /** Another device: a session of its own, by its address and what its browser says. */
    $this->as = function (string $from, string $says = 'Mozilla/5.0 (X11; Linux x86_64) Firefox/130.0') {
        session()->flush();
        session()->regenerate();
        auth()->forgetGuards();

        return $this->withServerVariables(['REMOTE_ADDR' => $from])->withHeader('User-Agent', $says);
    };
    $this->enter = fn (string $from, string $says = '') => ($this->as)($from, $says)->post('/enter', ['passcode' => $this->passcode])
        ->assertRedirect();
});

it('writes down who comes in, from where and with what, and shows it beside the passcode', function (string $says, string $device): void {
    ($this->enter)('192.168.1.31', $says);
    $entrance = Entrance::query()->sole();
    expect([$entrance->came_from, $entrance->device, $entrance->isIn()])->toBe(['192.168.1.31', $device, true]);
    $this->get('/settings')->assertOk()->assertSeeInOrder(['This '.strtolower($device), '192.168.1.31', 'came in'])
        ->assertDontSee('Show out');
})->with([
    ['Mozilla/5.0 (Linux; Android 14; Phone) Mobile Safari/537.36', 'Phone'], ['Mozilla/5.0 (iPhone; CPU OS 17) Mobile/15E148', 'Phone'],
    ['Mozilla/5.0 (Linux; Android 14; Slate) Safari/537.36', 'Tablet'], ['Mozilla/5.0 (iPad; CPU OS 17) Mobile/15E148', 'Tablet'],
    ['Mozilla/5.0 (X11; Linux x86_64) Firefox/130.0', 'Computer'], ['', 'Computer'],
]);

it('shows a lost phone out at its next step, and nobody else', function (): void {
    ($this->enter)('192.168.1.31', 'Mozilla/5.0 (Linux; Android 14) Mobile');
    $phone = session()->all();
    $lost = Entrance::query()->sole();
    ($this->enter)('192.168.1.40');
    $this->get('/settings')->assertSeeInOrder(['This computer', 'Phone', '192.168.1.31', 'last seen', 'Show out']);
    $this->delete("/settings/entrances/{$lost->id}")->assertRedirect('/settings')->assertSessionHas('done');
    $this->get('/settings')->assertOk()->assertDontSee('192.168.1.31');
    $own = session()->all();
    // The phone, at a page, at a part of a page and at a press.
    foreach ([fn () => $this->get('/log'), fn () => $this->post('/water/drop', ['by' => 'typed', 'drop_m' => 3])] as $step) {
        ($this->as)('192.168.1.31');
        $this->withSession($phone);
        $step()->assertRedirect('/enter');
    }
    ($this->as)('192.168.1.31');
    $this->withSession($phone)->get('/bench', ['HX-Request' => 'true'])->assertStatus(401);
    ($this->as)('192.168.1.40');
    $this->withSession($own)->get('/log')->assertOk();
    $this->delete('/settings/entrances/4711')->assertNotFound();
});

it('takes who leaves off the list, and with a new passcode all but the one who made it', function (): void {
    ($this->enter)('192.168.1.31');
    $this->post('/leave');
    expect(Entrance::query()->whereNull('ended_at')->count())->toBe(0);
    ($this->enter)('192.168.1.32');
    ($this->enter)('192.168.1.33');
    $this->put('/settings/passcode', ['passcode' => $this->passcode])->assertRedirect('/settings');
    $this->get('/settings')->assertOk()->assertSee('This computer')->assertSee('192.168.1.33')->assertDontSee('192.168.1.32');
    $this->artisan('pour:passcode', ['--new' => true]);
    expect(Entrance::query()->whereNull('ended_at')->count())->toBe(0);
});

it('tells of a guesser by the address, and writes guesses and entrances to the log', function (): void {
    Log::spy();
    foreach (['192.168.1.66', '192.168.1.66', '192.168.1.67'] as $from) {
        ($this->as)($from)->post('/enter', ['passcode' => 'guess'])->assertSessionHasErrors('passcode');
    }
    $this->travel(2)->minutes();
    ($this->enter)('192.168.1.31');
    $this->get('/settings')->assertSeeInOrder(['1 wrong passcode', '192.168.1.67', '2 wrong passcodes', '192.168.1.66']);
    Log::shouldHaveReceived('warning')->times(3)->withArgs(fn (string $says,
        array $with): bool => ! str_contains(json_encode([$says, $with]), 'guess'));
    Log::shouldHaveReceived('info')->with('Came in by the passcode.', ['from' => '192.168.1.31', 'device' => 'Computer']);
    // However many addresses somebody makes up, the last fifty are told of, and what is older than three months is forgotten.
    for ($i = 0; $i < 60; $i++) {
        Entrance::query()->create(['came_from' => "10.0.0.{$i}", 'device' => 'Computer', 'seen_at' => now()->subMinutes(60 - $i),
            'refused' => 1]);
    }
    ($this->as)('10.0.1.1')->post('/enter', ['passcode' => 'guess']);
    expect(Entrance::query()->whereNull('came_at')->count())->toBe(50)
        ->and(Entrance::query()->where('came_from', '10.0.0.5')->exists())->toBeFalse();
    $this->travel(91)->days();
    ($this->enter)('192.168.1.31');
    expect(Entrance::query()->count())->toBe(1);
});

it('knows when each was last here, to ten minutes, and asks no more of the database than that', function (): void {
    ($this->enter)('192.168.1.31');
    $came = Entrance::query()->sole()->seen_at;
    $this->travel(9)->minutes();
    $this->get('/log')->assertOk();
    expect(Entrance::query()->sole()->seen_at->equalTo($came))->toBeTrue();
    $this->travel(2)->minutes();
    $this->get('/log')->assertOk();
    expect(Entrance::query()->sole()->seen_at->gt($came))->toBeTrue();
});

it('leaves out whose session has ended by itself', function (): void {
    config(['session.lifetime' => 43_200]);
    ($this->enter)('192.168.1.31');
    $this->travel(29)->days();
    ($this->enter)('192.168.1.40');
    $this->get('/settings')->assertSee('192.168.1.31');
    $this->travel(2)->days();
    ($this->enter)('192.168.1.41');
    $this->get('/settings')->assertDontSee('192.168.1.31')->assertSee('192.168.1.40');
});

it('is read where nothing can be written', function (): void {
    ($this->enter)('192.168.1.31');
    $this->travel(20)->minutes();
    DB::statement('PRAGMA query_only = 1');
    try {
        $this->get('/settings')->assertOk()->assertSee('This computer');
    } finally {
        DB::statement('PRAGMA query_only = 0');
    }
});

it('says nothing of it on this machine alone', function (): void {
    URL::forceRootUrl('http://127.0.0.1');
    $this->withServerVariables(['SERVER_NAME' => '127.0.0.1'])->get('http://127.0.0.1/settings')->assertOk()->assertDontSee('came in');
    expect(Entrance::query()->count())->toBe(0);
});
