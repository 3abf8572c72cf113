<?php

declare(strict_types=1);

// A phone that has met the server, and then the server is gone.

/** @return resource the application on a port of its own, over a database that is there */
function ownServer(int $port, string $database): mixed
{
    $server = proc_open(
        ['setsid', PHP_BINARY, '-d', 'opcache.enable_cli=1', '-S', "127.0.0.1:{$port}", '-t', 'public', 'bin/router.php'],
        [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
        $pipes, dirname(__DIR__, 3), ['DB_DATABASE' => $database, 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file',
            'BACKUPS_FOLDER' => '', 'PHP_CLI_SERVER_WORKERS' => '3', 'APP_ENV' => 'testing'] + getenv(),
    );
    $ask = curl_init("http://127.0.0.1:{$port}/icon.svg");
    curl_setopt($ask, CURLOPT_RETURNTRANSFER, true);
    for ($i = 0; $i < 400 && curl_exec($ask) === false; $i++) {
        usleep(25_000);
    }

    return $server;
}

/** @param  resource  $server */
function killServer(mixed $server): void
{
    posix_kill(-proc_get_status($server)['pid'], SIGKILL);
    proc_close($server);
}

/** @return array{string, string, int} a folder, a demo in it, and a port that is free */
function ownDatabase(): array
{
    $folder = sys_get_temp_dir().'/offline-'.bin2hex(random_bytes(6));
    mkdir($folder);
    $database = $folder.'/sea.sqlite';
    exec('cd '.escapeshellarg(dirname(__DIR__,
        3)).' && bash -c '.escapeshellarg('. bin/common.sh; need_database '.escapeshellarg($database)).' 2>&1', $said, $code);
    expect($code)->toBe(0, implode("\n", $said));
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    fclose($socket);

    return [$folder, $database, $port];
}

it('reads what was visited, counts a frame down and brings it home, though the server is killed meanwhile', function (): void {
    [$folder, $database, $port] = ownDatabase();
    $server = ownServer($port, $database);
    $go = fn (string $path) => $this->browser->get("http://127.0.0.1:{$port}{$path}");
    $this->onPhone()->expectOnConsole('ERR_CONNECTION_REFUSED')->expectOnConsole('503')->expectOnConsole('Failed to load')->expectOnConsole('net::')->expectOnConsole('htmx:');
    try {
        $go('/settings');
        $this->click('[data-pages-start]')->seesIn('[data-pages-words]', 'This device keeps the pages');
        $this->eventually(fn () => $this->script('return navigator.serviceWorker.controller !== null') ? true : null,
            'It does not take over.');
        $this->click('[data-light="night"]');
        $go('/outings/2');
        $go('/places/2');
        $go('/bench?kind=cascade&measure=speed&speed=4&look=silk&look_was=silk&target=2.5&distance=8');
        $this->click('.headline .is-go')->seesIn('[data-step-count]', 'step 1');
        $frame = (int) basename($this->browser->getCurrentURL());
        // Where the press led is kept once it is opened as a page of its own.
        $go("/shoot/{$frame}");
        $this->seesIn('[data-step-count]', 'step 1')->eventually(
            fn () => $this->browser->executeAsyncScript('const done = arguments[0]; caches.keys().then(async (names) => done((await (await caches.open(names.find((n) => n.startsWith("pages-")))).keys()).length))') >= 3 ? true : null,
            'The pages are not kept.',
        );
        killServer($server);
        $server = null;

        $go('/places/2');
        $this->seesIn('h1', 'Marrow Shelf')->seesIn('.as-kept', 'This is the page as of');
        expect($this->script('return [...document.querySelectorAll("form[method=post] button:not([type=button])")].every((b) => b.disabled)'))->toBeTrue();
        $go('/log/1');
        $this->seesIn('h1', 'this page is not kept here')->seesIn('.kept-pages', 'Marrow Shelf')->seesIn('.empty', 'Try again');
        // In the light of the pages, for eyes that are used to the dark, and with the letters of the house.
        expect($this->script('return [document.documentElement.dataset.theme, getComputedStyle(document.body).backgroundColor, document.styleSheets.length]'))
            ->toBe(['night', 'rgb(0, 0, 0)', 1]);
        // On the ledge: what is ticked on a page that was kept is kept too.
        $go('/outings/2');
        $this->seesIn('.as-kept', 'as of')->script('document.querySelectorAll(".packing")[0].open = true');
        $ticked = (string) $this->script('return document.querySelector(".packing [type=checkbox]:not(:checked)").value');
        $this->click(".packing [value=\"{$ticked}\"]")->seesIn('[data-ticks-said]', 'Kept on this device');
        $go("/shoot/{$frame}");
        $this->seesIn('.as-kept', 'as of')->click('[data-step-done]')->click('[data-start="0"]')->seesIn('[data-under]', 'left');
        $this->seesIn('[data-under]', 'kept on this device, the server does not answer');
        $open = (float) $this->script('return JSON.parse(localStorage.getItem("unsent-frames"))[0].open_s');

        $server = ownServer($port, $database);
        $this->seesIn('h1', 'silk in the cascade');
        expect((float) $this->value('#f-open'))->toBeAbout($open, 0.006);
        $frames = (new PDO('sqlite:'.$database))->query('select count(*), max(open_s) from frames where open_s is not null')->fetch(PDO::FETCH_NUM);
        expect((int) $frames[0])->toBe(18);

        $go('/outings/2');
        $this->eventually(fn (): ?bool => str_contains((string) (new PDO('sqlite:'.$database))->query('select packed from outings where id = 2')->fetchColumn(), "\"{$ticked}\"") ? true : null,
            'What was ticked there never comes home.');

        // Who stops it leaves nothing to read behind.
        $go('/settings');
        $this->click('[data-pages-stop]')->seesIn('[data-pages-words]', 'can be kept on this device');
        $this->eventually(fn () => $this->browser->executeAsyncScript('const done = arguments[0]; Promise.all([caches.keys(), navigator.serviceWorker.getRegistrations()]).then(([a, b]) => done(a.length + b.length))') === 0 ? true : null, 'Something stays.');
    } finally {
        $server === null || killServer($server);
        exec('rm -rf '.escapeshellarg($folder));
    }
});

it('is named and drawn for a home screen', function (): void {
    // From where it is chosen; elsewhere it would be a request more for nothing.
    $this->visit('/settings');
    [$name, $display, $icons] = (array) $this->browser->executeAsyncScript(<<<'JS'
        const done = arguments[0];
        const manifest = await (await fetch(document.querySelector('link[rel=manifest]').href)).json();
        const sizes = await Promise.all(manifest.icons.map((icon) => new Promise((told) => {
            const image = new Image();
            image.onload = () => told(`${icon.sizes} ${image.naturalWidth}`);
            image.onerror = () => told('none');
            image.src = icon.src;
        })));
        done([manifest.name, manifest.display, sizes]);
        JS);
    expect([$name, $display])->toBe(['Gentle Pour', 'standalone'])->and(array_slice($icons, 1))->toBe(['192x192 192', '512x512 512']);
});

it('walks a field file that was kept, though the server is killed while the shutter is open, and brings it home once', function (): void {
    [$folder, $database, $port] = ownDatabase();
    $server = ownServer($port, $database);
    $go = fn (string $path) => $this->browser->get("http://127.0.0.1:{$port}{$path}");
    $starts = fn () => $this->eventually(fn () => $this->script('return document.body.classList.contains("is-started")') ? true : null,
        'The file does not start.');
    $this->onPhone();
    array_map($this->expectOnConsole(...), ['ERR_CONNECTION_REFUSED', '503', 'Failed to load', 'net::', 'AudioContext', 'vibrate']);
    try {
        $go('/settings');
        $this->click('[data-pages-start]')->seesIn('[data-pages-words]', 'This device keeps the pages');
        $this->eventually(fn () => $this->script('return navigator.serviceWorker.controller !== null') ? true : null,
            'It does not take over.');
        $frames = (int) (new PDO('sqlite:'.$database))->query('select count(*) from frames')->fetchColumn();
        $go('/field/file');
        $starts();
        $this->script('location.hash = "#bench"');
        $this->click('#bench [data-look="glass"]')->click('[data-way="0"]')->click('#shoot [data-step-all]')
            ->click('#shoot [data-start="0"]')->seesIn('#shoot [data-under]', 'left');
        killServer($server);
        $server = null;

        // Loaded again from what is kept, with the shutter still open; then it closes.
        $this->reload();
        $starts();
        $this->seesIn('#shoot [data-under]', 'left')->script('const real = Date.now.bind(Date); Date.now = () => real() + 300000');
        $this->eventually(function (): ?bool {
            $this->script('document.querySelector("#shoot [data-close]")?.offsetParent && document.querySelector("#shoot [data-close]").click()');

            return $this->script('return document.querySelector("[data-verdict]").hidden') === false ? true : null;
        }, 'It does not close.');
        $this->click('[data-blur="right"]')->click('.doors a[href="#home"]')->seesIn('[data-home-count]', '1 to bring home');

        $server = ownServer($port, $database);
        $this->seesIn('[data-home-count]', 'Everything is home');
        $go('/field/file');
        $starts();
        $this->seesIn('[data-home-count]', 'Everything is home');
        $after = (new PDO('sqlite:'.$database))->query("select count(*), sum(blur = 'right' and look = 'glass') from frames where id > (select max(id) - 1 from frames)")->fetch(PDO::FETCH_NUM);
        expect((int) (new PDO('sqlite:'.$database))->query('select count(*) from frames')->fetchColumn())->toBe($frames + 1)
            ->and(array_map(intval(...), $after))->toBe([1, 1]);
        $go('/settings');
        $this->click('[data-pages-stop]')->seesIn('[data-pages-words]', 'can be kept on this device');
    } finally {
        $server === null || killServer($server);
        exec('rm -rf '.escapeshellarg($folder));
    }
});
