<?php

declare(strict_types=1);

namespace App\Files\Backup;

use GentlePour\InvalidValue;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * The backups that lie on this machine: one a day on which the application was used, and one before each restore. They hold the records
 * alone: the pictures lie on the same disk.
 */
final readonly class Backups
{
    /** Of one kind; older ones of a month are kept once. */
    private const LAST = 14;

    private const MONTHS = 24;

    private const DAY_S = 86400;

    /** What a name may look like; nothing in it leads to another folder. One that was saved and put back has its name of outside. */
    public const NAME = '(?:'.self::OUTSIDE.')?[0-9]{8}T[0-9]{6}Z-[a-z-]{1,20}';

    private const OUTSIDE = 'gentle-pour-';

    /** One on its way out, with pictures: it does not stay. */
    private const LEAVING = 'leaving-';

    public function __construct(private BackupFile $file, public string $folder)
    {
    }

    public function areKept(): bool
    {
        return $this->folder !== '';
    }

    /**
     * @param  string  $why  a word or two, with hyphens
     *
     * @throws BackupFailed when it cannot be written
     */
    public function take(string $why): KeptBackup
    {
        $this->needFolder();
        $name = now()->utc()->format('Ymd\THis\Z')."-{$why}";
        $this->file->write($this->path($name));
        $this->prune($name);

        return $this->kept($name);
    }

    /**
     * One with pictures, to be taken away: it is not kept here, where the pictures are.
     *
     * @throws BackupFailed when it cannot be written
     */
    public function leaving(Pictures $pictures): KeptBackup
    {
        $this->needFolder();
        foreach (glob($this->folder.'/'.self::LEAVING.'*') ?: [] as $left) {
            filemtime($left) > time() - self::DAY_S || @unlink($left); // one whose sending was broken off
        }
        $path = $this->path(self::LEAVING.Str::lower(Str::random(12)));
        $written = $this->file->write($path, $pictures);

        return new KeptBackup(
            now()->utc()->format('Ymd\THis\Z').'-by-hand', $path, Carbon::now('UTC'), 'by-hand', (int) filesize($path), $written->damaged,
        );
    }

    /** Bytes of the pictures that would go along. */
    public function bytesOf(Pictures $pictures): int
    {
        return array_sum(array_map(static fn (string $path): int => (int) filesize($path), $this->file->pictures($pictures)));
    }

    /** The day's backup, unless it was made already; by one at a time. */
    public function daily(): void
    {
        $stamp = $this->folder.'/.daily';
        if (! $this->areKept() || (is_file($stamp) && abs(time() - (int) filemtime($stamp)) < self::DAY_S)) {
            return;
        }
        $this->needFolder();
        $lock = fopen($this->folder.'/.lock', 'c');
        if ($lock === false || ! flock($lock, LOCK_EX | LOCK_NB)) {
            return;
        }
        // The moment is noted first: what fails is tried again tomorrow, and not at every page.
        touch($stamp);
        $this->take('daily');
        fclose($lock);
    }

    /** @return list<KeptBackup> the latest first */
    public function all(): array
    {
        $names = array_map(static fn (string $path): string => basename($path, '.zip'), glob($this->folder.'/*.zip') ?: []);
        $own = array_filter($names, static fn (string $name): bool => preg_match('/^'.self::NAME.'$/D', $name) === 1);
        $kept = array_map($this->kept(...), array_values($own));
        usort($kept, static fn (KeptBackup $a, KeptBackup $b): int => [$b->at, $b->name] <=> [$a->at, $a->name]);

        return $kept;
    }

    /** @throws InvalidValue when there is none of the name */
    public function find(string $name): KeptBackup
    {
        if (preg_match('/^'.self::NAME.'$/D', $name) !== 1 || ! is_file($this->path($name))) {
            throw (new InvalidValue('There is no backup of that name here any more.'))->at('backup');
        }

        return $this->kept($name);
    }

    /** Takes a file that was sent in among them, to be looked at. */
    public function receive(string $path): KeptBackup
    {
        $this->needFolder();
        $name = now()->utc()->format('Ymd\THis\Z').'-sent-in';
        if (! copy($path, $this->path($name))) {
            throw new BackupFailed('The file could not be kept: the disk is full, or the folder cannot be written to.');
        }
        chmod($this->path($name), 0600);
        $this->prune($name);

        return $this->kept($name);
    }

    private function path(string $name): string
    {
        return "{$this->folder}/{$name}.zip";
    }

    private function kept(string $name): KeptBackup
    {
        [$stamp, $why] = explode('-', Str::after($name, self::OUTSIDE), 2);
        $at = Carbon::createFromFormat('!Ymd\THis\Z', $stamp, 'UTC');

        return new KeptBackup($name, $this->path($name), $at ?? Carbon::createFromTimestamp(0), $why, (int) filesize($this->path($name)));
    }

    private function needFolder(): void
    {
        if (! $this->areKept()) {
            throw new BackupFailed('No folder for backups is set.');
        }
        if (! is_dir($this->folder) && ! @mkdir($this->folder, 0700, true) && ! is_dir($this->folder)) {
            throw new BackupFailed("The folder {$this->folder} cannot be made.");
        }
    }

    /**
     * Of each kind the last fourteen are kept, and of the daily ones the last of each month. The new one stays whatever its date: the clock
     * may be wrong.
     */
    private function prune(string $new): void
    {
        $count = $months = [];
        foreach ($this->all() as $backup) {
            if (str_starts_with($backup->name, self::OUTSIDE)) {
                continue; // a person put it here
            }
            $count[$backup->why] = ($count[$backup->why] ?? 0) + 1;
            $month = $backup->at->format('Y-m');
            $monthly = $backup->why === 'daily' && ! isset($months[$month]) && count($months) < self::MONTHS;
            if ($backup->why === 'daily') {
                $months[$month] = true;
            }
            if ($count[$backup->why] > self::LAST && ! $monthly && $backup->path !== $this->path($new)) {
                @unlink($backup->path);
            }
        }
    }
}
