<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Household\Settings;
use App\Models\Carry;

/** The release is packed, or stays at home: as it was wished, however often the wish comes. */
final readonly class PackRelease
{
    public function __construct(private KitShelf $shelf, private Settings $settings)
    {
    }

    /** @return string what came of it, in words */
    public function __invoke(bool $packed): string
    {
        $this->settings->write(Carry::SETTING, $this->shelf->carry()->withRelease($packed)->toArray());

        return ! $packed ? 'The release stays at home: nothing beyond the longest timed shutter.' : 'The release is packed.';
    }
}
