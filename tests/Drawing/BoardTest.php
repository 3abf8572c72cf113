<?php

declare(strict_types=1);

use App\Drawing\Bar;
use App\Drawing\BoardLayout;
use App\Drawing\BoardMark;
use App\Drawing\BoardRow;
use App\Drawing\BoardRowKind;
use App\Drawing\BoardRows;
use App\Drawing\ClockAxis;
use App\Drawing\DayBoard;
use App\Drawing\DayScene;
use App\Drawing\Label;
use App\Drawing\LabelRoom;
use App\Drawing\SkyBand;
use App\Drawing\TextWidth;
use App\Drawing\TideMark;
use GentlePour\Outing\GetOff;
use GentlePour\Planning\HoldStep;
use GentlePour\Sky\DayOfSky;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\LightPhase;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SkyEvent;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\Way;
use GentlePour\Tide\LevelSpan;

// A day of ten pixels a quarter of an hour in rows, forty an hour and a bit on the board, so that everything can be worked out by hand.
const DAY = 1_805_846_400; // 2027-03-24 00:00 UTC

/** 968 px for 24 hours. */
function boardX(float $hour): float
{
    return round(168 + 968 * $hour / 24, 1);
}

function scene(mixed ...$with): DayScene
{
    return new DayScene('Made-up Ledge', new DateTimeZone('UTC'), new DateTimeImmutable('@'.DAY), ...$with);
}

/** @return GentlePour\Tide\TideCurve low at three, 5.2 m at nine, -0.4 m at fifteen, 4 m at twenty-one */
function boardTide(): GentlePour\Tide\TideCurve
{
    return straightTide([
        DAY => 2.0, DAY + 3 * 3600 => 0.4, DAY + 9 * 3600 => 5.2, DAY + 15 * 3600 => -0.4, DAY + 21 * 3600 => 4.0, DAY + 24 * 3600 => 2.0,
    ]);
}

/** How high a drawn line stands at a place. */
function drawnAt(string $path, float $x): float
{
    return lineAt(array_map(fn (string $point): array => array_map(floatval(...), explode(' ', $point)), explode('L', substr($path, 1))), $x);
}

it('has room above the highest and below the lowest that it shows, and a line each metre', function (): void {
    $board = DayBoard::wide(scene(tide: boardTide()));
    // From -1 m (a fifth of a metre below the lowest, rounded down) to 6 m (three tenths above the highest, rounded up), 294 px in all.
    expect($board->y(-1.0))->toBe(372.0)
        ->and($board->y(6.0))->toBe(78.0)
        ->and($board->y(0.0))->toBe(330.0)
        ->and($board->y(2.5))->toBe(225.0)
        ->and(array_map(fn (Label $l): array => [$l->text, $l->x, $l->y, $l->anchor], $board->metres()))->toBe([
            ['−1 m', 159.0, 376.0, 'end'], ['0 m', 159.0, 334.0, 'end'], ['1 m', 159.0, 292.0, 'end'], ['2 m', 159.0, 250.0, 'end'],
            ['3 m', 159.0, 208.0, 'end'], ['4 m', 159.0, 166.0, 'end'], ['5 m', 159.0, 124.0, 'end'], ['6 m', 159.0, 82.0, 'end'],
        ]);
    // Marks need room as well; without any tide the board is from nought to two metres.
    $marked = DayBoard::wide(scene(tide: boardTide(), marks: [new BoardMark('the wall', true, 7.8, [])]));
    expect($marked->y(9.0))->toBe(78.0)->and($marked->y(-1.0))->toBe(372.0);
    $dry = DayBoard::wide(scene());
    expect($dry->y(-1.0))->toBe(372.0)->and($dry->y(2.0))->toBe(78.0)->and($dry->metres())->toBe([])->and($dry->waters())->toBe([])
        ->and($dry->tidePath(true))->toBe('')->and($dry->light->skyPath())->toBe('')->and($dry->light->scale())->toBe([])
        ->and($dry->sky->bands())->toBe([])->and($dry->sky->events())->toBe([])->and($dry->leave())->toBeNull();
});

it('draws the tide of every ten minutes from midnight to midnight', function (): void {
    $board = DayBoard::wide(scene(tide: boardTide()));
    $points = explode('L', substr($board->tidePath(false), 1));
    expect($points[0])->toBe('168 246')->and($points[count($points) - 1])->toBe('1136 246')->and(count($points))->toBeLessThan(110);
    foreach (range(0, 144) as $i) {
        expect(drawnAt($board->tidePath(false), (float) boardX($i / 6)))->toBeAbout($board->y(boardTide()->heightM(DAY + 600 * $i)), 0.2);
    }
    expect($board->tidePath(true))->toBe($board->tidePath(false).'L1136.0 372.0L168.0 372.0Z');
});

it('names each water away from the curve: high above it, low below it, and inside the drawing', function (): void {
    $board = DayBoard::wide(
        scene(tide: straightTide([DAY => 0.0, DAY + 1800 => 2.0, DAY + 12 * 3600 => 0.0, DAY + 23.5 * 3600 => 3.0, DAY + 86400 => 1.0])),
    );
    expect(
        array_map(
            fn (TideMark $t): array => [$t->x, $t->label->text, $t->label->x, round($t->label->y - $t->y, 1), $t->label->anchor],
            $board->waters(),
        ),
    )
        ->toBe([
            [boardX(0.5), '0:30  2.0 m', 212.0, -11.0, 'middle'], [boardX(12), '12:00  0.0 m', 652.0, 20.0, 'middle'],
            [boardX(23.5), '23:30  3.0 m', 1092.0, -11.0, 'middle'],
        ]);
});

it('lets no label overprint another: waters, marks, the curves of the light, the level to leave and its flag, on a desk and on a phone', function (): void {
    $overlaps = function (array $labels): int {
        $boxes = array_map(function (array $of): array {
            [$label, $reach] = $of;
            $width = TextWidth::of($label->text, 14.0);
            $left = ['start' => $label->x, 'middle' => $label->x - $width / 2, 'end' => $label->x - $width][$label->anchor];

            return [...$reach ?? [$left, $left + $width], $label->y - 11.2, $label->y + 3.5];
        }, $labels);
        $found = 0;
        foreach ($boxes as $i => [$l, $r, $t, $b]) {
            foreach (array_slice($boxes, $i + 1) as [$l2, $r2, $t2, $b2]) {
                $found += (int) ($l < $r2 && $l2 < $r && $t < $b2 && $t2 < $b);
            }
        }

        return $found;
    };
    // High waters right at the levels that are named, and beside the flag.
    foreach ([[3.9, 4.4], [4.35, 4.4], [4.5, 4.4], [2.0, 4.4]] as [$mark, $stand]) {
        $tide = straightTide([DAY => 0.6, DAY + 11 * 3600 => 4.5, DAY + 17 * 3600 => 0.8, DAY + 23 * 3600 => 4.4, DAY + 86400 => 3.9]);
        $getOff = GetOff::after($tide, DAY + 8 * 3600, $stand, null, 0.0, 0.0, 0);
        $scene = scene(
            tide: $tide, marks: [new BoardMark('water reaches the posts', true, $mark, [])], getOff: $getOff, observer: new Observer(50, 0),
            light: LightCurve::metered(new Observer(50, 0), 115),
        );
        foreach ([DayBoard::wide($scene), DayBoard::wide($scene)->narrow()] as $board) {
            $whole = $board->layout->narrow ? [0.0, $board->width()] : null;
            $level = $board->leaveLabel();
            $labels = [...array_map(fn (Label $l): array => [$l, $whole], [...$board->markLabels(), ...$level === null ? [] : [$level]]),
                ...array_map(fn (TideMark $t): array => [$t->label, null], $board->waters()),
                ...array_map(fn (Label $l): array => [$l, null], $board->lightLabels())];
            expect(count($labels))->toBeGreaterThan(4)
                ->and($overlaps($labels))->toBe(0, sprintf('mark %.2f, %s', $mark, $whole ? 'phone' : 'desk'));
        }
    }
});

it('lets no label of a row overprint a bar or another label (200 days by chance)', function (): void {
    mt_srand(9);
    foreach ([BoardLayout::wide(), BoardLayout::narrow()] as $layout) {
        $axis = new ClockAxis(DAY, DAY + 86400, new DateTimeZone('UTC'), $layout->left, $layout->right);
        $said = $all = 0;
        for ($i = 0; $i < 100; $i++) {
            $at = DAY + mt_rand(0, 7200);
            $spans = [];
            while ($at < DAY + 86000) {
                $to = min(DAY + 86400, $at + mt_rand(60, 12000));
                $spans[] = new LevelSpan((float) $at, (float) $to, 0.0, 0.0);
                $at = $to + mt_rand(60, 15000);
            }
            $scene = scene(marks: [new BoardMark('pools', true, 1.0, $spans)]);
            foreach ((new BoardRows($axis, 372.0, $layout))->of($scene) as $row) {
                $boxes = array_map(fn (Bar $b): array => [$b->x, $b->x + $b->width], $row->bars);
                foreach ($row->bars as $bar) {
                    $all++;
                    if ($bar->beside !== null) {
                        $said++;
                        $width = 0.576 * $layout->textPx * mb_strlen($bar->beside->text);
                        $boxes[] = $bar->beside->anchor === 'end' ? [$bar->beside->x - $width, $bar->beside->x]
                            : [$bar->beside->x, $bar->beside->x + $width];
                    }
                }
                foreach ($boxes as $n => [$from, $to]) {
                    foreach (array_slice($boxes, $n + 1) as [$otherFrom, $otherTo]) {
                        expect($from < $otherTo - 0.11 && $otherFrom < $to - 0.11)->toBeFalse();
                    }
                }
            }
        }
        expect($said)->toBeGreaterThan(50)->toBeLessThan($all);
    }
});

it('leaves a label where it would be best when there is no free place for it at all', function (): void {
    $room = new LabelRoom;
    $room->block(0, 100, 0, 100);
    $best = new Label('high water', 20, 40);
    expect($room->place($best, 14, [60, 80]))->toBe($best)->and($room->place(new Label('low', 20, 90), 14, [120])->y)->toBe(120.0)
        // Another at the same place goes round it; one beside it stays.
        ->and($room->place(new Label('low', 20, 120), 14, [104, 140])->y)->toBe(140.0)
        ->and($room->place(new Label('low', 60, 120), 14, [])->y)->toBe(120.0);
});

it('names the light from EV −4 to 16 on its own scale of 23 stops', function (): void {
    $board = DayBoard::wide(scene(observer: new Observer(50, 0), light: LightCurve::metered(new Observer(50, 0), 90)));
    expect($board->light->y(-6))->toBe(372.0)
        ->and($board->light->y(17))->toBe(78.0)
        ->and($board->light->y(-20))->toBe(372.0)
        ->and($board->light->y(40))->toBe(78.0)
        ->and(array_map(fn (Label $l): array => [$l->text, $l->x, $l->y, $l->anchor], $board->light->scale()))->toBe([
            ['EV −4', 1145.0, $board->light->y(-4) + 4, 'start'], ['EV 0', 1145.0, $board->light->y(0) + 4, 'start'],
            ['EV 4', 1145.0, $board->light->y(4) + 4, 'start'], ['EV 8', 1145.0, $board->light->y(8) + 4, 'start'],
            ['EV 12', 1145.0, $board->light->y(12) + 4, 'start'], ['EV 16', 1145.0, $board->light->y(16) + 4, 'start'],
        ]);
    $noon = DAY + 12 * 3600;
    $scene = LightCurve::metered(new Observer(50, 0), 90)->sceneWith((new Observer(50, 0))->sun($noon), $noon);
    expect(drawnAt($board->light->skyPath(), (float) boardX(12)))->toBeAbout($board->light->y((float) $scene?->skyEv100()), 0.15)
        ->and(drawnAt($board->light->foregroundPath(), (float) boardX(12)))->toBeAbout($board->light->y((float) $scene?->foregroundEv100()), 0.15)
        // A line of 145 looks, drawn by those that it takes.
        ->and(substr_count($board->light->skyPath(), 'L'))->toBeLessThan(110)->and($board->light->skyPath())->toStartWith('M'.boardX(0).' ')
        ->and(array_map(fn (Label $l): array => [$l->text, $l->x, $l->y, $l->anchor], $board->lightLabels()))->toBe([
            ['sky', boardX(12), $board->light->y((float) $scene?->skyEv100()) - 6, 'middle'],
            ['foreground', boardX(12), $board->light->y((float) $scene?->foregroundEv100()) + 15, 'middle'],
        ])
        ->and($board->readings[72]->light)->toBe(sprintf('EV %.1f', $scene?->ev100()))
        ->and($board->readings[72]->grad)->toBe(sprintf('%.1f', $scene?->gradStops()))
        ->and(DayBoard::wide(scene())->lightLabels())->toBe([])->and(DayBoard::wide(scene())->light->foregroundPath())->toBe('');
});

it('draws the hours by their light, each stretch once, and names sunrise and sunset inside of them', function (): void {
    $observer = new Observer(50, 0);
    $sky = DayOfSky::between($observer, DAY, DAY + 86400);
    $board = DayBoard::wide(scene(observer: $observer, sky: $sky));
    $bands = $board->sky->bands();
    expect(array_map(fn (SkyBand $b): LightPhase => $b->phase, $bands))->toBe([
        LightPhase::Night, LightPhase::Astronomical, LightPhase::Nautical, LightPhase::Blue, LightPhase::Golden, LightPhase::Day,
        LightPhase::Golden, LightPhase::Blue, LightPhase::Nautical, LightPhase::Astronomical, LightPhase::Night,
    ])->and($bands[0]->x)->toBe(168.0)->and(round($bands[10]->x + $bands[10]->width, 1))->toBe(1136.0);
    foreach ($bands as $i => $band) {
        expect($i === 0 ? 168.0 : round($bands[$i - 1]->x + $bands[$i - 1]->width, 1))->toBeAbout($band->x, 0.11);
    }
    $rise = (float) $sky->at(SkyEvent::Sunrise);
    $set = (float) $sky->at(SkyEvent::Sunset);
    expect(array_map(fn (Label $l): array => [$l->text, $l->x, $l->y, $l->anchor], $board->sky->events()))->toBe([
        [SkyEvent::Sunrise->label().' '.gmdate('G:i', (int) round($rise)), boardX(($rise - DAY) / 3600) + 6, 54.0, 'start'],
        [SkyEvent::Sunset->label().' '.gmdate('G:i', (int) round($set)), boardX(($set - DAY) / 3600) - 6, 54.0, 'end'],
    ]);
    expect(array_column($board->sky->names(), 'text'))->toBe(['blue', 'golden', 'golden', 'blue'])
        ->and(array_column($board->sky->names(), 'anchor'))->toBe(['end', 'start', 'end', 'start']);
    // The darker the phase, the more strokes lie over each other.
    expect(array_map(static fn (SkyBand $b): int => count($b->strokes()), $bands))->toBe([5, 4, 3, 2, 1, 0, 1, 2, 3, 4, 5]);
});

it('flags the get-off time, hatches from there until the water comes, and keeps the flag inside (safety)', function (): void {
    $board = fn (float $fromHour, float $stand, float $walk): DayBoard => DayBoard::wide(
        scene(tide: boardTide(), getOff: GetOff::after(boardTide(), DAY + $fromHour * 3600, $stand, null, 0.0, 0.0, $walk)),
    );
    // 3.6 m on the way from 0.4 m at three to 5.2 m at nine: at seven, an hour before at six.
    $leave = $board(4, 3.6, 60)->leave();
    expect($leave?->levelY)->toBe($board(4, 3.6, 60)->y(3.6))
        ->and($leave?->levelWords)->toBe('stand or way out, less run-up and margin 3.6 m')
        ->and($leave?->hatchX)->toBe(boardX(6))
        ->and($leave?->hatchWidth)->toBeAbout(boardX(7) - boardX(6), 0.2)
        ->and($leave?->edgeX)->toBe(boardX(6))
        ->and([$leave?->flag?->text, $leave?->flag?->x, $leave?->flag?->y])->toBe(['get off by 6:00', boardX(6) + 2, 59.0]);
    // Awash at eight, until it has fallen to 3.6 m again: 9 h and 1.6 m of 5.6 m in six hours later.
    $awash = $board(8, 3.6, 0)->leave();
    $until = 9 + 6 * 1.6 / 5.6;
    expect($awash?->hatchX)->toBe(boardX(8))->and($awash?->edgeX)->toBeAbout(boardX($until), 0.2)
        ->and($awash?->hatchWidth)->toBeAbout(boardX($until) - boardX(8), 0.2)->and($awash?->flag?->text)->toBe('awash until 10:43');
    // Late in the day the flag hangs left of its pole; a time that was yesterday has a line, and no flag.
    $late = (DayBoard::wide(scene(tide: boardTide(), getOff: GetOff::after(
        straightTide([DAY => 0.0, DAY + 86400 => 24.0]), DAY, 23.5, null, 0.0, 0.0, 0,
    ))))->leave();
    expect($late?->flag?->x)->toBeAbout(boardX(23.5) - 152, 0.11);
    $past = $board(4, 3.6, 480)->leave();
    expect([$past?->hatchX, $past?->hatchWidth, $past?->edgeX, $past?->flag])->toBe([null, 0.0, null, null])
        ->and($past?->levelY)->toBe($leave?->levelY);
});

it('opens at the first use of the day: the outing, first light, or noon', function (): void {
    expect((DayBoard::wide(scene()))->opening())->toBe(72)
        ->and((DayBoard::wide(scene(outings: [[DAY + 3600.0 * 5, DAY + 3600.0 * 7]])))->opening())->toBe(30)
        ->and((DayBoard::wide(scene(outings: [[DAY - 3600.0, DAY + 3600.0]])))->opening())->toBe(0)
        ->and((DayBoard::wide(scene(outings: [[DAY + 86399.0, DAY + 90000.0]])))->opening())->toBe(144);
    $sky = DayOfSky::between(new Observer(50, 0), DAY, DAY + 86400);
    expect((DayBoard::wide(scene(sky: $sky)))->opening())->toBe((int) round(((float) $sky->at(SkyEvent::CivilDawn) - DAY) / 600));
});

it('says the moon of the day by its light and its times', function (): void {
    $sky = DayOfSky::between(new Observer(50, 0), DAY, DAY + 86400);
    $words = (DayBoard::wide(scene(sky: $sky)))->moonWords();
    // Full on 22 March 2027, 10:44 UTC (from memory): two days later it is about 95 % lit and nearly 17 days old.
    expect($words)->toMatch('/^moon 9\d % lit, 1[67] days old/')->toContain(
        ', up '.gmdate('G:i', (int) round((float) $sky->at(SkyEvent::Moonrise))),
    )
        ->toContain(', down '.gmdate('G:i', (int) round((float) $sky->at(SkyEvent::Moonset))))
        ->and((DayBoard::wide(scene()))->moonWords())->not->toContain('up');
});

it('is as high as its rows, one at least', function (): void {
    $rows = fn (int $count): DayBoard => DayBoard::wide(scene(marks: array_fill(0, $count, new BoardMark('mark', true, 1.0, []))));
    expect($rows(0)->height())->toBe(418.0)
        ->and($rows(1)->height())->toBe(418.0)
        ->and($rows(3)->height())->toBe(470.0)
        ->and($rows(1)->width())->toBe(1200.0)
        ->and((new BoardMark('pools', false, 1.28, []))->words())->toBe('pools below 1.3 m')
        ->and((new BoardMark('posts', true, 4.0, []))->words())->toBe('posts above 4.0 m');
});

/** @return list<BoardRow> rows over 960 px, forty an hour, from 200 to 1160, in a drawing of 1200 */
function rowsOf(DayScene $scene): array
{
    return (new BoardRows(new ClockAxis(DAY, DAY + 86400, new DateTimeZone('UTC'), 200, 1160), 300.0, BoardLayout::wide()))->of($scene);
}

/** @return array{float, float, string, bool, string|null, float|null, string|null} */
function barOf(Bar $bar): array
{
    // So that the day begins at 100 px.
    return [
        round($bar->x - 100, 1), $bar->width, $bar->label, $bar->inside, $bar->beside?->text, $bar->beside === null ? null
            : round($bar->beside->x - 100, 1), $bar->beside?->anchor,
    ];
}

it('has a row for each mark, for the light alone, the hold plan and the outings, in that order', function (): void {
    $rows = rowsOf(scene(
        marks: [new BoardMark('water reaches the posts at last', true, 4.0, [new LevelSpan(DAY + 3600 * 4, DAY + 3600 * 8, 4.5, 4.0)])],
        outings: [[DAY + 3600.0 * 6, DAY + 3600.0 * 7]], wanted: 'silk', withoutFilter: [[DAY + 3600.0 * 5, DAY + 3600.0 * 5.25]], hold: [],
    ));
    expect(array_map(fn (BoardRow $r): array => [$r->name, $r->kind, $r->y], $rows))->toBe([
        ['water reaches the posts…', BoardRowKind::Mark, 316.0], ['no filter', BoardRowKind::Light, 342.0],
        ['hold silk', BoardRowKind::Hold, 368.0], ['outing', BoardRowKind::Outing, 394.0],
    ])->and(barOf($rows[0]->bars[0]))->toBe([260.0, 160.0, '4:00 to 8:00', true, null, null, null])
        // Ten pixels have no room for the times: they stand beside it.
        ->and(barOf($rows[1]->bars[0]))->toBe([300.0, 10.0, '5:00 to 5:15', false, '5:00 to 5:15', 316.0, 'start'])
        ->and($rows[2]->bars)->toBe([])
        ->and(rowsOf(scene()))->toBe([]);
});

it('puts a label before its bar where the drawing ends, and draws the shortest span to be seen', function (): void {
    $bar = fn (float $from, float $to): array => barOf(rowsOf(scene(outings: [[DAY + 3600 * $from, DAY + 3600 * $to]]))[0]->bars[0]);
    expect($bar(23.5, 23.75))->toBe([1040.0, 10.0, '23:30 to 23:45', false, '23:30 to 23:45', 1034.0, 'end'])
        ->and($bar(5.0, 5.001))->toBe([300.0, 2.0, '5:00 to 5:00', false, '5:00 to 5:00', 308.0, 'start'])
        ->and($bar(20.0, 30.0))->toBe([900.0, 160.0, '20:00 to 24:00', true, null, null, null]);
    // Twelve letters of 7.4 px and 8 px of room are 96.8 px: 2 h 24 are too short, 2 h 27 are not.
    expect($bar(4.0, 6.4)[3])->toBeFalse()->and($bar(4.0, 6.45)[3])->toBeTrue();
});

it('keeps every name of the hold plan whole, also one with an arrow in it', function (): void {
    $way = fn (string $name, float $stops): ?Way => BackSolver::solve(
        question(bag([nd($name, $stops)]), 2 ** ($stops - 6), 2 ** ($stops - 5)),
    )->best();
    $arrow = $way('A>B', 6.0);
    $bare = BackSolver::solve(question(bag([]), 1 / 64, 1 / 32))->best();
    expect($arrow?->filters->label())->toBe('A>B')->and($bare?->filters->count())->toBe(0);
    $step = fn (float $minute, ?Way $w): HoldStep => new HoldStep(DAY + 36000 + 60 * $minute, 8.0, 0.0, $w, false);

    $bars = rowsOf(scene(wanted: 'silk', hold: [
        $step(0, $arrow), $step(5, $arrow), $step(10, $bare), $step(15, null), $step(20, null), $step(600, $arrow),
    ]))[1]->bars;
    expect(array_map(barOf(...), $bars))->toBe([
        // Three short runs that go on into one another are named behind the last; the next twilight is a run of its own.
        [500.0, 6.7, 'A>B', false, null, null, null], [506.7, 3.3, 'bare', false, null, null, null],
        [510.0, 6.7, 'cannot be held', false, 'A>B, then bare, then cannot be held', 522.7, 'start'],
        [900.0, 3.3, 'A>B', false, 'A>B', 909.3, 'start'],
    ]);
});

it('says the minute that is dry: leave by the one before, awash until the one after (safety)', function (): void {
    $flag = fn (float $fromHour, float $walk): ?string => (DayBoard::wide(
        scene(tide: boardTide(), getOff: GetOff::after(boardTide(), DAY + $fromHour * 3600, 3.6, null, 0.0, 0.0, $walk)),
    ))->leave()?->flag?->text;
    // Reached at seven: half a minute and 61 minutes before is 5:58:30, 60.1 minutes before 5:59:54.
    expect($flag(4, 61.5))->toBe('get off by 5:58')
        ->and($flag(4, 60.1))->toBe('get off by 5:59')
        ->and($flag(8, 0))->toBe('awash until 10:43');
});

it('hands a reading to the page as the cursor needs it', function (): void {
    $reading = (DayBoard::wide(scene(tide: boardTide())))->readings[54];
    expect(array_keys(json_decode((string) json_encode($reading), true)))
        ->toBe(['at', 'tide', 'tideLabel', 'sun', 'sunLabel', 'light', 'lightLabel', 'grad', 'left'])
        ->and($reading->at)->toBe('9:00')->and($reading->tide)->toBe('5.2 m');
});

it('takes the light of a stretch from the middle of each step', function (): void {
    $observer = new Observer(50, 0);
    $bands = (DayBoard::wide(scene(observer: $observer)))->sky->bands();
    foreach (array_slice($bands, 1) as $i => $band) {
        // Where one light ends and the next begins, the step before belongs to the one, the step after to the other.
        $step = (int) round(($band->x - 168) / 968 * 144);
        $of = fn (int $n): LightPhase => LightPhase::ofAltitude(
            ($observer->sun(DAY + 600 * $n)->altitudeDeg + $observer->sun(DAY + 600 * ($n + 1))->altitudeDeg) / 2,
        );
        expect($of($step))->toBe($band->phase)->and($of($step - 1))->toBe($bands[$i]->phase);
    }
});

it('has eight hours of a phone at 14 px, a finger’s height to a row, and the whole day beside each other', function (): void {
    $narrow = BoardLayout::narrow();
    expect(($narrow->right - $narrow->left) / 24)->toBe(44.0)->and(8 * 44)->toBeLessThan(358)
        ->and([$narrow->left, $narrow->width - $narrow->right])->toBe([20.0, 44.0]) // half an hour's name before, the scale of light after
        ->and([$narrow->narrow, $narrow->row, $narrow->textPx])->toBe([true, 48.0, 14.0])
        ->and([BoardLayout::wide()->narrow, BoardLayout::wide()->width])->toBe([false, App\Drawing\DayBoard::WIDTH]);
});

it('sets the rows of a phone lower, so that each name stands above its own', function (): void {
    $axis = new ClockAxis(DAY, DAY + 86400, new DateTimeZone('UTC'), 20, 1076);
    $scene = scene(outings: [[DAY + 3600.0 * 6, DAY + 3600.0 * 7]], wanted: 'silk', hold: []);
    $ys = static fn (BoardLayout $layout): array => array_map(
        static fn (BoardRow $r): float => $r->y, (new BoardRows($axis, 300.0, $layout))->of($scene),
    );
    expect($ys(BoardLayout::wide()))->toBe([316.0, 342.0, 368.0])->and($ys(BoardLayout::narrow()))->toBe([336.0, 384.0, 432.0]);
});
