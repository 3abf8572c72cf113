<?php

declare(strict_types=1);

namespace App\Files\Backup;

use App\Files\Photo\PhotoShelf;
use GentlePour\InvalidValue;
use stdClass;
use ZipArchive;

/** The files of photographs in an archive, by the names that they have on the shelf. */
final readonly class ArchivedPictures
{
    public const FOLDER = 'photos/';

    /** Files of a shelf that are looked through at all. */
    public const MOST = 60_000;

    private const MOST_OF_ONE = 200_000_000;

    private const MOST_OF_A_JPEG = 16_777_216;

    /** What unpacks to so many times its length is no picture: one is packed already, a raw file shrinks to a half or so. */
    private const MOST_SHRUNK = 8;

    private const CHUNK = 1_048_576;

    /** @param  list<string>  $names */
    private function __construct(private ZipArchive $zip, public array $names)
    {
    }

    public static function isOne(string $path): bool
    {
        return str_starts_with($path, self::FOLDER) && PhotoShelf::isName(substr($path, strlen(self::FOLDER)));
    }

    /** @param  array{size: int, comp_size: int}  $stat  what the archive says of one */
    public static function unpacksToTooMuch(array $stat): bool
    {
        return $stat['size'] > self::MOST_OF_ONE || $stat['size'] > self::MOST_SHRUNK * $stat['comp_size'] + self::CHUNK;
    }

    /**
     * @param  list<string>  $paths  those that lie in the archive
     * @param  list<stdClass>  $told  by the manifest: path, bytes, sha256
     * @param  array<string, true>  $known  the SHA-256 of each photograph that has a record
     *
     * @throws InvalidValue when one is missing, is not what it was, is no picture, or belongs to no photograph
     */
    public static function checked(ZipArchive $zip, array $paths, array $told, array $known): self
    {
        $told = array_column($told, null, 'path');
        foreach ($paths as $path) {
            if (! isset($told[$path])) {
                $quoted = InvalidValue::quoted($path);
                throw new InvalidValue("This is not a backup: it holds {$quoted}, of which its manifest does not know.");
            }
        }
        $names = [];
        foreach ($told as $path => $entry) {
            $names[] = $name = substr($path, strlen(self::FOLDER));
            if (! isset($known[PhotoShelf::sha256($name)])) {
                throw new InvalidValue("{$path} belongs to no photograph of this backup.");
            }
            self::check($zip, $path, $entry);
        }

        return new self($zip, $names);
    }

    /** @return resource */
    public function stream(string $name)
    {
        $stream = $this->zip->getStream(self::FOLDER.$name);

        return is_resource($stream) ? $stream : throw new InvalidValue("{$name} cannot be unpacked; the archive is damaged.");
    }

    public function bytesOf(string $name): int
    {
        $stat = $this->zip->statName(self::FOLDER.$name);

        return is_array($stat) ? $stat['size'] : 0;
    }

    private static function check(ZipArchive $zip, string $path, stdClass $entry): void
    {
        $stat = $zip->statName($path);
        $stream = $zip->getStream($path);
        if (! is_array($stat) || ! is_resource($stream)) {
            throw new InvalidValue("This backup is not whole: there is no {$path} in it.");
        }
        $isJpeg = str_ends_with($path, '.jpg');
        $hash = hash_init('sha256');
        [$bytes, $kept] = [0, ''];
        while ($bytes <= $stat['size'] && is_string($part = @fread($stream, self::CHUNK)) && $part !== '') {
            hash_update($hash, $part);
            $bytes += strlen($part);
            $kept .= $isJpeg && $bytes <= self::MOST_OF_A_JPEG ? $part : '';
        }
        fclose($stream);
        $sha256 = hash_final($hash);
        $isWhole = $bytes === $entry->bytes && hash_equals($entry->sha256, $sha256)
            && ($isJpeg || hash_equals(PhotoShelf::sha256(basename($path)), $sha256));
        if (! $isWhole) {
            throw new InvalidValue(
                "{$path} is not as it was when the backup was made: its SHA-256 is another. ".
                'What the backup holds but for its pictures comes back by php artisan pour:restore FILE --records-only.',
            );
        }
        [$width, $height, $type] = ($isJpeg ? @getimagesizefromstring($kept) : false) ?: [0, 0, 0];
        if ($isJpeg && ($type !== IMAGETYPE_JPEG || max($width, $height) > PhotoShelf::WORKING_PX)) {
            throw new InvalidValue("{$path} is no picture of at most ".PhotoShelf::WORKING_PX.' pixels a side.');
        }
    }
}
