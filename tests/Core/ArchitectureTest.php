<?php

declare(strict_types=1);

/*
 * The house, as docs/architecture.md describes it. Each rule stands here as a test, so that a wrong door cannot be built in unseen.
 */

/** @return iterable<string, string> PHP code of the files below a folder, by path from the root */
function codeBelow(string $folder, string $ending = '.php'): iterable
{
    $root = dirname(__DIR__, 2);
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root.'/'.$folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        if (str_ends_with($file->getPathname(), $ending)) {
            yield substr($file->getPathname(), strlen($root) + 1) => (string) file_get_contents($file->getPathname());
        }
    }
}

/**
 * Which folders use which, below a namespace.
 *
 * @return array<string, list<string>>
 */
function folderUses(string $folder, string $namespace): array
{
    $uses = [];
    foreach (codeBelow($folder) as $path => $code) {
        $from = explode('/', substr($path, strlen($folder) + 1));
        if (count($from) > 1) {
            preg_match_all('/^use '.preg_quote($namespace, '/').'\\\\(\w+)\\\\/m', $code, $found);
            $uses[$from[0]] = [...$uses[$from[0]] ?? [], ...array_diff($found[1], [$from[0]])];
        }
    }

    return array_map(static fn (array $to): array => array_values(array_unique($to)), $uses);
}

/**
 * A way round that leads back to where it began; empty when there is none.
 *
 * @param  array<string, list<string>>  $uses
 * @return list<string>
 */
function circle(array $uses): array
{
    $walk = static function (string $at, array $path) use (&$walk, $uses): array {
        if (in_array($at, $path, true)) {
            return [...array_slice($path, (int) array_search($at, $path, true)), $at];
        }
        foreach ($uses[$at] ?? [] as $next) {
            $found = $walk($next, [...$path, $at]);
            if ($found !== []) {
                return $found;
            }
        }

        return [];
    };
    foreach (array_keys($uses) as $folder) {
        $found = $walk($folder, []);
        if ($found !== []) {
            return $found;
        }
    }

    return [];
}

arch('core knows nothing of the framework or the application')
    ->expect('GentlePour')
    ->not->toUse(['App', 'Illuminate', 'Laravel', 'Carbon', 'Symfony', 'Database', 'Tests']);

arch('core has no clock, no chance and no globals')
    ->expect('GentlePour')
    ->not->toUse(
        [
            'time', 'microtime', 'hrtime', 'date', 'now', 'strtotime', 'rand', 'mt_rand', 'random_int', 'getenv', 'env', 'config', 'app',
            'session', 'request',
        ],
    );

arch('core reads and writes no files')
    ->expect('GentlePour')
    ->not->toUse(
        [
            'file_get_contents', 'file_put_contents', 'fopen', 'file', 'is_file', 'include', 'require', 'unlink', 'mkdir', 'curl_init',
            'header',
        ],
    );

arch('core is strict and closed')
    ->expect('GentlePour')
    ->toUseStrictTypes()
    ->classes()->toBeFinal()->ignoring('GentlePour\InvalidValue');

arch('the application is strict and closed')
    ->expect('App')
    ->toUseStrictTypes()
    ->classes()->toBeFinal();

arch('nothing left in from trying things out')
    ->expect(['GentlePour', 'App'])
    ->not->toUse(['dd', 'dump', 'var_dump', 'print_r', 'ray', 'die', 'exit']);

arch('drawings are read-only values that know no records and no requests')
    ->expect('App\Drawing')
    ->not->toUse(['App\Models', 'App\Rooms', 'App\Forms', 'App\Tide', 'App\Household', 'Illuminate']);

arch('models know neither drawings nor rooms nor requests')
    ->expect('App\Models')
    ->not->toUse(['App\Drawing', 'App\Rooms', 'App\Forms', 'App\Files', 'App\Tide', 'App\Household', 'Illuminate\Http']);

arch('what every form shares knows no room and no record')
    ->expect('App\Forms')
    ->not->toUse(['App\Rooms', 'App\Models', 'App\Drawing']);

arch('files and devices know no room')
    ->expect(['App\Files', 'App\Devices'])
    ->not->toUse(['App\Rooms', 'App\Drawing']);

test('motion and exposure lie below solving, and solving below outing', function (): void {
    $uses = folderUses('core', 'GentlePour');

    expect(array_intersect($uses['Exposure'] ?? [], ['Motion', 'Kit', 'Solving', 'Outing', 'Planning']))->toBe([])
        ->and(array_intersect($uses['Motion'], ['Solving', 'Outing', 'Planning', 'Review']))->toBe([])
        ->and(array_intersect($uses['Solving'], ['Outing', 'Planning', 'Documents']))->toBe([])
        ->and(array_keys(array_filter($uses, static fn (array $to): bool => in_array('Documents', $to, true))))->toBe([]);
});

test('no folder of the core leads back to itself', function (): void {
    expect(circle(folderUses('core', 'GentlePour')))->toBe([]);
});

test('no folder of the application leads back to itself', function (): void {
    expect(circle(folderUses('app', 'App')))->toBe([]);
});

test('no room leads back to itself', function (): void {
    expect(circle(folderUses('app/Rooms', 'App\Rooms')))->toBe([]);
});

test('circles are found where there are some', function (): void {
    expect(circle(['a' => ['b'], 'b' => ['c'], 'c' => ['a']]))->toBe(['a', 'b', 'c', 'a'])
        ->and(circle(['a' => ['b', 'c'], 'b' => ['c'], 'c' => []]))->toBe([]);
});

test('every room has views and tests of its name, where it has pages', function (): void {
    $root = dirname(__DIR__, 2);
    foreach (glob($root.'/app/Rooms/*', GLOB_ONLYDIR) ?: [] as $room) {
        $pages = preg_grep('/view\(\'/', array_map(file_get_contents(...), glob($room.'/*.php') ?: [])) ?: [];
        preg_match_all("/view\\('(\\w+)\\./", implode('', $pages), $views);
        expect(
            array_diff(array_unique($views[1]), [strtolower(basename($room))]),
        )->toBe([], basename($room).' shows a view of another room');
    }
    $tested = array_map(
        basename(...), [...glob($root.'/tests/Feature/*', GLOB_ONLYDIR) ?: [], ...glob($root.'/tests/Browser/*', GLOB_ONLYDIR) ?: []],
    );
    $known = array_map(basename(...), [...glob($root.'/app/Rooms/*', GLOB_ONLYDIR) ?: [], ...glob($root.'/app/*', GLOB_ONLYDIR) ?: []]);
    expect(array_diff($tested, $known, ['Support', 'assets']))->toBe([]);
});

test('form requests only say what is valid: none saves, deletes or opens a transaction', function (): void {
    $found = [];
    foreach (codeBelow('app', 'Request.php') as $path => $code) {
        if (preg_match('/->(save|update|delete|create|insert|push)\(|::create\(|\bDB::/', $code) === 1) {
            $found[] = $path;
        }
    }
    expect($found)->toBe([]);
});

test('controllers and commands ask the database nothing by hand', function (): void {
    $found = [];
    foreach (['app/Rooms', 'app/Console'] as $folder) {
        foreach (codeBelow($folder) as $path => $code) {
            if (preg_match('/(Controller|Command)\.php$/', $path) === 1 && preg_match('/\bDB::|\bPDO\b/', $code) === 1) {
                $found[] = $path;
            }
        }
    }
    expect($found)->toBe([]);
});

test('views name no class of the application or the core', function (): void {
    $found = [];
    foreach (codeBelow('resources/views', '.blade.php') as $path => $code) {
        if (preg_match('/\\\\?\b(App|GentlePour)\\\\\w/', $code) === 1) {
            $found[] = $path;
        }
    }
    expect($found)->toBe([]);
});

test('closed sets are matched in full: no match of the core, of drawings or of rooms over an enum falls back to a default', function (): void {
    $found = [];
    foreach ([...codeBelow('core'), ...codeBelow('app')] as $path => $code) {
        preg_match_all('/match \((?!true\))[^{]*\{(?:[^{}]|\{[^{}]*\})*?\n\s+default =>/s', $code, $matches);
        foreach ($matches[0] as $match) {
            if (preg_match('/\n\s+(self|[A-Z]\w+)::[A-Z]\w+(,| =>)/', $match) === 1) {
                $found[] = $path;
            }
        }
    }
    expect($found)->toBe([]);
});

test('no class of the core asks the clock through new DateTime', function (): void {
    $found = [];
    foreach (codeBelow('core') as $path => $code) {
        if (preg_match('/new \\\\?DateTime(Immutable)?\(\)|\$_(GET|POST|SERVER|ENV|SESSION)|\bglobal \$/', $code) === 1) {
            $found[] = $path;
        }
    }
    expect($found)->toBe([]);
});

test('no line of code is longer than 140 characters', function (): void {
    $found = [];
    foreach (['core', 'app', 'database', 'routes'] as $folder) {
        foreach (codeBelow($folder) as $path => $code) {
            foreach (explode("\n", $code) as $i => $line) {
                if (mb_strlen($line) > 140) {
                    $found[] = $path.':'.($i + 1);
                }
            }
        }
    }
    expect($found)->toBe([]);
});

test('nor is a line of a view, a style or a script, but for a picture within it', function (): void {
    $found = [];
    $root = dirname(__DIR__, 2).'/resources';
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
        foreach (file((string) $file, FILE_IGNORE_NEW_LINES) ?: [] as $i => $line) {
            if (mb_strlen($line) > 140 && ! str_contains($line, 'href="data:image/')) {
                $found[] = substr((string) $file, strlen($root)).':'.($i + 1);
            }
        }
    }
    expect($found)->toBe([]);
});

it('uses nothing that lies beside or above it in the drawing of docs/architecture.md', function (
    string $folder, string $namespace, array $rows,
): void {
    $height = [];
    foreach (array_reverse($rows) as $row => $folders) {
        $height += array_fill_keys($folders, $row);
    }
    $drawing = (string) file_get_contents(dirname(__DIR__, 2).'/docs/architecture.svg');
    foreach (folderUses($folder, $namespace) as $from => $uses) {
        expect($from === 'Providers' || str_contains($drawing, ">{$from}<"))->toBeTrue("the drawing lacks {$folder}/{$from}");
        foreach ($uses as $to) {
            expect($height[$to] < $height[$from])->toBeTrue("{$folder}/{$from} uses {$to}");
        }
    }
})->with([
    'core' => ['core', 'GentlePour', [
        ['Documents', 'Field', 'Practice'], ['Planning', 'Outing', 'Scene'], ['Solving', 'Review'], ['Motion', 'Weather', 'Compass'],
        ['Kit', 'Sky', 'Measuring'], ['Exposure', 'Tide', 'Photo'], ['Time', 'Coast'],
    ]],
    'app' => ['app', 'App', [
        ['Providers'], ['Console'], ['Rooms'], ['Drawing', 'Files', 'Devices'], ['Household', 'Tide', 'Forms'], ['Models'],
    ]],
]);
