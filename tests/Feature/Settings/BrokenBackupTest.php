<?php

declare(strict_types=1);

use App\Files\Backup\OpenedBackup;
use Illuminate\Http\UploadedFile;

it('refuses what is no whole backup, says why, and changes nothing', function (callable $damage, string $says): void {
    $path = ($this->written)();
    $damage($path);
    $before = documents(($this->written)('before'));
    expect(fn () => OpenedBackup::open($path))->toBeRefused($says, 'backup');
    $this->post('/settings/backup', ['backup' => new UploadedFile($path, 'backup.zip', null, null, true)])
        ->assertSessionHasErrors('backup');
    $this->artisan('pour:restore', ['file' => $path, '--into' => 'replace'])->assertExitCode(2)->expectsOutputToContain('"field": "file"');
    expect(documents(($this->written)('after')))->toBe($before)->and(glob($this->folder.'/kept/*'))->toBe([]);
})->with([
    'nothing' => [fn (string $p) => file_put_contents($p, ''), 'no zip archive'],
    'no archive' => [fn (string $p) => file_put_contents($p, 'PK but no'), 'no zip archive'],
    'half of it' => [fn (string $p) => file_put_contents($p, substr((string) file_get_contents($p), 0, (int) (filesize($p) / 2))),
        'did not arrive whole'],
    'a path that leads out' => [fn (string $p) => tampered($p, fn (ZipArchive $z) => $z->addFromString('../../evil.json', '{}')),
        'does not belong'],
    'an absolute path' => [fn (string $p) => tampered($p, fn (ZipArchive $z) => $z->addFromString('/etc/cron.d/evil', 'x')),
        'does not belong'],
    'a file of another kind' => [fn (string $p) => tampered($p, fn (ZipArchive $z) => $z->addFromString('shell.php', '<?php')),
        'does not belong'],
    'far more than it seems' => [fn (string $p) => tampered($p,
        fn (ZipArchive $z) => $z->addFromString('frames-002.json', str_repeat(' ', 68_000_000))), 'unpacks to more'],
    'a password' => [fn (string $p) => tampered($p, fn (ZipArchive $z) => $z->setPassword('x')
        && $z->setEncryptionName('frames.json', ZipArchive::EM_AES_256)), 'password'],
    'no manifest' => [fn (string $p) => tampered($p, fn (ZipArchive $z) => $z->deleteName('manifest.json')), 'no manifest.json'],
    'a missing document' => [fn (string $p) => tampered($p, fn (ZipArchive $z) => $z->deleteName('places.json')), 'no places.json'],
    'a changed document' => [fn (string $p) => tampered($p, fn (ZipArchive $z) => $z->addFromString('places.json', '{}')), 'SHA-256'],
    'a newer version' => [fn (string $p) => tampered($p, fn (ZipArchive $z) => $z->addFromString('manifest.json',
        '{"format": "gentle-pour-backup-2"}')), 'newer Gentle Pour'],
    'another format' => [fn (string $p) => tampered($p, fn (ZipArchive $z) => $z->addFromString('manifest.json', '{"format": "kit"}')),
        'not by its schema'],
    'no JSON' => [fn (string $p) => tampered($p, edited('frames.json', fn () => '{"a":')), 'not JSON'],
    'a list' => [fn (string $p) => tampered($p, edited('frames.json', fn () => '[1]')), 'not one JSON object'],
    'a number out of bounds' => [fn (string $p) => tampered($p, edited('places.json', function ($d): void {
        $d->records[0]->latitude = 900;
    })), 'not by its schema, at /records/0/latitude'],
    'an endless number' => [fn (string $p) => tampered($p,
        edited('places.json', fn ($d): string => str_replace('"slope":0.', '"slope":1e999,"x":0.', (string) json_encode($d)))),
        'not by its schema'],
    'a number twice' => [fn (string $p) => tampered($p, edited('lenses.json', function ($d): void {
        $d->records[1]->id = $d->records[0]->id;
    })), 'same name or number'],
    'a name twice, whatever its case' => [fn (string $p) => tampered($p, edited('filters.json', function ($d): void {
        $d->records[1]->name = mb_strtoupper($d->records[0]->name);
    })), 'same name or number'],
    'more packed than the bench weighs' => [fn (string $p) => tampered($p, edited('filters.json', function ($d): void {
        for ($i = 0; $i < 61; $i++) {
            $d->records[] = (object) ([...(array) $d->records[0], 'id' => 1000 + $i,
                'uid' => sprintf('%08x-0000-4000-a000-000000000000', $i), 'name' => "Many {$i}", 'packed' => true]);
        }
    })), 'more than 60 filters are packed'],
    'a lens that is none' => [fn (string $p) => tampered($p, edited('lenses.json', function ($d): void {
        $d->records[0]->focal_min_mm = 400;
    })), 'In lenses, record 1'],
    'a zone that is none' => [fn (string $p) => tampered($p, edited('places.json', function ($d): void {
        $d->records[0]->timezone = 'Moon/Sea';
    })), 'In places, record 1'],
    'a plan that is none' => [fn (string $p) => tampered($p, edited('frames.json', function ($d): void {
        $d->records[0]->plan = (object) ['version' => 1];
    })), 'In frames, record 1'],
    'what points to nothing' => [fn (string $p) => tampered($p, edited('subjects.json', function ($d): void {
        $d->records[0]->place_id = 4711;
    })), 'no such record in places'],
]);
