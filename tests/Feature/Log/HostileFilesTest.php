<?php

declare(strict_types=1);

use App\Files\Photo\PhotoShelf;
use App\Models\Frame;
use App\Models\Photo;
use App\Rooms\Log\PhotoOutcome;
use App\Rooms\Log\TakePhoto;
use Illuminate\Http\UploadedFile;

// Files that are no pictures, or lie: each is refused with a sentence, nothing is executed, nothing else is lost.

/** A PNG that says this size and holds this. */
function pngSaying(int $width, int $height, string $data = '', int $depth = 8, int $colour = 2): string
{
    $chunk = static fn (string $type, string $of): string => pack('N', strlen($of)).$type.$of.pack('N', crc32($type.$of));

    return "\x89PNG\r\n\x1a\n".$chunk('IHDR', pack('NN', $width, $height).chr($depth).chr($colour)."\0\0\0").$chunk('IDAT',
        $data).$chunk('IEND', '');
}

/** A JPEG's bytes, with some changed. */
function jpegWith(callable $change, int $width = 64, int $height = 48): string
{
    $image = imagecreatetruecolor($width, $height);
    imagefilledrectangle($image, 8, 8, 40, 30, 0x88AACC);
    ob_start();
    imagejpeg($image, null, 85);

    return $change((string) ob_get_clean());
}

/** @return array<string, string> forty files by what is wrong with them */
function hostileFiles(): array
{
    $jpeg = jpegWith(static fn (string $b): string => $b);
    $sized = static fn (int $w, int $h): string => (string) preg_replace('/(\xFF[\xC0\xC2]\x00\x11\x08).{4}/s', '${1}'.pack('nn', $h, $w),
        $jpeg, 1);
    $exif = static fn (string $tiff): string => substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($tiff) + 8)."Exif\0\0".$tiff.substr($jpeg,
        2);
    mt_srand(11);
    $noise = static fn (int $bytes): string => implode('', array_map(static fn (): string => chr(mt_rand(0, 255)), range(1, $bytes)));
    $deep = gzcompress(str_repeat("\0", 3_000_000), 9);
    $files = [
        'nothing' => '', 'a byte' => "\xFF", 'two bytes of a JPEG' => "\xFF\xD8", 'its head' => substr($jpeg, 0, 20),
        'a script in PHP' => '<?php system("id"); ?>',
        'a script of the shell' => "#!/bin/sh\nid\n", 'a page' => '<html><script>alert(1)</script></html>',
        'a drawing named .jpg' => '<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"><image href="http://127.0.0.1/x"/></svg>',
        'a drawing with entities' => '<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]><svg>&x;</svg>',
        'a zip' => "PK\x03\x04".$noise(200), 'a PDF' => "%PDF-1.7\n".$noise(100),
        'an executable' => "\x7FELF".$noise(300), 'a database' => "SQLite format 3\0".$noise(100),
        'a film' => "\0\0\0\x18ftypmp42".$noise(100), 'sound' => 'ID3'.$noise(100), 'a GIF' => "GIF89a\x10\0\x10\0\0\0\0;",
        'a bitmap' => 'BM'.$noise(60), 'an icon' => "\0\0\1\0\1\0".$noise(60), 'noise' => $noise(5000),
        'a PostScript' => "%!PS\n(/etc/passwd) run\n",
        'commands for an image tool' => "push graphic-context\nfill 'url(https://127.0.0.1/\"|id)'\npop graphic-context\n",
        'text with nought' => "abc\0def", 'cut in the middle' => substr($jpeg, 0, intdiv(strlen($jpeg), 2)),
        'a JPEG that says 65,535 a side' => $sized(65535, 65535), 'a JPEG that says more than it has' => $sized(9000, 9000),
        'a JPEG of no height' => $sized(64, 0), 'a PNG bomb' => pngSaying(60000, 60000, (string) $deep),
        'a PNG that says more than it has' => pngSaying(4000, 4000, (string) gzcompress('short')),
        'a PNG of one pixel' => pngSaying(1, 1, (string) gzcompress("\0\0\0\0")),
        'a PNG of no width' => pngSaying(0, 10), 'a PNG of negative size' => pngSaying(0x80000000, 5),
        'a PNG of an odd colour' => pngSaying(32, 32, (string) $deep, 8, 5),
        'a PNG’s head' => substr(pngSaying(32, 32), 0, 24), 'a WebP that is none' => 'RIFF'.pack('V', 100).'WEBPVP8 '.$noise(80),
        'a WebP’s head' => 'RIFF'.pack('V', 4).'WEBP',
        'a TIFF that points into itself' => "II*\0".pack('V', 8).pack('v', 1).pack('vvVV', 0x0111, 4, 1, 8).pack('V', 8),
        'a TIFF of nothing' => "MM\0*".pack('N', 0xFFFFFFFF),
        'a HEIF of nothing' => "\0\0\0\x18ftypheic".$noise(300), 'a raw file of nothing' => 'FUJIFILMCCD-RAW '.$noise(300),
        'a JPEG in a TIFF that is none' => "IIRO\x08\0\0\0".$noise(400),
    ];

    return $files + ['an EXIF alone' => substr($exif("II*\0".pack('V', 8)), 0, 60)];
}

it('refuses forty files that are none, each with a sentence, and stops at none of them', function (): void {
    $files = hostileFiles();
    expect(count($files))->toBeGreaterThanOrEqual(40);
    $before = [Photo::query()->count(), Frame::query()->count()];
    $said = $this->postJson('/photos',
        ['files' => array_map(static fn (string $bytes): UploadedFile => UploadedFile::fake()->createWithContent('IMG.jpg', $bytes),
            array_values($files))])
        ->assertOk()->json('taken');
    expect($said)->toHaveCount(40);
    foreach (array_slice(array_keys($files), 0, 40) as $i => $what) {
        expect($said[$i]['outcome'])->toBe('refused', $what)->and($said[$i]['words'])->toMatch('/^[A-Z].{15,200}\.$/u', $what)
            ->and($said[$i]['words'])->not->toContain('/tmp');
    }
    expect([Photo::query()->count(), Frame::query()->count()])->toBe($before);
});

it('takes a whole one among broken ones, and says of each what came of it', function (): void {
    $whole = (string) file_get_contents(base_path('data/demo/posts-glass.jpg'));
    Photo::query()->delete();
    $files = [UploadedFile::fake()->createWithContent('a.jpg', 'none'), UploadedFile::fake()->createWithContent('b.jpg', $whole),
        UploadedFile::fake()->createWithContent('c.jpg', '')];
    $this->post('/photos', ['files' => $files])->assertRedirect('/log')->assertSessionHas('done',
        static fn (string $said): bool => str_contains($said, 'a.jpg: The file is no')
        && str_contains($said, 'b.jpg: Frame 2.') && str_contains($said, 'c.jpg: '));
    $this->post('/photos', ['files' => [$files[0]]])->assertRedirect('/log')->assertSessionHas('problem');
    $this->post('/photos', [])->assertSessionHasErrors('files');
    $this->postJson('/photos', ['files' => 'text'])->assertStatus(422);
});

it('shows a name with a script in it as the letters that it is, and reads none into a path', function (string $name): void {
    Photo::query()->delete();
    $said = $this->postJson('/photos',
        ['files' => [UploadedFile::fake()->createWithContent($name, (string) file_get_contents(base_path('data/demo/posts-glass.jpg')))]])
        ->assertOk()->json('taken.0');
    expect($said['outcome'])->toBe('matched');
    $photo = Photo::query()->firstOrFail();
    expect(app(PhotoShelf::class)->working($photo->sha256))->toEndWith("/{$photo->sha256}.jpg");
    $page = $this->get('/log/2')->assertOk()->getContent();
    expect($page)->not->toContain('<img src=x')->and($page)->toContain('alert');
    $this->get('/log/2.xmp')->assertOk()->assertHeader('Content-Disposition',
        'attachment; filename="'.preg_replace('/[^\w.-]+/', '-', pathinfo($photo->name, PATHINFO_FILENAME)).'.xmp"');
})->with(['<img src=x onerror=alert(1)>.jpg', '..\\..\\alert.jpg', "alert'; DROP TABLE photos; --.jpg"]);

it('takes no harm from what EXIF says: scripts, noughts, loops and pointers out of the file', function (string $tiff): void {
    $bytes = jpegWith(static fn (string $jpeg): string => substr($jpeg, 0, 2)."\xFF\xE1".pack('n',
        strlen($tiff) + 8)."Exif\0\0".$tiff.substr($jpeg, 2));
    file_put_contents($path = sys_get_temp_dir().'/odd-exif-'.getmypid().'.jpg', $bytes);
    try {
        expect(app(TakePhoto::class)($path, 'odd.jpg')->outcome)->toBe(PhotoOutcome::Open);
    } finally {
        unlink($path);
    }
})->with([
    'cut' => ["II*\0".pack('V', 8)], 'out of the file' => ["II*\0".pack('V', 0x7FFFFFFF)],
    'of a hundred thousand entries' => ["II*\0".pack('V', 8).pack('v', 65535)],
    'in itself' => ["II*\0".pack('V', 8).pack('v', 1).pack('vvVV', 0x8769, 4, 1, 8).pack('V', 8)],
    'a time of nought' => ["II*\0".pack('V', 8).pack('v', 1).pack('vvVV', 0x829A, 5, 1, 26).pack('V', 0).pack('VV', 0, 0)],
    'a script for a name' => ["II*\0".pack('V', 8).pack('v', 1).pack('vvVV', 0x0110, 2, 27, 26).pack('V',
        0)."<script>alert(1)</script>\0\0"],
]);
