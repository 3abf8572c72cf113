<?php

declare(strict_types=1);

namespace App\Rooms\Settings;

use App\Files\Backup\BackupFile;
use App\Files\Backup\BackupKind;
use App\Files\Backup\Backups;
use App\Files\Backup\Change;
use App\Files\Backup\EmptyHouse;
use App\Files\Backup\Into;
use App\Files\Backup\KeptBackup;
use App\Files\Backup\OpenedBackup;
use App\Files\Backup\Pictures;
use App\Files\Backup\Restore;
use App\Files\Photo\PhotoShelf;
use App\Files\Upload\Uploads;
use App\Household\Settings;
use App\Models\Photo;
use App\Rooms\Upload\SentFile;
use GentlePour\InvalidValue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Everything that is kept, out as one file and back. */
final class BackupController
{
    /** Pictures that go along by the page, in bytes: what a browser, and a server that counts the seconds, get through. */
    private const MOST_SENT = 2_000_000_000;

    /** When one was last taken away from this machine. */
    public const SETTING = 'backup';

    public function index(Backups $backups, Settings $settings): View
    {
        $sizes = array_map(static fn (Pictures $which): array => [$which, $backups->bytesOf($which)], Pictures::cases());
        // What makes no difference is not asked.
        $choices = array_filter(
            $sizes, static fn (array $of, int $i): bool => $i === 0 || $of[1] > $sizes[$i - 1][1], ARRAY_FILTER_USE_BOTH,
        );

        return view('settings.backup', [
            'kept' => $backups->all(), 'away' => self::away($settings), 'choices' => array_reverse($choices),
            'mostSent' => KeptBackup::inWords(Uploads::MOST_BYTES), 'mostBytes' => Uploads::MOST_BYTES,
            'folder' => Str::after($backups->folder, base_path().'/'),
            'size' => KeptBackup::inWords(...),
        ]);
    }

    public static function away(Settings $settings): ?Carbon
    {
        $at = $settings->read(self::SETTING)['away_at'] ?? null;

        return is_string($at) ? Carbon::parse($at) : null;
    }

    public function take(Backups $backups): RedirectResponse
    {
        $backup = $backups->take('by-hand');

        return redirect()->route('backup')->with('done', "Kept on this machine: {$backup->size()}.");
    }

    /** Everything is put away, for one who begins with their own; the backup of this moment brings it back. */
    public function begin(Request $request, EmptyHouse $empty): RedirectResponse
    {
        $request->validate(['sure' => ['accepted']], ['sure.accepted' => 'Tick that everything shall go.']);
        $kept = $empty();

        return redirect()->route('outlook')->with(
            'done', "The house is empty. What was in it is kept: the backup of {$kept->at->format('j M Y, H:i')} UTC brings it back.",
        );
    }

    public function download(Request $request, Backups $backups, Settings $settings): BinaryFileResponse
    {
        $request->validate(
            ['pictures' => ['bail', 'nullable', 'string', Rule::enum(Pictures::class)]], ['pictures' => 'Choose what goes along.'],
        );
        $pictures = $request->enum('pictures', Pictures::class) ?? Pictures::Originals;
        $bytes = $backups->bytesOf($pictures);
        if ($bytes > self::MOST_SENT) {
            throw (new InvalidValue(sprintf(
                'These pictures are %s, more than a browser is sent at once. php artisan pour:backup FILE writes them beside the records.',
                KeptBackup::inWords($bytes),
            )))->at('pictures');
        }
        $backup = $bytes === 0 ? $backups->take('by-hand') : $backups->leaving($pictures);
        $settings->write(self::SETTING, ['away_at' => now()->toIso8601String()]);

        if ($backup->damaged !== []) {
            $files = Photo::query()->whereIn('sha256', array_map(PhotoShelf::sha256(...), $backup->damaged))->pluck('name');
            session()->flash('problem', 'Damaged on this machine, and left out of the backup: '.$files->implode(', ')
                .'. Take these files in once more, in the log: that mends them.');
        }

        return self::sent($backup)->deleteFileAfterSend($bytes > 0);
    }

    public function file(string $backup, Backups $backups): BinaryFileResponse
    {
        return self::sent(self::found($backups, $backup));
    }

    public function receive(Request $request, Backups $backups, SentFile $sent): RedirectResponse
    {
        $upload = $sent->of($request, 'backup');
        $upload === null && $request->validate(['backup' => ['bail', 'required', 'file']], [
            'backup.required' => 'Choose a backup.', 'backup.*' => 'The file did not arrive whole, or is larger than this server takes.',
        ]);
        $path = $upload->path ?? (string) $request->file('backup')?->getRealPath();
        // Looked through before it is kept.
        OpenedBackup::open($path);
        $name = $backups->receive($path)->name;
        $upload === null || $sent->end($upload);

        return redirect()->route('backup.show', $name);
    }

    public function show(string $backup, Backups $backups, Restore $restore): View|RedirectResponse
    {
        $kept = self::found($backups, $backup);
        try {
            $opened = OpenedBackup::open($kept->path);
        } catch (InvalidValue $e) {
            return redirect()->route('backup')->withErrors(['backup' => $e->getMessage()]);
        }

        return view('settings.restore', [
            'kept' => $kept, 'pictures' => $restore->pictures($opened),
            'madeAt' => Carbon::parse($opened->madeAt()), 'counts' => $opened->counts(),
            'ways' => array_map(
                static fn (Into $into): array => [...self::way($into, $restore->plan($opened, $into)), 'renamed' => $restore->renamed()],
                Into::cases(),
            ),
        ]);
    }

    /**
     * @param  array<string, array<string, int>>  $plan
     * @return array<string, mixed>
     */
    private static function way(Into $into, array $plan): array
    {
        $changes = [Change::Added, Change::Changed, $into === Into::Merge ? Change::Left : Change::Removed];
        $counted = array_flip(array_column($changes, 'value'));
        $moving = array_filter(
            BackupKind::cases(), static fn (BackupKind $kind): bool => array_sum(array_intersect_key($plan[$kind->value], $counted)) > 0,
        );

        return [
            'into' => $into, 'plan' => $plan, 'changes' => $changes, 'moving' => array_values($moving),
            'same' => array_sum(array_column($plan, Change::Same->value)),
        ];
    }

    public function restore(string $backup, Request $request, Backups $backups, Restore $restore): RedirectResponse
    {
        $request->validate(['into' => ['bail', 'required', 'string', Rule::enum(Into::class)]], ['into' => 'Choose how it comes back.']);
        $opened = OpenedBackup::open($backups->find($backup)->path);
        $before = $backups->take('before-restore');
        $done = $restore->run($opened, Into::from($request->string('into')->toString()));
        $sum = static fn (Change $change): int => array_sum(array_column($done, $change->value));

        $renamed = array_map(static fn (array $one): string => "“{$one['as']}”", $restore->renamed());

        return redirect()->route('backup')->with('done', sprintf(
            'It is back: %d added%s, %d changed, %d taken away. How it was before lies here as %s UTC.',
            $sum(Change::Added), $renamed === [] ? '' : ' (by new names: '.implode(', ', $renamed).')', $sum(Change::Changed),
            $sum(Change::Removed), $before->at->format('j M H:i'),
        ));
    }

    public function schema(string $kind): Response
    {
        if ($kind !== 'manifest' && BackupKind::tryFrom($kind) === null) {
            abort(404);
        }

        return response(BackupFile::schema($kind), 200, ['Content-Type' => 'application/schema+json']);
    }

    private static function sent(KeptBackup $backup): BinaryFileResponse
    {
        return response()->download(
            $backup->path, 'gentle-pour-'.Str::after($backup->name, 'gentle-pour-').'.zip', ['Content-Type' => 'application/zip'],
        );
    }

    private static function found(Backups $backups, string $name): KeptBackup
    {
        try {
            return $backups->find($name);
        } catch (InvalidValue) {
            abort(404);
        }
    }
}
