<?php

declare(strict_types=1);

namespace App\Rooms\Field;

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DialLabels;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Field\Glasses;
use GentlePour\Field\GlassTable;
use GentlePour\Field\LookGrid;
use GentlePour\Field\Times;
use GentlePour\Field\WayTable;
use GentlePour\Kit\Bag;
use GentlePour\Kit\FilterStack;
use GentlePour\Motion\LookBounds;
use GentlePour\Motion\WaterKind;
use GentlePour\Outing\RunSheet;
use GentlePour\Outing\Step;
use GentlePour\Solving\Habits;
use GentlePour\Solving\Question;
use GentlePour\Solving\Way;
use Illuminate\Support\Facades\Cache;
use ReflectionClass;

/**
 * What the small bench of a field file looks up, of one bag: ways, times through every glass, looks of any water, run sheets. It takes
 * seconds to work out and is kept until the bag, a habit or a formula is another.
 */
final class FieldTables
{
    private const KEPT_DAYS = 60;

    /** @param  array<string, mixed>  $tables */
    private function __construct(
        private readonly Bag $bag, private readonly Habits $habits, private readonly Times $times, private readonly Glasses $glasses,
        private readonly array $tables,
    ) {
    }

    public static function of(Bag $bag, Habits $habits, LookBounds $bounds): self
    {
        $core = dirname((string) (new ReflectionClass(WayTable::class))->getFileName(), 2);
        $changed = array_map(filemtime(...), [...glob($core.'/*/*.php') ?: [], ...glob($core.'/*.php') ?: []]);
        $key = 'field:'.sha1(serialize([$bag, $habits, $bounds, $changed]));

        $made = Cache::remember($key, now()->addDays(self::KEPT_DAYS), static fn (): array => self::work($bag, $habits, $bounds));

        return new self($bag, $habits, ...$made);
    }

    /** @return array{Times, Glasses, array<string, mixed>} */
    private static function work(Bag $bag, Habits $habits, LookBounds $bounds): array
    {
        [$times, $glasses] = [new Times, new Glasses];
        $question = new Question(Reading::ofLight(12.0), Stops::zero(), ShutterWindow::any(), $bag, habits: $habits);
        $ways = WayTable::of($question, $times, $glasses);
        $strip = GlassTable::of($question, $times, $glasses);
        $grids = [];
        foreach (WaterKind::cases() as $kind) {
            $grids[self::grid($kind)] ??= LookGrid::ofWater($kind, $bag->camera->sensor, $bounds)->written();
        }

        return [$times, $glasses, [
            'ways' => [
                'light' => WayTable::LIGHT, 'target' => WayTable::TARGET, 'each' => WayTable::WAYS, 'settings' => $ways->settings,
                'cells' => $ways->cells,
            ],
            'strip' => ['base' => GlassTable::BASE, 'glasses' => $strip->glasses, 'cells' => $strip->cells],
            'grids' => $grids + ['clouds' => LookGrid::ofClouds()->written()],
        ]];
    }

    /** By which table the looks of a water are read: all open seas are alike. */
    public static function grid(WaterKind $kind): string
    {
        return $kind->isOpenSea() ? 'sea' : $kind->value;
    }

    /** @return array{glass: int, aperture: string, iso: string, time: int} a way in the words of the tables */
    public function place(Way $way): array
    {
        return [
            'glass' => $this->glasses->place($way->filters), 'aperture' => $way->aperture->label(), 'iso' => $way->iso->label(),
            'time' => $this->times->place($way->shutter, $way->longestTimed, $way->bulb),
        ];
    }

    /** @return array<string, mixed> with everything that was placed in them */
    public function written(): array
    {
        return $this->tables + [
            'units_a_stop' => LookGrid::UNITS_A_STOP,
            'times' => $this->times->all(),
            'glasses' => array_map($this->glass(...), $this->glasses->all()),
            'dials' => [
                'aperture' => array_map(
                    static fn (Aperture $a): array => [$a->label(), round($a->thirds(), 3)], $this->bag->lens->apertures(),
                ),
                'iso' => array_map(static fn (Iso $i): array => [$i->label(), round($i->thirds(), 3)], $this->bag->camera->isos()),
                'shutter' => array_map(
                    static fn (string $name, int $place): array => [
                        str_contains($name, '/') ? $name : $name.' s', $place + DialLabels::SHUTTER_FIRST,
                    ],
                    DialLabels::SHUTTER, array_keys(DialLabels::SHUTTER),
                ),
            ],
        ];
    }

    /** @return array<string, mixed> its label, its filters, its strength, and its run sheets: timed, and in bulb */
    private function glass(FilterStack $stack): array
    {
        $sheet = fn (bool $bulb): array => array_map(
            static fn (Step $s): array => ['key' => $s->key, 'title' => $s->title, 'detail' => $s->detail, 'skipped' => $s->skipped],
            RunSheet::pattern($stack, $bulb, $this->bag->camera->handling, $this->habits->noiseReduction),
        );

        return [
            'label' => $stack->label(), 'names' => $stack->names(), 'stops' => round($stack->darkest->value, 2),
            'sheets' => [$sheet(false), $sheet(true)],
        ];
    }
}
