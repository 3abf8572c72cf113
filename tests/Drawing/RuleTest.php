<?php

declare(strict_types=1);

use App\Drawing\Band;
use App\Drawing\BandRow;
use App\Drawing\Block;
use App\Drawing\GlassMark;
use App\Drawing\Label;
use App\Drawing\LookSpan;
use App\Drawing\MovingRow;
use App\Drawing\RuleMark;
use App\Drawing\RuleSubject;
use App\Drawing\Run;
use App\Drawing\RunLayout;
use App\Drawing\StopAxis;
use App\Drawing\StopPlace;
use App\Drawing\StopRule;
use App\Drawing\TextWidth;
use App\Drawing\Tick;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Mount;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Scene\Stroke;
use GentlePour\Solving\Question;
use GentlePour\Solving\Strip;
use GentlePour\Solving\Wall;
use GentlePour\Solving\WallKind;
use GentlePour\Solving\Way;

it('has one width for a stop from end to end, and turns places into times and back', function (): void {
    $axis = new StopAxis(-36, 33, 62, 1174);
    expect($axis->stopWidth())->toBeAbout(1112 / 23, 1e-9)->and($axis->x(1.0))->toBe(wideX(0))->and($axis->x(8.0))->toBe(wideX(3))
        ->and($axis->x(0.0))->toBe(62.0)
        ->and($axis->x(1e6))->toBe(1174.0)
        ->and($axis->xOfThirds(-36))->toBe(62.0)
        ->and($axis->xOfThirds(3))->toBe(wideX(1))
        ->and($axis->secondsAt(62.0))->toBeAbout(2 ** -12, 1e-12)->and($axis->secondsAt(1174.0))->toBeAbout(2048.0, 1e-6)
        ->and($axis->secondsAt(62 + 1112 * 12 / 23))->toBeAbout(1.0, 1e-9);
});

it('shows what lies on it, and half a dial step beyond', function (): void {
    $axis = new StopAxis(-6, 6, 0, 100);
    expect($axis->shows(0.25))->toBeTrue()->and($axis->shows(4.0))->toBeTrue()->and($axis->shows(0.25 * 2 ** (-0.49 / 3)))->toBeTrue()
        ->and($axis->shows(0.25 * 2 ** (-0.51 / 3)))->toBeFalse()->and($axis->shows(4 * 2 ** (0.49 / 3)))->toBeTrue()
        ->and($axis->shows(4 * 2 ** (0.51 / 3)))->toBeFalse()->and($axis->shows(0.0))->toBeFalse();
});

it('names whole stops as far apart as asked, minutes as minutes', function (): void {
    $named = fn (StopAxis $axis, float $every): array => array_column(
        array_map(
            fn (Tick $t): array => [$t->label ?? '', $t->x], array_filter($axis->ticks($every), fn (Tick $t): bool => $t->label !== null),
        ),
        1, 0,
    );
    $axis = new StopAxis(-36, 33, 0, 230);
    expect(array_keys($named($axis, 10)))->toBe([
        '1/4000', '1/2000', '1/1000', '1/500', '1/250', '1/125', '1/60', '1/30', '1/15', '1/8', '1/4', '1/2', '1 s', '2 s', '4 s', '8 s',
        '15 s', '30 s',
        '1 min', '2 min', '4 min', '8 min', '16 min', '32 min',
    ])->and($named($axis, 20))->toHaveCount(12)->and($named($axis, 10.1))->toHaveCount(12)->and($named($axis, 1))->toHaveCount(24)
        ->and($axis->ticks(44))->toHaveCount(24)->and($named($axis, 10)['1 s'])->toBe(120.0)
        // An axis that begins between two whole stops names the next.
        ->and($named(new StopAxis(-4, 5, 0, 90), 30))->toBe(['1/2' => 10.0, '1 s' => 40.0, '2 s' => 70.0]);
    expect(
        array_map(fn (StopPlace $p): array => [$p->x, $p->label], (new StopAxis(-1, 1, 0, 20))->places()),
    )->toBe([[0.0, '0.8 s'], [10.0, '1 s'], [20.0, '1.3 s']]);
});

it('is as high as its rows of looks and of ways, and a foot for walls', function (): void {
    $ways = waysOf(question(bag([nd('Six', 6), nd('Ten', 10), nd('Three', 3), nd('Four', 4)]), 0.2, 8));
    expect(count($ways))->toBeGreaterThan(3);
    $rule = fn (RuleSubject $s): StopRule => StopRule::wide($s);
    expect($rule(subject())->height)->toBe(36.0 + 56 + 36 + 42 + 44)->and($rule(subject($ways))->height)->toBe(36.0 + 56 + 36 + 3 * 42 + 44)
        ->and($rule(subject([$ways[0], $ways[1]]))->height)->toBe(36.0 + 56 + 36 + 2 * 42 + 44)
        ->and($rule(subject(rows: [movingRow(), movingRow('Sky')]))->height)->toBe(36.0 + 56 + 30 + 36 + 42 + 44)
        ->and($rule(subject(walls: [new Wall(WallKind::Wind, seconds(8), 'wind')]))->height)->toBe(36.0 + 56 + 36 + 42 + 44 + 18)
        ->and($rule(subject())->bottom())->toBe(174.0)
        ->and($rule(subject(walls: [new Wall(WallKind::Wind, seconds(8), 'wind')]))->bottom())->toBe(174.0)
        ->and($rule(subject($ways))->runs())->toHaveCount(3)->and($rule(subject())->runs())->toBe([])
        ->and([$rule(subject())->bandTop(), $rule(subject())->bandHeight(), $rule(subject())->axisY(), $rule(subject())->rowsTop(),
            $rule(subject())->bandsBottom()])
        ->toBe([36.0, 56.0, 26.0, 128.0, 92.0])
        ->and([$rule(subject())->width, StopRule::narrow(subject())->width])->toBe([1200.0, 358.0]);
});

it('lays the looks of each thing that moves in a row of its own, to the ends of the axis where they are open', function (): void {
    $rows = StopRule::wide(subject(rows: [movingRow(), movingRow('Sky', null)]))->bandRows();
    expect(array_map(fn (BandRow $r): array => [$r->label, $r->unit, $r->top, $r->height, $r->middle()], $rows))
        ->toBe([['Water', '4.0 m/s', 36.0, 56.0, 64.0], ['Sky', '4.0 m/s', 94.0, 28.0, 108.0]])
        ->and(array_map(fn (Band $b): array => [$b->look, $b->words, $b->x, $b->width, $b->wanted, $b->named], $rows[0]->bands))->toBe([
            ['held', 'every drop', 62.0, round(wideX(-6) - 62, 1), false, true],
            ['silk', 'strands', wideX(0), round(wideX(2) - wideX(0), 1), true, true],
            ['glass', 'flat', wideX(4), round(1174 - wideX(4), 1), false, true],
        ])
        ->and(array_map(fn (Band $b): bool => $b->wanted, $rows[1]->bands))->toBe([false, false, false])
        ->and($rows[0]->bands[1]->middle)->toBe(round(wideX(0) + round(wideX(2) - wideX(0), 1) / 2, 1));
    // A look that has no width is left out; a name needs its letters and 14 px.
    $thin = new MovingRow(
        'Water', '', [new LookSpan('lively', '', 1.0, 1.003), new LookSpan('silk', '', 1.0, 2 ** 0.5)], null,
        fn (float $s): Stroke => Stroke::ofStreak(0.1, 0.5),
    );
    $bands = StopRule::wide(subject(rows: [$thin]))->bandRows()[0]->bands;
    expect(array_map(fn (Band $b): array => [$b->look, $b->named], $bands))->toBe([['silk', false]])
        ->and((new Band('silk', '', 0, TextWidth::of('silk', 13) + 14.1, false, ''))->named)->toBeTrue()
        ->and((new Band('silk', '', 0, TextWidth::of('silk', 13) + 14.0, false, ''))->named)->toBeFalse()
        ->and(TextWidth::of('silk', 10.0))->toBeAbout(23.2, 1e-9);
});

it('says the window in words by what bounds its look, in the middle of it or as near as the ends allow', function (): void {
    $window = StopRule::wide(subject())->window();
    expect([$window->x, $window->width, $window->label->text, $window->label->x, $window->label->y, $window->label->anchor])
        ->toBe([wideX(0), round(wideX(2) - wideX(0), 1), 'silk 1 s to 4 s', round((wideX(0) + wideX(2)) / 2, 1), 198.0, 'middle']);
    $of = fn (LookBand $band, float $min, float $max): Label => StopRule::wide(
        subject(band: $band, window: ruleWindow($min, $max)),
    )->window()->label;
    expect($of(new LookBand(Look::Held, null, 1 / 64), 2 ** -12, 2 ** -12)->text)->toBe('held up to 1/4000')
        ->and($of(new LookBand(Look::Glass, 16.0, null), 1024, 2048)->text)->toBe('glass 17:05 and longer')
        ->and($of(new LookBand(Look::Held, null, 1 / 64), 2 ** -12, 2 ** -12)->x)
        ->toBe(round(62 + TextWidth::of('held up to 1/4000', 13) / 2, 1))
        ->and($of(new LookBand(Look::Glass, 16.0, null), 2000, 2048)->x)
        ->toBe(round(1174 - TextWidth::of($of(new LookBand(Look::Glass, 16.0, null), 2000, 2048)->text, 13) / 2, 1));
});

it('puts the target where its time stands, among the places of the drag', function (): void {
    $rule = fn (float $best): StopRule => StopRule::wide(subject(window: ShutterWindow::of(seconds(1e-4), seconds(4000), seconds($best))));
    expect($rule(2.0)->targetX())->toBe(wideX(1))->and($rule(2.0)->targetPlace())->toBe(39)->and($rule(1e-4)->targetPlace())->toBe(0)
        ->and($rule(4000)->targetPlace())->toBe(69)->and($rule(2 ** (1.4 / 3))->targetPlace())->toBe(37);
});

it('names the reading left of its line, or right of it where there is no room', function (): void {
    $mark = StopRule::wide(subject())->reading();
    expect([$mark->x, $mark->label->text, $mark->label->x, $mark->label->y, $mark->label->anchor, $mark->shown])
        ->toBe([wideX(-6), 'reading 1/60 · f/11 · ISO 100', wideX(-6) - 7, 112.0, 'end', true]);
    $early = StopRule::wide(subject(reading: '1/2000'))->reading();
    expect([$early->label->x, $early->label->anchor])->toBe([wideX(-11) + 7, 'start']);
    $narrow = StopRule::narrow(subject(reading: '1/8'))->reading();
    expect($narrow->label->text)->toBe('reading 1/8')->and($narrow->shown)->toBeTrue();
});

it('draws the walls that lie on the axis, one line higher each, their names inside', function (): void {
    $rule = StopRule::wide(subject(walls: [
        new Wall(WallKind::Wind, seconds(8), 'wind'), new Wall(WallKind::GetOff, seconds(80000), 'get off'),
        new Wall(WallKind::Longest, seconds(1024), 'your own limit of time'),
    ]));
    expect(
        array_map(fn (RuleMark $w): array => [$w->x, $w->label->text, $w->label->x, $w->label->y, $w->label->anchor], $rule->walls()),
    )->toBe([
        [wideX(3), 'wind', wideX(3) + 8, 191.0, 'start'], [wideX(10), 'your own limit of time', wideX(10) - 8, 175.0, 'end'],
    ]);
});

it('closes in on a phone on the reading, the target and the best way, a stop to spare, twelve stops at least', function (): void {
    $axis = fn (RuleSubject $s): array => [
        StopRule::narrow($s)->axis->firstThird, StopRule::narrow($s)->axis->lastThird, StopRule::narrow($s)->axis->left,
        StopRule::narrow($s)->axis->right,
    ];
    // From the reading's 1/64 s a stop further, to twelve stops from there; with a longer window to its end and a stop more.
    expect($axis(subject()))->toBe([-21, 15, 10.0, 348.0])
        ->and($axis(subject(window: ruleWindow(1, 256), band: new LookBand(Look::Silk, 1.0, 256.0))))->toBe([-21, 27, 10.0, 348.0])
        // An open window is no reason to show more than a thousand seconds; the ends are those of the dial.
        ->and($axis(subject(window: ruleWindow(1, 2048))))->toBe([-21, 33, 10.0, 348.0])
        ->and($axis(subject(reading: '1/8000')))->toBe([-42, 9, 10.0, 348.0]);
    $long = waysOf(question(bag([nd('Fifteen', 15)]), 400, 600))[0];
    expect($axis(subject([$long])))->toBe([-21, 30, 10.0, 348.0]);
});

it('draws a run from the reading: what lengthens to the right, what shortens back below it', function (): void {
    $way = waysOf(question(bag([nd('Six', 6), nd('Three', 3)], isoMax: 100, isoLow: null, slots: 1), 0.7, 1.4))[0];
    expect($way->filters->names())->toBe(['Six'])->and($way->aperture->label())->toBe('f/11');
    $run = (new RunLayout(new StopAxis(-36, 33, 62, 1174), subject([$way], on: 1.0, bias: 2.0), false))->run($way, 128.0);
    $block = fn (Block $b): array => [$b->x, $b->width, $b->title, $b->kind, $b->label];
    // Six columns of the filter and two of bias; the stop of filter that was on for the reading comes off.
    expect(array_map($block, $run->forward))->toBe([
        [wideX(-6) + 0.75, round(wideX(0) - wideX(-6) - 1.5, 1), 'Six +6', 'filter', 'Six +6'],
        [wideX(0) + 0.75, round(wideX(2) - wideX(0) - 1.5, 1), 'bias +2', 'bias', 'bias +2'],
    ])->and(array_map($block, $run->back))->toBe([[wideX(1) + 0.75, round(wideX(2) - wideX(1) - 1.5, 1), 'filters off −1', 'filter', null]])
        ->and([$run->key, $run->y, $run->picked, $run->lane, $run->endX, $run->endY()])
        ->toBe([$way->key(), 128.0, true, 14.0, wideX(1), 20.5])
        ->and([$run->result->text, $run->result->x, $run->result->anchor])
        ->toBe([$way->shutterLabel().'  f/11  ISO 100', wideX(2) + 14, 'start']);
    $plain = (new RunLayout(new StopAxis(-36, 33, 62, 1174), subject([$way]), false))->run($way, 128.0);
    expect($plain->back)->toBe([])->and($plain->lane)->toBe(26.0)->and([$plain->endX, $plain->endY()])->toBe([wideX(0), 13.0]);
});

it('takes a variable filter for what it is set to, not for its darkest', function (): void {
    $variable = Filter::of('Vario', FilterKind::Variable, Mount::Slot, Stops::of(8), lightest: Stops::of(2));
    $way = waysOf(question(bag([$variable], isoMax: 100, isoLow: null), 0.45, 0.55))[0];
    $run = (new RunLayout(new StopAxis(-36, 33, 62, 1174), subject([$way]), false))->run($way, 0.0);
    expect($way->stack->value)->toBeGreaterThan(3.0)->toBeLessThan(7.0)
        ->and($run->forward[0]->width)->toBeAbout($way->stack->value * 1112 / 23 - 1.5, 0.2)
        ->and($run->endX)->toBeAbout(wideX(log($way->exact->seconds, 2)), 0.2);
});

it('ends a run where film and drifting light put it, with a step of their own', function (): void {
    $base = question(bag([nd('Thirteen', 13)], isoMax: 100, isoLow: null), 60, 120);
    $q = new GentlePour\Solving\Question($base->reading, $base->bias, $base->target, $base->bag, null,
        GentlePour\Exposure\DriftingLight::of(0.4));
    $way = GentlePour\Solving\BackSolver::best($q) ?? throw new LogicException;
    $subject = subject([$way]);
    $drifting = new RuleSubject(
        $subject->rows, $subject->window, $subject->band, $subject->reading, $subject->bias, [$way], $way, [], [], [], [], false,
        $q->gathers(),
    );
    $run = fn (RuleSubject $of): float => (new RunLayout(new StopAxis(-36, 33, 62, 1174), $of, false))->run($way, 0.0)->endX;

    expect($q->gathers())->toBe('drift')->and($run($drifting))->toBeAbout(wideX(log($way->exact->seconds, 2)), 0.2)
        ->and($run($drifting))->toBeLessThan($run($subject) - 10);
    $titles = array_map(fn (Block $b): string => $b->title, (new RunLayout(new StopAxis(-36, 33, 62, 1174), $drifting, false))->run($way,
        0.0)->back);
    expect(implode(' ', $titles))->toContain('drift −');
});

it('shortens what a run comes to where there is no room, and puts it on the other side', function (): void {
    $way = waysOf(question(bag([nd('Fifteen', 15)], isoMax: 100, isoLow: null), 500, 530))[0];
    $result = fn (float $left, float $right, bool $narrow = false, int $last = 33): Label => (
        new RunLayout(new StopAxis(-36, $last, $left, $right), subject([$way]), $narrow)
    )->run($way, 0.0)->result;
    $whole = $way->shutterLabel().'  f/11  ISO 100';
    expect($result(62, 1174, last: 45)->text)->toBe($whole)->and($result(62, 1174, last: 45)->anchor)->toBe('start')
        // At the right end it hangs left of the reading.
        ->and($result(62, 1174)->text)->toBe($whole)->and($result(62, 1174)->anchor)->toBe('end')
        ->and($result(10, 348, true, 27)->text)->toBe($way->shutterLabel().'  f/11')->and($result(10, 348, true, 27)->anchor)->toBe('end');
});

it('hands the places of the drag to the page as it needs them', function (): void {
    expect(json_encode(new StopPlace(12.5, '1/60', 1 / 64)))->toBe('{"x":12.5,"label":"1\/60","s":0.015625}')
        ->and(json_encode(new StopPlace(1.0, '1/3', 2 ** (-5 / 3))))->toBe('{"x":1,"label":"1\/3","s":0.31498}');
});

it('stacks the runs of the best ways under one another, in their order', function (): void {
    $ways = waysOf(question(bag([nd('Six', 6), nd('Ten', 10), nd('Three', 3), nd('Four', 4)]), 0.2, 8));
    $runs = StopRule::wide(subject($ways, picked: $ways[1]))->runs();
    expect(array_map(fn (Run $r): float => $r->y, $runs))->toBe([128.0, 170.0, 212.0])
        ->and(array_map(fn (Run $r): string => $r->key, $runs))->toBe(array_map(fn (Way $w): string => $w->key(), array_slice($ways, 0, 3)))
        ->and(array_map(fn (Run $r): bool => $r->picked, $runs))->toBe([false, true, false]);
});

it('moves the reading’s name over its line exactly where it would leave the drawing, and a wall’s alike', function (): void {
    // The name is 29 letters of 6.96 px: with 8 px of room it needs 209.84 px.
    $anchor = fn (float $stops): string => StopRule::wide(new RuleSubject(
        [movingRow()], ruleWindow(), new LookBand(Look::Silk, 1.0, 4.0),
        new Reading(new Exposure(Aperture::named(11), seconds(2 ** $stops), Iso::of(100)), Stops::zero()),
        Stops::zero(), [], null, [],
    ))->reading()->label->anchor;
    $edge = (209.84 - 62) / 1112 * 23 - 12;
    $name = strlen('reading 1/500 · f/11 · ISO 100');
    expect($anchor($edge + 0.6))->toBe('end')->and($anchor($edge - 0.6))->toBe('start')->and($name)->toBeGreaterThan(25);
    $wall = fn (string $why): string => StopRule::wide(
        subject(walls: [new Wall(WallKind::Wind, seconds(1024), $why)]),
    )->walls()[0]->label->anchor;
    // From 1125.7 px and 8 px on there is room for nine letters of 7.25 px.
    expect($wall(str_repeat('x', 9)))->toBe('start')->and($wall(str_repeat('x', 10)))->toBe('end');
});

it('names as many stops on a phone as have 46 px each, on a wide screen 44', function (): void {
    $named = fn (StopRule $rule): int => count(array_filter($rule->ticks(), fn (Tick $t): bool => $t->label !== null));
    expect(count(StopRule::wide(subject())->ticks()))->toBe(24)->and($named(StopRule::wide(subject())))->toBe(24)
        ->and($named(StopRule::narrow(subject())))->toBe(6);
});

it('hangs from the looks what other glass makes of the reading, and leaves out a name that would run into the last', function (): void {
    $q = question(bag([nd('Six', 6), nd('Seven', 7), nd('Ten', 10), nd('Twenty', 20)], slots: 1), 1, 4);
    $way = waysOf($q)[0];
    $base = subject([$way]);
    $rule = StopRule::wide(new RuleSubject(
        $base->rows, $base->window, $base->band, $base->reading, $base->bias, [$way], $way, [], marks: Strip::of($q),
    ));
    $marks = $rule->marks();

    // 1/60 is six stops short of a second; a stop is 48.3 px. Twenty stops lie beyond the rule.
    expect(array_map(static fn (GlassMark $m): float => $m->x, $marks))->toBe([wideX(-6), wideX(0), wideX(1), wideX(4)])
        ->and(array_map(static fn (GlassMark $m): string => $m->label->text, $marks))->toBe(['no filter', 'Six', 'Seven', 'Ten'])
        ->and(array_map(static fn (GlassMark $m): bool => $m->picked, $marks))->toBe([false, false, true, false])
        ->and($marks[1]->title)->toBe('Six: 1 s')->and($marks[1]->label->y)->toBe($rule->bandsBottom() + 24)
        ->and($rule->marksBottom())->toBe($rule->bandsBottom() + 30)->and(StopRule::wide($base)->marksBottom())->toBe($rule->bandsBottom())
        ->and($rule->height)->toBe(StopRule::wide($base)->height + 30)
        ->and($rule->reading()->label->y)->toBe(StopRule::wide($base)->reading()->label->y + 30);

    $long = question(bag([nd('Sixth of the year', 6), nd('Seventh of the year', 7)], slots: 1), 1, 4);
    $crowded = StopRule::wide(new RuleSubject(
        $base->rows, $base->window, $base->band, $base->reading, $base->bias, [$way], $way, [], marks: Strip::of($long),
    ));
    expect(array_map(static fn (GlassMark $m): string => $m->label->text, $crowded->marks()))->toBe(['no filter', 'Sixth of the year', '']);
});

it('draws no step for a filter that was on for the reading and stays on', function (): void {
    $pola = Filter::of('Pola', FilterKind::Polariser, Mount::Thread, Stops::of(1.5));
    $q = question(bag([nd('Six', 6), $pola], isoMax: 100, isoLow: null), 0.7, 1.4);
    $staying = new Question(
        new Reading($q->reading->exposure, Stops::of(1.5)), $q->bias, $q->target, $q->bag, staying: [$pola],
    );
    $way = waysOf($staying)[0];
    $base = subject([$way], on: 1.5);
    $run = (new RunLayout(new StopAxis(-36, 33, 62, 1174), new RuleSubject(
        $base->rows, $base->window, $base->band, $base->reading, $base->bias, [$way], $way, [], [$pola],
    ), false))->run($way, 128.0);

    expect($way->filters->names())->toBe(['Pola', 'Six'])
        ->and(array_map(static fn (Block $b): string => $b->title, $run->forward))->toBe(['Six +6'])
        ->and($run->back)->toBe([]);
});

it('says what is held on the line of the reading, on the other side of the rule, and counts it where there is no room', function (): void {
    $base = subject();
    $with = fn (array $held, string $reading): RuleSubject => new RuleSubject(
        $base->rows, $base->window, $base->band, new Reading(new Exposure(Aperture::named(11), ShutterTime::parse($reading), Iso::of(100)),
            Stops::zero()),
        $base->bias, [], null, [], held: $held, heldTime: true,
    );
    expect(StopRule::wide($base)->held())->toBeNull();
    $rule = StopRule::wide($with(['f/11', 'ISO 100', 'with Six'], '1/60'));
    expect([$rule->held()?->text, $rule->held()?->anchor, $rule->held()?->x])
        ->toBe(['held: f/11, ISO 100, with Six', 'end', $rule->axis->right])
        ->and($rule->held()?->y)->toBe($rule->reading()->label->y);
    $left = StopRule::wide($with(['f/11'], '30'));
    expect([$left->held()?->anchor, $left->held()?->x])->toBe(['start', $left->axis->left]);
    $narrow = StopRule::narrow($with(['f/11', 'ISO 100', 'with Pola and Six and Ten', 'without Three and Fifteen'], '1/60'));
    expect($narrow->held()?->text)->toBe('held: 4 settings');
});
