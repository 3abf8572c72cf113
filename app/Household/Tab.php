<?php

declare(strict_types=1);

namespace App\Household;

/** The tabs behind the doors, by the names of their routes, with the key that leads to each after g. */
enum Tab: string
{
    case Outlook = 'outlook';
    case Almanac = 'almanac';
    case Places = 'places';
    case Outings = 'outings';
    case Bench = 'bench';
    case Water = 'water';
    case Compare = 'compare';
    case Shoot = 'shoot';
    case Log = 'log';
    case Learned = 'learned';
    case Practice = 'practice';
    case Kit = 'kit';
    case Card = 'card';
    case Field = 'field';
    case Settings = 'settings';
    case Manual = 'manual';

    public function label(): string
    {
        return match ($this) {
            self::Shoot => 'Run sheet',
            self::Log => 'Frames',
            self::Kit => 'Bag',
            self::Field => 'Field file',
            self::Outlook, self::Almanac, self::Places, self::Outings, self::Bench, self::Water, self::Compare, self::Card,
            self::Learned, self::Practice, self::Settings, self::Manual => ucfirst($this->value),
        };
    }

    /** Null where the door's own key leads to it. */
    public function key(): ?string
    {
        return match ($this) {
            self::Almanac => 'w',
            self::Places => 'p',
            self::Outings => 'o',
            self::Water => 'm',
            self::Compare => 'c',
            self::Learned => 'n',
            self::Practice => 'r',
            self::Card => 'd',
            self::Field => 'f',
            self::Settings => 'e',
            self::Manual => 'h',
            self::Outlook, self::Bench, self::Shoot, self::Log, self::Kit => null,
        };
    }
}
