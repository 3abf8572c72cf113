<?php

declare(strict_types=1);

use App\Files\Photo\ColourProfile;
use App\Files\Photo\MeanPicture;
use App\Files\Photo\Photograph;
use App\Files\Photo\PhotoShelf;
use GentlePour\Photo\Area;
use GentlePour\Photo\ColourSpace;
use GentlePour\Photo\Srgb;
use GentlePour\Photo\ToneCurve;

// Pictures whose levels are not those of sRGB: of cameras set to wider colours, of phones, of a developer’s export.

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/colours-'.getmypid();
    @mkdir($this->folder);
});

afterEach(function (): void {
    exec('rm -rf '.escapeshellarg($this->folder));
});

/** @return array{colours: list<array{int, int, int}>, of: array<string, array{profile: string, in_srgb: list<array{int, int, int}>}>, grey: string} */
function colourReference(): array
{
    return json_decode((string) file_get_contents(base_path('tests/Reference/colours.json')), true, 8, JSON_THROW_ON_ERROR);
}

function profileOf(string $name): string
{
    $made = colourReference();

    return (string) base64_decode($name === 'grey' ? $made['grey'] : $made['of'][$name]['profile'], true);
}

/** A plain picture of a colour, with a profile that another program puts in. */
function pictureIn(string $folder, int $colour, string $kind, ?string $profile = null, string $options = ''): string
{
    $image = imagecreatetruecolor(64, 48);
    imagefilledrectangle($image, 0, 0, 63, 47, $colour);
    $path = "{$folder}/a.{$kind}";
    match ($kind) {
        'jpg' => imagejpeg($image, $path, 100), 'png' => imagepng($image, $path), 'webp' => imagewebp($image, $path, IMG_WEBP_LOSSLESS),
    };
    if ($profile !== null) {
        file_put_contents($folder.'/a.icc', $profile);
        $options .= ' '.escapeshellarg("-ICC_Profile<={$folder}/a.icc");
    }
    $options === '' || exec("exiftool -q -overwrite_original -n {$options} ".escapeshellarg($path).' 2>&1', $said, $code);

    return ($code ?? 0) === 0 ? $path : throw new RuntimeException(implode(' ', $said));
}

/** @return array{int, int, int} what is seen in the middle, in sRGB */
function seenIn(Photograph $opened): array
{
    $pixels = $opened->fine(Area::whole())->pixels;
    $middle = $pixels[intdiv(count($pixels), 2) + 20];

    return [$middle >> 16 & 255, $middle >> 8 & 255, $middle & 255];
}

expect()->extend('toBeColour', function (array $wanted, int $off = 2): object {
    foreach ($wanted as $i => $level) {
        expect(abs($this->value[$i] - $level))->toBeLessThanOrEqual($off, implode(', ', $this->value).' is not '.implode(', ', $wanted));
    }

    return $this;
});

it('sees a profile’s colours as Little CMS does, to a level (tests/Reference/colours.py)', function (string $name): void {
    ['colours' => $colours, 'of' => $of] = colourReference();
    $space = ColourProfile::read(profileOf($name));
    $worst = 0;
    foreach ($colours as $i => [$red, $green, $blue]) {
        $seen = $space->toSrgb($red << 16 | $green << 8 | $blue);
        foreach ([$seen >> 16 & 255, $seen >> 8 & 255, $seen & 255] as $channel => $level) {
            // What is beyond sRGB is clipped there; here it is not, unless the file’s own level is.
            $worst = max($worst, abs($level - min(253, $of[$name]['in_srgb'][$i][$channel])));
        }
    }
    expect($worst)->toBeLessThanOrEqual(1)->and($space->isSrgb())->toBe($name === 'sRGB');
})->with(['wide, by a power', 'P3, by a formula', 'P3, by a formula of seven', 'ROMM, by a table', 'three curves', 'linear', 'sRGB']);

it('writes a profile that says the same, in under two kilobytes, and as Little CMS and browsers read it', function (string $name): void {
    $space = ColourProfile::read(profileOf($name));
    $written = ColourProfile::written($space);
    $again = ColourProfile::read($written);
    expect(strlen($written))->toBeLessThan(2048)->toBe((int) hexdec(bin2hex(substr($written, 0, 4))));
    foreach (colourReference()['colours'] as [$red, $green, $blue]) {
        $colour = $red << 16 | $green << 8 | $blue;
        foreach ([16, 8, 0] as $shift) {
            expect(abs(($space->toSrgb($colour) >> $shift & 255) - ($again->toSrgb($colour) >> $shift & 255)))->toBeLessThanOrEqual(1);
        }
    }
})->with(['wide, by a power', 'P3, by a formula', 'ROMM, by a table', 'three curves']);

it('finds the profile in a JPEG, a PNG and a WebP', function (string $kind): void {
    // 60, 200, 60 of the wide space: Little CMS.
    $opened = Photograph::open(pictureIn($this->folder, 0x3CC83C, $kind, profileOf('wide, by a power')));
    expect(seenIn($opened))->toBeColour([0, 201, 37])->and(seenIn(Photograph::open(pictureIn($this->folder, 0x3CC83C, $kind))))->toBeColour([60, 200, 60]);
})->with(['jpg', 'png', 'webp']);

it('puts together a profile that stands in several segments of a JPEG, in the order of their numbers', function (): void {
    $profile = profileOf('ROMM, by a table');
    $jpeg = (string) file_get_contents(pictureIn($this->folder, 0x808080, 'jpg'));
    $segment = static fn (int $number, string $part): string => "\xFF\xE2".pack('n', 16 + strlen($part))."ICC_PROFILE\0".chr($number)."\2".$part;
    $split = $segment(2, substr($profile, 1000)).$segment(1, substr($profile, 0, 1000));
    file_put_contents($path = $this->folder.'/b.jpg', substr($jpeg, 0, 2).$split.substr($jpeg, 2));
    // (128/255)^1.8 = 0.289, which is level 147 of sRGB (by hand).
    expect(seenIn(Photograph::open($path)))->toBeColour([147, 147, 147]);
});

it('knows a camera set to wider colours, which writes no profile but a rule (DCF 2.0, R03), in a JPEG and in the one in a raw file', function (): void {
    $path = pictureIn($this->folder, 0x3CC83C, 'jpg', null, '-InteropIndex=R03 -ColorSpace=65535');
    expect(seenIn(Photograph::open($path)))->toBeColour([0, 201, 37])
        ->and(seenIn(Photograph::open(pictureIn($this->folder, 0x3CC83C, 'jpg', null, '-InteropIndex=R98 -ColorSpace=1'))))->toBeColour([60, 200, 60]);
    // A profile goes before the rule.
    $both = pictureIn($this->folder, 0x3CC83C, 'jpg', profileOf('sRGB'), '-InteropIndex=R03');
    expect(seenIn(Photograph::open($both)))->toBeColour([60, 200, 60]);
});

it('takes the colours of what a phone writes from the file itself', function (string $kind, string $option): void {
    $png = pictureIn($this->folder, 0x3CC83C, 'png', profileOf('P3, by a formula'));
    exec("heif-enc {$option} -q 100 ".escapeshellarg($png).' -o '.escapeshellarg($path = "{$this->folder}/a.{$kind}").' 2>&1', $said, $code);
    expect($code)->toBe(0, implode(' ', $said));
    // 60, 200, 60 of P3 in sRGB: Little CMS.
    expect(seenIn(Photograph::open($path)))->toBeColour([0, 203, 12], 6);
})->with(['HEIC' => ['heic', '-p preset=ultrafast'], 'AVIF' => ['avif', '-A']]);

it('reckons a picture without colours by its own curve', function (): void {
    $profile = profileOf('grey');
    expect(ColourProfile::read($profile)->toSrgb(0x323232))->toBe(ColourSpace::grey(ToneCurve::gamma(2.2))->toSrgb(0x323232));
});

it('keeps the colours with what is kept of a picture, and looks at it the same once the original is gone', function (): void {
    $shelf = new PhotoShelf($this->folder.'/shelf');
    mkdir($this->folder.'/shelf');
    $came = Photograph::open($path = pictureIn($this->folder, 0x3CC83C, 'png', profileOf('wide, by a power')));
    $shelf->keep($path, $came, $sha = hash_file('sha256', $path), false);
    foreach ([$shelf->working($sha), $shelf->thumb($sha)] as $kept) {
        exec('exiftool -s3 -ColorSpaceData -ProfileFileSignature '.escapeshellarg($kept), $said);
        // Unturned and as it came: its numbers are those of its own colours, and another program knows which these are.
        $stored = imagecolorat(imagecreatefromjpeg($kept), 30, 20);
        expect([$stored >> 16 & 255, $stored >> 8 & 255, $stored & 255])->toBeColour([60, 200, 60], 3)
            ->and(seenIn(Photograph::open($kept)))->toBeColour([0, 201, 37], 4);
    }
    expect($said)->toBe(['RGB', 'acsp', 'RGB', 'acsp'])->and($shelf->isWhole(basename($shelf->working($sha))))->toBeTrue();
});

it('adds nothing to a picture that is in sRGB', function (?string $profile): void {
    $shelf = new PhotoShelf($this->folder.'/shelf');
    mkdir($this->folder.'/shelf');
    $path = pictureIn($this->folder, 0x3CC83C, 'jpg', $profile);
    $shelf->keep($path, Photograph::open($path), $sha = hash_file('sha256', $path), false);
    expect(file_get_contents($shelf->working($sha)))->not->toContain('ICC_PROFILE')
        ->and(seenIn(Photograph::open($path)))->toBeColour([60, 200, 60]);
})->with(['it says so' => [fn () => profileOf('sRGB')], 'it says nothing' => [null]]);

it('judges light by what levels stand for, and what clips by the file’s own', function (): void {
    // Level 128 of ROMM is 0.289 of the light; of sRGB it would be 0.216, two fifths of a stop less.
    $light = Photograph::open(pictureIn($this->folder, 0x808080, 'png', profileOf('ROMM, by a table')))->lookedAt()->lattice->luminance();
    expect($light[0])->toBeAbout(0.289, 0.004)->and(Srgb::light(128))->toBeAbout(0.216, 0.001);
    // A red as strong as the wide space has it, not clipped, though sRGB has no level for it.
    $strong = Photograph::open(pictureIn($this->folder, 0xFA0000, 'png', profileOf('wide, by a power')))->lookedAt()->lattice;
    expect(max(array_map(fn (int $p): int => max($p >> 16 & 255, $p >> 8 & 255, $p & 255), $strong->pixels)))->toBe(253);
});

it('makes a mean of frames in one colour space, whichever each of them is in', function (): void {
    $one = Photograph::open(pictureIn($this->folder, 0x808080, 'png', profileOf('ROMM, by a table')));
    $other = Photograph::open(pictureIn($this->folder, 0x939393, 'png'));
    $mean = imagecolorat(MeanPicture::of([$one, $other]), 20, 20);
    expect([$mean >> 16 & 255, $mean >> 8 & 255, $mean & 255])->toBeColour([147, 147, 147], 1);
});

it('reads no colours from what is no profile, is cut short, or lies, and opens the picture all the same', function (): void {
    $whole = profileOf('three curves');
    expect(ColourProfile::read(''))->toBeNull()->and(ColourProfile::read(str_repeat("\0", 200)))->toBeNull()
        ->and(ColourProfile::read(substr_replace($whole, 'CMYK', 16, 4)))->toBeNull()
        ->and(ColourProfile::read(str_replace('rTRC', 'xTRC', $whole)))->toBeNull()
        ->and(ColourProfile::read(str_replace('gXYZ', 'xXYZ', $whole)))->toBeNull()
        ->and(ColourProfile::read(substr_replace($whole, "\xFF\xFF\xFF\xFF", 132 + 4, 4)))->not->toThrow(Throwable::class);
    mt_srand(20261201);
    foreach (range(1, 400) as $try) {
        $broken = $whole;
        foreach (range(1, mt_rand(1, 6)) as $change) {
            $broken[mt_rand(0, strlen($broken) - 1)] = chr(mt_rand(0, 255));
        }
        $space = ColourProfile::read($try % 4 === 0 ? substr($broken, 0, mt_rand(0, strlen($broken))) : $broken);
        expect($space === null || $space->toSrgb(0x123456) >= 0)->toBeTrue();
    }
    $jpeg = (string) file_get_contents(pictureIn($this->folder, 0x3CC83C, 'jpg', $whole));
    $at = (int) strpos($jpeg, 'acsp');
    file_put_contents($path = $this->folder.'/b.jpg', substr_replace($jpeg, 'nope', $at, 4));
    expect(seenIn(Photograph::open($path)))->toBeColour([60, 200, 60]);
});
