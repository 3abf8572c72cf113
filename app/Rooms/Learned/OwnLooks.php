<?php

declare(strict_types=1);

namespace App\Rooms\Learned;

use App\Household\Dropping;
use App\Household\Settings;
use App\Models\Frame;
use App\Models\PhotoRole;
use GentlePour\Motion\Framing;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\LookBounds;
use GentlePour\Motion\MovingWater;
use GentlePour\Review\Taste;
use Illuminate\Database\Eloquent\Builder;

/** Where the looks begin and end for this person, from what frames were called: read once a request. */
final class OwnLooks
{
    private const SETTING = 'looks';

    /** Frames that count: older ones say less of what is meant now. */
    private const FRAMES = 200;

    /** Less texture than this in a file is its noise. */
    private const LEAST_MEASURED = 0.1;

    private ?LookBounds $bounds = null;

    public function __construct(private readonly Settings $settings, private readonly Dropping $dropping)
    {
    }

    public function bounds(): LookBounds
    {
        return $this->bounds ??= LookBounds::calledBy($this->called());
    }

    public function bands(MovingWater $water, Framing $framing): LookBands
    {
        return LookBands::of($water, $framing, $this->bounds());
    }

    /** How many frames were called by a look since it was last forgotten. */
    public function frames(): int
    {
        return $this->frame()->count();
    }

    /**
     * What frames were called before now no longer counts.
     *
     * @return int the number by which it is undone
     */
    public function forget(): int
    {
        $drop = $this->dropping->setting(self::SETTING);
        $this->settings->write(self::SETTING, ['since' => now()->format('Y-m-d H:i:s.v')]);
        $this->bounds = null;

        return $drop;
    }

    /** @return Builder<Frame> */
    private function frame(): Builder
    {
        $since = $this->settings->read(self::SETTING)['since'] ?? null;

        return Frame::query()->whereNotNull('called_at')->whereNotNull('open_s')
            ->when(is_string($since), static fn (Builder $query) => $query->where('called_at', '>', $since));
    }

    /** @return list<array{float, \GentlePour\Motion\Look}> texture that was measured where it can be, else that was reckoned */
    private function called(): array
    {
        $frames = $this->frame()->select(['id', 'open_s', 'planned_s', 'plan', 'called'])->latest('called_at')->limit(self::FRAMES)
            ->with(['photos' => static fn ($of) => $of->where('role', PhotoRole::Frame)->where('texture_kept', '>', self::LEAST_MEASURED)])
            ->get();
        $called = [];
        foreach ($frames as $frame) {
            $measured = $frame->photos->first()?->texture_kept;
            if ($frame->called !== null && ($measured !== null || Taste::tells($frame->planned_s, (float) $frame->open_s))) {
                $called[] = [$measured ?? $frame->plan->texture, $frame->called];
            }
        }

        return $called;
    }
}
