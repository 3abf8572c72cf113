<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Household\Settings;
use App\Models\Carry;

/** The first filter that goes into a slot says how many slots the holder has; a holder that is known already stays as it is. */
final readonly class CountSlots
{
    public function __construct(private Settings $settings)
    {
    }

    public function __invoke(?int $slots): void
    {
        $carry = Carry::read($this->settings->read(Carry::SETTING));
        if ($slots !== null && $carry->slots === 0) {
            $this->settings->write(Carry::SETTING, $carry->withSlots($slots)->toArray());
        }
    }
}
