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
