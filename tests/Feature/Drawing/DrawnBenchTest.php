<?php

declare(strict_types=1);

use App\Drawing\Block;
use App\Drawing\DayBoard;
use App\Drawing\Label;
use App\Drawing\RuleMark;
use App\Drawing\SkyBand;
use App\Drawing\StopAxis;
use App\Drawing\StopRule;
use App\Drawing\Strokes;
use App\Drawing\TextWidth;
use App\Drawing\Tick;
use App\Rooms\Bench\Bench;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Scene\Stroke;
use GentlePour\Sky\SkyEvent;

/** @param  array<string, mixed>  $changes */
function drawnBench(array $changes = []): Bench
{
    return openBench($changes);
}

dataset('benches', [
    'cascade' => [[]],
    'slow foam, far away' => [['kind' => 'foam', 'speed' => '0.1', 'distance' => '90']],
    'fast fall, close' => [
        ['kind' => 'plunge', 'measure' => 'drop', 'drop' => '60', 'distance' => '4', 'look' => 'brushed', 'look_was' => 'brushed'],
    ],
    'swell held to glass' => [['kind' => 'swell', 'period' => '14', 'look' => 'glass', 'look_was' => 'glass', 'longest' => '8m']],
    'reading longer than the target' => [['shutter' => '30', 'aperture' => 'f/4', 'look' => 'lively', 'look_was' => 'lively']],
    'bias and correction' => [['bias' => '-1', 'correction' => '0.67']],
]);

it('puts a stop a column on the axis, from 1/4000 s to 32 min', function (): void {
    $axis = new StopAxis(StopAxis::FIRST_THIRD, StopAxis::LAST_THIRD, 60, 1180);

    expect($axis->x(2 ** -12))->toBe(60.0)
        ->and($axis->x(2 ** 11))->toBe(1180.0)
        ->and($axis->x(2.0) - $axis->x(1.0))->toBeAbout($axis->stopWidth(), 0.11)
        ->and($axis->x(1e-9))->toBe(60.0)
        ->and(count($axis->ticks(44)))->toBe(24)
        ->and(count($axis->places()))->toBe(70);
});

it('names ticks no closer than asked', function (float $every): void {
    $named = array_values(
        array_filter(
            (new StopAxis(StopAxis::FIRST_THIRD, StopAxis::LAST_THIRD, 10, 348))->ticks($every), fn (Tick $t): bool => $t->label !== null,
        ),
    );
    for ($i = 1; $i < count($named); $i++) {
        expect($named[$i]->x - $named[$i - 1]->x)->toBeGreaterThanOrEqual($every);
    }
    expect(count($named))->toBeGreaterThan(3);
})->with([30.0, 46.0, 60.0]);

it('gives every place of the drag a time that reads back to the same place', function (): void {
    foreach ((new StopAxis(StopAxis::FIRST_THIRD, StopAxis::LAST_THIRD, 0, 690))->places() as $i => $place) {
        expect(ShutterTime::parse($place->label)->thirds())->toBeAbout(StopAxis::FIRST_THIRD + $i, 0.12);
    }
});

it('keeps everything it draws inside the drawing', function (array $changes): void {
    $bench = drawnBench($changes);
    foreach ([StopRule::wide($bench->drawn()), StopRule::narrow($bench->drawn())] as $rule) {
        $inside = fn (float $x): bool => $x >= 0 && $x <= $rule->width;
        foreach ($rule->bandRows() as $row) {
            foreach ($row->bands as $band) {
                expect($inside($band->x) && $inside($band->x + $band->width))->toBeTrue();
            }
        }
        foreach ($rule->runs() as $run) {
            foreach ([...$run->forward, ...$run->back] as $block) {
                expect($inside($block->x) && $block->width > 0)->toBeTrue();
            }
            expect($inside($run->endX) && $inside($run->result->x))->toBeTrue()->and($run->y + 26)->toBeLessThan($rule->bottom() + 1);
        }
        foreach ([$rule->reading()->label->x, $rule->window()->label->x, $rule->targetX(),
            ...array_map(fn (RuleMark $w): float => $w->label->x, $rule->walls())] as $x) {
            expect($inside($x))->toBeTrue();
        }
        expect($rule->targetPlace())->toBeBetween(0, count($rule->axis->places()) - 1);
    }
})->with('benches');

it('lets each run end where its way’s shutter time stands, so that the arithmetic can be seen', function (array $changes): void {
    $bench = drawnBench($changes);
    $rule = StopRule::wide($bench->drawn());
    foreach ($rule->runs() as $i => $run) {
        $way = $bench->ways()[$i];
        expect($run->endX)->toBeAbout($rule->axis->x($way->exact->seconds), 0.6);
        $width = fn (array $blocks): float => array_sum(array_map(fn (Block $b): float => $b->width + 1.5, $blocks));
        $columns = $width($run->forward) - $width($run->back);
        $stops = log($way->exact->seconds / $bench->reading->exposure->shutter->seconds, 2);
        expect($columns / $rule->axis->stopWidth())->toBeAbout($stops, 0.15);
    }
    expect(count($rule->runs()))->toBe(min(3, count($bench->ways())));
})->with('benches');

it('draws the same strokes every time, shorter where the water is held and fewer where it is glass', function (): void {
    $short = fn (float $x): Stroke => Stroke::ofStreak(0.0006, 1.0);
    $faint = fn (float $x): Stroke => Stroke::ofStreak(0.18, 0.0);
    $drawn = Strokes::between(0, 300, 0, 56, $short);

    expect(Strokes::between(0, 300, 0, 56, $short))->toBe($drawn)
        ->and(substr_count($drawn, 'M'))->toBeGreaterThan(8 * substr_count(Strokes::between(0, 300, 0, 56, $faint), 'M'));
});

it('lays out a day so that clock, tide and light agree with what they are drawn from', function (string $day, float $hours): void {
    $board = dayBoard('Marrow Shelf', $day);
    $scene = $board->scene;

    expect(($scene->to - $scene->from) / 3600)->toBe($hours)
        ->and($board->axis->x($scene->from))->toBe(DayBoard::LEFT)
        ->and($board->axis->x($scene->to))->toBe(DayBoard::RIGHT)
        ->and(count($board->readings))->toBe((int) ($hours * 6) + 1)
        ->and($board->opening())->toBeBetween(0, count($board->readings) - 1);
    foreach ($board->waters() as $i => $water) {
        $event = $scene->tide?->events()[$i];
        expect($water->y)->toBe($board->y($event->heightM))->and($water->label->text)->toContain($board->axis->clock($event->unix));
    }
    foreach ($board->rows as $row) {
        foreach ($row->bars as $bar) {
            expect($bar->x)->toBeBetween(DayBoard::LEFT, DayBoard::RIGHT)
                ->and($bar->x + $bar->width)->toBeLessThanOrEqual(DayBoard::RIGHT + 2.1);
        }
    }
    $covered = array_sum(array_map(fn (SkyBand $b): float => $b->width, $board->sky->bands()));
    expect($covered)->toBeAbout(DayBoard::RIGHT - DayBoard::LEFT, 1.0)
        ->and($board->tidePath(true))->toEndWith('Z')->and($board->light->skyPath())->toStartWith('M');
})->with([
    ['2026-11-26', 24.0],
    ['2027-03-28', 23.0],
    ['2026-10-25', 25.0],
]);

it('draws an inland day without a tide', function (): void {
    $board = dayBoard('Tarrip Weir', '2026-06-21');

    expect($board->scene->tide)->toBeNull()->and($board->leave())->toBeNull()->and($board->waters())->toBe([])
        ->and($board->tidePath(false))->toBe('')->and($board->metres())->toBe([])
        ->and($board->light->skyPath())->not->toBe('')->and($board->scene->sky?->at(SkyEvent::Sunrise))->not->toBeNull();
});

it('hides no water of two months under a flag, a level or another water, on a desk and on a phone', function (): void {
    for ($day = new DateTimeImmutable('2026-11-01'); $day < new DateTimeImmutable('2027-01-01'); $day = $day->modify('+1 day')) {
        foreach ([$wide = dayBoard('Marrow Shelf', $day->format('Y-m-d')), $wide->narrow()] as $board) {
            $flag = $board->leave()?->flag;
            $taken = $flag === null ? [] : [[$flag->x, $flag->x + DayBoard::FLAG, $flag->y, $flag->y + 20]];
            foreach ([...$board->markLabels(), ...array_filter([$board->leaveLabel()])] as $level) {
                $taken[] = $board->layout->narrow ? [0.0, $board->width(), ...array_slice(textBox($level, $board->layout->textPx), 2)]
                    : textBox($level, $board->layout->textPx);
            }
            foreach ($board->waters() as $water) {
                [$l, $r, $t, $b] = $box = textBox($water->label, $board->layout->textPx);
                foreach ($taken as [$left, $right, $top, $bottom]) {
                    expect($l < $right && $left < $r && $t < $bottom
                        && $top < $b)->toBeFalse("{$day->format('j M')}, {$water->label->text}");
                }
                $taken[] = $box;
            }
        }
    }
});

/** @return array{float, float, float, float} left, right, top and bottom of a text */
function textBox(Label $label, float $px): array
{
    $width = TextWidth::of($label->text, $px);
    $left = ['start' => $label->x, 'middle' => $label->x - $width / 2, 'end' => $label->x - $width][$label->anchor];

    return [$left, $left + $width, $label->y - 0.8 * $px, $label->y + 0.25 * $px];
}
