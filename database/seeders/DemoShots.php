<?php

declare(strict_types=1);

namespace Database\Seeders;

use GentlePour\Review\BlurVerdict;
use GentlePour\Review\FrameMark;

/**
 * Frames of a made-up evening and two made-up mornings, which the bench plans and the simulated camera has photographed: bin/demo-photos
 * draws the files in data/demo. The stair was planned last.
 */
final readonly class DemoShots
{
    /**
     * @param  array{string, string}  $water  subject, and the look that was wanted
     * @param  array{string, string}  $reading  shutter and aperture of the base
     * @param  string  $at  when it was opened, UTC
     * @param  float  $late  by so many s a bulb was closed late
     * @param  array<string, mixed>  $bench  what else stood on the bench
     * @param  string|null  $base  name of the file of its base, where one was taken
     * @param  array<string, float>  $wrong  what goes wrong: shake, leak, corners, dust
     */
    private function __construct(
        public string $name, public array $water, public array $reading, public string $at, public float $late = 0.0,
        public ?BlurVerdict $blur = null, public ?int $thirds = null, public ?string $note = null, public array $bench = [],
        public ?string $base = null, public array $wrong = [], public ?FrameMark $mark = null,
    ) {
    }

    /** @return list<self> in the order in which they were planned */
    public static function all(): array
    {
        $posts = 'the posts in swell';
        $step = 'the middle step';
        $drop = 'the great drop';
        $stair = ['1/60', 'f/11'];

        return [
            new self(
                'posts-silk', [$posts, 'silk'], ['1/8', 'f/11'], '2026-10-18 16:48:30', 0.2, BlurVerdict::TooSmooth, 0,
                'A set came through in the middle.', base: 'posts-base', mark: FrameMark::Keeper,
            ),
            new self(
                'posts-glass', [$posts, 'glass'], ['1/4', 'f/11'], '2026-10-18 17:02:11', 1.4, base: 'posts-late-base',
                mark: FrameMark::Keeper,
            ),
            new self(
                'step-silk', [$step, 'silk'], $stair, '2026-10-03 06:41:12', 0.0, BlurVerdict::Right, 0,
                'Strands hold; the log on the left is still.', base: 'step-base', mark: FrameMark::Keeper,
            ),
            new self('step-brushed', [$step, 'brushed'], $stair, '2026-10-03 06:55:40', 0.0, BlurVerdict::TooCrisp, -1),
            new self(
                'drop-mist', [$drop, 'mist'], ['1/125', 'f/11'], '2026-10-03 07:20:03', 0.0, BlurVerdict::Right, 1,
                'White at the foot is close to burning.', base: 'drop-base',
            ),
            new self(
                'posts-shaken', [$posts, 'mist'], ['1/8', 'f/11'], '2026-10-18 16:54:05', bench: ['target' => '15 s'],
                wrong: ['shake' => 3.0], mark: FrameMark::Reject, note: 'A gust took the tripod.',
            ),
            new self(
                'posts-mist', [$posts, 'mist'], ['1/4', 'f/11'], '2026-10-18 17:00:10', bench: ['target' => '8 s'],
                mark: FrameMark::Keeper,
            ),
            new self(
                'posts-leak', [$posts, 'glass'], ['1/8', 'f/11'], '2026-10-18 16:57:20', bench: ['target' => '30 s'],
                wrong: ['leak' => 1.1],
            ),
            new self(
                'chop-fifteen', ['chop over the cobbles', 'glass'], ['1/125', 'f/11'], '2026-10-11 11:12:00', bench: ['must' => 'Fifteen'],
                base: 'chop-base', note: 'The fifteen for the first time.',
            ),
            new self(
                'sheet-clipped', ['the sheet', 'silk'], ['1/15', 'f/11'], '2026-10-09 09:30:10', bench: ['bias' => '1.33'],
                note: 'Read off the trees: the white has burnt.',
            ),
            new self('ladder-1', [$step, 'lively'], $stair, '2026-10-03 07:00:10', bench: ['target' => '1/15 s'], base: 'ladder-base'),
            new self('ladder-2', [$step, 'brushed'], $stair, '2026-10-03 07:01:20', bench: ['target' => '1/8 s']),
            new self('ladder-3', [$step, 'brushed'], $stair, '2026-10-03 07:02:30', bench: ['target' => '1/4 s'], mark: FrameMark::Keeper),
            new self('ladder-4', [$step, 'silk'], $stair, '2026-10-03 07:03:40', bench: ['target' => '1 s'], mark: FrameMark::Keeper),
            new self('ladder-5', [$step, 'mist'], $stair, '2026-10-03 07:05:00', bench: ['target' => '4 s']),
            new self(
                'drop-pola', [$drop, 'silk'], ['1/125', 'f/11'], '2026-10-03 07:24:30', bench: ['must' => 'Pola'], mark: FrameMark::Keeper,
            ),
            new self('drop-plain', [$drop, 'silk'], ['1/125', 'f/11'], '2026-10-03 07:26:10', bench: ['off' => 'Pola']),
        ];
    }
}
