<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Household\Settings;
use App\Models\Carry;

/** One press: the release is packed after all, or stays at home. */
final readonly class PackRelease
{
    public function __construct(private KitShelf $shelf, private Settings $settings)
    {
    }

    /** @return string what came of it, in words */
    public function __invoke(): string
    {
        $carry = $this->shelf->carry();
        $this->settings->write(Carry::SETTING, $carry->withRelease(! $carry->release)->toArray());

        return $carry->release ? 'The release stays at home: nothing beyond the longest timed shutter.' : 'The release is packed.';
    }
}
