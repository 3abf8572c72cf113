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
        try {
            return Area::parse($written);
        } catch (InvalidValue $e) {
            throw $e->at($name);
        }
    }
}
