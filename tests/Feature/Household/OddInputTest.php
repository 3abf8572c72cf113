<?php

declare(strict_types=1);

// What no form of ours sends: lists where a value belongs, bytes that are no text, numbers that are none. Never a bare fault of the server.

it('refuses a list where the bench takes one value, at the field, and keeps the rest', function (string $field): void {
    $page = $this->get('/bench?'.http_build_query([$field => ['a', 'b'], 'distance' => '17,5'] + benchQuery()))->assertStatus(422);

    $page->assertSee('17,5')->assertDontSee('Whoops');
    expect(session('bench'))->toBeNull();
})->with(['period', 'drop', 'float_m', 'float_s', 'camera', 'lens', 'after', 'rhythm', 'support', 'place', 'subject', 'sky', 'aperture', 'iso', 'shutter', 'look', 'feature', 'height']);

it('says at the field of the bench that a list is none of its values', function (): void {
    $this->get('/bench?'.http_build_query(['longest' => ['a']] + benchQuery()))->assertStatus(422)->assertSee('This takes one value, not a list of them.');
    $this->get('/bench?'.http_build_query(['longest' => [['deep']]] + benchQuery()))->assertStatus(422)->assertSee('This takes one value, not a list of them.');
});

it('passes over lists in the light of a day', function (string $field): void {
    $this->get('/places/2?'.http_build_query([$field => ['9:00']]))->assertOk();
})->with(['at1', 'at2', 'ev1', 'ev2', 'sky', 'day', 'hold']);

it('refuses bytes that are no text, with the name of the field, before anything reads them', function (string $method, string $path, array $sent, string $named): void {
    $answer = $this->call($method, $path, $sent);

    expect($answer->status())->toBe(422)->and((string) $answer->getContent())->toContain($named)->toContain('no text')->not->toContain('Stack trace');
})->with([
    ['GET', '/bench', ['look' => "\xff"], 'look'], ['GET', '/bench', ['on' => ["\xc3\x28"]], 'on'], ['GET', '/bench', ['period' => "8\0.5"], 'period'],
    ['POST', '/places', ['name' => 'A cove', 'timezone' => "U\0TC"], 'timezone'], ['GET', '/windows', ['place' => "\xed\xa0\x80"], 'place'],
    ['GET', '/log', ['cursor' => "\xff"], 'cursor'], ['POST', '/kit/filter', ['name' => "Ten\xff"], 'name'], ['GET', '/bench', ["lo\xffok" => '1'], 'a field'],
]);

it('takes text of every script for what it is', function (): void {
    $this->post('/places', ['name' => 'Ærøskøbing 港 👣', 'latitude' => '56,5', 'longitude' => '-9,8', 'timezone' => 'UTC', 'tide' => 'none'])->assertSessionDoesntHaveErrors('name');
});

it('knows no record by a number that is none, of whatever length', function (string $path): void {
    $this->get($path)->assertNotFound();
})->with([
    '/kit/filter/99999999999999999999', '/kit/filter/-1', '/kit/camera/1e3', '/places/99999999999999999999', '/log/99999999999999999999', '/shoot/99999999999999999999', '/subjects/99999999999999999999',
    '/lists/99999999999999999999',
]);
