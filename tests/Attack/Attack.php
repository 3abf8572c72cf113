<?php

declare(strict_types=1);

namespace Tests\Attack;

use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\BufferedOutput;
use Symfony\Component\HttpFoundation\Response;
use Throwable;
use ZipArchive;

/**
 * Requests, commands and files that nobody should send, over every route and command that there is, by a seed. What must never come of it: an
 * answer of 500 and more, an answer that takes long, one that tells of the inside, a record changed by what was refused or only asked for.
 * Everything is rolled back after each.
 */
final class Attack
{
    private const LONG_S = 15.0;

    /** A field file is worked out once for a bag, and kept; here nothing is kept. */
    private const WORKED_OUT_S = 60.0;

    /** Doors that take a file which came in parts before. */
    private const IN_PARTS = ['/photos', '/settings/backup'];

    /** Commands that write to where they are told to. */
    private const WRITE = ['pour:backup', 'pour:passcode'];

    private const OPTIONS = [
        '56.5', '-9.8', '56.5,-9.8', '2026-12-01', '2026-12-01T00:00Z', '2026-12-08', '2026-12-01T06:00Z,9', 'UTC', 'demo/orra-haven', '10',
        '1.5', 'MLLW', 'clear', 'sand',
    ];

    /** What an answer must never hold. */
    private const INSIDE = '#Stack trace|SQLSTATE|vendor/laravel|Illuminate\\\\|\.php(:\d| on line)|APP_KEY|base64:[A-Za-z0-9+/]{43}=#';

    /** @var array<string, int> answers by their status, exits by their code */
    public array $answers = [];

    /** @var list<string> what was wrong, with what brought it about */
    public array $faults = [];

    public float $slowestS = 0.0;

    private Nasty $nasty;

    /** @var list<Route> */
    private array $routes;

    /** @var list<string> every name of a field that the application knows */
    private array $fields;

    /** @var array<string, list<string>> what was right for a field at some time */
    private array $right = [];

    public function __construct(private readonly Application $app, public readonly int $seed)
    {
        $this->nasty = new Nasty($seed);
        $this->routes = array_values(array_filter(
            $app->make('router')->getRoutes()->getRoutes(), static fn (Route $route): bool => $route->getName() !== 'up',
        ));
        $code = '';
        foreach ([...glob(app_path('Rooms/*/*.php')) ?: [], ...glob(app_path('Forms/*.php')) ?: []] as $file) {
            $code .= file_get_contents($file);
        }
        preg_match_all("/'([a-z][a-z_0-9]{1,20})' ?=>/", $code, $found);
        $views = '';
        foreach (glob(resource_path('views/*/*.blade.php')) ?: [] as $file) {
            $views .= file_get_contents($file);
        }
        preg_match_all('/name="([a-z_0-9]+)(\[\])?"/', $views, $named);
        $this->fields = array_values(array_unique([...$found[1], ...$named[1]]));
        preg_match_all('/value="([\w.\/ -]{1,20})"/', $views, $values);
        $this->right[''] = array_values(array_unique([...$values[1], 'silk', 'swell', '8', '1/60', '12', '100', 'f/11', '1', '2',
            '2026-12-01', '56.5', 'none', 'UTC']));
    }

    public function requests(int $count): void
    {
        for ($i = 0; $i < $count; $i++) {
            $this->request($this->routes[$i % count($this->routes)]);
        }
    }

    public function files(int $count): void
    {
        $kit = (string) $this->quietly(Request::create('/kit/file'))->getContent();
        $buoy = "#YY  MM DD hh mm WDIR WSPD GST  WVHT   DPD   APD MWD   PRES  ATMP  WTMP  DEWP\n#yr  mo dy hr mn degT m/s  m/s     m   sec   sec degT   hPa  degC  degC  degC\n"
            ."2026 11 24 08 00 220  7.0  9.0   1.8   9.0   6.9 MM 1012.0  11.2  12.4   8.1\n2026 11 24 09 00 230  7.5  9.0   1.9   9.1   7.0 250 1011.0  11.0  12.4 MM\n";
        $csv = "time;hs;tp\n2026-11-24T08:00Z;1,8;9\n2026-11-24T09:00Z;1.9;9.1\n";
        $journal = (string) json_encode(['format' => 'gentle-pour-journal-1', 'written_at' => '2026-11-27T06:10:00Z', 'entries' => [[
            'key' => '0f8fad5b-d9cb-469f-a165-70867728950e', 'kind' => 'frame', 'at_ms' => 1795743513228, 'look' => 'silk', 'open_s' => 2.05,
        ]]]);
        [$jpeg, $png] = [$this->picture('imagejpeg'), $this->picture('imagepng')];
        // What says that it is raw and has a picture in it.
        $raw = "II*\0".pack('VvvvVVV', 8, 1, 0x0201, 4, 1, 26, 0).$jpeg;
        $doors = [
            ['POST', '/kit/file', 'kit', [$kit]], ['POST', '/water/buoy', 'files', [$buoy, $csv]], ['POST', '/settings/backup', 'backup', []],
            ['POST', '/photos', 'files', [$jpeg, $png, $raw]], ['POST', '/field/home', 'file', [$journal]],
            ['PUT', '/places/1/forecast', 'forecast_file', [$buoy, $csv]],
        ];
        $backup = tempnam(sys_get_temp_dir(), 'attack');
        $this->app->make(\App\Files\Backup\BackupFile::class)->write($backup, \App\Files\Backup\Pictures::Originals);
        for ($i = 0; $i < $count; $i++) {
            [$method, $path, $field, $contents] = $doors[$i % count($doors)];
            $content = $contents === [] ? $this->changedBackup($backup) : $this->nasty->bytes($this->nasty->one($contents));
            $file = tempnam(sys_get_temp_dir(), 'attack');
            file_put_contents($file, $content);
            $sent = new UploadedFile($file, $this->nasty->one(['a.json', 'b.txt', '../c.zip', "d\0.php", $this->nasty->text()]), null, null,
                true);
            $request = Request::create($path, $method, ['place_id' => '1'], [],
                [$field => $field === 'files' && ! $this->nasty->oneIn(4) ? [$sent] : $sent]);
            $this->answer($request, "{$path}, {$field} of ".strlen($content).' bytes, changed');
            in_array($path, self::IN_PARTS, true) && $this->inParts($path, $content);
            unlink($file);
        }
        unlink($backup);
    }

    /** The same file in parts, their headers changed now and then; then named by the form, whole or not. */
    private function inParts(string $path, string $content): void
    {
        $changed = fn (string $right): string => $this->nasty->oneIn(4)
            ? $this->nasty->one(['', '-1', '0', '1e3', '9'.$right, str_repeat('9', 15), $this->nasty->text()]) : $right;
        $send = function (string $method, string $path, array $headers, string $body = '') use ($changed): Response {
            $server = ['REMOTE_ADDR' => '127.0.0.1', 'HTTP_TUS_RESUMABLE' => $changed('1.0.0'), 'HTTP_ACCEPT' => 'application/json', ...$headers];

            return $this->answer(Request::create($path, $method, [], [], [], $server, $body), "{$method} {$path} ".json_encode($server,
                JSON_PARTIAL_OUTPUT_ON_ERROR));
        };
        $begun = $send('POST', '/uploads', [
            'HTTP_UPLOAD_LENGTH' => $changed((string) strlen($content)),
            'HTTP_UPLOAD_METADATA' => $changed('filename '.base64_encode($this->nasty->text())),
        ]);
        $to = (string) $begun->headers->get('Location', '/uploads/'.str_repeat('a', 32));
        foreach (str_split($content, max(1, intdiv(strlen($content), 3))) as $i => $part) {
            $send('PATCH', $to, [
                'CONTENT_TYPE' => $this->nasty->oneIn(9) ? 'text/html' : 'application/offset+octet-stream',
                'HTTP_UPLOAD_OFFSET' => $changed((string) ($i * max(1, intdiv(strlen($content), 3)))),
            ], $part);
        }
        $this->nasty->oneIn(3) || $send('HEAD', $to, []);
        $sent = $this->nasty->oneIn(6) ? $this->nasty->value() : basename($to);
        $this->answer(Request::create($path, 'POST', ['sent' => $sent], [], [], ['REMOTE_ADDR' => '127.0.0.1']), "{$path}, sent in parts");
        $send('DELETE', $to, []);
    }

    /** @param  callable-string  $write */
    private function picture(string $write): string
    {
        $image = imagecreatetruecolor(64, 48);
        imagefilledellipse($image, 20, 20, 30, 12, 0xAACCEE);
        ob_start();
        $write($image);

        return (string) ob_get_clean();
    }

    /** Its bytes changed, or a document in it with its sum, as by one who knows how it is made. */
    private function changedBackup(string $path): string
    {
        $copy = tempnam(sys_get_temp_dir(), 'attack');
        copy($path, $copy);
        if (! $this->nasty->oneIn(3)) {
            $zip = new ZipArchive;
            $zip->open($copy);
            $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
            $i = $this->nasty->number(0, count($manifest['documents']) - 1);
            $name = $manifest['documents'][$i]['path'];
            $document = json_decode((string) $zip->getFromName($name), true);
            $document['records'] = array_map($this->nasty->document(...), $document['records']);
            $json = (string) json_encode($document, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
            $manifest['documents'][$i] = ['bytes' => strlen($json), 'sha256' => hash('sha256', $json)] + $manifest['documents'][$i];
            $this->nasty->oneIn(3) && $manifest = $this->nasty->document($manifest);
            $zip->addFromString($name, $json);
            $zip->addFromString('manifest.json', (string) json_encode($manifest, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR));
            $zip->close();
        }
        $bytes = (string) file_get_contents($copy);
        unlink($copy);

        return $this->nasty->oneIn(3) ? $this->nasty->bytes($bytes) : $bytes;
    }

    /** @param  array<string, array<string, mixed>>  $documents  one that is right for each command that reads one */
    public function commands(int $count, array $documents): void
    {
        $flags = [];
        foreach ($this->app->make(Console::class)->all() as $name => $command) {
            if (str_starts_with($name, 'pour:') && ! isset($documents[substr($name, 5)]) && ! in_array($name, self::WRITE, true)) {
                $definition = $command->getDefinition();
                foreach ([...$definition->getArguments(), ...$definition->getOptions()] as $one) {
                    $flags[substr($name, 5)][$one instanceof InputOption ? '--'.$one->getName() : $one->getName()] = $one;
                }
            }
        }
        $names = [...array_keys($documents), ...array_keys($flags)];
        $file = tempnam(sys_get_temp_dir(), 'attack');
        // What a command writes to a name without a folder goes to one of its own, and with it.
        [$here, $folder] = [(string) getcwd(), "{$file}-folder"];
        mkdir($folder);
        chdir($folder);
        for ($i = 0; $i < $count; $i++) {
            $name = $names[$i % count($names)];
            $input = [];
            if (isset($documents[$name])) {
                $json = (string) json_encode($this->nasty->document($documents[$name]),
                    JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
                file_put_contents($file, $this->nasty->oneIn(6) ? $this->nasty->bytes($json) : $json);
                $input = ['file' => $this->nasty->oneIn(40) ? $this->nasty->text() : $file];
            } else {
                foreach ($flags[$name] as $flag => $one) {
                    if (! $this->nasty->oneIn(3)) {
                        $value = $this->nasty->one([$this->nasty->text(), ...self::OPTIONS]);
                        $input[$flag] = $one->isArray() ? [$value] : $value;
                    }
                }
            }
            if ($this->nasty->oneIn(25)) {
                $input['--'.$this->nasty->one(['nonsense', 'step', 'into', 'facing'])] = $this->nasty->text();
            }
            $this->command('pour:'.$name, $input, is_file((string) ($input['file'] ?? ''))
                ? (string) file_get_contents((string) $input['file']) : '');
        }
        chdir($here);
        exec('rm -rf '.escapeshellarg($folder));
        unlink($file);
    }

    private function request(Route $route): void
    {
        $parameters = $this->nasty;
        $path = '/'.ltrim((string) preg_replace_callback('/\{(\w+)\??\}/', static fn (array $m): string => $parameters->oneIn(5)
            ? rawurlencode($parameters->text() ?: ' ') : match ($m[1]) {
                'kind' => $parameters->one(['waves', 'swash', 'float', 'drop', 'clouds', 'buoy', 'swell', 'frames']),
                'item' => $parameters->one(['filter', 'camera', 'lens']),
                default => (string) $parameters->number(1, 9),
            }, $route->uri()), '/');
        $method = $this->nasty->oneIn(20) ? $this->nasty->one(['GET', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS']) : $route->methods()[0];
        $sent = [];
        for ($i = $this->nasty->number(0, 14); $i > 0; $i--) {
            $field = $this->nasty->one($this->fields);
            $sent[$field] = $this->nasty->oneIn(3) ? $this->nasty->one($this->right['']) : $this->nasty->value();
        }
        $server = ['REMOTE_ADDR' => '127.0.0.1'];
        foreach ([
            'HTTP_HX_REQUEST' => 'true', 'HTTP_ACCEPT' => 'application/json',
            'HTTP_REFERER' => $this->nasty->one(['https://evil.example/x', '%', 'http://localhost/bench?look[]=a']),
            'HTTP_X_FORWARDED_HOST' => 'evil.example', 'HTTP_RANGE' => 'bytes=9-1', 'HTTP_IF_NONE_MATCH' => '"x"',
            'HTTP_ACCEPT_LANGUAGE' => $this->nasty->text(), 'HTTP_CONTENT_TYPE' => 'application/json',
        ] as $header => $value) {
            if ($this->nasty->oneIn(10)) {
                $server[$header] = $value;
            }
        }
        $cookies = $this->nasty->oneIn(10) ? ['theme' => $this->nasty->text(), 'gentle_pour_session' => $this->nasty->text()] : [];
        $this->answer(Request::create($path, $method, $sent, $cookies, [], $server),
            "{$method} {$path} ".json_encode($sent, JSON_PARTIAL_OUTPUT_ON_ERROR));
    }

    private function answer(Request $request, string $what): Response
    {
        $changes = static fn (): int => (int) DB::selectOne('select total_changes() as n')->n;
        DB::beginTransaction();
        $before = $changes();
        $from = hrtime(true);
        try {
            $answer = $this->quietly($request);
        } catch (Throwable $e) {
            $this->fault('threw '.$e::class.': '.$e->getMessage(), $what);
            DB::rollBack();

            return new Response('', 500);
        }
        $took = (hrtime(true) - $from) / 1e9;
        $status = $answer->getStatusCode();
        $changed = $changes() > $before;
        DB::rollBack();
        $this->answers[(string) $status] = ($this->answers[(string) $status] ?? 0) + 1;
        $this->slowestS = max($this->slowestS, $took);
        $status < 500 || $this->fault("answered {$status}", $what);
        $took < (str_contains($what, ' /field/') ? self::WORKED_OUT_S : self::LONG_S) || $this->fault(sprintf('took %.1f s', $took), $what);
        preg_match(self::INSIDE, (string) $answer->getContent(), $told) === 0 || $this->fault("told “{$told[0]}”", $what);
        $location = (string) $answer->headers->get('Location');
        $location === '' || preg_match('#^(http://localhost|/(?!/))#', $location) === 1 || $this->fault("led to {$location}", $what);
        $refused = $status >= 400 || $request->hasSession() && $request->session()->has('errors');
        ! ($refused && $changed) || $this->fault('changed records although it was refused', $what);

        return $answer;
    }

    private function quietly(Request $request): Response
    {
        $kernel = $this->app->make(Kernel::class);
        $this->app->make('auth')->forgetGuards();
        $this->app->make('session')->driver()->flush();
        $answer = $kernel->handle($request);
        if (! is_string($answer->getContent())) {
            ob_start();
            $answer->sendContent();
            ob_end_clean();
        }
        $kernel->terminate($request, $answer);

        return $answer;
    }

    /** @param  array<string, mixed>  $input */
    private function command(string $name, array $input, string $document): void
    {
        $what = "{$name} ".json_encode($input, JSON_PARTIAL_OUTPUT_ON_ERROR).' '.substr($document, 0, 2000);
        $output = new BufferedOutput;
        $from = hrtime(true);
        try {
            $code = $this->app->make(Console::class)->call($name, $input, $output);
        } catch (Throwable $e) {
            $this->fault('threw '.$e::class.': '.$e->getMessage(), $what);

            return;
        }
        $took = (hrtime(true) - $from) / 1e9;
        $said = $output->fetch();
        $this->answers["exit {$code}"] = ($this->answers["exit {$code}"] ?? 0) + 1;
        $this->slowestS = max($this->slowestS, $took);
        in_array($code, [0, 2], true) || $this->fault("ended with {$code}: {$said}", $what);
        is_array(json_decode($said, true)) || $this->fault('answered no document: '.substr($said, 0, 200), $what);
        $took < (str_contains($what, ' /field/') ? self::WORKED_OUT_S : self::LONG_S) || $this->fault(sprintf('took %.1f s', $took), $what);
    }

    private function fault(string $fault, string $what): void
    {
        $this->faults[] = $fault.' · '.mb_strimwidth(mb_convert_encoding($what, 'UTF-8', 'UTF-8'), 0, 3000, '…');
    }
}
