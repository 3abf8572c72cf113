<?php

declare(strict_types=1);

use App\Drawing\Thinned;

it('leaves out what lies on the way, and nothing by which the line would be off by a sixth of a pixel', function (callable $line, int $most): void {
    $points = array_map(fn (int $i): array => [2.0 * $i, $line(2.0 * $i)], range(0, 400));
    $thin = Thinned::points($points);
    expect($thin[0])->toBe($points[0])->and($thin[count($thin) - 1])->toBe($points[400])->and(count($thin))->toBeLessThanOrEqual($most);
    foreach ($points as [$x, $y]) {
        expect(abs(lineAt($thin, $x) - $y))->toBeLessThanOrEqual(0.15);
    }
})->with([
    'level' => [fn (float $x): float => 7.0, 2], 'a slope' => [fn (float $x): float => 3.0 - 0.7 * $x, 2],
    'two slopes' => [fn (float $x): float => abs($x - 400), 3], 'a tide' => [fn (float $x): float => 90 * cos($x / 125), 60],
    'a wall' => [fn (float $x): float => $x < 300 ? 0.0 : 80.0, 4],
]);

it('keeps what there is of a point or two, and what stands upright', function (): void {
    expect(Thinned::points([[1.0, 2.0]]))->toBe([[1.0, 2.0]])->and(Thinned::points([[1.0, 2.0], [3.0, 4.0]]))->toBe([[1.0, 2.0], [3.0, 4.0]])
        ->and(Thinned::points([[1.0, 0.0], [1.0, 5.0], [1.0, 0.0]]))->toBe([[1.0, 0.0], [1.0, 5.0], [1.0, 0.0]])
        // Just within a pixel's seventh, and just beyond.
        ->and(Thinned::points([[0.0, 0.0], [1.0, 0.15], [2.0, 0.0]]))->toHaveCount(2)
        ->and(Thinned::points([[0.0, 0.0], [1.0, 0.151], [2.0, 0.0]]))->toHaveCount(3);
});
