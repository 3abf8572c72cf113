<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Coast\Coastline;
use GentlePour\Coast\SeaWay;

/** The coast around a place, north up, equirectangular: land as strokes by hand, its edge, the place and the stations of the tide. */
final readonly class CoastMap
{
    public const SIZE = 480.0;

    private const KM_A_DEGREE = 111.195;

    private const STROKE_PX = 5.0;

    private const BARS_KM = [1, 2, 5, 10, 20, 50, 100];

    private const LETTER_PX = 19.0;

    private float $pxPerDegree;

    private float $shrink;

    /** Path data of the land, as strokes from west to east. */
    public string $land;

    /** Path data of its edge. */
    public string $edge;

    /** Path data of the way by water to the station that the place goes by; empty where there is none. */
    public string $way;

    /** @param  list<array{string, float, float, bool}>  $stations  name, latitude, longitude and whether the place goes by it */
    public function __construct(
        Coastline $coast,
        private string $place,
        private float $latitude,
        private float $longitude,
        private float $aroundKm,
        private array $stations = [],
        ?SeaWay $way = null,
    ) {
        $this->pxPerDegree = self::SIZE / 2 / $aroundKm * self::KM_A_DEGREE;
        $this->shrink = max(0.05, cos(deg2rad($latitude)));
        $this->land = $this->strokes($coast);
        $this->edge = implode('', array_map($this->line(...), [...$coast->pieces(...self::window($latitude, $longitude, $aroundKm))]));
        $this->way = $way === null ? '' : $this->line($way->points);
    }

    /** @return array{float, float, float, float} south, north, west and east in degrees */
    public static function window(float $latitude, float $longitude, float $aroundKm): array
    {
        [$up, $aside] = [$aroundKm / self::KM_A_DEGREE, $aroundKm / self::KM_A_DEGREE / max(0.05, cos(deg2rad($latitude)))];

        return [max(-90.0, $latitude - $up), min(89.999, $latitude + $up), $longitude - $aside, $longitude + $aside];
    }

    /**
     * Names and places of what is on the map, the place first, the kind of each, and path data of what leads to its name.
     *
     * @return list<array{Label, float, float, string, string}>
     */
    public function marks(): array
    {
        $room = new LabelRoom;
        $marks = [];
        $all = [[$this->place, $this->latitude, $this->longitude, true], ...$this->stations];
        foreach ($all as $i => [$name, $latitude, $longitude, $used]) {
            [$x, $y] = [$this->x($longitude), $this->y($latitude)];
            // A map of many has nothing of its own in its middle.
            if ($name === '' || $x < 4 || $x > self::SIZE - 4 || $y < 4 || $y > self::SIZE - 4) {
                continue;
            }
            $label = $room->beside($name, $x, $y, $x < self::SIZE / 2, self::LETTER_PX, self::SIZE);
            $kind = $i === 0 ? 'place' : ($used ? 'used' : 'station');
            $marks[] = [$label, $x, $y, $kind, LabelRoom::lead($label, $x, $y, self::LETTER_PX)];
        }

        return $marks;
    }

    public function scale(): ScaleBar
    {
        return ScaleBar::of(
            self::BARS_KM, $this->pxPerDegree / self::KM_A_DEGREE, static fn (float $km): string => $km.' km', self::SIZE,
        );
    }

    private function strokes(Coastline $coast): string
    {
        [, , $west, $east] = self::window($this->latitude, $this->longitude, $this->aroundKm);
        $path = '';
        for ($y = self::STROKE_PX / 2; $y < self::SIZE; $y += self::STROKE_PX) {
            $latitude = $this->latitude + (self::SIZE / 2 - $y) / $this->pxPerDegree;
            foreach (abs($latitude) < 90 ? $coast->land($latitude, $west, $east) : [] as [$from, $to]) {
                $path .= sprintf('M%.1f %.1fH%.1f', $this->x($from), $y, $this->x($to));
            }
        }

        return $path;
    }

    private function x(float $longitude): float
    {
        return round(self::SIZE / 2 + (fmod($longitude - $this->longitude + 540, 360) - 180) * $this->shrink * $this->pxPerDegree, 1);
    }

    private function y(float $latitude): float
    {
        return round(self::SIZE / 2 - ($latitude - $this->latitude) * $this->pxPerDegree, 1);
    }

    /** @param  list<array{float, float}>  $points */
    private function line(array $points): string
    {
        $path = '';
        $last = null;
        foreach ($points as $i => [$longitude, $latitude]) {
            $at = $this->x($longitude).' '.$this->y($latitude);
            // Steps below a tenth of a px are none.
            $path .= $at === $last ? '' : ($i === 0 ? 'M' : 'L').$at;
            $last = $at;
        }

        return $path;
    }
}
