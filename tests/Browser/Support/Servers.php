<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;

/** The application on a free port with a database of its own, and a browser: started once for all browser tests. */
final class Servers
{
    private const BARE = '/usr/bin/chromium-headless-shell';

    private static ?self $running = null;

    /** @var list<resource> */
    private array $processes = [];

    private int $tests = 0;

    private function __construct(
        public readonly string $address,
        public readonly RemoteWebDriver $browser,
        private readonly string $folder,
    ) {
    }

    public static function running(): self
    {
        return self::$running ??= self::start();
    }

    /** The database of the test at hand. */
    public function database(): string
    {
        return $this->folder.'/test.sqlite';
    }

    public static function artifacts(): string
    {
        $folder = dirname(__DIR__, 3).'/storage/test-artifacts';
        is_dir($folder) || mkdir($folder, 0777, true);

        return $folder;
    }

    /**
     * The demo data as it was at first, in a file of its own: an answer to an earlier test that is still under way goes on with the earlier file,
     * since the database follows a link to where it truly lies.
     *
     * @param  bool  $empty  without the demo: as a stranger meets it
     */
    public function freshDatabase(bool $empty = false): void
    {
        $this->tests++;
        $file = "{$this->folder}/test-{$this->tests}.sqlite";
        copy($this->folder.'/seeded.sqlite', $file);
        $empty && self::emptied($file);
        symlink($file, $this->folder.'/test.next');
        rename($this->folder.'/test.next', $this->folder.'/test.sqlite');
        foreach (glob("{$this->folder}/test-".($this->tests - 3).'.sqlite*') ?: [] as $old) {
            unlink($old);
        }
    }

    private static function emptied(string $file): void
    {
        $database = new \PDO('sqlite:'.$file);
        $tables = $database->query("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name <> 'migrations'");
        foreach ($tables === false ? [] : $tables->fetchAll(\PDO::FETCH_COLUMN) as $table) {
            $database->exec("DELETE FROM \"{$table}\"");
        }
    }

    private static function start(): self
    {
        $root = dirname(__DIR__, 3);
        $folder = sys_get_temp_dir().'/gentle-pour-'.getmypid();
        mkdir($folder, 0700, true);
        touch($folder.'/seeded.sqlite');
        $environment = array_filter(getenv(), is_string(...));
        unset($environment['DB_DATABASE'], $environment['SESSION_DRIVER'], $environment['CACHE_STORE']);
        $environment = [
            ...$environment, 'APP_ENV' => 'testing', 'APP_DEBUG' => 'false', 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file',
            'PHOTOS_FOLDER' => "{$folder}/photos",
            'UPLOADS_FOLDER' => "{$folder}/uploads",
        ];
        self::artisan(['migrate', '--seed', '--force'], [...$environment, 'DB_DATABASE' => "{$folder}/seeded.sqlite"]);
        // Leave no write-ahead log behind, so that the file alone is the whole database.
        (new \PDO("sqlite:{$folder}/seeded.sqlite"))->exec('PRAGMA journal_mode = DELETE');

        copy($folder.'/seeded.sqlite', $folder.'/test.sqlite'); // for the pages below; the first test puts its own in its place
        [$port, $driverPort] = [self::freePort(), self::freePort()];
        // As bin/start does: what does not change while it runs is read once.
        $started = [
            ...$environment, 'DB_DATABASE' => "{$folder}/test.sqlite", 'BACKUPS_FOLDER' => "{$folder}/backups",
            'APP_CONFIG_CACHE' => "{$folder}/config.php", 'APP_ROUTES_CACHE' => "{$folder}/routes.php",
            'APP_EVENTS_CACHE' => "{$folder}/events.php", 'VIEW_COMPILED_PATH' => "{$folder}/views",
        ];
        mkdir("{$folder}/views");
        self::artisan(['optimize'], $started);
        // The database of each test is another file behind the same name, so that no path may be remembered.
        $settings = ['realpath_cache_size=0', 'zlib.output_compression=1', 'opcache.enable_cli=1', 'opcache.validate_timestamps=0', 'opcache.jit_buffer_size=64M', 'opcache.jit=tracing'];
        $processes = [
            self::spawn([
                PHP_BINARY, ...array_merge(...array_map(fn (string $set): array => ['-d', $set], $settings)),
                '-S', "127.0.0.1:{$port}", '-t', "{$root}/public", "{$root}/bin/router.php",
            ],
                [...$started, 'PHP_CLI_SERVER_WORKERS' => '12'], "{$folder}/server.log"),
            self::spawn(['chromedriver', "--port={$driverPort}"], $environment, "{$folder}/driver.log"),
        ];
        self::waitFor($port);
        self::waitFor($driverPort);
        // The first page has the code to be compiled: no test's patience is for that.
        foreach (['/', '/bench', '/shoot', '/kit', '/places/1'] as $page) {
            file_get_contents("http://127.0.0.1:{$port}{$page}", context: stream_context_create(['http' => ['ignore_errors' => true]]));
        }

        $options = new ChromeOptions;
        $options->addArguments([
            '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--hide-scrollbars', '--window-size=1280,800',
            '--autoplay-policy=no-user-gesture-required',
        ]);
        // The same browser without its windows takes two thirds of the processor's time.
        if (is_executable(self::BARE) && self::majorVersion(self::BARE) === self::majorVersion('chromedriver')) {
            $options->setBinary(self::BARE);
        } else {
            $options->addArguments(['--headless=new', "--user-data-dir={$folder}/profile"]);
        }
        $wanted = DesiredCapabilities::chrome();
        $wanted->setCapability(ChromeOptions::CAPABILITY, $options);
        $wanted->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $servers = new self("http://127.0.0.1:{$port}", RemoteWebDriver::create("http://127.0.0.1:{$driverPort}", $wanted), $folder);
        $servers->browser->manage()->timeouts()->setScriptTimeout(120);
        $servers->processes = $processes;
        register_shutdown_function($servers->stop(...));

        return $servers;
    }

    private function stop(): void
    {
        try {
            $this->browser->quit();
        } finally {
            foreach ($this->processes as $process) {
                self::end($process);
            }
            exec('rm -rf '.escapeshellarg($this->folder));
        }
    }

    /** A driver goes with its own version alone. */
    private static function majorVersion(string $program): string
    {
        return preg_match('/ (\d+)\./', (string) exec(escapeshellarg($program).' --version 2>/dev/null'), $found) === 1 ? $found[1] : $program;
    }

    /**
     * @param  list<string>  $words
     * @param  array<string, string>  $environment
     */
    private static function artisan(array $words, array $environment): void
    {
        $root = dirname(__DIR__, 3);
        $process = proc_open(
            [PHP_BINARY, "{$root}/artisan", ...$words], [['file', '/dev/null', 'r'], ['pipe', 'w'], ['redirect', 1]], $pipes, $root, $environment,
        );
        $said = is_resource($process) ? (string) stream_get_contents($pipes[1]) : '';
        if (! is_resource($process) || proc_close($process) !== 0) {
            throw new RuntimeException("The browser tests’ server could not be prepared ({$words[0]}): {$said}");
        }
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment
     * @return resource
     */
    private static function spawn(array $command, array $environment, string $log)
    {
        // A session of its own, so that the server's workers end with it.
        $process = proc_open(
            ['setsid', ...$command], [['file', '/dev/null', 'r'], ['file', $log, 'a'], ['file', $log, 'a']], $pipes, null, $environment,
        );

        return is_resource($process) ? $process : throw new RuntimeException('Could not start '.$command[0]);
    }

    /** @param  resource  $process */
    private static function end($process): void
    {
        $group = proc_get_status($process)['pid'];
        posix_kill(-$group, SIGTERM);
        proc_close($process);
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No free port.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    private static function waitFor(int $port): void
    {
        // A refused connection is what is waited through, not a warning.
        set_error_handler(static fn (): bool => true);
        try {
            for ($i = 0; $i < 200; $i++) {
                $socket = stream_socket_client("tcp://127.0.0.1:{$port}", $code, $message, 0.2);
                if ($socket !== false) {
                    fclose($socket);

                    return;
                }
                usleep(50000);
            }
        } finally {
            restore_error_handler();
        }
        throw new RuntimeException("Nothing answers on port {$port}.");
    }
}
