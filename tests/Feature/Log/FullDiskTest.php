<?php

declare(strict_types=1);

// A disk that is full in the midst of a picture: nothing that is half a picture stays, and it is said.

it('keeps no half of a picture where the disk is full, and says so', function (int $blocks, bool $withOriginal, string $says): void {
    $folder = sys_get_temp_dir().'/full-'.bin2hex(random_bytes(6));
    mkdir($folder);
    mt_srand(1);
    $image = imagecreatetruecolor(300, 300);
    for ($i = 0; $i < 90_000; $i++) {
        imagesetpixel($image, $i % 300, intdiv($i, 300), mt_rand(0, 0xFFFFFF));
    }
    imagepng($image, "{$folder}/noise.png");
    // A file that grows beyond so many blocks of 512 bytes is refused by the system, as by a full disk.
    file_put_contents("{$folder}/keep.php", sprintf(<<<'PHP'
        <?php
        require %s;
        try {
            (new App\Files\Photo\PhotoShelf(__DIR__.'/shelf'))->keep(
                __DIR__.'/noise.png', App\Files\Photo\Photograph::open(__DIR__.'/noise.png'), str_repeat('a', 64), %s,
            );
            echo 'kept';
        } catch (GentlePour\InvalidValue $e) {
            echo $e->getMessage();
        }
        PHP, var_export(base_path('vendor/autoload.php'), true), var_export($withOriginal, true)));
    $command = sprintf("trap '' XFSZ; ulimit -f %d; exec %s %s", $blocks, escapeshellarg(PHP_BINARY), escapeshellarg("{$folder}/keep.php"));
    exec('sh -c '.escapeshellarg($command).' 2>&1', $said);
    $kept = array_map(static fn (string $path): string => substr(basename($path), 64), glob("{$folder}/shelf/aa/*") ?: []);
    // Each that is there is whole: it ends as a JPEG ends.
    foreach (glob("{$folder}/shelf/aa/*.jpg") ?: [] as $path) {
        expect(substr((string) file_get_contents($path), -2))->toBe("\xFF\xD9");
    }
    expect(implode("\n", $said))->toContain($says)->and(implode(' ', $kept))->not->toContain('.part');
    exec('rm -rf '.escapeshellarg($folder));
})->with([
    'at the working picture' => [16, false, 'The picture could not be kept: the disk is full'],
    'at the original' => [360, true, 'The original could not be kept: the disk is full'],
    'room enough' => [4000, true, 'kept'],
]);
