<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Files\Photo\FrameCheck;
use App\Files\Photo\Photograph;
use App\Files\Photo\PhotoShelf;
use App\Models\Frame;
use App\Models\Photo;
use App\Models\PhotoRole;
use GentlePour\InvalidValue;
use Illuminate\Contracts\Cache\Repository;

/** Looks at the picture of a frame, against its base; what was seen is kept for as long as nothing about it changes. */
final readonly class CheckedFrame
{
    /** Another when what is looked at changes. */
    private const VERSION = 3;

    private const KEPT_S = 90 * 86400;

    public function __construct(private PhotoShelf $shelf, private Repository $cache)
    {
    }

    /** What the picture is set against: what was chosen, the base of its frame, or that of a frame of the same view and evening. */
    public function base(Photo $photo): ?Photo
    {
        return $photo->base ?? $photo->frame->basePhoto ?? $this->ofTheSameView($photo);
    }

    /**
     * @throws InvalidValue when its files are gone or cannot be read
     */
    public function of(Photo $photo, ?Photo $base): FrameCheck
    {
        $key = implode(' ', [
            'frame check', self::VERSION, $photo->sha256, $photo->original->value, $base?->sha256, json_encode($photo->water_area),
            json_encode($photo->still_area),
        ]);
        $kept = $this->cache->get($key = hash('sha256', $key));
        if ($kept instanceof FrameCheck) {
            return $kept;
        }
        $check = FrameCheck::of(
            fn (): Photograph => $this->shelf->open($photo),
            $base === null || ! $this->shelf->canOpen($base) ? null : fn (): Photograph => $this->shelf->open($base),
            $photo->water(), $photo->still(),
        );
        $this->cache->put($key, $check, self::KEPT_S);
        // What stands still would count with it where nobody has drawn the water.
        $kept = $photo->water() === null ? null : $check->kept;
        if ($photo->texture_kept !== $kept) {
            $photo->update(['texture_kept' => $kept]);
        }

        return $check;
    }

    private function ofTheSameView(Photo $photo): ?Photo
    {
        $frame = $photo->frame;
        if ($frame?->subject_id === null || $photo->taken_at === null || $photo->role === PhotoRole::Base) {
            return null;
        }
        $evening = [$photo->taken_at->copy()->subHours(2), $photo->taken_at->copy()->addHours(2)];

        return Photo::query()->where('role', PhotoRole::Base)->whereBetween('taken_at', $evening)
            ->whereHas('frame', static fn ($of) => $of->where('subject_id', $frame->subject_id))
            ->where('width', $photo->width)->where('height', $photo->height)->get()
            ->sortBy(static fn (Photo $p): float => abs($p->taken_at?->diffInSeconds($photo->taken_at) ?? INF))->first();
    }
}
