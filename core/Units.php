<?php

declare(strict_types=1);

namespace GentlePour;

use DateTimeInterface;

/** The units that a person reads and types in. Everything is kept and reckoned in metres, seconds and degrees Celsius. */
final readonly class Units
{
    public const LENGTHS = ['m' => 'metres', 'ft' => 'feet'];

    public const SPEEDS = ['m/s' => 'metres a second', 'km/h' => 'kilometres an hour', 'mph' => 'miles an hour', 'kn' => 'knots'];

    private const ROSE = [
        'N', 'NNE', 'NE', 'ENE', 'E', 'ESE', 'SE', 'SSE', 'S', 'SSW', 'SW', 'WSW', 'W', 'WNW', 'NW', 'NNW',
    ];

    public const WINDS = self::SPEEDS + ['Bft' => 'Beaufort’s force'];

    public const TEMPERATURES = ['°C' => 'Celsius', '°F' => 'Fahrenheit'];

    /** What stands in a field with feet, as often as it goes there and back, must stay the same. */
    private const FIELD_DECIMALS = 2;

    /** More feet than these have a scale by fives. */
    private const MANY_FEET = 16.0;

    private const PER = ['m' => 1.0, 'ft' => 0.3048, 'm/s' => 1.0, 'km/h' => 1 / 3.6, 'mph' => 0.44704, 'kn' => 1852 / 3600];

    /**
     * @param  key-of<self::LENGTHS>  $length
     * @param  key-of<self::SPEEDS>  $speed  of water and clouds
     * @param  key-of<self::WINDS>  $wind
     * @param  key-of<self::TEMPERATURES>  $temperature
     */
    public function __construct(
        public string $length = 'm',
        public string $speed = 'm/s',
        public string $wind = 'm/s',
        public string $temperature = '°C',
        public bool $twelveHours = false,
    ) {
    }

    /** @param  array<string, mixed>  $stored  as it was kept, by whatever version */
    public static function read(array $stored): self
    {
        $length = $stored['length'] ?? '';
        $speed = $stored['speed'] ?? '';
        $wind = $stored['wind'] ?? '';
        $temperature = $stored['temperature'] ?? '';

        return new self(
            $length === 'ft' ? 'ft' : 'm',
            is_string($speed) && isset(self::SPEEDS[$speed]) ? $speed : 'm/s',
            is_string($wind) && isset(self::WINDS[$wind]) ? $wind : 'm/s',
            $temperature === '°F' ? '°F' : '°C',
            ($stored['twelve_hours'] ?? false) === true,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'length' => $this->length, 'speed' => $this->speed, 'wind' => $this->wind, 'temperature' => $this->temperature,
            'twelve_hours' => $this->twelveHours,
        ];
    }

    /** A length or height with its unit. */
    public function metres(float $metres, int $decimals = 1): string
    {
        return number_format($metres / self::PER[$this->length], $decimals, '.', '').' '.$this->length;
    }

    /**
     * Heights for a scale from one to another, in m: each metre, or feet by two, and by five where that would be many.
     *
     * @return list<float>
     */
    public function scale(float $lowM, float $highM): array
    {
        $per = self::PER[$this->length];
        $step = $this->length === 'm' ? 1.0 : (($highM - $lowM) / $per > self::MANY_FEET ? 5.0 : 2.0);
        $heights = [];
        for ($i = (int) ceil($lowM / $per / $step); $i * $step * $per <= $highM; $i++) {
            $heights[] = $i * $step * $per;
        }

        return $heights;
    }

    /** A length as short as it can be written. */
    public function about(float $metres, int $decimals = 2): string
    {
        return Numeral::short($metres / self::PER[$this->length], $this->length === 'm' ? $decimals : min(1, $decimals)).' '.$this->length;
    }

    /** A small step of the tide. */
    public function centimetres(float $metres): string
    {
        return $this->length === 'm' ? round(100 * $metres).' cm' : Numeral::many((int) max(1, round($metres / 0.0254)), 'inch', 'inches');
    }

    public function speed(float $metresASecond, int $decimals = 1): string
    {
        return number_format($metresASecond / self::PER[$this->speed], $decimals, '.', '').' '.$this->speed;
    }

    /** A speed as short as it can be written. */
    public function speedAbout(float $metresASecond): string
    {
        return Numeral::short($metresASecond / self::PER[$this->speed], 1).' '.$this->speed;
    }

    public function wind(float $metresASecond): string
    {
        return $this->wind === 'Bft'
            ? 'force '.round(self::force($metresASecond))
            : Numeral::short($metresASecond / self::PER[$this->wind], $this->wind === 'm/s' ? 1 : 0).' '.$this->wind;
    }

    /** The wind rose's name of a direction, of sixteen. */
    public static function compass(float $deg): string
    {
        return self::ROSE[(int) round($deg / 22.5) % 16];
    }

    public function clock(DateTimeInterface $at): string
    {
        return $at->format($this->hours());
    }

    /** The same where something ends: midnight is the end of the day before. */
    public function ends(DateTimeInterface $at): string
    {
        return match (true) {
            $at->format('Hi') !== '0000' => $this->clock($at),
            $this->twelveHours => 'midnight',
            default => '24:00',
        };
    }

    /** The form of hours and minutes. */
    public function hours(): string
    {
        return $this->twelveHours ? 'g:i a' : 'G:i';
    }

    /** The unit of a field that keeps metres, metres a second, a wind or degrees. */
    public function of(string $kept): string
    {
        return match ($kept) {
            'm' => $this->length,
            'm/s' => $this->speed,
            'wind' => $this->wind,
            '°C' => $this->temperature,
            default => $kept,
        };
    }

    /** What stands in such a field, from what is kept; what is no plain number stands as it was typed. */
    public function inField(string $text, string $kept): string
    {
        $unit = $this->of($kept);
        $value = Unit::read($text, $kept === 'wind' ? 'm/s' : $kept);
        if ($unit === $kept || ($kept === 'wind' && $unit === 'm/s') || $value === null || preg_match('/[^\d.,\s−-]/u', $text) === 1) {
            return $text;
        }

        return Numeral::short(match ($unit) {
            '°F' => $value * 1.8 + 32,
            'Bft' => self::force($value),
            default => $value / (self::PER[$unit] ?? 1.0),
        }, self::FIELD_DECIMALS);
    }

    /** Beaufort’s force of a wind: v = 0.836 B^1.5 (World Meteorological Organization, 1970). */
    private static function force(float $metresASecond): float
    {
        return (max(0.0, $metresASecond) / 0.836) ** (2 / 3);
    }
}
