<?php

declare(strict_types=1);

use App\Devices\Camera\ExifBlock;
use App\Files\Photo\Photograph;
use App\Models\Frame;
use GentlePour\Photo\ShotSettings;
use GentlePour\Review\FrameMark;

// EXIF, raw files and sidecars against exiftool, which is another’s reading of the same standards.

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/outside-'.getmypid();
    @mkdir($this->folder);
});

afterEach(function (): void {
    exec('rm -rf '.escapeshellarg($this->folder));
});

/** @return array<string, mixed> what exiftool says of a file, as numbers */
function exiftoolSays(string $path): array
{
    exec('exiftool -j -n -G1 '.escapeshellarg($path), $lines, $code);

    return $code === 0 ? json_decode(implode('', $lines), true)[0] : [];
}

function smallJpeg(int $width = 120, int $height = 80): string
{
    $image = imagecreatetruecolor($width, $height);
    imagefilledrectangle($image, 10, 10, 80, 60, 0x336699);
    ob_start();
    imagejpeg($image, null, 90);

    return (string) ob_get_clean();
}

it('writes EXIF that exiftool reads without a warning (EXIF 2.32)', function (): void {
    file_put_contents($this->folder.'/a.jpg',
        ExifBlock::into(smallJpeg(), new ShotSettings('Made-up M1', 'Made-up 24-70', 11.314, 1 / 128, 252.0, 24.0,
            '2026-11-27T05:41:30.25+01:00')));
    $said = exiftoolSays($this->folder.'/a.jpg');
    expect($said['IFD0:Model'])->toBe('Made-up M1')->and($said['ExifIFD:LensModel'])->toBe('Made-up 24-70')
        ->and($said['ExifIFD:ExposureTime'])->toBeAbout(1 / 128, 1e-6)
        ->and($said['ExifIFD:FNumber'])->toBeAbout(11.314, 1e-3)->and($said['ExifIFD:ISO'])->toBe(252)
        ->and($said['ExifIFD:FocalLength'])->toBe(24)
        ->and($said['ExifIFD:DateTimeOriginal'])->toBe('2026:11:27 05:41:30')->and($said['ExifIFD:SubSecTimeOriginal'])->toBe(25)
        ->and($said['ExifIFD:OffsetTimeOriginal'])->toBe('+01:00')
        ->and(array_filter(array_keys($said), static fn (string $key): bool => str_contains($key, 'Warning')))->toBe([]);
});

it('reads what exiftool writes: exposure, zone, parts of a second, orientation', function (): void {
    file_put_contents($path = $this->folder.'/b.jpg', smallJpeg());
    exec('exiftool -q -overwrite_original -n -Make=Made-up -Model=M2 -LensModel="Made-up 35" -ExposureTime=1/250 -FNumber=5.6 -ISO=640 -FocalLength=35 -Orientation=6 '
        .'-DateTimeOriginal="2026:11:27 07:08:09" -SubSecTimeOriginal=5 -OffsetTimeOriginal=-03:30 -GPSLatitude=56.5 -GPSLatitudeRef=N '.escapeshellarg($path));
    $opened = Photograph::open($path);
    expect($opened->settings->toArray())->toBe([
        'camera' => 'Made-up M2', 'lens' => 'Made-up 35', 'aperture' => 5.6, 'shutter_s' => 0.004, 'iso' => 640.0,
        'focal_length_mm' => 35.0, 'taken_at' => '2026-11-27T07:08:09.5-03:30',
    ])->and([$opened->width(), $opened->height()])->toBe([80, 120]);
});

it('takes the picture out of a raw file, with what the file says of itself', function (): void {
    // An IFD of the sensor's pixels and one of a JPEG, as TIFF 6.0 has them; exiftool writes the rest.
    $preview = smallJpeg(300, 200);
    $entry = static fn (int $tag, int $value, int $type = 4): string => pack('vvVV', $tag, $type, 1, $value);
    $jpegAt = 122 + 64 + 2 + 3 * 12 + 4;
    $tiff = "II*\0".pack('V', 8).pack('v', 9).$entry(0x100, 8).$entry(0x101, 8).$entry(0x102, 8, 3).$entry(0x103, 1, 3).$entry(0x106, 1,
        3).$entry(0x111, 122)
        .$entry(0x115, 1, 3).$entry(0x116, 8).$entry(0x117, 64).pack('V', 122 + 64).str_repeat("\x80", 64)
        .pack('v', 3).$entry(0x103, 6, 3).$entry(0x201, $jpegAt).$entry(0x202, strlen($preview)).pack('V', 0).$preview;
    file_put_contents($path = $this->folder.'/c.dng', $tiff);
    exec('exiftool -q -overwrite_original -n -Model="Made-up raw" -ExposureTime=30 -FNumber=8 -ISO=100 -DateTimeOriginal="2026:11:27 07:08:09" '.escapeshellarg($path));
    $opened = Photograph::open($path);
    expect([$opened->width(), $opened->height()])->toBe([300, 200])->and($opened->settings->camera)->toBe('Made-up raw')
        ->and($opened->settings->shutterS)->toBe(30.0)
        ->and($opened->settings->takenAt)->toBe('2026-11-27T07:08:09');
});

it('writes a sidecar that exiftool reads: title, place, look, filters, tide, rating and exposure (ISO 16684-1)', function (): void {
    $frame = Frame::query()->findOrFail(2);
    $frame->update(['keeper' => FrameMark::Keeper, 'note' => 'Not <b>bold</b> & "quoted"']);
    file_put_contents($path = $this->folder.'/d.xmp', (string) $this->get('/log/2.xmp')->assertOk()->getContent());
    $said = exiftoolSays($path);
    expect($said['XMP-dc:Title'])->toBe('Glass, the posts in swell')->and((array) $said['XMP-dc:Coverage'])->toBe(['Marrow Shelf'])
        ->and((array) $said['XMP-dc:Subject'])->toBe(['glass', 'sea swell', 'Six'])
        ->and($said['XMP-dc:Description'])->toContain('Filters: Six.')->toContain('Tide predicted at ')
        ->toContain('Not <b>bold</b> & "quoted"')
        ->and($said['XMP-xmp:Rating'])->toBe(5)->and($said['XMP-exif:ExposureTime'])->toBeAbout((float) $frame->photo?->shutter_s, 0.01)
        ->and($said['XMP-exif:ISO'] ?? null)->toBe(100)
        ->and(array_filter(array_keys($said), static fn (string $key): bool => str_contains($key, 'Warning')))->toBe([]);
    // Only what is wished for.
    file_put_contents($path, (string) $this->get('/log/2.xmp?look=1')->getContent());
    $said = exiftoolSays($path);
    expect($said)->not->toHaveKey('XMP-dc:Title')->not->toHaveKey('XMP-dc:Coverage')
        ->and($said['XMP-dc:Description'])->not->toContain('Tide')->not->toContain('Filters');
    $frame->update(['keeper' => FrameMark::Reject]);
    file_put_contents($path, (string) $this->get('/log/2.xmp')->getContent());
    expect(exiftoolSays($path)['XMP-xmp:Rating'])->toBe(-1);
});

it('finds the place of a frame that nobody planned by the position that exiftool wrote, only with leave, and keeps it nowhere', function (bool $leave, float $north, ?string $place): void {
    $this->put(route('photos.choose'), ['originals' => '1', 'positions' => $leave ? '1' : '0'])->assertRedirect();
    $shelf = App\Models\Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
    // A long way from every outing and frame in time, so that nothing but its position tells the place.
    file_put_contents($path = $this->folder.'/where.jpg',
        ExifBlock::into(smallJpeg(), new ShotSettings('Made-up M1', 'Made-up 24-70', 8.0, 1.0, 100.0, 24.0,
            '2021-03-04T12:00:00.00+00:00')));
    exec(sprintf(
        'exiftool -q -overwrite_original -GPSLatitude=%F -GPSLatitudeRef=%s -GPSLongitude=%F -GPSLongitudeRef=%s %s',
        abs($shelf->latitude + $north), $shelf->latitude < 0 ? 'S' : 'N', abs($shelf->longitude), $shelf->longitude < 0 ? 'W' : 'E',
        escapeshellarg($path),
    ));
    expect(exiftoolSays($path))->toHaveKey('GPS:GPSLatitude')
        ->and(Photograph::open($path)->position)->toEqualWithDelta([$shelf->latitude + $north, $shelf->longitude], 1e-4);
    $taken = resolve(App\Rooms\Log\TakePhoto::class)($path, 'where.jpg');
    $frame = Frame::query()->find($taken->photo?->frame_id);

    expect($frame?->by_file)->toBeTrue()->and($frame?->place?->name)->toBe($place);
    expect(json_encode([$frame?->getAttributes(), $taken->photo?->getAttributes()]))->not
        ->toContain(sprintf('%.3F', abs($shelf->latitude + $north)));
})->with([[true, 0.004, 'Marrow Shelf'], [false, 0.004, null], [true, 0.5, null]]);

it('reads no position where there is none, or none on Earth', function (array $tags): void {
    expect((new App\Files\Photo\Exif($tags))->position())->toBeNull();
})->with([
    [[]], [['GPSLatitude' => '56/1']], [['GPSLatitude' => ['56/1', '30/1', '0/0'], 'GPSLongitude' => ['9/1', '0/1', '0/1']]],
    [['GPSLatitude' => '91', 'GPSLongitude' => '9']], [['GPSLatitude' => [[1], 'x'], 'GPSLongitude' => ['9/1']]],
    [['GPSLatitude' => INF, 'GPSLongitude' => 9.0]],
]);

it('reads degrees, minutes and seconds, and the south and the west as less than nought (EXIF 2.32)', function (): void {
    $exif = new App\Files\Photo\Exif(['GPSLatitude' => ['45/1', '30/1', '3600/100'], 'GPSLatitudeRef' => 'S',
        'GPSLongitude' => ['9/1', '15/1', '0/1'], 'GPSLongitudeRef' => 'W']);
    expect($exif->position())->toEqualWithDelta([-45.51, -9.25], 1e-9);
});
