<?php

declare(strict_types=1);

namespace App\Household;

use App\Models\Entrance;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use PDOException;

/** Who is in by the passcode, device by device, so that one that was lost can be shown out; and where it was tried in vain. */
final class Entrances
{
    private const IN_SESSION = 'entrance';

    /** A session ends by itself after thirty days; what is older says nothing any more. */
    private const KEPT_DAYS = 90;

    /** Addresses from which it was tried in vain are as many as somebody likes to make up. */
    private const MOST_REFUSED = 50;

    private const SEEN_EVERY_S = 600;

    public function cameIn(Request $request): void
    {
        self::forgetTheOld();
        $entrance = Entrance::query()->create($this->of($request) + ['came_at' => now()]);
        $request->session()->put(self::IN_SESSION, $entrance->id);
        Log::info('Came in by the passcode.', ['from' => $entrance->came_from, 'device' => $entrance->device]);
    }

    public function refused(Request $request): void
    {
        $of = $this->of($request);
        $entrance = self::inVain()->where('came_from', $of['came_from'])->first() ?? new Entrance;
        $entrance->fill($of + ['refused' => ($entrance->refused ?? 0) + 1])->save();
        $kept = self::inVain()->latest('seen_at')->latest('id')->limit(self::MOST_REFUSED)->pluck('id');
        self::inVain()->whereNotIn('id', $kept)->delete();
        Log::warning('A passcode was wrong.', ['from' => $entrance->came_from, 'times' => $entrance->refused]);
    }

    /** Whether the one who asks was shown out meanwhile; a session from before this was written down was not. */
    public function isEnded(Session $session): bool
    {
        $id = $session->get(self::IN_SESSION);
        $entrance = is_int($id) ? Entrance::query()->find($id) : null;
        if ($entrance !== null && $entrance->isIn() && $entrance->seen_at->lt(now()->subSeconds(self::SEEN_EVERY_S))) {
            try {
                $entrance->update(['seen_at' => now()]);
            } catch (PDOException) {
                // Where nothing can be written, pages are read all the same.
            }
        }

        return is_int($id) && ($entrance === null || ! $entrance->isIn());
    }

    public function isThisOne(Session $session, Entrance $entrance): bool
    {
        return $session->get(self::IN_SESSION) === $entrance->id;
    }

    public function left(Session $session): void
    {
        $id = $session->get(self::IN_SESSION);
        ! is_int($id) || self::within()->whereKey($id)->update(['ended_at' => now()]);
    }

    public function end(Entrance $entrance): void
    {
        $entrance->update(['ended_at' => now()]);
        Log::info('Was shown out.', ['from' => $entrance->came_from, 'device' => $entrance->device]);
    }

    /** With a new passcode nobody is in. */
    public static function endAll(): void
    {
        self::within()->update(['ended_at' => now()]);
    }

    /** @return Collection<int, Entrance> those that are in, the latest seen first, and then where it was tried in vain */
    public function all(): Collection
    {
        // What was not seen for as long as a session lasts is out by itself.
        $in = self::within()->where('seen_at', '>', now()->subMinutes(config()->integer('session.lifetime')));

        return $in->latest('seen_at')->latest('id')->get()->concat(self::inVain()->latest('seen_at')->latest('id')->get());
    }

    /** @return array<string, mixed> */
    private function of(Request $request): array
    {
        $says = (string) $request->userAgent();
        $device = match (true) {
            preg_match('/iPad|Tablet|Android(?!.*Mobile)/', $says) === 1 => 'Tablet',
            str_contains($says, 'Mobi') => 'Phone',
            default => 'Computer',
        };

        return ['came_from' => (string) $request->ip(), 'device' => $device, 'seen_at' => now()];
    }

    private static function forgetTheOld(): void
    {
        Entrance::query()->where('seen_at', '<', now()->subDays(self::KEPT_DAYS))->delete();
    }

    /** @return Builder<Entrance> */
    private static function within(): Builder
    {
        return Entrance::query()->whereNotNull('came_at')->whereNull('ended_at');
    }

    /** @return Builder<Entrance> */
    private static function inVain(): Builder
    {
        return Entrance::query()->whereNull('came_at');
    }
}
