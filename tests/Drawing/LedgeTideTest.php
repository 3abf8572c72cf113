<?php

declare(strict_types=1);

use App\Drawing\Label;
use App\Drawing\LedgeTide;
use App\Drawing\TextWidth;
use GentlePour\Practice\Chance;
use GentlePour\Practice\ShownTide;
use GentlePour\Practice\WhenToLeave;

// A tide from low water at 6:00, 1.0 m, to high water at 12:00, 5.0 m, drawn from 5:30 to 12:30: 420 min on 520 px, 6.4 m on 182 px.

it('draws half a cosine between low and high water, with the ledge and when to have left', function (): void {
    $drawn = LedgeTide::of(new ShownTide(360, 1.0, 720, 5.0, 3.4, 3.0, 510));
    $places = array_map(static fn (string $at): array => array_map(floatval(...), explode(' ', $at)),
        explode('L', substr($drawn->line, 1)));
    $yAt = array_combine(array_map(strval(...), array_column($places, 0)), array_column($places, 1));

    expect($places[0][0])->toBe(0.0)->and($places[count($places) - 1][0])->toBe(520.0);
    // Mid-tide, three hours on, is at 3.0 m: 3.8 of 6.4 m above the floor at 212 px.
    expect($yAt['260'])->toEqualWithDelta(212 - 182 * 3.8 / 6.4, 0.1)->and($drawn->awashY)->toEqualWithDelta($yAt['260'], 0.1)
        ->and($drawn->ledgeY)->toEqualWithDelta(212 - 182 * 4.2 / 6.4, 0.1);
    expect(max($yAt))->toEqualWithDelta(212 - 182 * 1.8 / 6.4, 0.1)->and(min($yAt))->toEqualWithDelta(212 - 182 * 5.8 / 6.4, 0.1);
    expect($drawn->leaveX)->toEqualWithDelta(520 * 180 / 420, 0.1)
        ->and(array_column($drawn->hours, 'label'))->toBe(['6', '7', '8', '9', '10', '11', '12']);
    expect(array_column([...$drawn->labels, ...$drawn->reasons], 'text'))
        ->toBe(['low 6:00, 1.0 m', 'high 12:00, 5.0 m', 'ledge 3.4 m', 'room for the tide: 3.0 m', 'leave 8:30']);
});

// In px of the drawing: on a desk, and on a phone, where the drawing is smaller and its letters are not.
it('leaves every text within the sheet, and none over another', function (float $size): void {
    for ($seed = 1; $seed <= 400; $seed++) {
        $tide = WhenToLeave::ask(new Chance($seed))->shown;
        $drawn = $tide instanceof ShownTide ? LedgeTide::of($tide) : throw new LogicException('No tide.');
        $boxes = array_map(static function (Label $label) use ($size): array {
            $width = TextWidth::of($label->text, $size);
            $left = $label->anchor === 'end' ? $label->x - $width : $label->x;

            return [$left, $left + $width, $label->y - 0.75 * $size, $label->y + 0.1 * $size];
        }, [...$drawn->labels, ...$drawn->reasons]);
        foreach ($boxes as $i => [$left, $right, $top, $bottom]) {
            expect($left)->toBeGreaterThan(0)->and($right)->toBeLessThan(LedgeTide::WIDTH)->and($top)->toBeGreaterThan(0)
                ->and($bottom)->toBeLessThan(LedgeTide::FLOOR);
            foreach (array_slice($boxes, $i + 1) as [$l, $r, $t, $b]) {
                expect($right < $l || $r < $left || $bottom < $t || $b < $top)->toBeTrue("Seed {$seed}: a text over another.");
            }
        }
    }
})->with([13.6, 20.8]);
