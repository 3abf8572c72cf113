<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Models\Photo;

/** A picture file that was sent in, and what came of it. */
final readonly class TakenPhoto
{
    /** @param  string|null  $why  it was refused */
    public function __construct(
        public string $name,
        public PhotoOutcome $outcome,
        public ?Photo $photo = null,
        public ?string $why = null,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'name' => $this->name, 'outcome' => $this->outcome->value, 'words' => $this->words(),
            'to' => $this->photo === null ? null : self::to($this->photo),
            'thumb' => $this->photo === null ? null : route('photos.thumb', [$this->photo, 'of' => $this->photo->fingerprint()]),
        ];
    }

    public function words(): string
    {
        $frame = $this->photo?->frame_id;

        return match ($this->outcome) {
            PhotoOutcome::Matched => "Frame {$frame}.",
            PhotoOutcome::Base => "The base of frame {$frame}.",
            PhotoOutcome::Found => "Nobody planned it: it is frame {$frame} now.",
            PhotoOutcome::Open => 'It is kept; say which frame it shows.',
            PhotoOutcome::Here => 'Here already'.($frame === null ? '.' : ", with frame {$frame}."),
            PhotoOutcome::Refused => (string) $this->why,
        };
    }

    public static function to(Photo $photo): string
    {
        return $photo->frame_id === null ? route('photos.open') : route('log.show', $photo->frame_id);
    }
}
