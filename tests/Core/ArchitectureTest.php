<?php

declare(strict_types=1);

arch('core knows nothing of the framework or the application')
    ->expect('GentlePour')
    ->not->toUse(['App', 'Illuminate', 'Laravel', 'Carbon', 'Symfony', 'Database', 'Tests']);

arch('core has no clock, no chance and no globals')
    ->expect('GentlePour')
    ->not->toUse(['time', 'microtime', 'hrtime', 'date', 'now', 'strtotime', 'rand', 'mt_rand', 'random_int', 'getenv', 'env', 'config', 'app', 'session', 'request']);

arch('core reads and writes no files')
    ->expect('GentlePour')
    ->not->toUse(['file_get_contents', 'file_put_contents', 'fopen', 'file', 'is_file', 'include', 'require', 'unlink', 'mkdir', 'curl_init', 'header']);

arch('core is strict and closed')
    ->expect('GentlePour')
    ->toUseStrictTypes()
    ->classes()->toBeFinal()->ignoring('GentlePour\InvalidValue');

arch('nothing left in from trying things out')
    ->expect(['GentlePour', 'App'])
    ->not->toUse(['dd', 'dump', 'var_dump', 'print_r', 'ray', 'die', 'exit']);

arch('controllers and commands are thin: no database queries by hand')
    ->expect(['App\Http\Controllers', 'App\Console'])
    ->not->toUse(['Illuminate\Support\Facades\DB', 'PDO']);

test('no class of the core asks the clock through new DateTime', function (): void {
    $found = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/core', FilesystemIterator::SKIP_DOTS)) as $file) {
        $code = (string) file_get_contents($file->getPathname());
        if (preg_match('/new \\\\?DateTime(Immutable)?\(\)|\$_(GET|POST|SERVER|ENV|SESSION)|\bglobal \$/', $code) === 1) {
            $found[] = $file->getPathname();
        }
    }
    expect($found)->toBe([]);
});
