<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;
use GentlePour\Practice\Drill;
use GentlePour\Practice\Question;
use GentlePour\Practice\ShownLevels;
use GentlePour\Practice\ShownSwell;
use GentlePour\Practice\ShownTide;
use GentlePour\Practice\ShownWater;
use GentlePour\Practice\WhenToLeave;

// What is asked at all: over many questions each number goes from end to end of its range, and no further. Ranges by judgement: those of
// the trade, wide enough not to be learned by heart. What is said is put together anew here from what is shown.

/** @return list<Question> */
function manyOf(Drill $drill, int $count): array
{
    return array_map($drill->question(...), range(1, $count));
}

/** Stops from a second, to a sixth. */
function stopsOfLabel(string $label): float
{
    return round(6 * log(ShutterTime::parse($label)->seconds, 2)) / 6;
}

it('asks of ISO, aperture and time, the last half of the time', function (): void {
    $of = ['ISO' => 0, 'f' => 0, 'time' => 0];
    foreach (manyOf(Drill::Stops, 2000) as $q) {
        $of[str_starts_with($q->given, 'ISO') ? 'ISO' : (str_starts_with($q->given, 'f/') ? 'f' : 'time')]++;
    }
    expect($of['ISO'])->toBeGreaterThan(440)->toBeLessThan(560)->and($of['f'])->toBeGreaterThan(440)->toBeLessThan(560)
        ->and($of['time'])->toBeGreaterThan(930)->toBeLessThan(1070);
});

it('asks which ISO gives one to five stops back, beside what is near it', function (): void {
    $asked = $apart = [];
    foreach (manyOf(Drill::Stops, 2000) as $q) {
        if (! str_starts_with($q->given, 'ISO')) {
            continue;
        }
        $stops = (int) preg_replace('/^ISO 100, (\d) back$/', '$1', $q->given);
        $words = $stops === 1 ? '1 stop' : "{$stops} stops";
        expect($q->asks)->toBe("A filter of {$words} is on, and the time may not change. From ISO 100, which ISO gives it back?")
            ->and($q->why)->toBe("Each stop doubles the ISO: 100 times {$stops} doublings is {$q->rightAnswer()}.");
        $asked[] = $stops;
        $off = array_map(static fn (string $c): int => (int) round(log(Iso::parse(substr($c, 4))->speed / 100, 2)) - $stops, $q->choices);
        sort($off);
        $apart[] = implode(' ', $off);
    }
    expect(everyOne($asked))->toBe([1, 2, 3, 4, 5])->and(everyOne($apart))->toBe(['-1 0 1 2', '-1 0 1 3']);
});

it('asks which aperture gives one to four stops back from f/8 to f/22', function (): void {
    $row = [1.4, 2.0, 2.8, 4.0, 5.6, 8.0, 11.0, 16.0, 22.0, 32.0];
    $from = $asked = $apart = [];
    foreach (manyOf(Drill::Stops, 2000) as $q) {
        if (preg_match('/^(f\/(\S+)), (\d) brighter$/D', $q->given, $of) !== 1) {
            continue;
        }
        [$stops, $place] = [(int) $of[3], static fn (string $c): int => (int) round(2 * log(Aperture::parse($c)->number, 2))];
        $words = $stops === 1 ? '1 stop' : "{$stops} stops";
        expect($q->asks)->toBe("At {$of[1]} the frame came out {$words} too dark. Time and ISO stay. Which aperture?")
            ->and($q->why)->toBe("The row of stops is 1.4, 2, 2.8, 4, 5.6, 8, 11, 16, 22: {$stops} towards the smaller number is {$q->rightAnswer()}.")
            ->and(array_search((float) $of[2], $row, true) - array_search((float) substr($q->rightAnswer(), 2), $row, true))->toBe($stops);
        [$from[], $asked[]] = [(float) $of[2], $stops];
        $off = array_map(static fn (string $c): int => $place($c) - $place($q->rightAnswer()), $q->choices);
        sort($off);
        $apart[] = implode(' ', $off);
    }
    expect(everyOne($from))->toBe([8.0, 11.0, 16.0, 22.0])->and(everyOne($asked))->toBe([1, 2, 3, 4])
        ->and(everyOne($apart))->toBe(['-1 0 1 2', '-2 -1 0 1']);
});

it('asks how long a base frame of a 500th to a quarter second is with filters that are sold', function (): void {
    $bases = $strengths = $ends = $apart = [];
    foreach (manyOf(Drill::Stops, 2500) as $q) {
        if (! str_contains($q->given, ' + ')) {
            continue;
        }
        [$base, $stops] = explode(' + ', $q->given);
        expect($q->asks)->toBe("The base frame is {$base}. {$stops} stops of filter go on. How long now?")->and($q->why)->toBe(sprintf(
            '%d doublings: times %s. From %s that is %s.', $stops, number_format(2 ** (int) $stops), $base, $q->rightAnswer(),
        ));
        $right = round(log(ShutterTime::parse($q->rightAnswer())->seconds, 2));
        [$bases[], $strengths[], $ends[]] = [$base, (int) $stops, $right];
        $off = array_map(static fn (string $c): float => round(log(ShutterTime::parse($c)->seconds, 2)) - $right, $q->choices);
        sort($off);
        $apart[] = implode(' ', $off);
    }
    expect(everyOne(array_map(stopsOfLabel(...), $bases)))->toEqual([-9, -8, -7, -6, -5, -4, -3, -2])
        ->and(everyOne($strengths))->toBe([2, 3, 4, 6, 8, 10])->and(max($ends))->toBe(8.0)->and(min($ends))->toBe(-7.0)
        ->and(everyOne($apart))->toBe(['-1 0 1 2', '-2 -1 0 1']);
});

it('asks for the filter between a base frame of a 500th to a quarter second and a time of up to a quarter of an hour', function (): void {
    $thirds = $strengths = $ends = [];
    foreach (manyOf(Drill::Filter, 2000) as $q) {
        [$from, $to] = explode(' → ', $q->given);
        $stops = (int) $q->rightAnswer();
        expect($q->asks)->toBe("The base frame is {$from}, and the water wants about {$to}. Which filter?")
            ->and($q->why)->toBe("From {$from} to {$to} is {$stops} doublings.")
            ->and($q->choices)->toBe(['3 stops', '6 stops', '10 stops', '15 stops']);
        $thirds[] = (int) round(3 * log(ShutterTime::parse($from)->seconds, 2));
        $strengths[] = $stops;
        $ends[] = log(ShutterTime::parse($from)->seconds, 2) + $stops;
    }
    expect(everyOne($thirds))->toBe(range(-27, -6))->and(everyOne($strengths))->toBe([3, 6, 10, 15])
        // to what a dial's labels round
        ->and(max($ends))->toBeGreaterThan(9.9)->toBeLessThan(10.05);
});

it('offers four times that are two stops apart, of surf, swell and a cascade from five to twelve metres', function (): void {
    $firsts = $kinds = $distances = $places = [];
    foreach (manyOf(Drill::Time, 800) as $q) {
        $shown = $q->shown instanceof ShownWater ? $q->shown : throw new LogicException('No water.');
        $stops = array_map(stopsOfLabel(...), $q->choices);
        $firsts[] = (int) round($stops[0]);
        for ($i = 1; $i < 4; $i++) {
            expect(round($stops[$i] - $stops[$i - 1]))->toBe(2.0);
        }
        expect($q->choices)->toHaveCount(4)->and($q->given)->toBe('')->and($shown->focalMm)->toBe(24.0)
            ->and($shown->seconds)->toBe(ShutterTime::parse($q->rightAnswer())->seconds)
            ->and($q->asks)->toBe("The {$shown->kind->label()}, ".(int) $shown->distanceM.' m away at 24 mm. How long was the shutter open?')
            ->and($q->why)->toBe("It was {$q->rightAnswer()}: look at the smallest drops and strands first, then at what lies behind them.");
        [$kinds[], $distances[], $places[]] = [$shown->kind->value, $shown->distanceM, $q->right];
    }
    expect(everyOne($firsts))->toBe([-9, -7, -5, -3, -1])->and(everyOne($distances))->toBe([5.0, 8.0, 12.0])
        ->and(everyOne($kinds))->toEqualCanonicalizing([WaterKind::Surf->value, WaterKind::Swell->value, WaterKind::Cascade->value])
        ->and(everyOne($places))->toBe([0, 1, 2, 3]);
});

it('asks for the look of falls, weirs, rapids, rivers and foam, and of none that lies at the end of a look', function (): void {
    $speeds = $usuals = $distances = $focals = $times = $clear = [];
    foreach (manyOf(Drill::Look, 600) as $q) {
        preg_match('/^A (.+) at ([\d.]+) m\/s, (\d+) m away, (\d+) mm on a full frame, open for (.+)\. What will it look like\?$/D',
            $q->asks, $of);
        $kind = array_values(array_filter(WaterKind::cases(), static fn (WaterKind $k): bool => $k->label() === $of[1]))[0];
        $usual = $kind === WaterKind::Plunge ? 5.0 : $kind->usual();
        $framing = new Framing(new Sensor(36, 24, 6000), (float) $of[4], (float) $of[3]);
        $time = ShutterTime::parse($of[5]);
        $speeds[$kind->value][] = (float) $of[2];
        $usuals[$kind->value] = $usual;
        [$distances[], $focals[], $times[]] = [(int) $of[3], (int) $of[4], (int) round(log($time->seconds, 2))];
        $look = Look::from($q->rightAnswer());
        expect($q->given)->toBe($of[5])->and($q->choices)->toBe(array_column(Look::cases(), 'value'))->and($q->why)->toBe(sprintf(
            'In %s it moves %.2f m, in a frame that shows %.1f m there: %s.', $of[5], (float) $of[2] * $time->seconds,
            36 * (float) $of[3] / (float) $of[4], $look->words(),
        ));
        $band = LookBands::of((new WaterSpec($kind, speedMS: (float) $of[2]))->in($framing), $framing)->at($time->seconds);
        foreach (array_filter([$band->minS, $band->maxS]) as $end) {
            $clear[] = abs(log($time->seconds / $end, 2));
        }
    }
    foreach (['plunge', 'cascade', 'weir', 'rapid', 'river', 'foam'] as $kind) {
        $faster = array_map(static fn (float $by): float => round($by * $usuals[$kind], 1), [0.5, 0.7, 1.0, 1.4, 2.0]);
        expect(everyOne($speeds[$kind]))->toBe(everyOne($faster), $kind);
    }
    expect(count($speeds))->toBe(6)->and(everyOne($distances))->toBe([3, 5, 8, 12, 20, 40])->and(everyOne($focals))->toBe([20, 24, 35, 70])
        ->and(everyOne($times))->toBe(range(-9, 6))->and(min($clear))->toBeGreaterThanOrEqual(0.4)->toBeLessThan(0.42);
});

it('shows a scene of six stops or so, that lies right or off by what is asked for (sRGB, IEC 61966-2-1)', function (): void {
    $stopsOf = static fn (int $level): float => log(($level / 255 <= 0.04045 ? $level / 255 / 12.92
        : (($level / 255 + 0.055) / 1.055) ** 2.4) / 0.18, 2);
    $off = ['two stops more' => -2, 'a stop more' => -1, 'leave it as it is' => 0, 'less, until the white is back' => 2];
    $why = [
        'It reaches nearly to the right edge, and nothing stands against it: all the light that the file can hold.',
        'It stands against the right edge: white that is gone. Less light until the edge is free.',
        'There is room on the right for a stop: what lies in the dark is noise.',
        'There is room on the right for two stops: what lies in the dark is noise.',
    ];
    $darkest = $brightest = $asked = [];
    foreach (manyOf(Drill::Histogram, 350) as $q) {
        $counts = $q->shown instanceof ShownLevels ? $q->shown->counts : [];
        $by = $off[$q->rightAnswer()];
        $asked[] = $by;
        expect(count($counts))->toBe(256)->and(array_sum($counts))->toBe(4000)->and($q->choices)->toBe(array_keys($off))
            ->and($q->why)->toBe($why[[0 => 0, 2 => 1, -1 => 2, -2 => 3][$by]])->and($q->given)->toBe('')
            ->and($q->asks)->toBe('The histogram of a base frame, dark on the left. What of the next?');
        if ($by !== 0) {
            continue;
        }
        $used = array_keys(array_filter($counts));
        $darkest[] = $stopsOf(min($used));
        $brightest[] = $stopsOf(max($used));
        // A triangle from the darkest over grey (level 118) to the brightest: below grey, and below half way down to the darkest, lie the
        // shares that its two right-angled halves have.
        [$least, $most] = [end($darkest), end($brightest)];
        $below = array_sum(array_slice($counts, 0, 118)) / 4000;
        expect($below)->toEqualWithDelta(-$least / ($most - $least), 0.03);
        $half = array_sum(array_filter($counts, static fn (int $level): bool => $level > 0 && $stopsOf($level) < $least / 2,
            ARRAY_FILTER_USE_KEY)) / 4000;
        expect($half)->toEqualWithDelta($below / 4, 0.03);
        $upper = array_sum(array_filter($counts, static fn (int $level): bool => $level > 0 && $stopsOf($level) > $most / 2,
            ARRAY_FILTER_USE_KEY)) / 4000;
        expect($upper)->toEqualWithDelta((1 - $below) / 4, 0.03);
    }
    expect(everyOne($asked))->toBe([-2, -1, 0, 2])->and(min($darkest))->toBeGreaterThan(-4.7)->toBeLessThan(-4.2)
        ->and(max($darkest))->toBeGreaterThan(-3.15)->toBeLessThan(-2.8)
        ->and(min($brightest))->toBeGreaterThan(1.84)->toBeLessThan(1.93)->and(max($brightest))->toBeGreaterThan(2.13)->toBeLessThan(2.21);
});

it('shows twelve waves of a swell of five to thirteen seconds, each early or late by a seventh at most', function (): void {
    $truths = $spread = $single = [];
    foreach (manyOf(Drill::Swell, 1500) as $q) {
        $apart = $q->shown instanceof ShownSwell ? $q->shown->apartS : [];
        expect($apart)->toHaveCount(12)->and($apart)->toBe(array_map(static fn (float $s): float => round($s, 3), $apart))
            ->and($q->within)->toBe(0.1)->and($q->choices)->toBe([])->and($q->given)->toBe('')
            ->and($q->asks)->toBe('A swell. Press as each crest passes the post, five times or more: what is its period?')
            ->and($q->why)->toBe(sprintf(
                'The median of its waves is %.1f s, and single ones come up to a seventh of it early or late: count several.', $q->truth,
            ));
        $truths[] = $q->truth;
        $spread[] = max($apart) / min($apart);
        array_push($single, ...$apart);
    }
    expect(min($truths))->toBeGreaterThan(4.6)->toBeLessThan(5.1)->and(max($truths))->toBeGreaterThan(12.8)->toBeLessThan(13.9)
        ->and(max($spread))->toBeGreaterThan(1.31)->toBeLessThan(1.14 / 0.86 + 0.001)
        ->and(min($single))->toBeGreaterThanOrEqual(4.3)->toBeLessThan(4.45)
        ->and(max($single))->toBeLessThanOrEqual(14.82)->toBeGreaterThan(14.6)
        ->and(max(array_map(static fn (float $s): float => abs(1000 * $s - round(100 * $s) * 10), $single)))->toBeGreaterThan(1.0);
});

it('asks when to leave on rising water: its hours, heights and walks, the last step of five minutes that is in time', function (): void {
    $found = [];
    foreach (manyOf(Drill::Leave, 1500) as $q) {
        $tide = $q->shown instanceof ShownTide ? $q->shown : throw new LogicException('No tide.');
        preg_match('/waves run up ([\d.]+) m, you keep 0\.3 m of margin, and packing and the walk take (\d+) min\. When do you leave at the latest\?$/D', $q->asks, $of);
        [$up, $walk] = [(float) $of[1], (int) $of[2]];
        $tenths = static fn (float $m): int => (int) round(10 * $m);
        $found[] = [
            'low' => $tide->lowMin / 5, 'rise' => $tide->highMin - $tide->lowMin - 372, 'lowM' => $tenths($tide->lowM),
            'highM' => $tenths($tide->highM), 'stand' => $tenths($tide->standM), 'up' => $tenths($up), 'walk' => $walk / 5,
            'place' => $q->right,
        ];
        expect($tide->awashM)->toEqualWithDelta($tide->standM - $up - 0.3, 1e-9)->and($tide->leaveMin % 5)->toBe(0)
            ->and($q->given)->toBe('')
            ->and($tide->heightM($tide->leaveMin + $walk))->toBeLessThanOrEqual($tide->awashM + 1e-9)
            ->and($tide->heightM($tide->leaveMin + 5 + $walk))->toBeGreaterThan($tide->awashM)
            ->and($q->choices)->toBe(array_map(
                static fn (int $i): string => WhenToLeave::clock($tide->leaveMin + 35 * ($i - $q->right)), range(0, 3),
            ));
        for ($at = $tide->lowMin; $tide->heightM($at + 1) <= $tide->awashM + 1e-9; $at++);
        expect($q->why)->toBe(sprintf(
            'Run-up and margin leave %.1f m for the tide, which it reaches at %s; %d min before that is %s. In the middle hours it rises fastest. '
            .'A set or a surge comes sooner: the sea decides, not the table.', $tide->awashM, WhenToLeave::clock($at), $walk,
            $q->rightAnswer(),
        ));
    }
    $ends = static fn (string $of): array => [min(array_column($found, $of)), max(array_column($found, $of))];
    expect(array_map($ends, array_keys($found[0])))->toBe([[72, 144], [-15, 15], [4, 12], [40, 54], [24, 36], [3, 8], [2, 5], [0, 3]]);
});

it('reads the minutes of a day as a clock does, and past midnight', function (int $minutes, string $clock): void {
    expect(WhenToLeave::clock($minutes))->toBe($clock);
})->with([[0, '0:00'], [59, '0:59'], [60, '1:00'], [725, '12:05'], [1439, '23:59'], [1440, '0:00'], [1505, '1:05']]);

it('asks for the first of four steps, with mirror, finder and polariser now and then, and says what comes of leaving it', function (): void {
    $titles = $why = [];
    foreach (manyOf(Drill::Order, 600) as $q) {
        expect($q->choices)->toHaveCount(4)->and($q->given)->toBe('')
            ->and($q->asks)->toBe('A ten-stop frame in bulb. Which of these comes first?')
            ->and($q->why)->toStartWith($q->rightAnswer().'. Left for later, ')->and($q->why)->toEndWith('.');
        array_push($titles, ...$q->choices);
        $why[$q->rightAnswer()][] = $q->why;
    }
    $often = array_count_values($titles);
    $times = static fn (string $begins): int => array_sum(array_filter(
        $often, static fn (string $title): bool => str_starts_with($title, $begins), ARRAY_FILTER_USE_KEY,
    ));
    // Half of the time each, of what is there always.
    foreach (['Turn the', 'Cover', 'Mirror'] as $sometimes) {
        expect($times($sometimes) / $times('Wipe'))->toBeGreaterThan(0.4)->toBeLessThan(0.75, $sometimes);
    }
    expect(array_keys($often))->each->not->toContain('{')->and(array_map(static fn (array $w): int => count(array_unique($w)), $why))->each
        ->toBe(1);
});
