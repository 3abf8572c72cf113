<?php

declare(strict_types=1);

namespace App\Forms;

use DateTimeInterface;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\Numeral;
use GentlePour\Units;
use Illuminate\Http\Request;

/** Values as they stand in a page; every view has one of these as $write. */
final class Written
{
    private Units $units;

    private ?Request $of = null;

    public function __construct()
    {
        $this->units = new Units;
    }

    /** Nothing for null. */
    public function number(?float $value, int $decimals = 2): string
    {
        return $value === null ? '' : Decimal::write($value, $decimals);
    }

    /** “one frame”, “3 frames” */
    public function many(int $count, string $one, ?string $more = null): string
    {
        return Numeral::many($count, $one, $more);
    }

    public function stops(float $value, int $decimals = 2): string
    {
        return Stops::of(round($value, $decimals))->label();
    }

    public function thirds(int $thirds): string
    {
        return Stops::ofThirds($thirds)->label();
    }

    public function time(?float $seconds): string
    {
        return $seconds === null ? '' : ShutterTime::ofSeconds($seconds)->label();
    }

    public function exactTime(?float $seconds): string
    {
        return $seconds === null ? '' : ShutterTime::ofSeconds($seconds)->exactLabel();
    }

    public function aperture(?float $fNumber): string
    {
        return $fNumber === null ? '' : Aperture::of($fNumber)->label();
    }

    public function iso(?float $speed): string
    {
        return $speed === null ? '' : Iso::of($speed)->label();
    }

    public function position(?float $latitude, ?float $longitude): string
    {
        return $latitude === null || $longitude === null ? '' : Position::write($latitude, $longitude);
    }

    /** The units that the person reads and types in. */
    public function units(): Units
    {
        $request = request();
        if ($this->of !== $request) {
            [$this->of, $this->units] = [$request, resolve(Units::class)];
        }

        return $this->units;
    }

    public function metres(?float $metres, int $decimals = 1): string
    {
        return $metres === null ? '' : $this->units()->metres($metres, $decimals);
    }

    public function about(?float $metres): string
    {
        return $metres === null ? '' : $this->units()->about($metres);
    }

    public function speed(float $metresASecond, int $decimals = 1): string
    {
        return $this->units()->speed($metresASecond, $decimals);
    }

    public function clock(DateTimeInterface $at): string
    {
        return $this->units()->clock($at);
    }

    public function ends(DateTimeInterface $at): string
    {
        return $this->units()->ends($at);
    }
}
