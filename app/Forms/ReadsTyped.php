<?php

declare(strict_types=1);

namespace App\Forms;

/** A request that is read as it was typed. */
trait ReadsTyped
{
    public function typed(): Typed
    {
        return new Typed([...$this->all()]);
    }
}
