<?php

declare(strict_types=1);

use App\Files\Photo\Memory;
use App\Files\Photo\Orientation;
use App\Files\Photo\Photograph;
use GentlePour\InvalidValue;
use GentlePour\Photo\Area;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

// What cameras and phones truly write: HEIF, raw files, held upright or mirrored, of any size that is sold.

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/theirs-'.getmypid();
    @mkdir($this->folder);
});

afterEach(function (): void {
    exec('rm -rf '.escapeshellarg($this->folder));
});

/** A JPEG, red on the left and blue on the right, of which a phone says that it was held upright. */
function heldUpright(string $path, int $width = 320, int $height = 160): string
{
    $image = imagecreatetruecolor($width, $height);
    imagefilledrectangle($image, 0, 0, intdiv($width, 2) - 1, $height - 1, 0xD01010);
    imagefilledrectangle($image, intdiv($width, 2), 0, $width - 1, $height - 1, 0x1010D0);
    imagejpeg($image, $path, 95);
    exec('exiftool -q -overwrite_original -n -Orientation=6 -Make=Made-up -Model=P1 -ExposureTime=0.5 -FNumber=1.8 -ISO=50 '
        .'-DateTimeOriginal="2026:11:27 07:08:09" -OffsetTimeOriginal=+01:00 '.escapeshellarg($path), $said, $code);

    return $code === 0 ? $path : throw new RuntimeException(implode(' ', $said));
}

/** @return string red, blue or neither, by the mean of a part */
function colourOf(Photograph $opened, float $left, float $top): string
{
    $pixels = $opened->fine(Area::of($left, $top, 0.2, 0.2))->pixels;
    [$red, $blue] = [0, 0];
    foreach ($pixels as $p) {
        $red += $p >> 16 & 255;
        $blue += $p & 255;
    }
    [$red, $blue] = [$red / count($pixels), $blue / count($pixels)];

    return $red > 150 && $blue < 80 ? 'red' : ($blue > 150 && $red < 80 ? 'blue' : "neither ({$red}, {$blue})");
}

it('reads what a phone writes, and turns it by its own turn alone, not once more by a tag (ISO/IEC 23008-12, 6.5.10)',
    function (string $kind, string $option): void {
        $jpeg = heldUpright($this->folder.'/a.jpg');
        exec("heif-enc {$option} -q 90 ".escapeshellarg($jpeg).' -o '.escapeshellarg($path = "{$this->folder}/a.{$kind}").' 2>&1', $said,
            $code);
        expect($code)->toBe(0, implode(' ', $said));
        $opened = Photograph::open($path);
        expect([$opened->width(), $opened->height()])->toBe([320, 160])
            ->and([colourOf($opened, 0.1, 0.4), colourOf($opened, 0.7, 0.4)])->toBe(['red', 'blue'])
            ->and($opened->settings->toArray())->toMatchArray([
                'camera' => 'Made-up P1', 'shutter_s' => 0.5, 'aperture' => 1.8, 'iso' => 50.0, 'taken_at' => '2026-11-27T07:08:09+01:00',
            ])->and(glob(sys_get_temp_dir().'/embedded*'))->toBe([]);
    })->with(['HEIC' => ['heic', '-p preset=ultrafast'], 'AVIF' => ['avif', '-A']]);

it('takes the picture of a phone and not the stamp beside it, also where a file has several', function (): void {
    heldUpright($this->folder.'/a.jpg', 640, 320);
    heldUpright($this->folder.'/b.jpg', 320, 160);
    $at = escapeshellarg($this->folder);
    exec("cd {$at} && exiftool -q -b -overwrite_original '-ThumbnailImage<=b.jpg' a.jpg; heif-enc -p preset=ultrafast -q 90 -t 64 a.jpg -o one.heic; "
        .'heif-enc -p preset=ultrafast -q 90 a.jpg b.jpg -o two.heic');
    foreach (['one', 'two'] as $name) {
        $opened = Photograph::open("{$this->folder}/{$name}.heic");
        expect([$opened->width(), $opened->height()])->toBe([640, 320]);
    }
});

it('says of a HEIF file that is cut short that nothing in it could be had, and leaves nothing behind', function (): void {
    exec('heif-enc -p preset=ultrafast -q 90 '.escapeshellarg(heldUpright($this->folder.'/a.jpg')).' -o '.escapeshellarg($this->folder.'/a.heic'));
    $whole = (string) file_get_contents($this->folder.'/a.heic');
    foreach ([0.1, 0.9] as $share) {
        file_put_contents($this->folder.'/cut.heic', substr($whole, 0, (int) ($share * strlen($whole))));
        expect(fn () => Photograph::open($this->folder.'/cut.heic'))->toThrow(InvalidValue::class, 'none that could be had is in it');
    }
    expect(glob(sys_get_temp_dir().'/embedded*'))->toBe([]);
});

it('says of a TIFF, which it does not read, what to send instead, and nothing of the kind of what is no picture', function (): void {
    // One white pixel, uncompressed (TIFF 6.0, a bilevel image).
    $entry = static fn (int $tag, int $value): string => pack('vvVV', $tag, 4, 1, $value);
    file_put_contents($path = $this->folder.'/a.tif', "II*\0".pack('V', 8).pack('v', 6).$entry(0x100, 1).$entry(0x101, 1).$entry(0x103, 1)
        .$entry(0x106, 1).$entry(0x111, 86).$entry(0x117, 1).pack('V', 0)."\x80");
    expect(fn () => Photograph::open($path))->toThrow(InvalidValue::class, 'none that could be had is in it. Send a JPEG that is made of it.');
    // Raw files that begin in ways of their own, and have no picture in them.
    foreach (['IIRO', 'IIU'."\0", 'FOVb', "\0MRM"] as $i => $sign) {
        file_put_contents($path = $this->folder."/{$i}.raw", $sign.str_repeat("\0", 200));
        expect(fn () => Photograph::open($path))->toThrow(InvalidValue::class, 'is in it. Send a JPEG that is made of it.');
    }
    file_put_contents($path = $this->folder.'/a.txt', 'Wind west 4.');
    expect(fn () => Photograph::open($path))->toThrow(fn (InvalidValue $e) => expect($e->getMessage())->not->toContain('Send'));
});

it('says which packages would open such a file, where they are not there', function (): void {
    file_put_contents($path = $this->folder.'/a.heic', pack('N', 24).'ftypheic'.str_repeat("\0", 40));
    $before = (string) getenv('PATH');
    putenv('PATH='.$this->folder);
    try {
        expect(fn () => Photograph::open($path))->toThrow(InvalidValue::class,
            'Send a JPEG that is made of it. Raw and HEIF files are read where these are installed: libimage-exiftool-perl, libheif-examples.');
    } finally {
        putenv('PATH='.$before);
    }
    expect(fn () => Photograph::open($path))->toThrow(InvalidValue::class, 'none that could be had is in it.');
});

it('starts without them all the same, and says what they are for', function (): void {
    foreach (['bash', 'dirname', 'id', 'cat'] as $tool) {
        symlink((string) (new ExecutableFinder)->find($tool), "{$this->folder}/{$tool}");
    }
    $started = new Process(
        ['bash', '-c', 'set -euo pipefail; . bin/common.sh; need_picture_tools; echo goes on'], base_path(),
        ['PATH' => $this->folder],
    );
    $started->run();
    expect($started->getOutput())->toBe("goes on\n")->and($started->getErrorOutput())
        ->toContain('Raw and HEIF pictures, as cameras and phones write them, are taken in where these are installed: libimage-exiftool-perl libheif-examples');
});

it('turns the JPEG in a raw file once, by what it says itself, or else by what the raw file says', function (bool $saysItself): void {
    heldUpright($this->folder.'/a.jpg');
    $saysItself || exec('exiftool -q -overwrite_original -all= '.escapeshellarg($this->folder.'/a.jpg'));
    $preview = (string) file_get_contents($this->folder.'/a.jpg');
    // One directory of tags, of a JPEG, as TIFF 6.0 has it; the tag of the orientation is 0x112.
    $entry = static fn (int $tag, int $value, int $type = 4): string => pack('vvVV', $tag, $type, 1, $value);
    $tiff = "II*\0".pack('V', 8).pack('v', 7).$entry(0xFE, 1).$entry(0x100, 320).$entry(0x101, 160).$entry(0x103, 6, 3)
        .$entry(0x112, 6, 3).$entry(0x201, 98).$entry(0x202, strlen($preview)).pack('V', 0).$preview;
    file_put_contents($path = $this->folder.'/a.nef', $tiff);
    $opened = Photograph::open($path);
    expect([$opened->width(), $opened->height()])->toBe([160, 320])
        ->and([colourOf($opened, 0.4, 0.1), colourOf($opened, 0.4, 0.7)])->toBe(['red', 'blue']);
})->with(['it says so itself' => [true], 'the raw file says so' => [false]]);

it('sees a picture as it was held, whichever of the eight ways that was (EXIF 2.32, tag Orientation)', function (Orientation $held): void {
    // What is seen: six squares of three by two, each of its own grey.
    $seen = [[20, 60, 100], [140, 180, 220]];
    // By the standard's words: where the first row and the first column stand, as it is seen.
    [$row, $column] = match ($held->value) {
        1 => ['top', 'left'], 2 => ['top', 'right'], 3 => ['bottom', 'right'], 4 => ['bottom', 'left'],
        5 => ['left', 'top'], 6 => ['right', 'top'], 7 => ['right', 'bottom'], 8 => ['left', 'bottom'],
    };
    [$wide, $high] = in_array($row, ['top', 'bottom'], true) ? [3, 2] : [2, 3];
    $image = imagecreatetruecolor(32 * $wide, 32 * $high);
    for ($r = 0; $r < $high; $r++) {
        for ($c = 0; $c < $wide; $c++) {
            [$x, $y] = [0, 0];
            foreach ([[$row, $r], [$column, $c]] as [$side, $far]) {
                match ($side) {
                    'top' => $y = $far, 'bottom' => $y = 1 - $far, 'left' => $x = $far, 'right' => $x = 2 - $far,
                };
            }
            imagefilledrectangle($image, 32 * $c, 32 * $r, 32 * $c + 31, 32 * $r + 31, 0x10101 * $seen[$y][$x]);
        }
    }
    imagejpeg($image, $path = $this->folder.'/a.jpg', 98);
    exec("exiftool -q -overwrite_original -n -Orientation={$held->value} ".escapeshellarg($path));
    $opened = Photograph::open($path);
    $looked = $opened->lookedAt(Area::whole());
    $scaled = $opened->scaled(48);
    expect([$opened->width(), $opened->height()])->toBe([96, 64])->and([imagesx($scaled), imagesy($scaled)])->toBe([48, 32]);
    foreach ($seen as $y => $greys) {
        foreach ($greys as $x => $grey) {
            foreach ([$looked->lattice, $looked->small, $looked->still] as $raster) {
                $at = intdiv($raster->height * (2 * $y + 1), 4) * $raster->width + intdiv($raster->width * (2 * $x + 1), 6);
                expect(abs(($raster->pixels[$at] & 255) - $grey))->toBeLessThan(6);
            }
            expect(abs((imagecolorat($scaled, 16 * $x + 8, 16 * $y + 8) & 255) - $grey))->toBeLessThan(6);
        }
    }
})->with(Orientation::cases());

it('looks at a picture of sixty-one million pixels, as cameras make them', function (): void {
    imagejpeg(imagecreatetruecolor(9504, 6336), $path = $this->folder.'/a.jpg', 50);
    $opened = Photograph::open($path);
    expect([$opened->width(), $opened->height()])->toBe([9504, 6336]);
});

it('knows what memory is left: of the machine, or of the service that is bounded (proc(5), cgroup v2)', function (): void {
    $root = $this->folder;
    expect(Memory::freeBytes($root))->toBe(INF);
    mkdir("{$root}/proc/self", recursive: true);
    file_put_contents("{$root}/proc/meminfo", "MemTotal:  2000000 kB\nMemFree:  10 kB\nMemAvailable:  1000000 kB\n");
    expect(Memory::freeBytes($root))->toBe(0.8 * 1024e6);
    mkdir($group = "{$root}/sys/fs/cgroup/system.slice/pour.service", recursive: true);
    file_put_contents("{$root}/proc/self/cgroup", "0::/system.slice/pour.service\n");
    file_put_contents("{$group}/memory.max", "max\n");
    file_put_contents("{$group}/memory.current", "300000000\n");
    expect(Memory::freeBytes($root))->toBe(0.8 * 1024e6);
    file_put_contents("{$group}/memory.max", "500000000\n");
    file_put_contents("{$group}/memory.stat", "anon 100\ninactive_file 50000000\nactive_file 7\n");
    expect(Memory::freeBytes($root))->toBe(0.8 * 250e6);
    file_put_contents("{$group}/memory.current", "600000000\n");
    expect(Memory::freeBytes($root))->toBe(0.0)->and(Memory::freeBytes())->toBeGreaterThan(0.0);
});
