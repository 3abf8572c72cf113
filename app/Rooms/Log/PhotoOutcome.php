<?php

declare(strict_types=1);

namespace App\Rooms\Log;

/** What came of a picture file that was sent in. */
enum PhotoOutcome: string
{
    case Matched = 'matched';
    case Base = 'base';
    case Found = 'found';
    case Open = 'open';
    case Here = 'here';
    case Refused = 'refused';

    public function label(): string
    {
        return match ($this) {
            self::Matched => 'the frame that was planned',
            self::Base => 'the base of a frame',
            self::Found => 'a frame that nobody planned',
            self::Open => 'which frame it shows is not known',
            self::Here => 'here already',
            self::Refused => 'not taken in',
        };
    }
}
