<?php

declare(strict_types=1);

use App\Drawing\Block;
use App\Drawing\GlassMark;
use App\Drawing\RuleMark;
use App\Drawing\RuleSubject;
use App\Drawing\Run;
use App\Drawing\RunLayout;
use App\Drawing\StopAxis;
use App\Drawing\StopRule;
use App\Drawing\Tick;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\FilterStack;
use GentlePour\Solving\StripMark;
use GentlePour\Solving\Wall;
use GentlePour\Solving\WallKind;

// What of a stop rule has room, held against the widths of its words half a px by half a px: a letter is 0.58 of its size wide.

/** @param  list<StripMark>  $marks */
function ruleOf(array $marks = [], array $held = [], array $walls = [], string $reading = '1/60', bool $narrow = false): StopRule
{
    $of = subject(walls: $walls, reading: $reading);
    $subject = new RuleSubject($of->rows, $of->window, $of->band, $of->reading, $of->bias, [], null, $walls, [], $marks, $held);

    return $narrow ? StopRule::narrow($subject) : StopRule::wide($subject);
}

it('says what a run comes to right of it, else left of it, as shortly as it must, else not at all', function (bool $narrow): void {
    $way = waysOf(question(bag([nd('Six', 6)], isoMax: 100, isoLow: null), 0.95, 1.05))[0];
    expect([$way->shutterLabel(), $way->aperture->label(), $way->iso->label()])->toBe(['1 s', 'f/11', '100']);
    $seen = [];
    // On one axis there is room to the left alone, on the others to the right, more and more of it.
    foreach ([[10.0, -36, 3], [10.0, -19, 33], [200.0, -36, 3], [-60.0, -19, 12]] as [$left, $first, $last]) {
        for ($right = $left + 30; $right < $left + 620; $right += 0.5) {
            $axis = new StopAxis($first, $last, $left, $right);
            [$from, $to] = [$axis->xOfThirds(-18), $axis->xOfThirds(0)];
            $expected = ['', $to, 'start'];
            foreach (array_slice(['1 s  f/11  ISO 100', '1 s  f/11', '1 s'], $narrow ? 1 : 0) as $words) {
                $wide = 0.58 * 15 * mb_strlen($words);
                if ($to + 14 + $wide < $right + ($narrow ? 6 : 20)) {
                    $expected = [$words, $to + 14, 'start'];
                    break;
                }
                if ($from - 12 - $wide > 0) {
                    $expected = [$words, $from - 12, 'end'];
                    break;
                }
            }
            $said = (new RunLayout($axis, subject([$way]), $narrow))->run($way, 0.0)->result;
            expect([$said->text, $said->x, $said->anchor])->toBe($expected);
            $seen[$expected[0].$expected[2]] = true;
        }
    }
    expect(count($seen))->toBe($narrow ? 5 : 7);
})->with([false, true]);

it('names a step where it is wide enough, and shows the narrowest', function (): void {
    $way = waysOf(question(bag([nd('Six', 6)], isoMax: 100, isoLow: null), 0.95, 1.05))[0];
    $seen = [];
    for ($right = 14.0; $right < 260; $right += 0.5) {
        $axis = new StopAxis(-36, 33, 10, $right);
        $wide = $axis->xOfThirds(0) - $axis->xOfThirds(-18);
        [$block] = (new RunLayout($axis, subject([$way]), false))->run($way, 0.0)->forward;
        // “Six +6” is 41.8 px wide.
        $named = $wide > 0.58 * 12 * 6 + 8;
        expect([$block->x, $block->width, $block->title, $block->label])
            ->toBe([$axis->xOfThirds(-18) + 0.75, max(1.5, round($wide - 1.5, 1)), 'Six +6', $named ? 'Six +6' : null]);
        $seen[(int) $named] = true;
    }
    expect(count($seen))->toBe(2);
});

it('shows aperture and ISO as steps, and none of less than a fiftieth of a stop', function (): void {
    $layout = static fn (float $bias): Run => (new RunLayout(new StopAxis(-36, 33, 62, 1174), subject([], bias: $bias), false))
        ->run(waysOf(question(bag([nd('Six', 6)], isoMax: 100, isoLow: null), 0.95, 1.05))[0], 0.0);
    $titles = static fn (array $blocks): array => array_map(static fn (Block $b): string => $b->title, $blocks);
    expect($titles($layout(0.021)->forward))->toBe(['Six +6', 'bias +0.02'])->and($titles($layout(0.019)->forward))->toBe(['Six +6'])
        ->and($titles($layout(-0.5)->back))->toBe(['bias −0.5'])->and($layout(0.5)->picked)->toBeFalse()
        // f/8 and ISO 200 from f/11 and ISO 100: a stop back each.
        ->and($titles((static fn ($w): Run => (new RunLayout(new StopAxis(-36, 33, 62, 1174), subject([$w]), false))->run($w, 0.0))(
            new GentlePour\Solving\Way(ShutterTime::ofSeconds(0.25), ShutterTime::ofSeconds(0.25), GentlePour\Exposure\Aperture::named(8), GentlePour\Exposure\Iso::of(200),
                FilterStack::of([nd('Six', 6)]), GentlePour\Exposure\Stops::of(6), false, ShutterTime::ofSeconds(30), [], []),
        )->back))->toBe(['f/8 −1', 'ISO 200 −1']);
});

it('names the marks of other glass from left to right as long as each has room, and goes on after one that has none', function (int $seed): void {
    mt_srand($seed);
    $marks = [];
    $seconds = 2 ** -14;
    for ($i = 0; $i < 14; $i++) {
        $seconds *= 2 ** (mt_rand(2, 60) / 20);
        $time = ShutterTime::ofSeconds(min(4000, $seconds));
        $stack = FilterStack::of([nd(str_repeat('n', mt_rand(1, 14)), 3.0)]);
        $marks[] = new StripMark($stack, GentlePour\Exposure\Stops::of(3), GentlePour\Exposure\Aperture::named(11), GentlePour\Exposure\Iso::of(100), $time, $time,
            ShutterTime::ofSeconds(30), false, null);
    }
    foreach ([false, true] as $narrow) {
        $rule = ruleOf($marks, narrow: $narrow);
        [$free, $expected] = [0.0, []];
        foreach ($marks as $mark) {
            if ($rule->axis->shows($mark->shutter->seconds)) {
                $x = $rule->axis->x($mark->shutter->seconds);
                $half = 0.58 * 12 * mb_strlen($mark->filters->label()) / 2;
                $named = $x - $half >= $free && $x + $half <= $rule->axis->right + 20;
                $free = $named ? $x + $half + 8 : $free;
                $expected[] = [$x, $named ? $mark->filters->label() : '', $rule->bandsBottom() + 24, $mark->filters->label().': '.$mark->shutterLabel()];
            }
        }
        expect(array_map(static fn (GlassMark $m): array => [$m->x, $m->label->text, $m->label->y, $m->title], $rule->marks()))->toBe($expected);
    }
})->with(range(1, 25));

it('hangs the words of the reading left of it where they have room, and what is held on the other side of the rule', function (string $reading): void {
    foreach ([false, true] as $narrow) {
        $rule = ruleOf(held: ['f/11', 'ISO 100'], reading: $reading, narrow: $narrow);
        $x = $rule->axis->x(ShutterTime::parse($reading)->seconds);
        $words = $narrow ? 'reading '.$reading : "reading {$reading} · f/11 · ISO 100";
        $fits = $x - 0.58 * 12 * mb_strlen($words) - 8 > 0;
        $label = $rule->reading()->label;
        expect([$label->text, $label->x, $label->y, $label->anchor])->toBe([$words, $fits ? $x - 7 : $x + 7, $rule->marksBottom() + 20, $fits ? 'end' : 'start']);
        $right = $label->x < ($rule->axis->left + $rule->axis->right) / 2;
        $held = $rule->held();
        expect([$held?->x, $held?->y, $held?->anchor])->toBe([$right ? $rule->axis->right : $rule->axis->left, $label->y, $right ? 'end' : 'start']);
    }
})->with(['1/4000', '1/2000', '1/1000', '1/500', '1/250', '1/125', '1/60', '1/30', '1/8', '1/2', '1 s', '2 s', '4 s', '8 s', '30 s']);

it('counts what is held where its words have no room beside those of the reading', function (): void {
    $room = 1174 - 62 - 0.58 * 12 * mb_strlen('reading 1/60 · f/11 · ISO 100') - 30;
    $letters = (int) floor($room / (0.58 * 12)) - mb_strlen('held: ');
    $said = static fn (int $letters): ?string => ruleOf(held: [str_repeat('h', $letters)])->held()?->text;
    expect($said($letters))->toBe('held: '.str_repeat('h', $letters))->and($said($letters + 1))->toBe('held: one setting')->and(ruleOf()->held())->toBeNull();
});

it('writes why beside each wall, left of it where the drawing ends', function (): void {
    for ($s = 0.5; $s < 1500; $s *= 1.31) {
        for ($letters = 1; $letters < 90; $letters += 7) {
            $why = str_repeat('w', $letters);
            $rule = ruleOf(walls: [new Wall(WallKind::cases()[0], ShutterTime::ofSeconds($s), $why)]);
            $x = $rule->axis->x($s);
            $fits = $x + 0.58 * 12.5 * $letters + 8 < 1200;
            expect(array_map(static fn (RuleMark $m): array => [$m->x, $m->label->x, $m->label->anchor], $rule->walls()))
                ->toBe([[$x, $fits ? $x + 8 : $x - 8, $fits ? 'start' : 'end']]);
        }
    }
});

it('names stops as far apart as their names are wide, a little further on a phone', function (): void {
    $named = static fn (StopRule $rule): array => array_values(array_filter(array_map(static fn (Tick $t): ?string => $t->label, $rule->ticks())));
    // 48 px a stop on a desk, 28 on a phone: every stop there, every second here.
    expect(count($named(ruleOf())))->toBe(24)->and($named(ruleOf(narrow: true)))->toBe(['1/60', '1/15', '1/4', '1 s', '4 s', '15 s']);
});

it('shows on a phone the reading, the best of the window and no more than it needs, by whole stops', function (string $reading, float $least, float $most, int $first, int $last): void {
    $of = subject(window: ruleWindow($least, $most), reading: $reading);
    $axis = StopRule::narrow($of)->axis;
    expect([$axis->firstThird, $axis->lastThird])->toBe([$first, $last]);
})->with([
    // A stop to spare on either side of 1/60 s (−18 thirds) and of the end of the window; twelve stops at least.
    ['1/60', 1, 4, -21, 15], ['1/60', 1, 64, -21, 21], ['1/50', 1, 64, -21, 21], ['1/80', 1, 64, -24, 21], ['1/60', 1, 70, -21, 24], ['1/60', 1, 60, -21, 21],
    // Where the best of the window lies before the reading.
    ['1/2', 1 / 500, 1 / 125, -27, 9], ['1/2', 1 / 1000, 1 / 250, -30, 6],
]);
