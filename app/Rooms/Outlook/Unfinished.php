<?php

declare(strict_types=1);

namespace App\Rooms\Outlook;

use App\Files\Backup\Backups;
use App\Models\Filter;
use App\Models\Frame;
use App\Models\Outing;
use App\Models\Photo;

/** What waits for a person’s hand: nothing of it is urgent, and none of it should be forgotten. */
final readonly class Unfinished
{
    /** Frames and outings older than this are let be. Judgement. */
    private const DAYS = 60;

    /** A backup older than this is worth a word, in days. Judgement. */
    private const BACKUP_DAYS = 8;

    /** From this strength on it pays to measure a filter: what it is off by counts in whole frames. Judgement. */
    private const STRONG_STOPS = 6.0;

    public function __construct(private Backups $backups)
    {
    }

    /** @return list<array{string, string}> words, and where it is done */
    public function all(): array
    {
        $since = now()->subDays(self::DAYS);
        $frames = Frame::query()->whereNotNull('open_s')->where('opened_at', '>', $since)->whereNull('blur')->whereNull('exposure_thirds')
            ->whereNull('keeper')->count();
        $photos = Photo::query()->whereNull('frame_id')->count();
        $filters = Filter::query()->whereNull('measured_stops')->where('stops', '>=', self::STRONG_STOPS)->oldest('id')->pluck('name');
        $outings = Outing::query()->with('place')->whereBetween('ends_at', [$since, now()])->whereNull('closed_at')
            ->latest('ends_at')->get();

        return array_values(array_filter([
            ...$outings->map(static fn (Outing $o): array => [
                "The outing to {$o->place->name} has ended: what came of it?", route('outings.show', $o),
            ])->all(),
            $frames === 0 ? null : [
                $frames === 1 ? 'A frame waits for its verdict.' : "{$frames} frames wait for their verdicts.", route('log'),
            ],
            $photos === 0 ? null : [
                $photos === 1 ? 'A picture has no frame yet.' : "{$photos} pictures have no frame yet.", route('photos.open'),
            ],
            $filters->isEmpty() ? null : ["Taken as engraved, never measured: {$filters->join(', ', ' and ')}.", route('learned')],
            $this->backup(),
        ]));
    }

    /** @return array{string, string}|null */
    private function backup(): ?array
    {
        if (! $this->backups->areKept()) {
            return null;
        }
        $last = $this->backups->all()[0]->at ?? null;
        $days = $last === null ? null : (int) floor((now()->getTimestamp() - $last->getTimestamp()) / 86400);

        return match (true) {
            $days === null => ['There is no backup yet.', route('backup')],
            $days > self::BACKUP_DAYS => ["The last backup is {$days} days old.", route('backup')],
            default => null,
        };
    }
}
