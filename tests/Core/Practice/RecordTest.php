<?php

declare(strict_types=1);

use GentlePour\Practice\Chance;
use GentlePour\Practice\Drill;
use GentlePour\Practice\Question;
use GentlePour\Practice\Record;
use GentlePour\Practice\ShownSwell;

/** @param  list<array{string, int}>  $missed */
function recordOf(array $missed, array $drills = []): Record
{
    return Record::read(['drills' => $drills, 'missed' => $missed]);
}

it('takes a number within its share of the truth, both ends of it, and no further', function (string $answer, bool $right): void {
    $q = Question::number('How long?', 8.0, 0.25, 'So.', new ShownSwell([8.0]));
    expect($q->isRight($answer))->toBe($right)->and($q->rightAnswer())->toBe('8.0 s');
})->with([['8', true], ['10', true], ['10.01', false], ['6', true], ['5.99', false], [' 8,5 ', true], ['0.001', false]]);

it('takes no number that is none, at its field', function (string $answer): void {
    $q = Question::number('How long?', 8.0, 0.25, 'So.', new ShownSwell([8.0]));
    expect(fn () => $q->isRight($answer))->toBeRefused('Write the period in seconds, or press with the crests.', 'answer');
})->with(['0', '-8', '', 'eight', '1e999', '8 s']);

it('takes the place of a choice, by one digit', function (): void {
    $q = Question::choice('Which?', 'this', ['a', 'b', 'c'], 'c', 'So.');
    expect($q->right)->toBe(2)->and($q->rightAnswer())->toBe('c')->and($q->isRight('2'))->toBeTrue()->and($q->isRight('0'))->toBeFalse();
    foreach (['3', '02', ' 2', "2\n", 'c', ''] as $none) {
        expect(fn () => $q->isRight($none))->toBeRefused('Choose one of the answers.', 'answer');
    }
    expect(Question::choice('Which?', '', ['a', 'b'], 'a', 'So.')->right)->toBe(0);
});

it('reads what it wrote, and leaves out one by one what is not in order', function (): void {
    $good = ['asked' => 3, 'right' => 1, 'last' => '011'];
    $read = recordOf([['leave', 4], ['leave', '4'], ['nothing', 4], [4, 4], 'leave', ['look', 5]], [
        'look' => $good, 'nothing' => $good, 'time' => ['asked' => 3, 'right' => '1', 'last' => ''], 'order' => ['asked' => 2.0] + $good,
        'swell' => 'x', 'stops' => ['last' => '01x'] + $good, 'leave' => ['last' => 7] + $good, 'filter' => ['asked' => 1, 'right' => 0],
        'histogram' => ['last' => "01\n"] + $good,
    ]);
    expect($read->missed)->toBe([['leave', 4], ['look', 5]])->and($read->drills)->toEqual([
        'look' => $good, 'stops' => ['last' => ''] + $good, 'leave' => ['asked' => 3, 'right' => 1, 'last' => ''],
        'filter' => ['asked' => 1, 'right' => 0, 'last' => ''], 'histogram' => ['asked' => 3, 'right' => 1, 'last' => ''],
    ])->and($read->last(Drill::Look))->toBe([false, true, true])
        ->and($read->toArray())->toBe(['drills' => $read->drills, 'missed' => $read->missed]);
});

it('counts from nothing', function (): void {
    $none = Record::read([]);
    expect($none->asked(Drill::Time))->toBe(0)->and($none->right(Drill::Time))->toBe(0)->and($none->last(Drill::Time))->toBe([])
        ->and($none->weight(Drill::Time))->toBe(0.5);
    $once = $none->with(Drill::Time, 1, true);
    expect([$once->asked(Drill::Time), $once->right(Drill::Time), $once->last(Drill::Time)])->toBe([1, 1, [true]])
        ->and($once->missed)->toBe([])
        ->and($once->drills)->toBe(['time' => ['asked' => 1, 'right' => 1, 'last' => '1']]);
    $twice = $once->with(Drill::Look, 3, false)->with(Drill::Time, 2, false);
    expect($twice->drills['time'])->toBe(['asked' => 2, 'right' => 1, 'last' => '10'])->and($twice->asked(Drill::Look))->toBe(1)
        ->and($twice->right(Drill::Look))->toBe(0)->and($twice->missed)->toBe([['look', 3], ['time', 2]]);
});

it('holds the last twenty answers and the last sixty misses, read or given', function (): void {
    $many = array_map(static fn (int $i): array => ['leave', $i], range(1, 70));
    $read = recordOf($many, ['leave' => ['asked' => 30, 'right' => 9, 'last' => '0'.str_repeat('1', 20).'0']]);
    expect($read->missed)->toHaveCount(60)->and($read->missed[0])->toBe(['leave', 11])
        ->and($read->last(Drill::Leave))->toBe([...array_fill(0, 19, true), false]);
    $more = $read->with(Drill::Look, 5, false);
    expect($more->missed)->toHaveCount(60)->and($more->missed[0])->toBe(['leave', 12])->and($more->missed[59])->toBe(['look', 5]);
    // What was missed once more goes to the end, and the list is no longer for it.
    $again = $read->with(Drill::Leave, 40, false);
    expect($again->missed)->toHaveCount(60)->and($again->missed[0])->toBe(['leave', 11])->and($again->missed[59])->toBe(['leave', 40]);
});

it('begins a round with three at most that were missed, and always has one that is new', function (int $count, int $again): void {
    $round = recordOf([['leave', 1], ['look', 2], ['leave', 3], ['time', 4], ['look', 5]])->round(new Chance(9), $count);
    expect($round)->toHaveCount($count)
        ->and(array_slice($round, 0, $again))->toBe(array_slice([['leave', 1], ['look', 2], ['leave', 3]], 0, $again))
        ->and(array_filter(array_slice($round, $again), static fn (array $one): bool => $one[1] < 10))->toBe([]);
})->with([[8, 3], [4, 3], [3, 2], [2, 1], [1, 0]]);

it('asks of one drill alone what was missed of it', function (): void {
    $round = recordOf([['leave', 1], ['look', 2], ['leave', 3], ['time', 4]])->round(new Chance(9), 8, Drill::Leave);
    expect(array_slice($round, 0, 2))->toBe([['leave', 1], ['leave', 3]])->and(everyOne(array_column($round, 0)))->toBe(['leave']);
});

it('draws drills by how often they went wrong, never the one before, and questions from all that there are', function (): void {
    $last = ['stops' => '1111111111', 'time' => '0000000000', 'look' => '1100110011'];
    $record = recordOf([], array_map(static fn (string $of): array => ['asked' => 10, 'right' => 5, 'last' => $of], $last));
    // (wrong + 1) / (answers + 2): 1/12, 11/12, 5/12 … and a half for the five that were never asked.
    $weights = array_map(static fn (string $of): float => (substr_count($of, '0') + 1) / 12, $last)
        + array_fill_keys(['histogram', 'order', 'swell', 'leave', 'filter'], 0.5);
    $drawn = $seeds = [];
    for ($i = 1; $i <= 4000; $i++) {
        $round = $record->round(new Chance($i), 2);
        $drawn[] = $round[0][0];
        array_push($seeds, ...array_column($round, 1));
        expect($round[1][0])->not->toBe($round[0][0]);
    }
    $often = array_count_values($drawn);
    foreach ($weights as $drill => $weight) {
        expect($often[$drill] / 4000)->toEqualWithDelta($weight / array_sum($weights), 0.02, $drill);
    }
    expect(min($seeds))->toBeGreaterThanOrEqual(1)->toBeLessThan(2_000_000)
        ->and(max($seeds))->toBeLessThan(2 ** 31)->toBeGreaterThan(2 ** 31 - 2_000_000);
});

it('has shares from nought to less than one, evenly, and one of each', function (): void {
    $chance = new Chance(5);
    $shares = array_map(static fn (): float => $chance->share(), range(1, 5000));
    $eighths = array_count_values(array_map(static fn (float $s): int => (int) floor(8 * $s), $shares));
    expect(array_sum($shares) / 5000)->toEqualWithDelta(0.5, 0.012)->and(min($shares))->toBeGreaterThanOrEqual(0.0)->toBeLessThan(0.002)
        ->and(max($shares))->toBeLessThan(1.0)->toBeGreaterThan(0.998)->and($eighths)->toHaveCount(8)
        ->and(min($eighths))->toBeGreaterThan(520);
    expect(everyOne(array_map(static fn (): string => $chance->one(['a', 'b', 'c']), range(1, 60))))->toBe(['a', 'b', 'c']);
    expect($chance->one(['alone']))->toBe('alone');
});
