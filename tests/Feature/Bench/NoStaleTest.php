<?php

declare(strict_types=1);

use App\Models\Frame;
use App\Models\ShotList;
use App\Models\Subject;

// No press can plan a frame, make a list or keep a water from inputs that are refused: a property over random presses.

/** @return array<string, list<string>> what may be typed into a field, good and bad */
function typings(): array
{
    $number = ['', '0', '-1', '1', '4', '8,5', '1e9', 'NaN', 'far', '99999999999', '12 ft', '20 kn', '½', '5 s', "\u{202e}5", '1.2.3',
        str_repeat('9', 60)];

    return [
        'shutter' => ['1/60', '1/8', '2', 'soon', '', '0', '-1', '1/0', '1e400', '60', 'bulb', '1/60 s'],
        'aperture' => ['f/11', '8', 'wide', '', 'f/0', 'f/999', 'f/5.6'],
        'iso' => ['100', '200', 'auto', '', '0', '1e7', '64'],
        'target' => ['', '1', '1/4', '8m', 'a while', '0', '99h'],
        'kind' => ['cascade', 'swell', 'river', 'custard', '', 'lake', 'backwash'],
        'look' => ['silk', 'mist', 'glass', 'creamy', ''],
        'measure' => ['speed', 'drop', 'float', 'guess'],
        'sky' => ['', 'wind', 'crossing', 'haze'], 'also' => ['', 'foam', 'swell', 'lava'],
        'pin_aperture' => ['', 'f/8', 'f/1', 'x'], 'pin_iso' => ['', '100', '99999999', 'x'],
        'camera' => ['1', '999', '', 'x'], 'lens' => ['1', '2', '999', ''],
        'support' => ['', 'tripod', 'wall'], 'glass' => ['', 'Six', 'Ninety'], 'place' => ['', '2', '999', 'x'],
        'subject' => ['', '1', '3', '999', 'x'],
        ...array_fill_keys([
            'speed', 'drop', 'float_m', 'float_s', 'period', 'focal', 'distance', 'bias', 'drift', 'correction', 'wind', 'oblique',
            'feature', 'height', 'depth',
            'chop_period', 'chop_height', 'sharp_near', 'sharp_far', 'earlier_minutes', 'cloud_speed', 'also_speed', 'also_distance',
        ], $number),
    ];
}

it('plans, lists and keeps nothing of what is refused, and loses nothing that was typed (240 benches by chance)', function (): void {
    mt_srand(20261126);
    $typings = typings();
    $counts = fn (): array => [Frame::query()->count(), ShotList::query()->count(), Subject::query()->count()];
    $refused = $taken = 0;
    for ($i = 0; $i < 240; $i++) {
        $fields = benchQuery();
        foreach ((array) array_rand($typings, mt_rand(1, 5)) as $field) {
            $fields[$field] = $typings[$field][mt_rand(0, count($typings[$field]) - 1)];
        }
        $fields['look_was'] = $fields['look'];
        $before = $counts();
        $page = $this->get('/bench?'.http_build_query($fields));
        expect($page->status())->toBeIn([200, 422], http_build_query($fields));
        $way = $page->status() === 200 ? shootThis((string) $page->getContent()) : 'http://localhost/shoot?way=Six%7Cf%2F11%7C100';
        if ($page->status() === 422) {
            $refused++;
            // Whatever is pressed, with the way of an answer of before.
            foreach ([$way, '/lists?list=time:1', '/lists?list=ladder', '/subjects/draft'] as $press) {
                $answer = $this->post($press, $fields);
                expect($answer->status())->toBe(422, $press.' '.http_build_query($fields))->and($counts())->toBe($before);
            }
            $this->get('/bench/better?'.http_build_query($fields))->assertStatus(422);

            continue;
        }
        if ($way !== 'no such button') {
            $taken++;
            $this->post($way, $fields)->assertRedirect();
            $frame = Frame::query()->latest('id')->firstOrFail();
            expect($counts()[0])->toBe($before[0] + 1)->and($frame->planned_s)->toBeGreaterThan(0.0)->toBeLessThan(86401.0)
                ->and(is_finite($frame->exact_s))->toBeTrue();
            // What was planned is what the page said.
            expect((string) $page->getContent())->toContain($frame->plan->way->shutterLabel)->toContain($frame->plan->way->apertureLabel);
        }
    }
    expect($refused)->toBeGreaterThan(40)->and($taken)->toBeGreaterThan(40);
});
