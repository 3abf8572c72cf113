<?php

declare(strict_types=1);

// What several tests make their cases of.

use App\Drawing\DayBoard;
use App\Household\Dropping;
use App\Household\Settings;
use App\Models\Place;
use App\Rooms\Bench\Bench;
use App\Rooms\Bench\BenchFiller;
use App\Rooms\Bench\BenchForm;
use App\Rooms\Bench\Workbench;
use App\Rooms\Learned\Tastes;
use App\Rooms\Places\DayScenes;
use GentlePour\Documents\Fields;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\SharpRange;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Camera;
use GentlePour\Kit\ColourCast;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Lens;
use GentlePour\Kit\Mount;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\LookTarget;
use GentlePour\Solving\ApertureHabit;
use GentlePour\Solving\Habits;
use GentlePour\Solving\HighlightHabit;
use GentlePour\Solving\IsoHabit;
use GentlePour\Solving\NoiseReductionHabit;
use GentlePour\Solving\Question;
use GentlePour\Solving\Wall;
use GentlePour\Solving\WallKind;
use GentlePour\Time\Instant;
use Illuminate\Http\Request;

function nd(string $name, float $stops, Mount $mount = Mount::Slot): Filter
{
    return Filter::of($name, FilterKind::NeutralDensity, $mount, Stops::of($stops));
}

/**
 * A bag for a lens of a thread, with rings and adapters.
 *
 * @param  list<Filter>  $filters
 * @param  list<array{float, float}>  $rings
 * @param  list<float>  $adapters
 */
function threadedBag(array $filters, int $slots = 0, array $rings = [], array $adapters = [], ?float $thread = 72): Bag
{
    $camera = new Camera(new Sensor(36, 24), Iso::of(100), null, Iso::of(1600), ShutterTime::ofSeconds(30)->nearestDial());

    return new Bag($camera, new Lens(24, Aperture::named(4), Aperture::named(22), $thread), $filters, $slots, true, $rings, $adapters);
}

/** @param  list<Filter>  $filters */
function bag(array $filters, bool $release = true, int $slots = 2, float $isoMax = 1600, ?float $isoLow = 50): Bag
{
    return new Bag(
        new Camera(
            new Sensor(36, 24, 6000), Iso::of(100), $isoLow === null ? null : Iso::of($isoLow), Iso::of($isoMax), ShutterTime::onDial(15),
        ),
        new Lens(24, Aperture::named(4), Aperture::named(22), 77), $filters, $slots, $release,
    );
}

function question(
    Bag $bag, float $min, float $max, string $shutter = '1/60', float $bias = 0, ?Habits $habits = null, ?float $longest = null,
    float $drift = 0,
): Question {
    return new Question(
        new Reading(new Exposure(Aperture::named(11), ShutterTime::parse($shutter), Iso::of(100)), Stops::zero()),
        Stops::of($bias), ShutterWindow::of(ShutterTime::ofSeconds($min), ShutterTime::ofSeconds($max)), $bag,
        $longest === null ? null : ShutterTime::ofSeconds($longest), DriftingLight::of($drift), $habits ?? new Habits,
    );
}

/** What a bag does in the light of EV 12, with no time wanted yet. */
function carried(Bag $bag): Question
{
    return new Question(Reading::ofLight(12.0), Stops::zero(), ShutterWindow::any(), $bag);
}

/**
 * @param  list<GentlePour\Solving\Remedy>  $remedies
 * @return list<string>
 */
function kinds(array $remedies): array
{
    return array_map(static fn (GentlePour\Solving\Remedy $r): string => $r->kind->value, $remedies);
}

function lookTarget(string $name, float $min, float $max): LookTarget
{
    return new LookTarget($name, 'silk', ShutterWindow::of(ShutterTime::ofSeconds($min), ShutterTime::ofSeconds($max)));
}

/** @return array<string, mixed> */
function solveDocument(): array
{
    return [
        'reading' => ['aperture' => 11, 'shutter' => '1/80', 'iso' => 100, 'filters' => []], 'highlight_bias_stops' => 0,
        'target' => ['min_s' => 10, 'best_s' => 20, 'max_s' => 40],
        'camera' => [
            'iso_base' => 100, 'iso_low' => 50, 'iso_max' => 1600, 'longest_timed_s' => 30, 'sensor_width_mm' => 36,
            'sensor_height_mm' => 24, 'pixels_wide' => 6000,
        ],
        'lens' => ['focal_length_mm' => 24, 'aperture_min' => 4, 'aperture_max' => 22, 'thread_mm' => 77],
        'filters' => [
            ['name' => 'Six', 'kind' => 'nd', 'marking' => '6 stops', 'mount' => 'slot'],
            ['name' => 'Ten', 'kind' => 'nd', 'marking' => 'ND1000', 'mount' => 'slot'],
            ['name' => 'Pola', 'kind' => 'polariser', 'stops' => 1.5, 'mount' => 'thread', 'thread_mm' => 77],
        ],
        'holder' => ['slots' => 2], 'release' => true, 'limits' => ['longest_s' => 240], 'drift_stops_per_min' => 0,
        'habits' => ['aperture' => 'best', 'iso' => 'lowest', 'highlights' => 'protect', 'noise_reduction' => 'later'],
    ];
}

/** Where “Shoot this” of a bench's page sends its fields. */
function shootThis(string $page): string
{
    preg_match('/id="shoot-this"[^>]* formaction="([^"]+)"/', $page, $found);

    return html_entity_decode($found[1] ?? 'no such button');
}

/**
 * The bench's fields for a cascade in the demo kit.
 *
 * @param  array<string, mixed>  $changes
 * @return array<string, mixed>
 */
function benchQuery(array $changes = []): array
{
    return $changes + [
        'kind' => 'cascade', 'measure' => 'speed', 'speed' => '4', 'camera' => '1', 'lens' => '1', 'focal' => '24', 'distance' => '8',
        'look' => 'silk',
        'look_was' => 'silk', 'feature' => '0.25', 'target' => '', 'aperture' => 'f/11', 'shutter' => '1/60', 'iso' => '100', 'bias' => '0',
        'longest' => '',
    ];
}

/** The settings of the household, as a new request would read them. */
function settings(): Settings
{
    app()->instance('request', Request::create('/'));

    return app(Settings::class);
}

function tastes(): Tastes
{
    return new Tastes(settings(), resolve(Dropping::class));
}

/**
 * A bench worked out with what is in the database now.
 *
 * @param  array<string, mixed>  $changes
 */
function openBench(array $changes = []): Bench
{
    app()->instance('request', Request::create('/'));

    return app(Workbench::class)->open(BenchForm::of([...app(BenchFiller::class)->defaults(), 'feature' => '0.25', ...$changes]));
}

/** A day board of one of the demo's places. */
function dayBoard(string $place, string $day): DayBoard
{
    $kept = Place::query()->with(['marks.sightings', 'outings'])->where('name', $place)->firstOrFail();

    return DayBoard::wide(app(DayScenes::class)->of($kept, new DateTimeImmutable($day, $kept->zone())));
}

function at(string $utc): float
{
    return Instant::parse($utc, new DateTimeZone('UTC'));
}

/**
 * How high a line of straight pieces stands at a place.
 *
 * @param  list<array{float, float}>  $points
 */
function lineAt(array $points, float $x): float
{
    for ($i = 1; $i < count($points) - 1 && $points[$i][0] < $x; $i++);
    [[$x1, $y1], [$x2, $y2]] = [$points[$i - 1], $points[$i]];

    return $y1 + ($x2 > $x1 ? ($y2 - $y1) * ($x - $x1) / ($x2 - $x1) : 0.0);
}

/** A bag of every kind of thing, a reading and a target by chance: the same for the same seed. */
function anyQuestion(int $seed): Question
{
    mt_srand($seed);
    $one = static fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
    $filters = [];
    for ($i = 0, $count = mt_rand(0, 7); $i < $count; $i++) {
        $thread = $one([67.0, 72.0, 77.0, 82.0]);
        $filters[] = match (mt_rand(0, 7)) {
            0 => Filter::of("F$i", FilterKind::Polariser, Mount::Thread, Stops::of(mt_rand(10, 20) / 10), threadMm: $thread),
            1 => Filter::of(
                "F$i", FilterKind::Variable, Mount::Thread, Stops::of(mt_rand(50, 80) / 10), lightest: Stops::of(mt_rand(10, 20) / 10),
                threadMm: $thread,
            ),
            2 => Filter::of("F$i", FilterKind::Graduated, Mount::Slot, Stops::of(mt_rand(1, 4))),
            3 => Filter::of("F$i", FilterKind::Welding, Mount::Slot, null, $one([null, Stops::of(mt_rand(80, 130) / 10)])),
            4 => Filter::of("F$i", FilterKind::NeutralDensity, Mount::Thread, Stops::of(mt_rand(10, 150) / 10), threadMm: $thread),
            default => Filter::of(
                "F$i", FilterKind::NeutralDensity, Mount::Slot, Stops::of(mt_rand(1, 15)), $one([null, Stops::of(mt_rand(10, 150) / 10)]),
                cast: $one([null, ColourCast::of(0.3, -0.4)]),
            ),
        };
    }
    $graduated = array_values(array_filter($filters, static fn (Filter $f): bool => $f->kind === FilterKind::Graduated));
    $base = $one([64, 100, 160]);
    $bag = new Bag(
        new Camera(
            new Sensor(36, 24, 6000), Iso::named($base), $one([null, Iso::of($base / 2)]), Iso::named($base * $one([1, 8, 64])),
            ShutterTime::onDial($one([12, 15, 18])), $one([null, 3.0]), $one([1.0, 1.0, 1.31]),
        ),
        new Lens(
            $one([14.0, 24.0, 135.0]), Aperture::named($one([1.8, 4])), Aperture::named($one([16, 22])), 77,
            $one([null, [Aperture::named(5.6), Aperture::named(8)]]),
        ),
        $filters, mt_rand(0, 3), (bool) mt_rand(0, 1), $one([[], [[77.0, 82.0]]]), $one([[], [77.0], [82.0]]),
    );
    $min = 2 ** (mt_rand(-90, 90) / 10);

    return new Question(
        new Reading(
            new Exposure(Aperture::named($one([5.6, 8, 11])), ShutterTime::onDial(mt_rand(-30, 6)), Iso::named($base)), Stops::zero(),
        ),
        Stops::of(mt_rand(-6, 6) / 3),
        ShutterWindow::of(ShutterTime::ofSeconds($min), ShutterTime::ofSeconds($min * 2 ** (mt_rand(2, 45) / 10))), $bag,
        $one([null, ShutterTime::ofSeconds(120)]), $one([null, null, DriftingLight::of(mt_rand(-10, 10) / 20)]),
        new Habits(
            $one(ApertureHabit::cases()), $one(IsoHabit::cases()), $one(HighlightHabit::cases()), $one(NoiseReductionHabit::cases()),
        ),
        $one([[], [new Wall(WallKind::GetOff, ShutterTime::ofSeconds(200), 'get off')]]),
        $one([null, SharpRange::of(1.5), SharpRange::of(2, 30)]),
        $graduated === [] || ! $bag->holderFits() ? [] : $one([[], [$graduated[0]]]),
    );
}

/** @return list<string> the steps that stand ticked on its page, in their order */
function ticked(object $test, App\Models\Frame $frame): array
{
    preg_match_all('/name="done\[\]" value="(\w+)"[^>]* checked/', (string) $test->get("/shoot/{$frame->id}")->getContent(), $ticked);

    return $ticked[1];
}

/**
 * @param  list<int|float|string>  $found
 * @return list<int|float|string> each once, in order
 */
function everyOne(array $found): array
{
    $found = array_values(array_unique($found));
    sort($found);

    return $found;
}
