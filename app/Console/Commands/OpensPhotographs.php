<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\Photo\LookedAt;
use App\Files\Photo\Photograph;
use GentlePour\InvalidValue;
use GentlePour\Photo\Area;

/** Pictures and areas of them from the command line; what is wrong is said at its name. */
trait OpensPhotographs
{
    /** @throws InvalidValue at the name */
    private static function photograph(string $path, string $name, ?Area $still = null): LookedAt
    {
        try {
            return Photograph::open($path)->lookedAt($still);
        } catch (InvalidValue $e) {
            throw $e->at($name);
        }
    }

    /** @throws InvalidValue at the name */
    private static function area(?string $written, string $name): ?Area
    {
        if ($written === null) {
            return null;
        }
        $numbers = array_map(trim(...), explode(',', $written));
        $odd = array_filter($numbers, static fn (string $n): bool => preg_match('/^\d{0,3}(\.\d{1,9})?$/', $n) !== 1 || $n === '');
        if (count($numbers) !== 4 || $odd !== []) {
            throw (new InvalidValue('An area is X,Y,W,H, shares of the frame from 0 to 1, like 0.2,0.5,0.3,0.4.'))->at($name);
        }
        try {
            return Area::of((float) $numbers[0], (float) $numbers[1], (float) $numbers[2], (float) $numbers[3]);
        } catch (InvalidValue $e) {
            throw $e->at($name);
        }
    }
}
