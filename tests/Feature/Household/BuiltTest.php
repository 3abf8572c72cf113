<?php

declare(strict_types=1);

use App\Household\Built;

it('ships what its sources make: styles and scripts were built after they were changed', function (): void {
    $sources = [];
    foreach (['resources/css' => '/css$/', 'resources/js' => '/\.js$/'] as $folder => $ending) {
        $found = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($folder),
            FilesystemIterator::SKIP_DOTS)) as $file) {
            if (preg_match($ending, $file->getFilename()) === 1) {
                $found[] = substr($file->getPathname(), strlen(base_path()) + 1);
            }
        }
        sort($found);
        array_push($sources, ...$found);
    }
    $hash = hash_init('sha256');
    foreach ($sources as $name) {
        hash_update($hash, (string) file_get_contents(base_path($name)));
    }
    $manifest = json_decode((string) file_get_contents(public_path('build/manifest.json')), true);
    expect(hash_final($hash))->toBe($manifest['sources'], 'Run npm install && npm run assets.');
    foreach ($manifest['files'] as $name => $file) {
        // Each name tells its contents, so that it may be kept for ever.
        expect($file)->toContain(substr(hash('sha256', (string) file_get_contents(public_path('build/'.$file))), 0, 10));
    }
});

it('gives the address of a built file by its plain name', function (): void {
    $built = new Built;
    expect($built->url('app.css'))->toMatch('#^/build/app-[0-9a-f]{10}\.css$#')
        ->and(is_file(public_path($built->url('app.css'))))->toBeTrue()
        ->and($built->url('unknown.css'))->toBe('/build/unknown.css');
    $page = (string) $this->get('/bench')->assertOk()->getContent();
    expect($page)->toContain($built->url('bench.js'))->toContain($built->url('app.css'));
});

it('sends a page that has not changed only once', function (): void {
    $first = $this->get('/kit')->assertOk();
    $tag = (string) $first->headers->get('ETag');
    expect($tag)->not->toBe('')->and((string) $first->headers->get('Cache-Control'))->toContain('private')->toContain('no-cache');
    $this->withHeader('If-None-Match', $tag)->get('/kit')->assertStatus(304);
    $this->put('/kit/filter/1/packed', ['packed' => '0']);
    $this->withHeader('If-None-Match', $tag)->get('/kit')->assertOk();
});
