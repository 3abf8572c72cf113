<?php

declare(strict_types=1);

use App\Files\Backup\Backups;
use App\Files\Upload\Uploads;
use App\Models\Frame;
use App\Models\Photo;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;

// Large files come in parts, by the open protocol for resumable uploads: “tus” 1.0.0, tus.io/protocols/resumable-upload.

beforeEach(function (): void {
    $this->sent = sys_get_temp_dir().'/gentle-pour-sent-'.bin2hex(random_bytes(6));
    config(['uploads.folder' => $this->sent]);
    /** @param  array<string, string|int>  $headers */
    $this->tus = fn (string $method, string $path, array $headers = [], string $body = ''): TestResponse => $this->call(
        $method, $path, [], [], [], $this->transformHeadersToServerVars([
            'Tus-Resumable' => '1.0.0', 'Accept' => 'application/json',
            ...$method === 'PATCH' ? ['Content-Type' => 'application/offset+octet-stream'] : [], ...$headers,
        ]), $body,
    );
    /** Begun: under which address it goes on. */
    $this->begun = fn (int $length, string $name = 'IMG_1.JPG'): string => (string) ($this->tus)(
        'POST', '/uploads', ['Upload-Length' => $length, 'Upload-Metadata' => 'what cGljdHVyZQ==,filename '.base64_encode($name)],
    )->assertCreated()->assertHeader('Tus-Resumable', '1.0.0')->headers->get('Location');
    /** All of it, in parts of so many bytes: by which name a form calls it. */
    $this->whole = function (string $bytes, string $name = 'IMG_1.JPG', int $each = 1000): string {
        $at = ($this->begun)(strlen($bytes), $name);
        foreach (str_split($bytes, $each) as $i => $part) {
            ($this->tus)('PATCH', $at, ['Upload-Offset' => $each * $i], $part)->assertNoContent()
                ->assertHeader('Upload-Offset', (string) ($each * $i + strlen($part)));
        }

        return basename($at);
    };
});

afterEach(fn () => exec('rm -rf '.escapeshellarg($this->sent)));

/** A picture of noise, which no compression makes small. */
function noisyPicture(int $seed = 1): string
{
    mt_srand($seed);
    $image = imagecreatetruecolor(120, 80);
    for ($i = 0; $i < 9600; $i++) {
        imagesetpixel($image, $i % 120, intdiv($i, 120), mt_rand(0, 0xFFFFFF));
    }
    ob_start();
    imagejpeg($image, null, 90);

    return (string) ob_get_clean();
}

it('says what it can, begins, goes on where it was, says how much is here, and ends', function (): void {
    $this->options('/uploads')->assertNoContent()->assertHeader('Tus-Version', '1.0.0')
        ->assertHeader('Tus-Extension', 'creation,expiration,termination')->assertHeader('Tus-Max-Size', '2600000000');
    $at = ($this->begun)(10);
    expect($at)->toMatch('#^/uploads/[0-9a-f]{32}$#');
    ($this->tus)('HEAD', $at)->assertOk()->assertHeader('Upload-Offset', '0')->assertHeader('Upload-Length', '10')
        ->assertHeader('Cache-Control', 'no-store, private');
    $this->travelTo(Carbon::parse('2026-11-24 09:00', 'UTC'));
    ($this->tus)('PATCH', $at, ['Upload-Offset' => 0], 'abcdef')->assertNoContent()->assertHeader('Upload-Offset', '6')
        ->assertHeader('Upload-Expires', 'Thu, 26 Nov 2026 09:00:00 GMT');
    ($this->tus)('HEAD', $at)->assertHeader('Upload-Offset', '6');
    ($this->tus)('PATCH', $at, ['Upload-Offset' => 6], 'ghij')->assertHeader('Upload-Offset', '10');
    $path = $this->sent.'/'.basename($at);
    expect(file_get_contents($path))->toBe('abcdefghij')->and(decoct(fileperms($path) & 0777))->toBe('600');
    ($this->tus)('DELETE', $at)->assertNoContent();
    ($this->tus)('HEAD', $at)->assertNotFound();
    expect(glob($this->sent.'/*'))->toBe([]);
});

it('takes no part that begins elsewhere, is of another kind or version, or is more than was said; what is here stays', function (): void {
    $at = ($this->begun)(10);
    ($this->tus)('PATCH', $at, ['Upload-Offset' => 0], 'abcdef');
    ($this->tus)('PATCH', $at, ['Upload-Offset' => 5], 'xyz')->assertConflict()->assertJsonPath('message', 'It goes on at byte 6.');
    ($this->tus)('PATCH', $at, ['Upload-Offset' => 7], 'xyz')->assertConflict();
    ($this->tus)('PATCH', $at, ['Upload-Offset' => 6], 'ghijk')->assertStatus(413);
    ($this->tus)('PATCH', $at, ['Upload-Offset' => 6, 'Content-Type' => 'text/plain'], 'ghij')->assertStatus(415);
    ($this->tus)('PATCH', $at, ['Upload-Offset' => '-1'], 'ghij')->assertBadRequest();
    ($this->tus)('PATCH', $at, ['Upload-Offset' => '6e0'], 'ghij')->assertBadRequest();
    foreach (['HEAD', 'PATCH', 'DELETE'] as $method) {
        ($this->tus)($method, $at, ['Tus-Resumable' => '0.2.2', 'Upload-Offset' => 6], 'ghij')->assertStatus(412)
            ->assertHeader('Tus-Version', '1.0.0');
    }
    expect(file_get_contents($this->sent.'/'.basename($at)))->toBe('abcdef');
    // A second hand that sends the same file waits for the first.
    $other = fopen($this->sent.'/'.basename($at), 'cb');
    flock($other, LOCK_EX);
    ($this->tus)('PATCH', $at, ['Upload-Offset' => 6], 'ghij')->assertStatus(423);
    flock($other, LOCK_UN);
    ($this->tus)('PATCH', $at, ['Upload-Offset' => 6], 'ghij')->assertNoContent();
});

it('begins nothing that is empty, of no size, too large, one too many, or for which there is no room', function (): void {
    foreach (['0' => 400, 'much' => 400, '-3' => 400, '2600000001' => 413, '999999999999999' => 413] as $length => $status) {
        ($this->tus)('POST', '/uploads', ['Upload-Length' => $length])->assertStatus($status);
    }
    expect(glob($this->sent.'/*') ?: [])->toBe([]);
    for ($i = 0; $i < 100; $i++) {
        app(Uploads::class)->begin('one', 1);
    }
    ($this->tus)('POST', '/uploads', ['Upload-Length' => 1])->assertStatus(429)->assertJsonPath('message', fn (string $m): bool => str_contains($m, 'half here'));
    config(['uploads.folder' => '/proc/nowhere']);
    ($this->tus)('POST', '/uploads', ['Upload-Length' => 1])->assertStatus(507)
        ->assertJsonPath('message', 'There is no room for it on the disk of the server, or its folder for uploads cannot be written to.');
});

it('takes a picture in that came in parts, by its own name, and again without a second one', function (): void {
    Photo::query()->delete();
    $sent = ($this->whole)($bytes = noisyPicture(), 'Ledge “3” é.JPG');
    expect(strlen($bytes))->toBeGreaterThan(4000);
    $answer = $this->postJson('/photos', ['sent' => $sent])->assertOk()->json('taken.0');
    expect($answer['name'])->toBe('Ledge “3” é.JPG')->and($answer['outcome'])->not->toBe('refused')
        ->and(Photo::query()->value('sha256'))->toBe(hash('sha256', $bytes));
    // What came of it was not heard: asked again, it is here, and is nothing new.
    $this->postJson('/photos', ['sent' => $sent])->assertOk()->assertJsonPath('taken.0.outcome', 'here');
    expect(Photo::query()->count())->toBe(1);
    // What is no picture is refused by its name, and by no other words than if it had come whole.
    $this->postJson('/photos', ['sent' => ($this->whole)(str_repeat('none', 700), 'none.jpg')])->assertOk()
        ->assertJsonPath('taken.0.words', fn (string $words): bool => str_starts_with($words, 'The file is no JPEG'));
    // A name that is no text, or none, is none.
    foreach (["\xFF\xFE.jpg", ''] as $i => $name) {
        $this->postJson('/photos', ['sent' => ($this->whole)(noisyPicture(2 + $i), $name)])->assertJsonPath('taken.0.name', 'picture');
    }
});

it('says at its field that a file did not arrive whole, or is not here any more', function (): void {
    $at = ($this->begun)(10);
    ($this->tus)('PATCH', $at, ['Upload-Offset' => 0], 'abcdef');
    $this->postJson('/photos', ['sent' => basename($at)])->assertStatus(422)
        ->assertJsonPath('errors.files.0', 'The file did not arrive whole. Choose it again, and it goes on where it broke off.');
    foreach ([str_repeat('a', 32), '../../.env', '', '0'] as $sent) {
        $this->postJson('/photos', ['sent' => $sent])->assertStatus(422)
            ->assertJsonPath('errors.files.0', fn (string $words): bool => $sent === '' || str_contains($words, 'no longer here'));
    }
    $this->from('/settings/backup')->post('/settings/backup', ['sent' => basename($at)])->assertRedirect('/settings/backup')
        ->assertSessionHasErrors(['backup' => 'The file did not arrive whole. Choose it again, and it goes on where it broke off.']);
});

it('looks into a backup that came in parts, and keeps nothing of it twice', function (): void {
    config(['backups.folder' => $this->sent.'/kept']);
    $backup = app(Backups::class)->take('by-hand');
    $frames = Frame::query()->count();
    $sent = ($this->whole)((string) file_get_contents($backup->path), 'backup.zip', 20_000);
    Frame::query()->first()?->delete();
    $to = (string) $this->post('/settings/backup', ['sent' => $sent])->assertSessionHasNoErrors()->headers->get('Location');
    expect($to)->toContain('-sent-in')->and(is_file("{$this->sent}/{$sent}"))->toBeFalse();
    $this->get($to)->assertOk()->assertSee('Merge it in');
    $this->post($to, ['into' => 'merge'])->assertSessionHasNoErrors();
    expect(Frame::query()->count())->toBe($frames);
    $none = ($this->whole)('no backup', 'none.zip');
    $this->post('/settings/backup', ['sent' => $none])->assertSessionHasErrors('backup');
});

it('gives up after two days what nobody went on with, and nothing younger', function (): void {
    $uploads = app(Uploads::class);
    [$old, $young, $wentOn] = [$uploads->begin('old', 5), $uploads->begin('young', 5), $uploads->begin('went on', 5)];
    foreach ([[$old, 49], [$young, 47], [$wentOn, 49]] as [$upload, $hours]) {
        foreach ([$upload->path, $upload->path.'.json'] as $path) {
            touch($path, Carbon::now()->subHours($hours)->getTimestamp());
        }
    }
    touch($wentOn->path, Carbon::now()->subHour()->getTimestamp());
    // After any page.
    $this->get('/kit')->assertOk();
    expect($uploads->find($old->id))->toBeNull()->and(is_file($old->path))->toBeFalse()
        ->and($uploads->find($young->id))->not->toBeNull()->and($uploads->find($wentOn->id)?->name)->toBe('went on');
});

it('keeps nobody’s press waiting while it looks at a picture or through a backup', function (): void {
    $middleware = fn (string $name): array => app('router')->getRoutes()->getByName($name)->excludedMiddleware();
    foreach (['photos.take', 'backup.receive', 'uploads.part'] as $name) {
        expect($middleware($name))->toContain(App\Household\WholeOrNothing::class);
    }
});

it('looks at one picture after the other, also where two devices send them', function (): void {
    Photo::query()->delete();
    config(['photos.folder' => $this->sent.'/photos']);
    mkdir($this->sent.'/photos', 0700, true);
    $other = proc_open([PHP_BINARY, '-r', '$lock = fopen($argv[1], "c"); flock($lock, LOCK_EX); echo "has it\n"; usleep(700_000); echo "lets go\n";',
        $this->sent.'/photos/.lock'], [1 => ['pipe', 'w']], $pipes);
    expect(fgets($pipes[1]))->toBe("has it\n");
    $this->postJson('/photos', ['sent' => ($this->whole)(noisyPicture(9))])->assertOk()->assertJsonPath('taken.0.outcome', 'open');
    stream_set_blocking($pipes[1], false);
    expect(fgets($pipes[1]))->toBe("lets go\n", 'It was not waited for.');
    proc_close($other);
});
