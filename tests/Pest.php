<?php

declare(strict_types=1);

use App\Files\Backup\BackupFile;
use GentlePour\InvalidValue;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Assert;
use Tests\Browser\Support\BrowserTestCase;
use Tests\TestCase;

require_once __DIR__.'/cases.php';
require_once __DIR__.'/rules.php';
require_once __DIR__.'/tides.php';
require_once __DIR__.'/backups.php';

// Pictures go to a folder of this process.
$photos = sys_get_temp_dir().'/gentle-pour-photos-'.getmypid();
putenv('PHOTOS_FOLDER='.$photos);
putenv('UPLOADS_FOLDER='.$photos.'/sent');
register_shutdown_function(static fn () => exec('rm -rf '.escapeshellarg($photos)));

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature');
pest()->extend(BrowserTestCase::class)->in('Browser');
// Backups go to a folder of their own.
pest()->beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/gentle-pour-backups-'.bin2hex(random_bytes(6));
    mkdir($this->folder);
    config(['backups.folder' => $this->folder.'/kept']);
    $this->written = function (string $name = 'backup'): string {
        app(BackupFile::class)->write($path = "{$this->folder}/{$name}.zip");

        return $path;
    };
})->afterEach(fn () => exec('rm -rf '.escapeshellarg($this->folder)))->in('Feature/Settings');

/** Within so many stops, on the base-two logarithm. */
expect()->extend('toBeWithinStops', function (float $expected, float $stops) {
    Assert::assertLessThanOrEqual(
        $stops, abs(log($this->value / $expected, 2)), sprintf('%.5g is more than %.3g stops from %.5g', $this->value, $stops, $expected),
    );

    return $this;
});

/** Within a share of the expected value. */
expect()->extend('toBeWithinShare', function (float $expected, float $share) {
    Assert::assertEqualsWithDelta($expected, $this->value, abs($expected) * $share);

    return $this;
});

/** Refused by the core with a sentence, at a field. */
expect()->extend('toBeRefused', function (string $sentence, ?string $field = null) {
    Assert::assertNotSame('', $sentence, 'Say what the refusal says: any sentence holds nothing.');
    try {
        ($this->value)();
    } catch (InvalidValue $e) {
        Assert::assertStringContainsString($sentence, $e->getMessage());
        if ($field !== null) {
            Assert::assertSame($field, $e->field());
        }

        return $this;
    }
    Assert::fail('It was taken, and should have been refused: '.$sentence);
});

/** Within an absolute distance. */
expect()->extend('toBeAbout', function (float $expected, float $within) {
    Assert::assertEqualsWithDelta($expected, $this->value, $within);

    return $this;
});
