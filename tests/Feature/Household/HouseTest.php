<?php

declare(strict_types=1);

use App\Forms\Decimal;
use App\Household\Theme;

/** @return list<string> */
function shippedTexts(): array
{
    $texts = [];
    foreach (['core', 'app', 'resources/views', 'resources/js', 'docs'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($folder),
            FilesystemIterator::SKIP_DOTS)) as $file) {
            if (in_array($file->getExtension(), ['php', 'js', 'md'], true)) {
                $texts[$file->getPathname()] = (string) file_get_contents($file->getPathname());
            }
        }
    }

    return $texts;
}

it('never calls a place safe', function (): void {
    foreach (shippedTexts() as $path => $text) {
        expect(
            preg_match(
                '/\b(is|are|now|perfectly|quite|still) safe\b|\bsafe (place|spot|to (go|stand|stay))\b/i',
                str_replace('no promise that it is safe', '', $text),
            ) === 1 && ! str_contains($text, 'does not make it') ? $path : '',
        )->toBe('');
    }
});

it('shows the cautions wherever a plan leads to the water', function (string $path): void {
    $this->get($path)->assertOk()->assertSee('coastguard')->assertSee('back');
})->with([
    '/',
    '/bench',
    '/places/2',
    '/almanac?place=2&above=3',
    '/outings',
]);

it('fetches nothing at run time: no address of another host in what it serves', function (string $path): void {
    $page = (string) $this->get($path)->assertOk()->getContent();
    preg_match_all('/(?:src|href|action|hx-get|hx-put)="(https?:)?\/\/(?!localhost)[^"]+"/', $page, $found);

    expect($found[0])->toBe([]);
})->with([
    '/',
    '/bench',
    '/kit',
    '/log',
    '/places/2',
    '/almanac',
]);

it('answers every room and an unknown address without a stack trace', function (string $path, int $status): void {
    $this->get($path)->assertStatus($status)->assertDontSee('Stack trace')->assertDontSee('vendor/laravel')->assertSee('Gentle Pour');
})->with([
    ['/', 200],
    ['/places', 200],
    ['/outings', 200],
    ['/almanac', 200],
    ['/bench', 200],
    ['/shoot', 200],
    ['/log', 200],
    ['/kit', 200],
    ['/nowhere', 404],
    ['/places/999', 404],
    ['/log/abc', 404],
    ['/kit/tripod/new', 404],
]);

it('draws the page in the light that the cookie asks for, and in daylight for any other', function (): void {
    $this->withUnencryptedCookie('theme', 'night')->get('/kit')->assertSee('data-theme="night"', false);
    $this->withUnencryptedCookie('theme', 'disco')->get('/kit')->assertSee('data-theme="day"', false);
    expect(array_map(fn (Theme $t): string => $t->value, Theme::cases()))->toBe(['day', 'beach', 'night', 'dim']);
    // The second step down is the night’s, and dark from the first paint.
    $this->withUnencryptedCookie('theme', 'dim')->get('/kit')->assertSee('data-theme="night"', false)->assertSee('data-dim', false)
        ->assertSee('<meta name="color-scheme" content="dark">', false)->assertSee('<meta name="theme-color" content="#000000">', false);
});

it('reads and writes numbers as they are typed', function (string $typed, float $value): void {
    expect(preg_match(Decimal::PATTERN, $typed))->toBe(1)->and(Decimal::read($typed))->toBe($value);
})->with([
    ['4', 4.0],
    ['4,5', 4.5],
    [' 4.50 ', 4.5],
    ['-0.3', -0.3],
    ['−0,3', -0.3],
    ['.5', 0.5],
]);

it('takes nothing else for a number', function (string $typed): void {
    expect(preg_match(Decimal::PATTERN, $typed))->toBe(0);
})->with([
    '1e9',
    'NaN',
    'INF',
    '0x1F',
    '1.2.3',
    '1 000',
    '4m',
    '--4',
    '1234567890123',
]);

it('writes numbers as short as they are', function (): void {
    expect(Decimal::write(4.0))->toBe('4')
        ->and(Decimal::write(4.50))->toBe('4.5')
        ->and(Decimal::write(100.0, 0))->toBe('100')
        ->and(Decimal::write(0.126, 2))->toBe('0.13');
});

it('stands in for what the registry lacks: the four functions of PHP 8.5 as its manual describes them', function (): void {
    expect(array_first([3 => 'a', 1 => 'b']))->toBe('a')
        ->and(array_last([3 => 'a', 1 => 'b']))->toBe('b')
        ->and(array_first([]))->toBeNull()
        ->and(array_last([]))->toBeNull();
    $handler = fn (): bool => true;
    set_error_handler($handler);
    expect(get_error_handler())->toBe($handler);
    restore_error_handler();
    set_exception_handler($caught = fn (Throwable $e) => null);
    expect(get_exception_handler())->toBe($caught);
    restore_exception_handler();
});

it('keeps foreign keys, a write-ahead log and patience in the database it ships with', function (): void {
    $options = require base_path('config/database.php');

    expect($options['connections']['sqlite'])->toMatchArray(
        ['foreign_key_constraints' => true, 'journal_mode' => 'WAL', 'busy_timeout' => 5000],
    );
    expect(Illuminate\Support\Facades\DB::selectOne('PRAGMA foreign_keys')->foreign_keys)->toBe(1);
});

it('shows every view in a picture that the README links, and keeps their number readable', function (): void {
    $readme = (string) file_get_contents(base_path('README.md'));
    $pictures = glob(base_path('docs/screenshots/*.png')) ?: [];

    expect(count($pictures))->toBeGreaterThan(10)->toBeLessThan(20);
    foreach ($pictures as $picture) {
        expect($readme)->toContain('docs/screenshots/'.basename($picture));
        expect(filesize($picture))->toBeLessThan(1_000_000);
    }
});

it('links only to pages of its own documentation that are there', function (): void {
    foreach (['README.md', ...array_map(static fn (string $f): string => 'docs/'.basename($f), glob(base_path('docs/*.md'))
        ?: [])] as $page) {
        preg_match_all('/\]\((?!https?:)([^)#]+)\)/', (string) file_get_contents(base_path($page)), $links);
        foreach ($links[1] as $link) {
            expect(file_exists(dirname(base_path($page)).'/'.$link))->toBeTrue("{$page} links to {$link}");
        }
    }
});

it('publishes a schema by which its own export is valid, and names every column of the kit', function (): void {
    $schema = json_decode(App\Files\KitFile::schema(), true);
    $kit = json_decode(app(App\Files\KitFile::class)->write(), true);

    foreach (['cameras' => 'camera', 'lenses' => 'lens', 'filters' => 'filter'] as $list => $piece) {
        expect(array_diff(array_keys($kit[$list][0]), array_keys($schema['$defs'][$piece]['properties'])))->toBe([]);
    }
    $result = (new Opis\JsonSchema\Validator)->validate(json_decode(app(App\Files\KitFile::class)->write()), App\Files\KitFile::schema());
    expect($result->isValid())->toBeTrue();
});
