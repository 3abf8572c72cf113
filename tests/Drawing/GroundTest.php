<?php

declare(strict_types=1);

use App\Drawing\GroundPlan;
use App\Drawing\GroundSubject;
use App\Drawing\Label;
use App\Drawing\LabelRoom;
use App\Drawing\ScaleBar;
use GentlePour\Outing\WayOut;
use GentlePour\Sky\LensFrame;
use GentlePour\Units;

// The ground around a stand, worked out by hand: a sheet of 480 px, the stand at 240, what is furthest 196 px from it.

/** @return array{string, float, float, string} */
function labelled(Label $label): array
{
    return [$label->text, $label->x, $label->y, $label->anchor];
}

it('draws three arrows side by side from where swell and wind come', function (float $from, string $path): void {
    expect((new GroundPlan([], null, null, $from, null))->arrows($from))->toBe($path);
})->with([
    // From 232 px to 172 before the middle, the outer two 15 px shorter and 15 px aside; heads of 10 px, 0.45 rad open: 9.0 by 4.3.
    'south' => [180.0, 'M255.0 472.0L255.0 427.0M255.0 427.0l4.3 9.0M255.0 427.0l-4.3 9.0M240.0 472.0L240.0 412.0M240.0 412.0l4.3 9.0M240.0 412.0l-4.3 9.0'
        .'M225.0 472.0L225.0 427.0M225.0 427.0l4.3 9.0M225.0 427.0l-4.3 9.0'],
    'east' => [90.0, 'M472.0 225.0L427.0 225.0M427.0 225.0l9.0 -4.3M427.0 225.0l9.0 4.3M472.0 240.0L412.0 240.0M412.0 240.0l9.0 -4.3M412.0 240.0l9.0 4.3'
        .'M472.0 255.0L427.0 255.0M427.0 255.0l9.0 -4.3M427.0 255.0l9.0 4.3'],
]);

it('names an arrow beside it', function (): void {
    $plan = new GroundPlan([], null, null, 180, 0);
    // 214 px from the middle: sin 9° is 0.1564, cos 9° 0.9877.
    expect(labelled($plan->arrowLabel('swell', 180, 9)))->toBe(['swell', 206.5, 451.4, 'start'])
        ->and(labelled($plan->arrowLabel('wind', 0, -9)))->toBe(['wind', 206.5, 28.6, 'start'])
        ->and(labelled($plan->arrowLabel('wind', 90, 0)))->toBe(['wind', 454.0, 240.0, 'end'])
        ->and(labelled($plan->arrowLabel('wind', 270, 9)))->toBe(['wind', 28.6, 206.5, 'start']);
});

it('takes in what the lens takes in', function (): void {
    $wedge = static fn (float $facing): string => (new GroundPlan([], null, LensFrame::of($facing, 0, 36, 24, 24), null, null))->wedge();
    // 36.87 degrees to either side, 226 px far: 0.8 and 0.6 of it.
    expect($wedge(90))->toBe('M240 240L420.8 104.4A226 226 0 0 1 420.8 375.6Z')->and($wedge(0))->toBe('M240 240L104.4 59.2A226 226 0 0 1 375.6 59.2Z')
        ->and($wedge(180))->toBe('M240 240L375.6 420.8A226 226 0 0 1 104.4 420.8Z');
});

it('draws to the furthest that is within 400 m, and no nearer than 12 m', function (): void {
    $places = static fn (array $subjects): array => array_map(static fn (array $s): array => [$s[1], $s[2], $s[3]], (new GroundPlan(
        array_map(static fn (array $s): GroundSubject => new GroundSubject(...$s), $subjects), null, null, null, null,
    ))->subjects());
    // 196 px for 12 m, so that 6 are 98; to the north it is up.
    expect($places([['a', 90, 6]]))->toBe([[338.0, 240.0, true]])->and($places([['a', 0, 6]]))->toBe([[240.0, 142.0, true]])
        ->and($places([['a', 225, 6], ['b', 180, 24]]))->toBe([[205.4, 274.6, true], [240.0, 436.0, true]])
        ->and($places([['a', 90, 400], ['b', 270, 200]]))->toBe([[436.0, 240.0, true], [142.0, 240.0, true]])
        // Beyond it stands at the edge, and does not count.
        ->and($places([['a', 90, 401], ['b', 270, 20]]))->toBe([[436.0, 240.0, false], [44.0, 240.0, true]])
        ->and($places([['a', 90, 401]]))->toBe([[436.0, 240.0, false]]);
});

it('names what is photographed outward from the stand, clear of stand, levels and one another', function (): void {
    $names = static fn (GroundPlan $plan): array => array_map(static fn (array $s): array => labelled($s[0]), $plan->subjects());
    $plan = static fn (array $subjects, ?WayOut $way = null): GroundPlan => new GroundPlan(
        array_map(static fn (array $s): GroundSubject => new GroundSubject(...$s), $subjects), $way, null, null, null,
    );
    // Letters of 19 px are 11.02 wide; 11 px beside the mark and a quarter of a letter below it. “a, 6 m” is 66.1 px wide.
    expect($names($plan([['a', 90, 6]])))->toBe([['a, 6 m', 349.0, 244.8, 'start']])
        ->and($names($plan([['a', 270, 6]])))->toBe([['a, 6 m', 131.0, 244.8, 'end']])
        // Straight up counts as right.
        ->and($names($plan([['a', 0, 6]])))->toBe([['a, 6 m', 251.0, 146.8, 'start']])
        // No room on its side: the other one.
        ->and($names($plan([['a', 90, 12]])))->toBe([['a, 12 m', 425.0, 244.8, 'end']])
        ->and($names($plan([['a', 270, 12]])))->toBe([['a, 12 m', 55.0, 244.8, 'start']])
        // Two in one place: the second a line higher.
        ->and($names($plan([['a', 90, 6], ['b', 90, 6]])))->toBe([['a, 6 m', 349.0, 244.8, 'start'], ['b, 6 m', 349.0, 223.9, 'start']])
        // So near the stand that its name would lie on it.
        ->and($names($plan([['a', 90, 0.2]])))->toBe([['a, 0.2 m', 254.3, 203.9, 'start']]);
    // More than a line away it is led to: by its near end, from above or below.
    $leads = static fn (GroundPlan $plan): array => array_column($plan->subjects(), 4);
    expect($leads($plan([['a', 90, 6]])))->toBe([''])->and($leads($plan([['a', 90, 6], ['b', 90, 6]])))->toBe(['', ''])
        ->and($leads($plan([['a', 90, 6], ['b', 90, 6], ['c', 90, 6], ['d', 90, 6]])))->toBe(['', '', '', 'M338.0 240.0L349.0 208.7'])
        ->and(LabelRoom::lead(new Label('a', 50, 100), 60, 60, 20))->toBe('M60.0 60.0L50.0 84.0')->and(LabelRoom::lead(new Label('a', 50, 20), 60, 60, 20))->toBe('M60.0 60.0L50.0 25.0')
        // A quarter of a letter below the mark stands a name; a line and a fifth further it is led to.
        ->and(LabelRoom::lead(new Label('a', 50, 89), 60, 60, 20))->toBe('')->and(LabelRoom::lead(new Label('a', 50, 89.1), 60, 60, 20))->not->toBe('')
        ->and(LabelRoom::lead(new Label('a', 50, 41), 60, 60, 20))->toBe('')->and(LabelRoom::lead(new Label('a', 50, 40.9), 60, 60, 20))->not->toBe('');
    // The end of a leg has its level beside it.
    $way = WayOut::of(5.0, WayOut::legs('90 12 4.0'));
    expect($names($plan([['a', 90, 9]], $way))[0][2])->not->toBe(244.8)
        ->and(array_map(labelled(...), $plan([], $way)->levels()))->toBe([['4.0 m', 436.0, 240.0, 'end']])
        ->and(array_map(labelled(...), $plan([], WayOut::of(5.0, WayOut::legs('270 6 4.5, 180 6 4.2')))->levels()))
        ->toBe([['4.5 m', 142.0, 240.0, 'start'], ['4.2 m', 142.0, 338.0, 'start']]);
});

it('says to the edge when the way out is dry, near the waves, under them and under water', function (float $tide, string $words): void {
    $plan = new GroundPlan([], WayOut::of(6.0, WayOut::legs('270 100 5.0')), null, null, null, [$tide], 0.5, 0.25);
    expect($plan->steps()[0]->way)->toBe($words);
})->with([[5.0, 'under water by 0.0 m'], [5.25, 'under water by 0.3 m'], [4.9, 'waves run over its lowest point'], [4.5, 'waves run over its lowest point'],
    [4.45, '0.0 m over the waves: within the margin'], [4.25, '0.3 m over the waves: within the margin'], [4.125, '0.4 m over the waves'], [1.0, '3.5 m over the waves']]);

it('has under water what lies below the tide, and within reach what the waves run up to', function (): void {
    // 100 m to the west from 6 m down to 5: at 5.5 the outer half is under, and of the waves half a metre more all of it.
    $plan = new GroundPlan([], WayOut::of(6.0, WayOut::legs('270 100 5.0')), null, null, null, [4.0, 5.5, 5.25], 0.25, 0.25);
    expect(array_map(static fn ($s): array => [$s->under, $s->reached], $plan->steps()))
        ->toBe([['', ''], ['M142 240L44 240', 'M191 240L44 240'], ['M93 240L44 240', 'M142 240L44 240']])
        ->and((new GroundPlan([], WayOut::of(6.0, WayOut::legs('270 100 5.0')), null, null, null, [4.0, null]))->steps())->toBe([]);
});

it('has the longest bar that there is room for', function (): void {
    $bar = static fn (float $pxPer): ScaleBar => ScaleBar::of([5, 10, 20, 50], $pxPer, (new Units)->about(...), 480.0);
    // 115 px at most; 8 px from its end its name, 16 above the foot.
    expect([$bar(11.5)->px, labelled($bar(11.5)->label)])->toBe([115.0, ['10 m', 139.0, 464.0, 'start']])
        ->and([$bar(11.6)->px, $bar(11.6)->label->text])->toBe([58.0, '5 m'])->and([$bar(0.1)->px, $bar(0.1)->label->text])->toBe([5.0, '50 m'])
        // The shortest where none has.
        ->and([$bar(40.0)->px, $bar(40.0)->label->text])->toBe([200.0, '5 m'])->and($bar(11.5)->path())->toBe('M16 455v9h115v-9');
});

it('keeps a name on the sheet, at its head and its foot', function (): void {
    // 20 px letters reach 16 above their line and 5 below: on 200 px from 16 to 195.
    $lines = static function (float $y): array {
        $room = new LabelRoom;

        return array_map(static fn (int $i): float => $room->beside('a', 100, $y, true, 20, 200)->y, range(0, 4));
    };
    expect($lines(196))->toBe([195.0, 158.0, 137.0, 116.0, 195.0])->and($lines(4))->toBe([16.0, 52.0, 73.0, 94.0, 16.0])
        ->and($lines(100))->toBe([105.0, 83.0, 127.0, 62.0, 148.0]);
});

it('moves a label to its next free line, and leaves it where none is', function (): void {
    // Letters of 10 px are 5.8 wide, reach 8 above their line and 2.5 below.
    $at = static fn (array $blocked, array $orY = [], string $anchor = 'start', ?array $reach = null): float => (function () use ($blocked, $orY, $anchor, $reach): float {
        $room = new LabelRoom;
        array_map(static fn (array $b) => $room->block(...$b), $blocked);

        return $room->place(new Label('abcde', 100, 50, $anchor), 10, $orY, $reach)->y;
    })();
    expect($at([]))->toBe(50.0)
        // 100 to 129 wide, 42 to 52.5 high: what only touches it leaves it there.
        ->and($at([[0, 100, 0, 90], [129, 200, 0, 90], [100, 129, 0, 42], [100, 129, 52.5, 90]], [70]))->toBe(50.0)
        ->and($at([[0, 100.1, 0, 90]], [170]))->toBe(170.0)->and($at([[128.9, 200, 0, 90]], [170]))->toBe(170.0)
        ->and($at([[100, 129, 0, 42.1]], [170]))->toBe(170.0)->and($at([[100, 129, 52.4, 90]], [170]))->toBe(170.0)
        ->and($at([[100, 129, 0, 90]], [70, 170, 270]))->toBe(170.0)->and($at([[100, 129, 0, 290]], [70, 170, 270]))->toBe(50.0)
        // By its end it hangs to the left, by its middle to both sides.
        ->and($at([[0, 71, 0, 90], [100, 200, 0, 90]], [170], 'end'))->toBe(50.0)->and($at([[0, 71.1, 0, 90]], [170], 'end'))->toBe(170.0)
        ->and($at([[0, 85.5, 0, 90], [114.5, 200, 0, 90]], [170], 'middle'))->toBe(50.0)->and($at([[0, 85.6, 0, 90]], [170], 'middle'))->toBe(170.0)
        ->and($at([[114.4, 200, 0, 90]], [170], 'middle'))->toBe(170.0)
        // Where it may move sideways all of that is to be free.
        ->and($at([[10, 20, 0, 90]], [170], 'start', [15, 129]))->toBe(170.0);
    $room = new LabelRoom;
    $first = $room->place(new Label('abcde', 100, 50), 10, []);
    expect($room->has($first, 10))->toBeFalse()->and($room->has(new Label('abcde', 129, 50), 10))->toBeTrue()
        ->and($room->has(new Label('abcde', 100, 60.5), 10))->toBeTrue()->and($room->has(new Label('abcde', 100, 60.4), 10))->toBeFalse()
        ->and($room->has(new Label('abcde', 100, 39.5), 10))->toBeTrue()
        // One that was moved takes the line to which it was moved.
        ->and($room->place(new Label('fghij', 110, 50), 10, [80])->y)->toBe(80.0)->and($room->has(new Label('k', 110, 80), 10))->toBeFalse()
        // One that had no room stands where it was, over another.
        ->and(labelled($room->place(new Label('lmnop', 110, 50, 'end'), 10, [])))->toBe(['lmnop', 110.0, 50.0, 'end']);
});
