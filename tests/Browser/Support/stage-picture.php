<?php

declare(strict_types=1);

// Draws a recipe from standard input at some times in PHP, in a process of its own, and prints mean and spread of its brightness, in the whole and where water is seen.
// php stage-picture.php SECONDS...

use App\Devices\Picture\StagePicture;

require dirname(__DIR__, 3).'/vendor/autoload.php';

$picture = StagePicture::of(json_decode((string) stream_get_contents(STDIN), true, 16, JSON_THROW_ON_ERROR),
    dirname(__DIR__, 3).'/data/stages');
$said = [];
foreach (array_slice($argv, 1) as $seconds) {
    $image = $picture->at((float) $seconds);
    $sum = $square = 0.0;
    [$width, $height] = [imagesx($image), imagesy($image)];
    for ($y = 0; $y < $height; $y++) {
        for ($x = 0; $x < $width; $x++) {
            $c = imagecolorat($image, $x, $y);
            $grey = 0.2126 * ($c >> 16 & 255) + 0.7152 * ($c >> 8 & 255) + 0.0722 * ($c & 255);
            $sum += $grey;
            $square += $grey * $grey;
        }
    }
    $mean = $sum / ($width * $height);
    $said[] = ['mean' => $mean, 'spread' => sqrt($square / ($width * $height) - $mean * $mean)];
}
echo json_encode($said, JSON_THROW_ON_ERROR);
