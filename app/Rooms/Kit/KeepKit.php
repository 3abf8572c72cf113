<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Models\Camera;
use App\Models\Filter;
use App\Models\Lens;
use GentlePour\InvalidValue;

/** Keeps a piece of kit, once the core agrees that its values go together. A filter too many to be packed stays at home. */
final class KeepKit
{
    /**
     * @param  array<string, mixed>  $values
     *
     * @throws InvalidValue at the field that the core refuses, by the core's name for it
     */
    public function __invoke(Camera|Lens|Filter $record, array $values): void
    {
        $record->fill($values);
        $record->assertUsable();
        if ($record instanceof Filter && ! $record->exists && Filter::fillTheBag()) {
            $record->packed = false;
        }
        $record->save();
    }
}
