<?php

declare(strict_types=1);

namespace App\Drawing;

use DateTimeImmutable;
use DateTimeZone;
use GentlePour\Sky\Horizontal;
use GentlePour\Sky\LensFrame;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SkyBody;
use GentlePour\Units;

/**
 * The horizon of a place unrolled: azimuth across, altitude up, in the same scale; the skyline, the ways of sun and moon by the hour, and
 * the frame of a lens. Everything is laid out here, in px of the drawing; the view only writes it down.
 */
final readonly class HorizonSheet
{
    public const WIDTH = 1224.0;

    /** Px a degree: 360 degrees are as wide as the sheet. */
    public const DEGREE = self::WIDTH / 360;

    private const TOP_PX = 20.0;

    private const FOOT_PX = 24.0;

    /** The least and the most that is drawn of the sky and of what lies below the horizon, in degrees. */
    private const SKY_DEG = [34.0, 88.0];

    private const BELOW_DEG = [14.0, 46.0];

    private const ROOM_DEG = 5.0;

    /** Bodies are drawn down to here: what has set is of no matter for the picture. */
    private const DRAWN_FROM_DEG = -1.0;

    private const ALTITUDES = [15, 30, 45, 60, 75];

    private const DIRECTIONS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'];

    private const HOUR_PX = 12.0;

    /** What the altitudes take at the left. */
    private const SCALE_PX = 34.0;

    public float $skyDeg;

    public float $belowDeg;

    public float $centreDeg;

    /** @var list<array{float, Horizontal, Horizontal}> each step of the day: the instant, the sun and the moon */
    private array $moments;

    /**
     * @param  float|null  $centreDeg  the azimuth in the middle; where the lens faces if left out
     * @param  list<array{float, Horizontal, Horizontal}>|null  $moments  of the same day, where they were worked out before
     */
    public function __construct(
        public Observer $observer,
        public LensFrame $frame,
        private float $from,
        private float $to,
        private DateTimeZone $zone,
        ?float $centreDeg = null,
        private Units $units = new Units,
        ?array $moments = null,
    ) {
        $this->centreDeg = $centreDeg ?? $frame->facingDeg;
        $this->moments = $moments ??= self::moments($observer, $from, $to);
        $highest = max(
            $frame->tiltDeg, ...array_column($observer->skyline->points, 1),
            ...array_map(static fn (array $m): float => max($m[1]->altitudeDeg, $m[2]->altitudeDeg), $moments),
        );
        $this->skyDeg = self::within(max($highest, min($frame->highestDeg(), $highest + 20)) + self::ROOM_DEG, self::SKY_DEG);
        $this->belowDeg = self::within(self::ROOM_DEG - $frame->lowestDeg(), self::BELOW_DEG);
    }

    /** @return list<array{float, Horizontal, Horizontal}> each step of a day: the instant, the sun and the moon */
    public static function moments(Observer $observer, float $from, float $to): array
    {
        $moments = [];
        for ($unix = $from; $unix <= $to; $unix += DayBoard::STEP_S) {
            $moments[] = [$unix, $observer->sun($unix), $observer->moon($unix)];
        }

        return $moments;
    }

    public function height(): float
    {
        return round(self::TOP_PX + self::DEGREE * ($this->skyDeg + $this->belowDeg) + self::FOOT_PX, 1);
    }

    public function horizonY(): float
    {
        return $this->y(0.0);
    }

    public function footY(): float
    {
        return $this->y(-$this->belowDeg);
    }

    public function x(float $azimuthDeg): float
    {
        return round((fmod($azimuthDeg - $this->centreDeg + 900, 360)) * self::DEGREE, 1);
    }

    public function y(float $altitudeDeg): float
    {
        return round(self::TOP_PX + self::DEGREE * ($this->skyDeg - $altitudeDeg), 1);
    }

    /** @return list<Label> each altitude that is drawn */
    public function altitudes(): array
    {
        $drawn = array_filter(self::ALTITUDES, fn (int $deg): bool => $deg < $this->skyDeg - 1);

        return array_values(array_map(fn (int $deg): Label => new Label($deg.'°', 4, $this->y($deg)), $drawn));
    }

    /** @return list<Label> the winds along the foot */
    public function directions(): array
    {
        $labels = [];
        foreach (self::DIRECTIONS as $i => $name) {
            $x = $this->x(45 * $i);
            $labels[] = new Label(
                $name.' '.(45 * $i).'°', $x, $this->footY() + 17, $x < 30 ? 'start' : ($x > self::WIDTH - 30 ? 'end' : 'middle'),
            );
        }

        return $labels;
    }

    /** Path data of what stands before the sky, closed along the horizon; empty for an open one. */
    public function skylinePath(): string
    {
        $skyline = $this->observer->skyline;
        if ($skyline->isOpen()) {
            return '';
        }
        $path = 'M0 '.$this->horizonY();
        $points = array_map(fn (int $deg): array => [
            $deg * self::DEGREE, $this->y($skyline->altitudeDeg($this->centreDeg - 180 + $deg)),
        ], range(0, 360));
        foreach (Thinned::points($points) as [$x, $y]) {
            $path .= sprintf('L%.0f %.1f', $x, $y);
        }

        return $path.'L'.self::WIDTH.' '.$this->horizonY().'Z';
    }

    /** @return list<float> how high the skyline stands at every second degree from north, as a hand that draws on finds it */
    public function skylineSamples(): array
    {
        return array_map(fn (int $deg): float => round($this->observer->skyline->altitudeDeg($deg), 1), range(0, 358, 2));
    }

    /** Path data of the way of a body through the day, as far as it is up. */
    public function way(SkyBody $body): string
    {
        $ways = [];
        $last = null;
        foreach ($this->of($body) as [, $at]) {
            $altitude = $at->apparentAltitudeDeg();
            if ($altitude < self::DRAWN_FROM_DEG) {
                $last = null;

                continue;
            }
            $x = $this->x($at->azimuthDeg);
            if ($last === null || abs($x - $last) > self::WIDTH / 2) {
                $ways[] = [];
            }
            $ways[array_key_last($ways)][] = [$last = $x, $this->y($altitude)];
        }

        return implode('', array_map(static fn (array $way): string => 'M'.implode('L', array_map(
            static fn (array $point): string => sprintf('%.1f %.1f', ...$point), Thinned::points($way),
        )), $ways));
    }

    /**
     * Where a body stands at each full hour by the place's clock, named where there is room.
     *
     * @return list<Label>
     */
    public function hours(SkyBody $body): array
    {
        $room = new LabelRoom;
        foreach ($this->altitudes() as $scale) {
            $room->block(0, self::SCALE_PX, $scale->y - self::HOUR_PX, $scale->y + self::HOUR_PX);
        }
        $labels = [];
        foreach ($this->of($body) as [$unix, $at]) {
            $local = (new DateTimeImmutable('@'.(int) $unix))->setTimezone($this->zone);
            $altitude = $at->apparentAltitudeDeg();
            if ($altitude < 0 || $local->format('i') !== '00' || $unix >= $this->to) {
                continue;
            }
            $name = new Label(
                $local->format($this->units->twelveHours ? 'ga' : 'G'), $this->x($at->azimuthDeg), $this->y($altitude), 'middle',
            );
            $above = new Label($name->text, $name->x, $name->y - 9, 'middle');
            $labels[] = $room->has($above, self::HOUR_PX) ? $room->place($above, self::HOUR_PX, []) : new Label('', $name->x, $above->y);
        }

        return $labels;
    }

    /** Path data of the frame of the lens around the origin, which stands where the lens points. */
    public function framePath(): string
    {
        $path = '';
        foreach ($this->frame->outline() as $i => [$off, $altitude]) {
            $path .= sprintf('%s%.1f %.1f', $i === 0 ? 'M' : 'L', $off * self::DEGREE, ($this->frame->tiltDeg - $altitude) * self::DEGREE);
        }

        return $path.'Z';
    }

    /** @return array{float, float} the middle of its right edge, by which it is widened */
    public function frameHandle(): array
    {
        return [round($this->frame->acrossDeg() / 2 * self::DEGREE, 1), 0.0];
    }

    /** @return list<HorizonStep> at each step of the day, for the cursor */
    public function steps(): array
    {
        $steps = [];
        foreach ($this->moments as [, $sun, $moon]) {
            $steps[] = new HorizonStep(
                $this->place($sun), $this->place($moon),
                HorizonWords::phase($sun), HorizonWords::of(SkyBody::Sun, $sun, $this->observer, $this->frame),
                HorizonWords::of(SkyBody::Moon, $moon, $this->observer, $this->frame), HorizonWords::sky($sun, $this->frame),
                HorizonWords::glare($sun, $this->observer, $this->frame),
            );
        }

        return $steps;
    }

    /** @return array{float, float} to half a px, which is finer than a disc is drawn */
    private function place(Horizontal $at): array
    {
        return [round(2 * $this->x($at->azimuthDeg)) / 2, round(2 * $this->y($at->apparentAltitudeDeg())) / 2];
    }

    /** @return list<array{float, float}> spans of the day in which a body is in the frame and over the skyline */
    public function inFrame(SkyBody $body): array
    {
        return $body->inFrame($this->frame, $this->observer, $this->from, $this->to);
    }

    /** @return list<array{float, float}> */
    public function shown(SkyBody $body): array
    {
        return $body->shownFrom($this->observer, $this->from, $this->to);
    }

    /** @return list<array{float, Horizontal}> */
    private function of(SkyBody $body): array
    {
        return array_map(static fn (array $m): array => [$m[0], $body === SkyBody::Sun ? $m[1] : $m[2]], $this->moments);
    }

    /** @param  array{float, float}  $bounds */
    private static function within(float $value, array $bounds): float
    {
        return ceil(max($bounds[0], min($bounds[1], $value)));
    }
}
