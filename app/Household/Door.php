<?php

declare(strict_types=1);

namespace App\Household;

/** The five doors of the menu, each with its tabs. */
enum Door: string
{
    case Ahead = 'ahead';
    case Bench = 'bench';
    case Shoot = 'shoot';
    case Log = 'log';
    case Kit = 'kit';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    /** The key that opens it after g. */
    public function key(): string
    {
        return $this->value[0];
    }

    /** @return non-empty-list<Tab> the first is where the door opens */
    public function tabs(): array
    {
        return match ($this) {
            self::Ahead => [Tab::Outlook, Tab::Almanac, Tab::Places, Tab::Outings],
            self::Bench => [Tab::Bench, Tab::Water, Tab::Compare],
            self::Shoot => [Tab::Shoot],
            self::Log => [Tab::Log, Tab::Learned, Tab::Practice],
            self::Kit => [Tab::Kit, Tab::Card, Tab::Field, Tab::Settings, Tab::Manual],
        };
    }

    public static function of(?Tab $tab): ?self
    {
        foreach (self::cases() as $door) {
            if ($tab !== null && in_array($tab, $door->tabs(), true)) {
                return $door;
            }
        }

        return null;
    }
}
