<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Files\Photo\Photograph;
use App\Files\Photo\PhotoShelf;
use App\Models\Frame;
use App\Models\Original;
use App\Models\Photo;
use App\Models\PhotoRole;
use GentlePour\InvalidValue;
use GentlePour\Photo\CameraClock;
use GentlePour\Photo\Matching;
use GentlePour\Photo\ShotSettings;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;

/**
 * Takes one picture file in, whole or not at all: looked at, kept, and laid beside the frame that it shows. What is wrong with it is said,
 * and stops no other.
 */
final readonly class TakePhoto
{
    public function __construct(
        private PhotoShelf $shelf,
        private MatchPhoto $match,
        private FoundFrame $found,
        private CameraClocks $clocks,
        private PhotoChoices $choices,
        private ConnectionInterface $database,
    ) {
    }

    public function __invoke(string $path, string $name): TakenPhoto
    {
        $name = mb_substr($name === '' ? 'picture' : $name, 0, 200);
        try {
            return $this->taken($path, $name);
        } catch (InvalidValue $e) {
            return new TakenPhoto($name, PhotoOutcome::Refused, why: $e->getMessage());
        }
    }

    /** One after the other, whoever sends them. Not for one who holds the database: who has the turn would wait for it in vain. */
    public function inTurn(string $path, string $name): TakenPhoto
    {
        return $this->shelf->inTurn(fn (): TakenPhoto => $this($path, $name));
    }

    /** @throws InvalidValue when it is no picture that can be read, or it cannot be kept */
    private function taken(string $path, string $name): TakenPhoto
    {
        $sha = is_file($path) ? (string) hash_file('sha256', $path) : '';
        $here = Photo::query()->where('sha256', $sha)->first();
        if ($here !== null) {
            // What a disk lost or cut short of it, the file that comes once more makes good.
            $this->shelf->isComplete($here)
                || $this->shelf->keep($path, Photograph::open($path), $sha, $here->original === Original::Kept);

            return new TakenPhoto($name, PhotoOutcome::Here, $here);
        }
        // Looked at and laid on the shelf first: that takes seconds, for which nobody else's press is to wait.
        $picture = Photograph::open($path);
        $withOriginal = $this->choices->keepsOriginals();
        $this->shelf->keep($path, $picture, $sha, $withOriginal);

        return $this->database->transaction(fn (): TakenPhoto => $this->take($picture, $name, $sha, $withOriginal));
    }

    private function take(Photograph $picture, string $name, string $sha, bool $withOriginal): TakenPhoto
    {
        $taken = $picture->settings;
        $match = ($this->match)($taken);
        $photo = new Photo([
            'sha256' => $sha, 'name' => $name, 'width' => $picture->width(), 'height' => $picture->height(),
            'camera' => $taken->camera, 'lens' => $taken->lens, 'aperture' => $taken->aperture, 'shutter_s' => $taken->shutterS,
            'iso' => $taken->iso, 'focal_mm' => $taken->focalLengthMm, 'camera_clock' => $taken->takenAt,
            'taken_at' => $this->takenAt($taken), 'original' => $withOriginal ? Original::Kept : Original::Left,
        ]);
        $where = $this->choices->readsPositions() ? $picture->position : null;
        $outcome = $match === null ? $this->found($photo, $taken, $where) : $this->laidBeside($photo, $match);
        $photo->fill(self::areasOfTheSameView($photo))->save();

        return new TakenPhoto($name, $outcome, $photo);
    }

    private function laidBeside(Photo $photo, Matching $match): PhotoOutcome
    {
        $frame = Frame::query()->findOrFail($match->id);
        $photo->fill(['frame_id' => $frame->id, 'role' => $match->isBase ? PhotoRole::Base : PhotoRole::Frame]);
        if (! $match->isBase && $frame->open_s === null) {
            // Nobody counted it: the file says when it was opened, and for how long.
            $frame->update(['opened_at' => $photo->taken_at ?? now(), 'open_s' => $photo->shutter_s ?? $frame->planned_s]);
        }

        return $match->isBase ? PhotoOutcome::Base : PhotoOutcome::Matched;
    }

    /** @param  array{float, float}|null  $where  where it was taken, as far as that may be known */
    private function found(Photo $photo, ShotSettings $taken, ?array $where): PhotoOutcome
    {
        $frame = $photo->taken_at === null ? null : ($this->found)($taken, $photo->taken_at, $where);
        if ($frame === null) {
            return PhotoOutcome::Open;
        }
        $frame->save();
        $photo->fill(['frame_id' => $frame->id]);

        return PhotoOutcome::Found;
    }

    /**
     * What was drawn last in a picture of the same water and shape.
     *
     * @return array<string, mixed>
     */
    private static function areasOfTheSameView(Photo $photo): array
    {
        $subject = Frame::query()->find($photo->frame_id)?->subject_id;
        $last = $subject === null ? null : Photo::query()->whereNotNull('water_area')
            ->whereHas('frame', static fn ($frame) => $frame->where('subject_id', $subject))
            ->where('width', $photo->width)->where('height', $photo->height)->latest('id')->first();

        return $last === null ? [] : ['water_area' => $last->water_area, 'still_area' => $last->still_area];
    }

    /** By the person's clock: as learned, else by the zone that the file says or that the person is most likely in. */
    private function takenAt(ShotSettings $taken): ?Carbon
    {
        $unix = CameraClock::unix($taken->takenAt);
        if ($unix === null) {
            return null;
        }
        $offset = $this->clocks->offsetS($taken)
            ?? (CameraClock::knowsItsZone($taken->takenAt ?? '') ? 0.0 : -(float) $this->choices->zone()->getOffset(
                Carbon::createFromTimestampUTC($unix),
            ));

        return Carbon::createFromTimestampMs((int) round(1000 * ($unix + $offset)), 'UTC');
    }
}
