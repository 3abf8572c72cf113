<?php

declare(strict_types=1);

// What is to be mended stands on top of a form by the names of its fields, each the way to its own.

/** @return array<string, string> what the list says, by where each leads to */
function toBeMended(string $page): array
{
    $said = [];
    $list = preg_match('~id="problems".*?</ul>~s', $page, $found) === 1 ? $found[0] : '';
    preg_match_all('~<a href="([^"]+)">(.*?)</a>~s', $list, $links, PREG_SET_ORDER);
    foreach ($links as [, $to, $words]) {
        $said[$to] = trim((string) preg_replace('/\s+/', ' ', html_entity_decode(strip_tags($words))));
    }

    return $said;
}

it('names the fields of a form that was refused', function (): void {
    $page = $this->from('/kit/filter/new')->followingRedirects()
        ->post('/kit/filter', ['name' => '', 'kind' => 'nd', 'marking' => 'dark'])->getContent();
    $said = toBeMended((string) $page);
    expect($said['#f-name'] ?? null)->toBe('Name: This is needed.')
        ->and($said['#f-marking'] ?? null)->toStartWith('Marked: “dark” is not a filter marking');
    foreach (array_keys($said) as $id) {
        expect(substr_count((string) $page, 'id="'.substr($id, 1).'"'))->toBe(1);
    }
});

it('names the dials and fields of a bench that cannot be worked out', function (): void {
    $said = toBeMended((string) $this->get('/bench?shutter=&aperture=f%2F400&iso=soon&distance=far')->assertStatus(422)->getContent());
    expect($said)->toMatchArray([
        '#f-shutter' => 'Shutter: This is needed.', '#f-aperture' => 'Aperture: An aperture must be between 0.5 and 128, and is 400.',
        '#f-iso' => 'ISO: “soon” is not an ISO; write it like 100 or 1600.',
    ])->and($said['#f-distance'])->toStartWith('Distance: ');
});

it('takes no name of a page before it', function (): void {
    $this->get('/kit/filter/new')->assertOk();
    $said = toBeMended((string) $this->from('/settings')->withSession(['errors' => (new Illuminate\Support\ViewErrorBag)
        ->put('default', new Illuminate\Support\MessageBag(['name' => 'This is needed.']))])->get('/settings')->getContent());
    expect($said['#f-name'])->toBe('This is needed.');
});
