<?php

declare(strict_types=1);

use Illuminate\Session\SessionManager;

it('writes no session in a request beside the page’s own, so that what a press has to say is not wiped out', function (
    string $path, array $headers, bool $written,
): void {
    $handler = new class extends SessionHandler
    {
        public int $writes = 0;

        public function open(string $path, string $name): bool
        {
            return true;
        }

        public function read(string $id): string
        {
            return '';
        }

        public function write(string $id, string $data): bool
        {
            $this->writes++;

            return true;
        }
    };
    app(SessionManager::class)->extend('counted', static fn (): SessionHandler => $handler);
    config(['session.driver' => 'counted', 'session.lottery' => [0, 100]]); // old sessions are swept out by chance, and this handler cannot
    $this->get($path, $headers)->assertOk();

    expect($handler->writes > 0)->toBe($written);
})->with([
    'a page' => ['/places/2', [], true], 'what it asks for beside' => ['/places/2?hold=1', ['HX-Request' => 'true'], false],
    'a picture' => ['/photos/1-small.jpg', [], false], 'a picture, whole' => ['/photos/1.jpg', [], false],
    'the bench, which is kept from question to question' => ['/bench', ['HX-Request' => 'true'], true],
]);

it('tells a browser its session by pages alone: what comes late beside them brings back none that has ended', function (): void {
    config(['session.driver' => 'file', 'session.files' => $folder = sys_get_temp_dir().'/sessions-'.bin2hex(random_bytes(6))]);
    mkdir($folder);
    $name = config()->string('session.cookie');
    $told = fn (Illuminate\Testing\TestResponse $answer): ?string => $answer->getCookie($name, decrypt: false)?->getValue();
    try {
        $given = $this->get('/bench')->assertOk()->getCookie($name)?->getValue();
        expect($given)->toBeString();
        $with = $this->withCookie($name, (string) $given);
        expect($told($with->get('/bench')))->toBeString()
            ->and($told($with->get('/bench', ['HX-Request' => 'true'])))->toBeNull()
            ->and($told($with->withCredentials()->putJson('/log/1/keeper', ['keeper' => 'keeper'])))->toBeNull();
        // Who has none is given one, also by these.
        expect($told($this->flushSession()->withCookies([$name => 'unknown'])->get('/bench', ['HX-Request' => 'true'])))->toBeString();
    } finally {
        exec('rm -rf '.escapeshellarg($folder));
    }
});
