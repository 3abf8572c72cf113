<?php

declare(strict_types=1);

use GentlePour\Photo\Srgb;

// pour:check and pour:calibrate on files as cameras write them, re-saved as people do, and on files that lie.

/** A JPEG's bytes with EXIF before its picture (EXIF 2.32, TIFF 6.0: an IFD and an Exif IFD, little-endian). */
function withExif(string $jpeg, string $shutter, string $aperture, int $iso, string $camera = 'Made-up M1', int $orientation = 1): string
{
    $data = '';
    // Values longer than four bytes lie behind both IFDs: eight of header, then 2 + 12 n + 4 each.
    [$first, $second] = [8, 8 + 2 + 12 * 3 + 4];
    $end = $second + 2 + 12 * 4 + 4;
    $far = function (string $bytes) use (&$data, $end): string {
        $at = $end + strlen($data);
        $data .= $bytes.(strlen($bytes) % 2 === 1 ? "\0" : '');

        return pack('V', $at);
    };
    $rational = fn (string $of): string => pack('VV', ...array_map(intval(...), explode('/', $of)));
    $entry = fn (int $tag, int $type, int $count, string $value): string => pack('vvV', $tag, $type, $count).str_pad($value, 4, "\0");
    $text = fn (int $tag, string $of): string => $entry($tag, 2, strlen($of) + 1, strlen($of) < 4 ? $of."\0" : $far($of."\0"));
    $zeroth = $text(0x0110, $camera).$entry(0x0112, 3, 1, pack('v', $orientation)).$entry(0x8769, 4, 1, pack('V', $second));
    $exif = $entry(0x829A, 5, 1, $far($rational($shutter))).$entry(0x829D, 5, 1, $far($rational($aperture))).$entry(0x8827, 3, 1,
        pack('v', $iso)).$text(0x9003, '2026:11:26 07:41:30');
    $tiff = "II*\0".pack('V', $first).pack('v', 3).$zeroth.pack('V', 0).pack('v', 4).$exif.pack('V', 0).$data;

    return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($tiff) + 8)."Exif\0\0".$tiff.substr($jpeg, 2);
}

/** A photograph of the made-up coast, kept by the test, in linear light; as a JPEG at a quality. */
function photographOf(callable $light, int $quality, int $width = 480, int $height = 320): string
{
    $image = imagecreatetruecolor($width, $height);
    for ($y = 0; $y < $height; $y++) {
        for ($x = 0; $x < $width; $x++) {
            [$r, $g, $b] = array_map(Srgb::level(...), $light($x, $y));
            imagesetpixel($image, $x, $y, ($r << 16) | ($g << 8) | $b);
        }
    }
    ob_start();
    imagejpeg($image, null, $quality);

    return (string) ob_get_clean();
}

function coast(int $x, int $y): float
{
    return 0.03 + 0.35 * (0.5 + 0.5 * sin($x / 23 + sin($y / 17))) * (0.4 + 0.6 * $y / 320);
}

/** @return array{int, array<string, mixed>} */
function repliedTo(string $command): array
{
    $code = Illuminate\Support\Facades\Artisan::call($command);

    return [$code, json_decode(Illuminate\Support\Facades\Artisan::output(), true, 16, JSON_THROW_ON_ERROR)];
}

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/photographs-'.getmypid();
    @mkdir($this->folder);
});

afterEach(function (): void {
    array_map(unlink(...), glob($this->folder.'/*') ?: []);
    rmdir($this->folder);
});

it('calibrates a filter to a twentieth of a stop and its colour as well, from JPEGs re-saved at 90 and 75', function (int $quality): void {
    // A filter marked as ten stops that takes 9.6 of green, 0.3 more of red and 0.2 less of blue, exposed ten stops longer.
    file_put_contents($this->folder.'/base.jpg',
        withExif(photographOf(fn (int $x, int $y): array => array_fill(0, 3, coast($x, $y)), $quality), '1/64', '11/1', 100));
    file_put_contents($this->folder.'/ten.jpg',
        withExif(photographOf(fn (int $x, int $y): array => [coast($x, $y) * 2 ** 0.1, coast($x, $y) * 2 ** 0.4, coast($x, $y) * 2 ** 0.6],
            $quality), '16/1', '11/1', 100));
    [$code, $found] = repliedTo("pour:calibrate {$this->folder}/base.jpg {$this->folder}/ten.jpg");
    $stops = 10 - log(0.2126 * 2 ** 0.1 + 0.7152 * 2 ** 0.4 + 0.0722 * 2 ** 0.6, 2);
    expect($code)->toBe(0)->and($found['stops'])->toBeAbout($stops, 0.05)->and($found['red_stops'])->toBeAbout(0.3, 0.05)
        ->and($found['blue_stops'])->toBeAbout(-0.2, 0.05)
        ->and($found['stops_uncertainty'])->toBeLessThan(0.05)->and($found['filtered']['shutter_s'])->toBe(16)
        ->and($found['base']['camera'])->toBe('Made-up M1');
})->with([90, 75]);

it('checks a frame: what its file says, its histogram as GD counts it, what clips, and a base that it is brighter than', function (): void {
    // A band of a tenth of the frame is white.
    $bright = photographOf(fn (int $x, int $y): array => array_fill(0, 3, $y < 32 ? 1.0 : 2 * coast($x, $y)), 92);
    file_put_contents($this->folder.'/frame.jpg', withExif($bright, '30/1', '13/1', 200));
    file_put_contents($this->folder.'/base.jpg', photographOf(fn (int $x, int $y): array => array_fill(0, 3, coast($x, $y)), 92));
    [$code, $found] = repliedTo("pour:check {$this->folder}/frame.jpg --base={$this->folder}/base.jpg --still=0.1,0.3,0.5,0.5");
    $image = imagecreatefromstring($bright);
    $green = array_fill(0, 256, 0);
    for ($i = 0; $i < 480 * 320; $i++) {
        $green[imagecolorat($image, $i % 480, intdiv($i, 480)) >> 8 & 255]++;
    }
    expect($code)->toBe(0)->and($found['exif'])
        ->toBe(['camera' => 'Made-up M1', 'lens' => null, 'aperture' => 13, 'shutter_s' => 30, 'iso' => 200, 'focal_length_mm' => null,
            'taken_at' => '2026-11-26T07:41:30'])
        ->and([$found['width'], $found['height']])->toBe([480, 320])->and($found['histogram']['green'])->toBe($green)
        ->and($found['clipped']['high_share'])->toBeAbout(0.1, 0.002)
        ->and($found['against_base']['exposure_stops'])->toBeAbout(1.0, 0.03)->and($found['against_base']['shaken'])->toBeFalse()
        ->and($found['against_base']['sharpness_ratio'])->toBeAbout(1.0, 0.15)
        ->and($found['texture']['of'])->toBe('base')->and($found['next']['correction_stops'])->toBe(-1);
    // Without a base there is nothing to set it against; in the part that is named nothing clips.
    [, $alone] = repliedTo("pour:check {$this->folder}/frame.jpg --area=0,0.5,1,0.5");
    expect($alone['against_base'])->toBeNull()->and($alone['texture']['of'])->toBe('own')->and($alone['clipped']['high_share'])->toBe(0)
        ->and($alone['next']['correction_stops'])->toBe(0);
});

it('turns a frame as it was held', function (): void {
    file_put_contents($this->folder.'/held.jpg',
        withExif(photographOf(fn (int $x, int $y): array => array_fill(0, 3, $x < 40 ? 1.0 : 0.1), 92, 320, 200), '1/8', '8/1', 100,
            orientation: 6));
    [, $found] = repliedTo("pour:check {$this->folder}/held.jpg --area=0,0,1,0.1");
    // Orientation 6: its left edge is the top of the picture.
    expect([$found['width'], $found['height']])->toBe([200, 320])->and($found['clipped']['high_share'])->toBeGreaterThan(0.95);
});

it('refuses with exit 2 and a sentence what is no picture, not whole, too large, or lies', function (string $contents, string $says): void {
    file_put_contents($this->folder.'/odd.jpg', $contents);
    [$code, $said] = repliedTo("pour:check {$this->folder}/odd.jpg");
    expect($code)->toBe(2)->and(array_keys($said))->toBe(['error'])->and($said['error']['field'])->toBe('file')
        ->and($said['error']['message'])->toContain($says);
})->with(function (): array {
    $jpeg = photographOf(fn (): array => [0.2, 0.3, 0.4], 80, 64, 64);
    // A PNG of a few bytes whose header says 60,000 by 60,000.
    $header = 'IHDR'.pack('NN', 60000, 60000)."\x08\x02\0\0\0";
    $bomb = "\x89PNG\r\n\x1a\n".pack('N', 13).$header.pack('N', crc32($header)).pack('N', 0).'IDAT'.pack('N', crc32('IDAT')).pack('N',
        0).'IEND'.pack('N', crc32('IEND'));

    return [
        'nothing' => ['', 'no JPEG, PNG or WebP'], 'text' => ['<?php echo 1;', 'no JPEG, PNG or WebP'],
        'a drawing with a script' => ['<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"/>', 'no JPEG, PNG or WebP'],
        'cut in the middle' => [substr($jpeg, 0, (int) (strlen($jpeg) * 0.6)), 'not whole'],
        'its head alone' => [substr($jpeg, 0, 300), 'not whole'],
        'a bomb' => [$bomb, '60000 by 60000'], 'of one pixel' => [photographOf(fn (): array => [0.2, 0.2, 0.2], 80, 1, 1), '1 by 1'],
        'a GIF' => ["GIF89a\x10\0\x10\0\0\0\0;", 'no JPEG, PNG or WebP'],
    ];
});

it('takes no harm from what EXIF says', function (): void {
    $jpeg = photographOf(fn (): array => [0.2, 0.3, 0.4], 80, 64, 64);
    // A script for a name, a time of nought, an aperture over nought, an EXIF that is cut off.
    file_put_contents($this->folder.'/a.jpg', withExif($jpeg, '0/1', '8/0', 100, "<script>alert(1)</script>\x07"));
    [$code, $found] = repliedTo("pour:check {$this->folder}/a.jpg");
    expect($code)->toBe(0)->and($found['exif']['shutter_s'])->toBeNull()->and($found['exif']['aperture'])->toBeNull()
        ->and($found['exif']['camera'])->toBe('<script>alert(1)</script>');
    file_put_contents($this->folder.'/b.jpg', substr($jpeg, 0, 2)."\xFF\xE1".pack('n', 14)."Exif\0\0II*\0".pack('V', 9999).substr($jpeg,
        2));
    expect(repliedTo("pour:check {$this->folder}/b.jpg")[0])->toBeIn([0, 2]);
    [$code, $said] = repliedTo("pour:calibrate {$this->folder}/a.jpg {$this->folder}/a.jpg");
    expect($code)->toBe(2)->and($said['error']['field'])->toBe('base');
});

it('says at the option which area or base is wrong', function (string $options, string $field): void {
    file_put_contents($this->folder.'/a.jpg', photographOf(fn (): array => [0.2, 0.3, 0.4], 80, 64, 64));
    [$code, $said] = repliedTo("pour:check {$this->folder}/a.jpg {$options}");
    expect($code)->toBe(2)->and($said['error']['field'])->toBe($field);
})->with([
    ['--area=1,2,3', 'area'], ['--area=0,0,NAN,1', 'area'], ['--area=0,0,1e9,1', 'area'], ['--still=0.5,0.5,0.6,0.2', 'still'],
    ['--still=', 'still'], ['--base=/nowhere.jpg', 'base'],
]);
