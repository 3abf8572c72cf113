<?php

declare(strict_types=1);

use Tests\Attack\Attack;

// A slice of bin/attack, by another seed each time; with the seed that is printed, bin/attack --seed does the same again.

it('answers whatever is sent with no fault of its own, tells nothing of the inside, and changes nothing that it refuses', function (): void {
    $folder = sys_get_temp_dir().'/gentle-pour-attack-'.bin2hex(random_bytes(6));
    config(['backups.folder' => $folder]);
    $attack = new Attack($this->app, random_int(1, 999_999_999));
    fwrite(STDERR, "Attack by seed {$attack->seed}\n");
    try {
        $attack->requests(1500);
        $attack->commands(100, json_decode((string) file_get_contents(dirname(__DIR__, 2).'/Attack/documents.json'), true));
        $attack->files(30);
    } finally {
        exec('rm -rf '.escapeshellarg($folder));
    }
    expect($attack->faults)->toBe([], "bin/attack --seed={$attack->seed}")->and(array_sum($attack->answers))->toBeGreaterThanOrEqual(1630)
        ->and($attack->answers)->toHaveKeys(['200', '302', '404', '422', 'exit 0', 'exit 2']);
});

it('would notice a fault, an answer that tells too much, and a refusal that changes something', function (string $path, string $fault): void {
    Route::middleware('web')->group(function (): void {
        Route::get('/bad/fault', fn () => throw new RuntimeException('x'));
        Route::get('/bad/told', fn () => 'SQLSTATE[HY000]');
        Route::get('/bad/changed', function () {
            DB::table('settings')->delete();
            abort(422);
        });
        Route::get('/bad/led', fn () => redirect('https://elsewhere.example'));
    });
    $attack = new Attack($this->app, 1);
    (fn () => $this->answer(Illuminate\Http\Request::create($path), $path))->call($attack);
    expect($attack->faults)->toHaveCount(1)->and($attack->faults[0])->toContain($fault);
})->with([['/bad/fault', 'answered 500'], ['/bad/told', 'told “SQLSTATE”'], ['/bad/changed', 'changed records'],
    ['/bad/led', 'led to https://elsewhere']]);
