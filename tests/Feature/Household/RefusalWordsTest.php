<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

/**
 * The names of all fields that any page shows.
 *
 * @return array<string, bool> whether there are several of it
 */
function allFields(): array
{
    $views = array_merge(...array_map(static fn (string $at): array => glob(resource_path("views/{$at}/*.blade.php")) ?: [], ['*', '*/*']));
    preg_match_all('/ name="([a-z_0-9]+)(\[\])?"/', implode('', array_map(file_get_contents(...), $views)), $found, PREG_SET_ORDER);
    $fields = [];
    foreach ($found as $field) {
        $fields[$field[1]] = isset($field[2]);
    }

    return array_diff_key($fields, ['_method' => true, '_token' => true]);
}

it('refuses in words of its own at every form, whatever is sent', function (string $sent): void {
    $fields = array_map(static fn (bool $several): string|array => $several ? [$sent] : $sent, allFields());
    expect(count($fields))->toBeGreaterThan(150);
    $refused = 0;
    $theirs = [];
    foreach (Route::getRoutes() as $route) {
        $method = current(array_diff($route->methods(), ['GET', 'HEAD', 'DELETE']));
        if ($method === false) {
            continue;
        }
        $path = preg_replace(['/\{item\}/', '/\{kind\}/', '/\{[a-z]+\}/'], ['filter', 'swell', '1'], $route->uri());
        DB::beginTransaction();
        $answer = $this->json($method, "/{$path}", $fields);
        DB::rollBack();
        expect($answer->status())->toBeLessThan(500, "{$method} {$path}");
        foreach ($answer->status() === 422 ? (array) $answer->json('errors') : [] as $field => $says) {
            $refused++;
            $theirs = [...$theirs, ...array_map(static fn (string $words): string => "{$method} {$path} {$field}: {$words}",
                preg_grep('/\bfield (?!file)|validation\.|selected .* is invalid|:[a-z]/', (array) $says) ?: [])];
        }
    }
    expect($theirs)->toBe([])->and($refused)->toBeGreaterThan(60);
})->with(['nothing' => '', 'what is far too long and no value' => str_repeat('a{} ', 1050)]);
