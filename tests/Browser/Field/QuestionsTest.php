<?php

declare(strict_types=1);

// What a field file looks up is what the core works out: two thousand random questions, put to both.

require_once dirname(__DIR__).'/Support/fieldFiles.php';

const QUESTIONS = 2001;

/** Nearer than this nobody sees; in stops. */
const SIXTH = 1 / 6;

it('looks up what the core works out, in two thousand random questions', function (): void {
    $seed = random_int(1, 1_000_000);
    $asked = fieldAnswers($seed, QUESTIONS);
    $file = fieldFile();
    $this->browser->get('file://'.$file);
    $this->eventually(fn () => $this->script('return document.querySelector("#bench")?.tables !== undefined') ? true : null,
        'The file does not start.');
    $told = $this->script(<<<'JS'
        const { tables } = document.querySelector('#bench');
        const { ways, strips, looks } = arguments[0];
        const grid = (kind) => tables.data.grids[tables.data.kinds.find((one) => one.kind === kind).grid];
        return {
            ways: ways.map(({ target, ...reading }) => tables.ways(tables.light(reading), target).map((way) => [way.glass.label, way.aperture, way.iso, way.time.label, way.time.seconds])),
            strips: strips.map(({ shutter }) => tables.strip(tables.thirds.shutter.get(shutter)).map(({ glass, time }) => [glass.label, time.label, time.seconds])),
            looks: looks.map(({ kind, values }) => Object.fromEntries(tables.looks(grid(kind), values).map(({ look, toS, bestS }) => [look, [toS === Infinity ? null : Math.log2(toS), Math.log2(bestS)]]))),
        };
        JS, $asked);
    unlink($file);

    $other = [];
    foreach ($asked['ways'] as $i => $question) {
        foreach ($question['answer'] as $place => $way) {
            $found = $told['ways'][$i][$place] ?? null;
            if ($found === null || array_slice($found, 0, 3) !== array_slice($way, 0, 3) || abs(log($found[4] / $way[4], 2)) > SIXTH) {
                $other[] = ['way', array_diff_key($question, ['answer' => 1]), $way, $found];
            }
        }
        count($told['ways'][$i]) === count($question['answer']) || $other[] = ['ways', $question, $told['ways'][$i]];
    }
    foreach ($asked['strips'] as $i => $question) {
        $core = array_column($question['answer'], null, 0);
        foreach ($told['strips'][$i] as [$glass, $label, $seconds]) {
            if (! isset($core[$glass]) || abs(log($seconds / $core[$glass][2], 2)) > 0.001 || $label !== $core[$glass][1]) {
                $other[] = ['strip', array_diff_key($question, ['answer' => 1]), $glass, $label, $core[$glass] ?? null];
            }
        }
        // Of stacks alike in strength one is enough; a glass that does something else of its own is not left out.
        foreach ($question['answer'] as [$glass, , $seconds]) {
            $near = array_filter($told['strips'][$i], static fn (array $mark): bool => abs(log($mark[2] / $seconds, 2)) < 0.35);
            $glass === 'no filter' || str_contains($glass, '×') || $near !== [] || $other[] = ['left out', $glass, $seconds];
        }
    }
    foreach ($asked['looks'] as $i => $question) {
        foreach ($question['answer'] as $look => [$end, $best]) {
            $found = $told['looks'][$i][$look] ?? null;
            $narrow = $found === null && $look !== 'glass' && $look !== 'held';
            $off = $found === null ? ($narrow ? 0.0 : INF) : max(abs(max(-12, $best) - max(-12, $found[1])), $end === null
                || $found[0] === null ? 0.0 : abs(max(-12, $end) - max(-12, $found[0])));
            $off <= SIXTH || $other[] = ['look', $question['kind'], $question['values'], $look, [$end, $best], $found];
        }
    }
    expect(array_slice($other, 0, 5))->toBe([], count($other)." of the questions of seed {$seed} are answered otherwise")
        ->and(count($asked['ways']) + count($asked['strips']) + count($asked['looks']))->toBe(QUESTIONS);
});
