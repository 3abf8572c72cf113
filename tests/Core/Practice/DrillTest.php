<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;
use GentlePour\Practice\Chance;
use GentlePour\Practice\Drill;
use GentlePour\Practice\Question;
use GentlePour\Practice\Record;
use GentlePour\Practice\ShownLevels;
use GentlePour\Practice\ShownSwell;
use GentlePour\Practice\ShownTide;
use GentlePour\Practice\ShownWater;
use GentlePour\Practice\WhenToLeave;

// What is asked is worked out anew here by other means, for ten thousand questions in all: arithmetic on what the question says.

const DRILLED = 1250;

/** @return list<string> the right answer by brute force, from the words of the question alone: one, or none if the words do not tell */
function drilled(Drill $drill, Question $q): array
{
    preg_match_all('/\d+(?:\.\d+)?/', $q->given, $n);

    return match ($drill) {
        Drill::Stops => array_values(array_filter($q->choices, static function (string $choice) use ($q): bool {
            // By ISO, aperture or time: how many stops it is from what is given.
            if (str_starts_with($choice, 'ISO')) {
                return (int) round(log(Iso::parse(substr($choice, 4))->speed / 100, 2)) === (int) preg_replace('/^.*, (\d+) back$/', '$1',
                    $q->given);
            }
            if (str_starts_with($choice, 'f/')) {
                [$from, $stops] = sscanf($q->given, 'f/%f, %d brighter');

                return (int) round(2 * log(Aperture::named((float) $from)->number / Aperture::parse($choice)->number, 2)) === (int) $stops;
            }
            [$from, $stops] = explode(' + ', $q->given);

            return (int) round(log(ShutterTime::parse($choice)->seconds / ShutterTime::parse($from)->seconds, 2)) === (int) $stops;
        })),
        Drill::Filter => (static function () use ($q): array {
            [$from, $to] = array_map(static fn (string $t): float => ShutterTime::parse($t)->seconds, explode(' → ', $q->given));
            $off = array_map(static fn (string $c): float => abs((int) $c - log($to / $from, 2)), $q->choices);

            return [$q->choices[(int) array_search(min($off), $off, true)]];
        })(),
        Drill::Look => (static function () use ($q): array {
            preg_match('/^A (.+) at ([\d.]+) m\/s, (\d+) m away, (\d+) mm .* open for (.+)\. What/', $q->asks, $of);
            $kind = array_values(array_filter(WaterKind::cases(), static fn (WaterKind $k): bool => $k->label() === $of[1]))[0];
            $framing = new Framing(new Sensor(36, 24, 6000), (float) $of[4], (float) $of[3]);
            $water = (new WaterSpec($kind, speedMS: (float) $of[2]))->in($framing);
            $seconds = ShutterTime::parse($of[5])->seconds;
            if ($seconds < $framing->sharpSeconds($water->speedMS())) {
                return [Look::Held->value];
            }
            foreach ([[0.80, Look::Lively], [0.45, Look::Brushed], [0.20, Look::Silk], [0.07, Look::Mist]] as [$least, $look]) {
                if ($water->textureKept($seconds) > $least) {
                    return [$look->value];
                }
            }

            return [Look::Glass->value];
        })(),
        Drill::Leave => (static function () use ($q): array {
            preg_match('/^Low water (\d+):(\d+), ([\d.]+) m; high water (\d+):(\d+), ([\d.]+) m\. The ledge lies at ([\d.]+) m, waves run up ([\d.]+) m, you keep ([\d.]+) m of margin, and packing and the walk take (\d+)/', $q->asks, $of);
            [$low, $high] = [60 * (int) $of[1] + (int) $of[2], 60 * (int) $of[4] + (int) $of[5]];
            $high += $high < $low ? 1440 : 0;
            // Minute by minute up the curve, until run-up and margin on top of it reach the ledge.
            for ($at = $low; $at < $high; $at++) {
                $tide = (float) $of[3] + ((float) $of[6] - (float) $of[3]) * (1 - cos(M_PI * ($at - $low) / ($high - $low))) / 2;
                if ($tide + (float) $of[8] + (float) $of[9] >= (float) $of[7] - 1e-9) {
                    break;
                }
            }
            $inTime = array_filter($q->choices, static function (string $c) use ($at, $of, $low): bool {
                [$hour, $minute] = array_map(intval(...), explode(':', $c));
                $left = 60 * $hour + $minute;
                $left += $left < $low - 720 ? 1440 : 0;

                return $left + (int) $of[10] <= $at;
            });

            return $inTime === [] ? [] : [end($inTime)];
        })(),
        Drill::Histogram => (static function () use ($q): array {
            $counts = $q->shown instanceof ShownLevels ? $q->shown->counts : [];
            $total = array_sum($counts);
            if ($counts[255] > 0.02 * $total) {
                return ['less, until the white is back'];
            }
            // The highest level that is used, in stops below white: sRGB, IEC 61966-2-1.
            $top = max(array_keys(array_filter($counts))) / 255;
            $room = -log((($top + 0.055) / 1.055) ** 2.4, 2);

            return [$room < 0.9 ? 'leave it as it is' : ($room < 1.9 ? 'a stop more' : 'two stops more')];
        })(),
        // Which a run sheet has first: common practice, as its own test has it.
        Drill::Order => (static function () use ($q): array {
            $order = ['Compose', 'Turn the', 'Wipe', 'Focus', 'Base frame, and', 'Base frame again', 'Cover', 'Stabiliser', 'Mirror',
                'Long-exposure', 'File'];
            $place = static function (string $choice) use ($order): int {
                foreach ($order as $i => $begins) {
                    if (str_starts_with($choice, $begins)) {
                        return $i;
                    }
                }

                return 99;
            };
            $places = array_map($place, $q->choices);

            return [$q->choices[(int) array_search(min($places), $places, true)]];
        })(),
        Drill::Time => $q->shown instanceof ShownWater ? array_values(array_filter(
            $q->choices, static fn (string $c): bool => abs(log(ShutterTime::parse($c)->seconds / $q->shown->seconds, 2)) < 1,
        )) : [],
        Drill::Swell => [],
    };
}

it('has the right answer among its choices, once, ten thousand times by brute force', function (Drill $drill): void {
    for ($seed = 1, $last = getenv('PEST_MUTATION_TESTING') === false ? DRILLED : 150; $seed <= $last; $seed++) {
        $q = $drill->question($seed);
        if ($drill === Drill::Swell) {
            $apart = $q->shown instanceof ShownSwell ? $q->shown->apartS : [];
            sort($apart);
            expect($q->truth)->toEqualWithDelta(($apart[5] + $apart[6]) / 2, 1e-9)
                ->and($q->isRight((string) ($q->truth * 1.09)))->toBeTrue()
                ->and($q->isRight((string) ($q->truth * 0.89)))->toBeFalse()
                ->and($q->isRight(str_replace('.', ',', (string) round($q->truth, 2))))->toBeTrue();

            continue;
        }
        expect($q->choices)->toBe(array_values(array_unique($q->choices)))->and(count($q->choices))->toBeGreaterThanOrEqual(4);
        expect(drilled($drill, $q))->toBe([$q->rightAnswer()], "{$drill->value} {$seed}: {$q->asks} {$q->given}");
        expect($q->isRight((string) $q->right))->toBeTrue()->and($q->isRight((string) (($q->right + 1) % count($q->choices))))->toBeFalse();
        expect($q->why)->not->toBe('')->and($q->asks.$q->why.$q->given)->not->toMatch('/NAN|INF|\{/i');
    }
})->with(Drill::cases());

it('asks the same again from the same seed, and not always the same', function (Drill $drill): void {
    expect($drill->question(42))->toEqual($drill->question(42));
    $asked = array_map(static fn (int $seed): string => serialize($drill->question($seed)), range(1, 60));
    expect(count(array_unique($asked)))->toBeGreaterThan(20);
})->with(Drill::cases());

it('refuses an answer that is none', function (string $answer): void {
    expect(fn () => Drill::Stops->question(1)->isRight($answer))->toThrow(InvalidValue::class);
    expect(fn () => Drill::Swell->question(1)->isRight($answer === '9' ? '0' : $answer))->toThrow(InvalidValue::class);
})->with(['', 'x', '-1', '9', '1e999', 'NAN', "1\n2"]);

it('shows the tide that it tells of, and when it leaves the ledge', function (): void {
    for ($seed = 1; $seed <= 300; $seed++) {
        $q = Drill::Leave->question($seed);
        $tide = $q->shown instanceof ShownTide ? $q->shown : throw new LogicException('No tide.');
        expect($q->asks)->toStartWith(sprintf('Low water %s, %.1f m; high water %s, %.1f m. The ledge lies at %.1f m,',
            WhenToLeave::clock($tide->lowMin), $tide->lowM, WhenToLeave::clock($tide->highMin), $tide->highM, $tide->standM))
            ->and($q->why)->toStartWith(sprintf('Run-up and margin leave %.1f m', $tide->awashM))
            ->and($q->rightAnswer())->toBe(WhenToLeave::clock($tide->leaveMin))
            ->and($tide->heightM($tide->lowMin))->toEqualWithDelta($tide->lowM, 1e-9)
            ->and($tide->heightM($tide->highMin))->toEqualWithDelta($tide->highM, 1e-9)
            ->and($tide->heightM(($tide->lowMin + $tide->highMin) / 2))->toEqualWithDelta(($tide->lowM + $tide->highM) / 2, 1e-9)
            ->and($tide->heightM($tide->leaveMin))->toBeLessThan($tide->awashM);
    }
});

it('remembers the last twenty answers of a drill, the latest at the end', function (): void {
    $record = Record::read([]);
    expect($record->last(Drill::Stops))->toBe([]);
    for ($i = 0; $i < 25; $i++) {
        $record = $record->with(Drill::Stops, $i, $i > 5);
    }
    expect($record->last(Drill::Stops))->toBe([false, ...array_fill(0, 19, true)])
        ->and($record->with(Drill::Stops, 99, false)->last(Drill::Stops))->toBe([...array_fill(0, 19, true), false])
        ->and($record->last(Drill::Look))->toBe([]);
});

it('draws evenly from the least to the most, and shuffles without losing any', function (): void {
    $chance = new Chance(3);
    $drawn = array_map(static fn (): int => $chance->whole(1, 6), range(1, 6000));
    foreach (array_count_values($drawn) as $times) {
        expect($times)->toBeGreaterThan(850)->toBeLessThan(1150);
    }
    $shuffled = $chance->shuffled([1, 2, 3, 4, 5]);
    sort($shuffled);
    expect($shuffled)->toBe([1, 2, 3, 4, 5])->and($chance->share())->toBeGreaterThanOrEqual(0.0)->toBeLessThan(1.0);
});

it('asks again what was missed, until it is right, and what one is bad at sooner', function (): void {
    $record = Record::read([])->with(Drill::Leave, 7, false)->with(Drill::Leave, 8, false)->with(Drill::Stops, 9, true);
    expect($record->missed)->toBe([['leave', 7], ['leave', 8]])->and($record->asked(Drill::Leave))->toBe(2)
        ->and($record->right(Drill::Stops))->toBe(1);
    expect(array_slice($record->round(new Chance(1), 8), 0, 2))->toBe([['leave', 7], ['leave', 8]]);
    expect($record->with(Drill::Leave, 7, true)->missed)->toBe([['leave', 8]])
        ->and($record->with(Drill::Leave, 7, false)->missed)->toBe([['leave', 8], ['leave', 7]]);
    expect($record->weight(Drill::Leave))->toBe(0.75)->and($record->weight(Drill::Stops))->toEqualWithDelta(1 / 3, 1e-9)
        ->and($record->weight(Drill::Look))->toBe(0.5);

    $bad = Record::read([]);
    foreach (Drill::cases() as $drill) {
        for ($i = 0; $i < 20; $i++) {
            $bad = $bad->with($drill, 100 + $i, $drill !== Drill::Look)->with($drill, 100 + $i, $drill !== Drill::Look);
        }
    }
    $bad = Record::read(['missed' => []] + $bad->toArray());
    $drawn = array_count_values(array_column(array_merge(...array_map(static fn (int $seed): array => $bad->round(new Chance($seed), 8),
        range(1, 100))), 0));
    // Every second one at most: no two of a drill lie next to each other.
    expect($drawn['look'])->toBeGreaterThan(320)->toBeLessThanOrEqual(400)->and(min($drawn))->toBeGreaterThan(20);
});

it('keeps to one drill where it is asked for alone, and its record comes back as it was written', function (): void {
    $record = Record::read([])->with(Drill::Swell, 3, false)->with(Drill::Order, 4, false);
    $round = $record->round(new Chance(5), 6, Drill::Swell);

    expect(array_unique(array_column($round, 0)))->toBe(['swell'])->and($round[0])->toBe(['swell', 3])->and($round)->toHaveCount(6);
    expect(Record::read(json_decode((string) json_encode($record->toArray()), true)))->toEqual($record);
    foreach ([['drills' => 'x'], ['drills' => ['juggling' => []], 'missed' => [['stops', 'x'], 7, ['no', 1]]],
        ['drills' => ['stops' => ['asked' => '1']]]] as $broken) {
        expect(Record::read($broken)->toArray())->toBe(['drills' => [], 'missed' => []]);
    }
});

it('says its name and never the same twice', function (): void {
    $labels = array_map(static fn (Drill $d): string => $d->label(), Drill::cases());
    expect($labels)->toBe(array_unique($labels));
});
