<?php

declare(strict_types=1);

use App\Household\OnlyText;
use Illuminate\Http\UploadedFile;

// What no form of ours sends: lists where a value belongs, bytes that are no text, numbers that are none. Never a bare fault of the server.

it('refuses a list where the bench takes one value, at the field, and keeps the rest', function (string $field): void {
    $page = $this->get('/bench?'.http_build_query([$field => ['a', 'b'], 'distance' => '17,5'] + benchQuery()))->assertStatus(422);

    $page->assertSee('17,5')->assertDontSee('Whoops');
    expect(session('bench'))->toBeNull();
})->with(['period', 'drop', 'float_m', 'float_s', 'camera', 'lens', 'after', 'rhythm', 'support', 'place', 'subject', 'sky', 'aperture',
    'iso', 'shutter', 'look', 'feature', 'height']);

it('says at the field of the bench that a list is none of its values', function (): void {
    $this->get('/bench?'.http_build_query(['longest' => ['a']] + benchQuery()))->assertStatus(422)
        ->assertSee('This takes one value, not a list of them.');
    $this->get('/bench?'.http_build_query(['longest' => [['deep']]] + benchQuery()))->assertStatus(422)
        ->assertSee('This takes one value, not a list of them.');
});

it('passes over lists in the light of a day', function (string $field): void {
    $this->get('/places/2?'.http_build_query([$field => ['9:00']]))->assertOk();
})->with(['at1', 'at2', 'ev1', 'ev2', 'sky', 'day', 'hold']);

it('refuses bytes that are no text, with the name of the field, before anything reads them', function (string $method, string $path, array $sent, string $named): void {
    $answer = $this->call($method, $path, $sent);

    expect($answer->status())->toBe(422)->and((string) $answer->getContent())->toContain($named)->toContain('no text')->not
        ->toContain('Stack trace');
})->with([
    ['GET', '/bench', ['look' => "\xff"], 'look'], ['GET', '/bench', ['on' => ["\xc3\x28"]], 'on'],
    ['GET', '/bench', ['period' => "8\0.5"], 'period'],
    ['POST', '/places', ['name' => 'A cove', 'timezone' => "U\0TC"], 'timezone'], ['GET', '/almanac', ['place' => "\xed\xa0\x80"], 'place'],
    ['GET', '/log', ['cursor' => "\xff"], 'cursor'], ['POST', '/kit/filter', ['name' => "Ten\xff"], 'name'],
    ['GET', '/bench', ["lo\xffok" => '1'], 'a field'],
]);

it('takes text of every script for what it is', function (): void {
    $this->post('/places', ['name' => 'Ærenvåg 港 👣', 'latitude' => '56,5', 'longitude' => '-9,8', 'timezone' => 'UTC',
        'tide' => 'none'])->assertSessionDoesntHaveErrors('name');
});

it('knows no record by a number that is none, of whatever length', function (string $path): void {
    $this->get($path)->assertNotFound();
})->with([
    '/kit/filter/99999999999999999999', '/kit/filter/-1', '/kit/camera/1e3', '/places/99999999999999999999', '/log/99999999999999999999',
    '/shoot/99999999999999999999', '/subjects/99999999999999999999',
    '/lists/99999999999999999999',
]);

it('refuses a list where one value belongs, wherever it is sent, with the name of the field', function (string $method, string $path, array $sent, string $field): void {
    $answer = $this->call($method, $path, $sent);
    expect($answer->status())->toBe(422)->and((string) $answer->getContent())->toContain("“{$field}” takes one value");
})->with([
    ['GET', '/water/float', ['place_id' => ['1']], 'place_id'], ['GET', '/places/stations', ['position' => [['x']]], 'position'],
    ['GET', '/kit/marking', ['marking' => ['ND8']], 'marking'],
    ['POST', '/places', ['name' => ['a']], 'name'], ['PUT', '/kit/habits', ['iso' => ['lowest']], 'iso'],
    ['POST', '/shoot', ['on' => [['1']]], 'on'], ['GET', '/log', ['cursor' => ['a']], 'cursor'],
]);

it('passes over or refuses a list within a list on the pages that read one from their address', function (string $path): void {
    foreach (OnlyText::LISTS as $field) {
        foreach ([[['a']], [['mon' => ['f/0']]], 'a' => ['x' => ['y' => 'z']], [1 => 'mon', 'sat' => []]] as $list) {
            $answer = $this->get($path.'?'.http_build_query([$field => $list]));
            expect($answer->status())->toBeLessThan(500, "{$field} of {$path}: ".json_encode($list));
        }
    }
})->with(['/almanac', '/bench', '/compare', '/places/2', '/places/2/horizon', '/bench/better', '/windows', '/almanac.csv', '/almanac.ics', '/card', '/water/swell']);

it('takes every list that a form of ours sends', function (): void {
    preg_match_all('/name="([a-z_]+)\[/', implode('', array_map(file_get_contents(...), glob(resource_path('views/*/*.blade.php')) ?: [])),
        $inPages);
    preg_match_all('/name="([a-z_]+)\[/',
        implode('', array_map(file_get_contents(...), glob(resource_path('views/*/*/*.blade.php')) ?: [])), $inParts);
    expect(OnlyText::LISTS)->toEqualCanonicalizing(array_values(array_unique([...$inPages[1], ...$inParts[1]])));
});

it('reads a file whose name is a number, and none whose name is no text', function (): void {
    $file = fn (string $name): UploadedFile => UploadedFile::fake()->createWithContent($name,
        "time;hs;tp\n2026-11-24T08:00Z;1.8;9\n2026-1x;1.8;9\n");
    $this->post('/water/buoy', ['files' => [$file('0')]])->assertOk()->assertSee('0');
    $this->call('POST', '/water/buoy', [], [], ['files' => [$file("a\xff.txt")]])->assertStatus(422);
});

it('refuses what is longer than anybody means, with the name of the field, before anything reads it', function (string $method, string $path, array $sent, string $says): void {
    $answer = $this->call($method, $path, $sent);
    expect($answer->status())->toBe(422)->and((string) $answer->getContent())->toContain($says);
})->with([
    ['GET', '/bench', ['look' => str_repeat('a', 10_001)], '“look” is longer than 10,000 characters'],
    ['GET', '/almanac', ['days' => [str_repeat('é', 10_001)]], '“days” is longer'],
    ['POST', '/places', ['name' => str_repeat('a', 60_000)], '“name” is longer'],
    ['POST', '/places', ['table' => str_repeat('2026 ', 400_001)], '“table” is longer than 2,000,000'],
    ['PUT', '/log/1', [str_repeat('n', 101) => '1'], 'is longer than'],
]);

it('takes what is as long as a person may mean', function (): void {
    $this->from(url('/water/drop'))->post('/water/drop', ['by' => 'typed', 'drop_m' => '3', 'note' => str_repeat('é', 10_000)])
        ->assertRedirect('/water/drop')->assertSessionHasErrors('note');
    $this->post('/places', ['name' => 'A', 'table' => str_repeat('2026 ', 399_999)])->assertRedirect();
});
