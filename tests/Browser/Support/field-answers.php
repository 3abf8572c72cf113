<?php

declare(strict_types=1);

// Puts random questions of a field file to the core, in a process of its own, and prints them with the core's answers.
// php field-answers.php SEED MOST, with DB_DATABASE as the server has it.

use App\Rooms\Bench\UsedGear;
use App\Rooms\Kit\KitShelf;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\Question;
use GentlePour\Solving\Strip;
use GentlePour\Solving\StripMark;
use GentlePour\Solving\Way;
use Illuminate\Contracts\Console\Kernel;
use Random\Engine\Mt19937;
use Random\Randomizer;

require dirname(__DIR__, 3).'/vendor/autoload.php';
$app = require dirname(__DIR__, 3).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$chance = new Randomizer(new Mt19937((int) $argv[1]));
$third = intdiv((int) $argv[2], 3);
$shelf = $app->make(KitShelf::class);
[$camera, $lens] = [$shelf->cameras()->firstOrFail(), $shelf->lenses()->firstOrFail()];
$used = $app->make(UsedGear::class)->with($camera->id);
$bag = $shelf->bag($camera, $lens, $used !== null && $used['lens'] === $lens->id ? $used['focal'] : $lens->focal_min_mm);
$question = static fn (Reading $reading, Stops $bias, ShutterWindow $window): Question => new Question(
    $reading, $bias, $window, $bag, habits: $shelf->habits(), insists: true,
);
$one = static fn (array $of): mixed => $of[$chance->getInt(0, count($of) - 1)];
// A base frame as people take one: hand-held settings and those of a dusk on a tripod.
$reading = static function (int $shortest, int $longest) use ($one, $chance, $bag): Reading {
    return new Reading(
        new Exposure($one($bag->lens->apertures()), ShutterTime::onDial($chance->getInt($shortest, $longest)), $one($bag->camera->isos())),
        Stops::zero(),
    );
};
$said = static fn (Reading $r): array => [
    'aperture' => $r->exposure->aperture->label(), 'shutter' => $r->exposure->shutter->label(), 'iso' => $r->exposure->iso->label(),
];
$log = static fn (float $seconds): float => log($seconds, 2);

$ways = [];
while (count($ways) < $third) {
    [$read, $bias, $target] = [$reading(-36, 12), $chance->getInt(-3, 3), ShutterTime::onDial($chance->getInt(-30, 33))];
    if ($read->ev100() - $bias / 3 < -4.99 || $read->ev100() - $bias / 3 > 16.99) {
        continue;
    }
    $window = ShutterWindow::of($target->plus(Stops::of(-1)), $target->plus(Stops::of(1)), $target);
    $ways[] = [...$said($read), 'bias' => $bias, 'target' => (int) round($target->thirds()), 'answer' => array_map(
        static fn (Way $w): array => [$w->filters->label(), $w->aperture->label(), $w->iso->label(), $w->shutterLabel(),
            $w->shutter->seconds],
        BackSolver::byStack($question($read, Stops::of($bias / 3), $window), 3),
    )];
}

$strips = [];
for ($i = 0; $i < $third; $i++) {
    $read = $reading(-39, 15);
    $asked = $question($read, Stops::zero(), ShutterWindow::any());
    $strips[] = $said($read) + ['answer' => array_map(
        static fn (StripMark $m): array => [$m->filters->label(), $m->shutterLabel(), $m->shutter->seconds],
        array_values(array_filter(Strip::of($asked), static fn (StripMark $m): bool => $m->wall === null)),
    )];
}

$looks = [];
for ($i = 0; $i < $third; $i++) {
    $kind = $one(WaterKind::cases());
    $even = static fn (float $least, float $most): float => (float) sprintf('%.4g',
        $least * ($most / $least) ** ($chance->getInt(0, 1_000_000) / 1e6));
    [$width, $period, $height, $speed] = [$even(0.4, 1000), $even(2.0, 22), $even(0.3, 7), $even(0.05, 25)];
    $framing = new Framing($camera->sensor(), 100.0, $width * 100 / $camera->sensor()->widthMm);
    $spec = $kind->isWaves()
        ? new WaterSpec($kind, periodS: $period, heightM: $kind->isOpenSea() ? null : $height) : new WaterSpec($kind, speedMS: $speed);
    $bands = LookBands::of($spec->in($framing), $framing);
    $answer = [];
    foreach (Look::cases() as $look) {
        $band = $bands->band($look);
        if ($band !== null) {
            $answer[$look->value] = [$band->maxS === null ? null : $log($band->maxS), $log($band->window()->best->seconds)];
        }
    }
    $looks[] = [
        'kind' => $kind->value, 'values' => ['width_m' => $width, 'period_s' => $period, 'height_m' => $height, 'speed_m_s' => $speed],
        'answer' => $answer,
    ];
}

echo json_encode(['ways' => $ways, 'strips' => $strips, 'looks' => $looks], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
