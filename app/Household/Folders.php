<?php

declare(strict_types=1);

namespace App\Household;

/** The folders beside the database that the application writes to, and whether it can. */
final class Folders
{
    private const WRITTEN_TO = [...self::OF_PRESSES, 'framework/views', 'logs'];

    /** What a page remembers from one to the next, and what counts tries of the passcode. */
    private const OF_PRESSES = ['framework/sessions', 'framework/cache'];

    private const PROBE_BYTES = 4096;

    /** @return list<string> in words, none where all can be written to */
    public static function closed(): array
    {
        $closed = array_filter(self::WRITTEN_TO, static fn (string $folder): bool => ! is_writable(storage_path($folder)));

        return array_values(array_map(self::words(...), $closed));
    }

    /**
     * What a press depends on, tried by writing: on a full disk a folder looks as if it could be written to.
     *
     * @return string|null in words, null where it takes what is written
     */
    public static function closedToPresses(): ?string
    {
        $bytes = str_repeat('.', self::PROBE_BYTES);
        foreach (self::OF_PRESSES as $folder) {
            $probe = storage_path($folder.'/probe-'.bin2hex(random_bytes(8)));
            $taken = @file_put_contents($probe, $bytes) === strlen($bytes);
            is_file($probe) && @unlink($probe);
            if (! $taken) {
                return self::words($folder);
            }
        }

        return null;
    }

    private static function words(string $folder): string
    {
        return "The folder storage/{$folder} cannot be written to.";
    }
}
