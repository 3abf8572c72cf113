<?php

declare(strict_types=1);

namespace App\Household;

/** The rooms of the menu, with the key that leads to each after g. */
enum Room: string
{
    case Outlook = 'outlook';
    case Places = 'places';
    case Windows = 'windows';
    case Water = 'water';
    case Bench = 'bench';
    case Shoot = 'shoot';
    case Log = 'log';
    case Kit = 'kit';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    public function key(): string
    {
        return match ($this) {
            self::Outlook => 'o',
            self::Places => 'p',
            self::Windows => 'w',
            self::Water => 'm',
            self::Bench => 'b',
            self::Shoot => 's',
            self::Log => 'l',
            self::Kit => 'k',
        };
    }
}
