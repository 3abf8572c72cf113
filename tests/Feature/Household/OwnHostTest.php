<?php

declare(strict_types=1);

use App\Household\OwnHost;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** What the middleware answers to a name, of a server that listens on another. */
function answerTo(string $listensOn, string $host): int
{
    $request = Request::create('http://localhost/kit', server: []);
    $request->server->set('SERVER_NAME', $listensOn);
    $request->headers->set('Host', $host);
    try {
        return (new OwnHost)->handle($request, fn (): Response => new Response('ok'))->getStatusCode();
    } catch (HttpException $e) {
        expect($e->getMessage())->toContain('answers on this machine only');

        return $e->getStatusCode();
    }
}

it('answers on this machine by this machine’s names alone, so that no other site’s name can point here', function (string $host, int $status): void {
    expect(answerTo('127.0.0.1', $host))->toBe($status)->and(answerTo('localhost', $host))->toBe($status)
        ->and(answerTo('0.0.0.0', $host))->toBe(200);
})->with([
    ['127.0.0.1:8000', 200], ['localhost:8000', 200], ['LOCALHOST', 200], ['[::1]:8000', 200], ['127.1.2.3', 200],
    ['evil.example', 421], ['evil.example:8000', 421], ['127.0.0.1.evil.example', 421], ['localhost.evil.example', 421], ['10.0.0.7', 421],
]);

it('lets no other site frame its pages, guess at files or learn addresses', function (string $path): void {
    $this->get($path)->assertOk()->assertHeader('X-Frame-Options', 'DENY')->assertHeader('X-Content-Type-Options', 'nosniff')
        ->assertHeader('Referrer-Policy', 'same-origin')->assertHeader('Permissions-Policy');
})->with(['/', '/bench', '/kit', '/log', '/card', '/places/1', '/scene']);

it('leads back into the application alone, wherever the browser says that it came from', function (string $from, string $to): void {
    $this->withHeader('Referer', $from)->post('/places', [])->assertRedirect($to);
})->with([
    ['http://localhost/kit/new', 'http://localhost/kit/new'], ['http://evil.example/kit', 'http://localhost'],
    ['http://localhost.evil.example/kit', 'http://localhost'], ['http://localhost@evil.example/', 'http://localhost'],
    ['http://localhost:81/kit', 'http://localhost'], ['//evil.example/', 'http://localhost'],
]);

it('lets pages load, run and send to nothing that is not ours, and holds nothing in its pages that would need more', function (): void {
    $policy = (string) $this->get('/bench')->assertOk()->headers->get('Content-Security-Policy');
    expect($policy)->toContain("default-src 'none'", "script-src 'self';", "style-src 'self';", "frame-ancestors 'none'", "base-uri 'none'")
        ->not->toContain('unsafe', 'http', '*');
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(resource_path('views'),
        FilesystemIterator::SKIP_DOTS)) as $file) {
        // A field file holds its style in itself, under a policy of its own: tests/Feature/Field.
        $view = str_replace('<style>{!! $css !!}</style>', '', (string) file_get_contents((string) $file));
        expect($view)->not->toMatch('/\sstyle=|<style|\son(click|change|input|submit|load|error|focus|blur|key\w+|mouse\w+)=|javascript:|<script>|hx-on[:=]/');
    }
});
