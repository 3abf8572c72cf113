<?php

declare(strict_types=1);

namespace App\Household;

use Illuminate\Support\Str;

/** The secret in the address of the calendar that other programs read: whoever knows it reads, and nobody else. */
final readonly class FeedAddress
{
    private const SETTING = 'calendar';

    private const LETTERS = 40;

    public function __construct(private Settings $settings)
    {
    }

    /** Null while there is no feed. */
    public function secret(): ?string
    {
        $secret = $this->settings->read(self::SETTING)['secret'] ?? null;

        return is_string($secret) && strlen($secret) === self::LETTERS ? $secret : null;
    }

    public function is(string $given): bool
    {
        $secret = $this->secret();

        return $secret !== null && hash_equals($secret, $given);
    }

    /** A new one; what reads by the old one reads nothing any more. */
    public function renew(): void
    {
        $this->settings->write(self::SETTING, ['secret' => Str::random(self::LETTERS)]);
    }

    public function end(): void
    {
        $this->settings->write(self::SETTING, ['secret' => null]);
    }
}
