<?php

declare(strict_types=1);

namespace App\Household;

use App\Models\Keeper;

/** The passcode of the house: made up here, shown once, kept as a hash. */
final class Passcode
{
    /** Letters and digits that are not taken for each other in the dark. */
    private const LETTERS = 'abcdefghkmnpqrstuvwxyz23456789';

    private const GROUPS = 3;

    private const IN_A_GROUP = 4;

    public static function isSet(): bool
    {
        return Keeper::query()->exists();
    }

    /** Makes up a new one, which ends the sessions that came in by the old one. */
    public static function renew(): string
    {
        $groups = [];
        for ($group = 0; $group < self::GROUPS; $group++) {
            $groups[] = implode('', array_map(
                static fn (): string => self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)], range(1, self::IN_A_GROUP),
            ));
        }
        $passcode = implode('-', $groups);
        $keeper = Keeper::query()->first() ?? new Keeper;
        $keeper->fill(['password' => self::plain($passcode)])->save();
        Entrances::endAll();

        return $passcode;
    }

    /**
     * What the guard compares.
     *
     * @return array{id: int, password: string}
     */
    public static function credentials(string $typed): array
    {
        return ['id' => Keeper::query()->first()->id ?? 0, 'password' => self::plain($typed)];
    }

    /** As it is compared: whatever the case, the blanks and the hyphens between. */
    private static function plain(string $typed): string
    {
        return strtolower((string) preg_replace('/[\s\-]+/', '', $typed));
    }
}
