<?php

declare(strict_types=1);

namespace App\Files\Backup;

use GentlePour\InvalidValue;
use Illuminate\Support\Carbon;

/** The backups that lie on this machine: one a day on which the application was used, and one before each restore. */
final readonly class Backups
{
    /** Of one kind; older ones of a month are kept once. */
    private const LAST = 14;

    private const MONTHS = 24;

    private const DAY_S = 86400;

    /** What a name may look like; nothing in it leads to another folder. */
    public const NAME = '[0-9]{8}T[0-9]{6}Z-[a-z-]{1,20}';

    public function __construct(private BackupFile $file, private string $folder)
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
        rsort($names);

        $own = array_filter($names, static fn (string $name): bool => preg_match('/^'.self::NAME.'$/D', $name) === 1);

        return array_map($this->kept(...), array_values($own));
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
        [$stamp, $why] = explode('-', $name, 2);
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
