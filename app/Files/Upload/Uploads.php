<?php

declare(strict_types=1);

namespace App\Files\Upload;

use Illuminate\Support\Carbon;

/** Files on their way here, each with a note of what it is: large ones, over a network that breaks off. */
final readonly class Uploads
{
    /** What a browser gets through, and a server that counts its seconds: a backup with as many pictures as are sent out at once. */
    public const MOST_BYTES = 2_600_000_000;

    /** At a time. */
    private const MOST = 100;

    /** What nobody went on with for so long is given up. */
    public const KEPT_S = 2 * 86400;

    /** What stays free on the disk, for the records. */
    private const SPARE_BYTES = 100_000_000;

    private const STEP_BYTES = 65536;

    private const MOST_LETTERS = 200;

    public function __construct(private string $folder)
    {
    }

    /**
     * @param  int  $length  of the whole, in bytes
     *
     * @throws UploadRefused when it would be too large, or there is no room for it
     */
    public function begin(string $name, int $length): Upload
    {
        if ($length > self::MOST_BYTES) {
            throw UploadRefused::tooLarge(self::MOST_BYTES);
        }
        $this->giveUp();
        if (count($this->notes()) >= self::MOST) {
            throw UploadRefused::tooMany();
        }
        $isThere = is_dir($this->folder) || @mkdir($this->folder, 0700, true) || is_dir($this->folder);
        if (! $isThere || (float) @disk_free_space($this->folder) < $length + self::SPARE_BYTES) {
            throw UploadRefused::noRoom();
        }
        $upload = new Upload($id = bin2hex(random_bytes(16)), $this->path($id), mb_substr($name, 0, self::MOST_LETTERS), $length);
        $note = json_encode(['name' => $upload->name, 'length' => $length], JSON_THROW_ON_ERROR);
        if (! @touch($upload->path) || ! chmod($upload->path, 0600)
            || @file_put_contents($this->note($id), $note) !== strlen($note) || ! chmod($this->note($id), 0600)) {
            $this->end($upload);
            throw UploadRefused::noRoom();
        }

        return $upload;
    }

    /** Null where there is none, or none any more. */
    public function find(string $id): ?Upload
    {
        if (preg_match('/^'.Upload::ID.'$/D', $id) !== 1 || ! is_file($this->path($id))) {
            return null;
        }
        $note = json_decode((string) @file_get_contents($this->note($id)), true);

        return is_array($note) && is_string($note['name'] ?? null) && is_int($note['length'] ?? null)
            ? new Upload($id, $this->path($id), $note['name'], $note['length']) : null;
    }

    /**
     * Takes the next part. What of it arrives stays, though it breaks off.
     *
     * @param  int<0, max>  $offset  in bytes: where the part begins
     * @param  resource  $from
     * @return int bytes that are here now
     *
     * @throws UploadRefused when it begins elsewhere, another is coming in, it is more than was said or there is no room for it
     */
    public function append(Upload $upload, int $offset, $from): int
    {
        $to = @fopen($upload->path, 'cb');
        if ($to === false) {
            throw UploadRefused::noRoom();
        }
        try {
            if (! flock($to, LOCK_EX | LOCK_NB)) {
                throw UploadRefused::busy();
            }
            if ($upload->offset() !== $offset) {
                throw UploadRefused::elsewhere($upload->offset());
            }
            fseek($to, $offset);
            for ($at = $offset; ! feof($from) && ($part = fread($from, self::STEP_BYTES)) !== false;) {
                if ($at + strlen($part) > $upload->length) {
                    throw UploadRefused::tooLarge($upload->length);
                }
                if ($part !== '' && (@fwrite($to, $part) !== strlen($part) || ! @fflush($to))) {
                    ftruncate($to, $at);
                    throw UploadRefused::noRoom();
                }
                $at += strlen($part);
            }

            return $at;
        } finally {
            fclose($to);
        }
    }

    public function end(Upload $upload): void
    {
        array_map(static fn (string $path): bool => is_file($path) && @unlink($path), [$this->note($upload->id), $upload->path]);
    }

    /** Removes what nobody went on with. */
    public function giveUp(): void
    {
        $before = Carbon::now()->getTimestamp() - self::KEPT_S;
        foreach ($this->notes() as $note) {
            $file = substr($note, 0, -strlen('.json'));
            if (max((int) @filemtime($file), (int) @filemtime($note)) < $before) {
                array_map(static fn (string $path): bool => is_file($path) && @unlink($path), [$file, $note]);
            }
        }
    }

    /** @return list<string> */
    private function notes(): array
    {
        return glob($this->folder.'/*.json') ?: [];
    }

    private function path(string $id): string
    {
        return "{$this->folder}/{$id}";
    }

    private function note(string $id): string
    {
        return $this->path($id).'.json';
    }
}
