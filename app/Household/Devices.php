<?php

declare(strict_types=1);

namespace App\Household;

/** Which outside devices the person works with; those that ship are simulated. */
final readonly class Devices
{
    private const SETTING = 'devices';

    public const NONE = '';

    public const SIMULATED = 'simulated';

    public function __construct(private Settings $settings)
    {
    }

    public function hasCamera(): bool
    {
        return $this->has('camera');
    }

    public function hasMeter(): bool
    {
        return $this->has('meter');
    }

    public function hasForecast(): bool
    {
        return $this->has('forecast');
    }

    public function choose(string $camera, string $meter, string $forecast): void
    {
        $this->settings->write(self::SETTING, ['camera' => $camera, 'meter' => $meter, 'forecast' => $forecast]);
    }

    private function has(string $device): bool
    {
        return ($this->settings->read(self::SETTING)[$device] ?? self::NONE) === self::SIMULATED;
    }
}
