<?php

declare(strict_types=1);

namespace App\Files\Photo;

use GentlePour\Photo\ColourSpace;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * The picture that a raw file has in it for the camera's own screen, and what the file says of itself, by exiftool where it is
 * installed; of a HEIF file its picture by heif-convert. Only files that begin as such files do are handed over.
 */
final readonly class Embedded
{
    private const SECONDS = 20;

    private const MOST_BYTES = 60_000_000;

    /** Large ones first. */
    private const PICTURES = ['JpgFromRaw', 'PreviewImage', 'OtherImage', 'ThumbnailImage'];

    /** TIFF 6.0 in either order, and those that begin in their own way: by their published signatures. */
    private const BEGINNINGS = ['II*'."\0", 'MM'."\0".'*', 'IIRO', 'IIRS', 'IIU'."\0", 'FUJIFILMCCD-RAW', 'FOVb', "\0MRM"];

    private const HEIF = ['heic', 'heix', 'hevc', 'mif1', 'msf1', 'avif', 'crx '];

    private function __construct(public string $path, public Exif $exif, private bool $isTurned = false)
    {
    }

    /** What is not installed and might have found one, as a sentence after another; nothing where all is. */
    public static function missing(): string
    {
        $tools = array_filter(['libimage-exiftool-perl' => 'exiftool', 'libheif-examples' => 'heif-convert'],
            static fn (string $tool): bool => self::tool($tool) === null);

        return $tools === [] ? '' : ' Raw and HEIF files are read where these are installed: '.implode(', ', array_keys($tools)).'.';
    }

    /** What to send instead of a raw, HEIF or TIFF file with no picture to be had, as a sentence after another; else nothing. */
    public static function instead(string $path): string
    {
        return in_array(true, self::beginsAs($path), true) ? ' Send a JPEG that is made of it.' : '';
    }

    /** @return array{bool, bool} whether it begins as HEIF files do, and as raw ones or any TIFF */
    private static function beginsAs(string $path): array
    {
        $head = (string) file_get_contents($path, length: 32);

        return [
            substr($head, 4, 4) === 'ftyp' && in_array(substr($head, 8, 4), self::HEIF, true),
            array_filter(self::BEGINNINGS, static fn (string $sign): bool => str_starts_with($head, $sign)) !== [],
        ];
    }

    /**
     * A JPEG that says itself how it lies is taken at its word, one that does not by the file that it was in. What was decoded of a HEIF
     * file lies right: its own turn is part of the picture, and the tag, which may stand in it as well, is not to be applied again
     * (ISO/IEC 23008-12, 6.5.10).
     */
    public function orientation(): Orientation
    {
        return $this->isTurned ? Orientation::TopLeft
            : Exif::of($this->path)->orientation() ?? $this->exif->orientation() ?? Orientation::TopLeft;
    }

    /** What its colours are, where only the file says it; null for sRGB, and for what is decoded, which says it itself. */
    public function space(): ?ColourSpace
    {
        return $this->isTurned ? null : $this->exif->space();
    }

    /** Null where it is no such file, or there is no picture in it that can be had. */
    public static function in(string $path): ?self
    {
        [$isHeif, $isRaw] = self::beginsAs($path);
        if (! $isHeif && ! $isRaw) {
            return null;
        }
        $tags = self::tool('exiftool') === null ? null
            : json_decode(self::output(['exiftool', '-j', '-n', '-fast', '--', $path]), true);
        $exif = new Exif(is_array($tags) && is_array($tags[0] ?? null) ? $tags[0] : []);
        $to = (string) tempnam(sys_get_temp_dir(), 'embedded');

        // What a HEIF file has beside its picture may be no larger than a stamp.
        return ($isHeif ? self::decoded($path, $to, $exif) : null) ?? self::previewed($path, $to, $exif) ?? self::none($to);
    }

    private static function decoded(string $path, string $to, Exif $exif): ?self
    {
        if (self::tool('heif-convert') === null) {
            return null;
        }
        self::output(['heif-convert', '-q', '95', $path, $to.'.jpg']);
        // Of several pictures in one file each is written by its number.
        $written = array_filter([$to.'.jpg', $to.'-1.jpg'], is_file(...));
        $isThere = $written !== [] && rename(reset($written), $to);
        array_map(unlink(...), array_filter(glob($to.'*.jpg') ?: [], is_file(...)));

        return $isThere ? new self($to, $exif, isTurned: true) : null;
    }

    private static function previewed(string $path, string $to, Exif $exif): ?self
    {
        foreach (self::tool('exiftool') === null ? [] : self::PICTURES as $picture) {
            $bytes = self::output(['exiftool', '-b', '-'.$picture, '--', $path]);
            if (str_starts_with($bytes, "\xFF\xD8") && file_put_contents($to, $bytes) === strlen($bytes)) {
                return new self($to, $exif);
            }
        }

        return null;
    }

    private static function none(string $to): null
    {
        unlink($to);

        return null;
    }

    public function forget(): void
    {
        is_file($this->path) && unlink($this->path);
    }

    private static function tool(string $name): ?string
    {
        return (new ExecutableFinder)->find($name);
    }

    /**
     * @param  non-empty-list<string>  $command
     * @return string what it wrote; nothing where it failed, took too long or wrote too much
     */
    private static function output(array $command): string
    {
        $written = '';
        $process = new Process($command, timeout: self::SECONDS);
        try {
            $process->run(static function (string $type, string $part) use (&$written, $process): void {
                $written .= $type === Process::OUT ? $part : '';
                strlen($written) > self::MOST_BYTES && $process->stop(0);
            });
        } catch (ExceptionInterface) {
            return '';
        }

        return strlen($written) > self::MOST_BYTES ? '' : $written;
    }
}
