<?php

declare(strict_types=1);

namespace App\Files\Photo;

use App\Models\Original;
use App\Models\Photo;
use GdImage;
use GentlePour\InvalidValue;
use GentlePour\Photo\ColourSpace;

/**
 * Where pictures lie: by the SHA-256 of the file that they came from, a working picture and a thumbnail of each, and the original if it is
 * kept.
 */
final readonly class PhotoShelf
{
    public const WORKING_PX = 2048;

    public const THUMB_PX = 420;

    private const QUALITY = ['working' => 90, 'thumb' => 72];

    /** How files are named here: by the SHA-256 of what came. */
    private const NAME = '([0-9a-f]{64})(-small\.jpg|\.jpg|\.original)';

    private const END_OF_JPEG = "\xFF\xD9";

    public function __construct(private string $folder)
    {
    }

    /**
     * One picture after the other, whoever sends them: a large one takes hundreds of megabytes while it is open, and the same one may come
     * twice at once.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function inTurn(callable $work): mixed
    {
        is_dir($this->folder) || @mkdir($this->folder, 0700, true);
        $lock = @fopen($this->folder.'/.lock', 'c');
        try {
            // Where there is no folder, that is said as soon as something is to be kept.
            $lock === false || flock($lock, LOCK_EX);

            return $work();
        } finally {
            $lock === false || fclose($lock);
        }
    }

    /** @throws InvalidValue when nothing can be written there */
    public function keep(string $path, Photograph $picture, string $sha256, bool $withOriginal): void
    {
        $this->needFolder($sha256);
        $working = $picture->scaled(self::WORKING_PX);
        $this->write($this->working($sha256), $working, self::QUALITY['working'], $picture->space);
        $share = min(1, self::THUMB_PX / max(imagesx($working), imagesy($working)));
        $thumb = imagescale($working, (int) round($share * imagesx($working)), -1, IMG_BICUBIC) ?: $working;
        $this->write($this->thumb($sha256), $thumb, self::QUALITY['thumb'], $picture->space);
        if ($withOriginal && ! (@copy($path, $this->original($sha256).'.part')
            && rename($this->original($sha256).'.part', $this->original($sha256)))) {
            @unlink($this->original($sha256).'.part');
            throw new InvalidValue('The original could not be kept: the disk is full, or the folder of photographs cannot be written to.');
        }
    }

    public static function isName(string $name): bool
    {
        return preg_match('/^'.self::NAME.'$/D', $name) === 1;
    }

    /** Of the file that a picture came from, by the name of one that lies here. */
    public static function sha256(string $name): string
    {
        return substr($name, 0, 64);
    }

    /** @return list<string> paths of what lies here of a picture */
    public function filesOf(string $sha256, bool $withOriginal): array
    {
        $paths = [$this->working($sha256), $this->thumb($sha256), ...$withOriginal ? [$this->original($sha256)] : []];

        return array_values(array_filter($paths, is_file(...)));
    }

    /** Whether a file is here and what it was: an original by its SHA-256, a picture by its end, which is what is cut off. */
    public function isWhole(string $name): bool
    {
        $path = $this->place($name);
        if (! is_file($path)) {
            return false;
        }

        return str_ends_with($name, '.original')
            ? hash_file('sha256', $path) === self::sha256($name)
            : @file_get_contents($path, offset: max(0, (int) filesize($path) - 2)) === self::END_OF_JPEG;
    }

    /** Whether all of a picture is here that should be. */
    public function isComplete(Photo $photo): bool
    {
        $paths = [$this->working($photo->sha256), $this->thumb($photo->sha256)];
        $photo->original === Original::Left || $paths[] = $this->original($photo->sha256);

        return array_filter($paths, fn (string $path): bool => ! $this->isWhole(basename($path))) === [];
    }

    /**
     * Puts a file back in its place, whole or not at all.
     *
     * @param  resource  $from
     * @param  int  $bytes  how long it is: what a full disk cuts short is no picture
     *
     * @throws InvalidValue when nothing can be written there
     */
    public function put(string $name, $from, int $bytes): void
    {
        $this->needFolder(self::sha256($name));
        $to = $this->place($name);
        $part = @fopen($to.'.part', 'wb');
        $isWhole = $part !== false && @stream_copy_to_stream($from, $part) === $bytes && @fflush($part);
        if ($part === false || ! $isWhole || ! fclose($part) || ! @rename($to.'.part', $to)) {
            @unlink($to.'.part');
            throw new InvalidValue('The pictures could not be kept: the disk is full, or the folder of photographs cannot be written to.');
        }
        chmod($to, 0600);
    }

    public function working(string $sha256): string
    {
        return $this->stem($sha256).'.jpg';
    }

    public function thumb(string $sha256): string
    {
        return $this->stem($sha256).'-small.jpg';
    }

    public function original(string $sha256): string
    {
        return $this->stem($sha256).'.original';
    }

    /** @throws InvalidValue when its files are gone */
    public function open(Photo $photo): Photograph
    {
        return $this->hasOriginal($photo)
            ? Photograph::open($this->original($photo->sha256)) : Photograph::open($this->working($photo->sha256));
    }

    public function canOpen(Photo $photo): bool
    {
        return $this->hasOriginal($photo) || is_file($this->working($photo->sha256));
    }

    /** Whether it is looked at as it came, and not by its working picture. */
    public function hasOriginal(Photo $photo): bool
    {
        return $photo->original === Original::Kept && is_file($this->original($photo->sha256));
    }

    /**
     * What lies there of pictures that nobody needs any more. What is younger than a day may be on its way to a frame.
     *
     * @param  list<string>  $needed  by their SHA-256
     * @return array<string, int> bytes of each file, by its path
     */
    public function strays(array $needed): array
    {
        $needed = array_fill_keys($needed, true);
        $found = [];
        foreach (glob($this->folder.'/??/*') ?: [] as $path) {
            // Only what was kept here, by the names that are given here.
            // What was cut off in the midst of being written is needed by nobody.
            $name = basename($path, '.part');
            $isOurs = self::isName($name) && dirname($path) === dirname($this->place($name));
            $isNeeded = isset($needed[self::sha256($name)]) && ! str_ends_with($path, '.part');
            if ($isOurs && ! $isNeeded && filemtime($path) < now()->subDay()->getTimestamp()) {
                $found[$path] = (int) filesize($path);
            }
        }

        return $found;
    }

    private function place(string $name): string
    {
        return $this->stem(self::sha256($name)).substr($name, 64);
    }

    private function stem(string $sha256): string
    {
        return $this->folder.'/'.substr($sha256, 0, 2).'/'.$sha256;
    }

    private function needFolder(string $sha256): void
    {
        $folder = dirname($this->stem($sha256));
        if (! is_dir($folder) && ! @mkdir($folder, 0700, true) && ! is_dir($folder)) {
            throw new InvalidValue('The folder of photographs cannot be written to.');
        }
    }

    /** Beside its name, and moved there when it is whole. */
    private function write(string $to, GdImage $image, int $quality, ?ColourSpace $space): void
    {
        // In memory first: written to a full disk it would say that all went well.
        ob_start();
        imagejpeg($image, null, $quality);
        $jpeg = ColourTag::put((string) ob_get_clean(), $space);
        if (@file_put_contents($to.'.part', $jpeg) !== strlen($jpeg) || ! @rename($to.'.part', $to)) {
            @unlink($to.'.part');
            throw new InvalidValue('The picture could not be kept: the disk is full, or the folder of photographs cannot be written to.');
        }
        chmod($to, 0600);
    }
}
