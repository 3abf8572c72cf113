<?php

declare(strict_types=1);

namespace App\Rooms\Settings;

use App\Files\Photo\PhotoShelf;
use App\Household\Dropping;
use App\Models\Drop;
use App\Models\Photo;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;

/** What was deleted and can still be brought back. */
final class BinController
{
    public function show(PhotoShelf $shelf): View
    {
        $strays = self::strays($shelf);

        return view('settings.bin', [
            'drops' => self::kept()->latest('id')->get(), 'days' => Dropping::DAYS, 'files' => count($strays),
            'megabytes' => number_format(array_sum($strays) / 1e6, 1),
        ]);
    }

    /** Removes the files of photographs that are in no frame and in no bin. */
    public function sweep(PhotoShelf $shelf): RedirectResponse
    {
        $strays = self::strays($shelf);
        $left = array_filter(array_keys($strays), static fn (string $path): bool => ! @unlink($path));

        return redirect()->route('bin')->with($left === [] ? 'done' : 'problem', $left === []
            ? 'Files of pictures removed: '.count($strays).', '.number_format(array_sum($strays) / 1e6, 1).' MB.'
            : 'Files of pictures that could not be removed: '.count($left).'. They belong to another user of this machine.');
    }

    /** @return array<string, int> bytes by path */
    private static function strays(PhotoShelf $shelf): array
    {
        $needed = Photo::query()->pluck('sha256')->all();
        foreach (self::kept()->get() as $drop) {
            foreach ($drop->rows as [$table, $row]) {
                if ($table === 'photos' && is_string($row['sha256'] ?? null)) {
                    $needed[] = $row['sha256'];
                }
            }
        }

        return $shelf->strays(array_values($needed));
    }

    /** @return Builder<Drop> */
    private static function kept(): Builder
    {
        return Drop::query()->where('created_at', '>', now()->subDays(Dropping::DAYS));
    }
}
