<?php

declare(strict_types=1);

namespace App\Household;

use Closure;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\Response;

/**
 * A form that makes a record makes one, however often it is sent: by a second press, by a network that tries again, by going back. It
 * carries a key, which changes as soon as a record has been made; what was sent with a key is kept, and leads to where it led at first.
 * The same form with something else in it is another; and after a deletion everything may be sent anew.
 */
final readonly class OneRecord
{
    public const FIELD = 'form_key';

    /** So long a phone may keep trying. */
    private const KEPT_S = 30 * 86400;

    private const AGAIN = 'This was sent before: it is here once.';

    public function __construct(private ConnectionInterface $database)
    {
    }

    /** The key of the forms of the page that is being made. */
    public static function key(Request $request, ConnectionInterface $database): string
    {
        $made = $request->attributes->get(self::class) ?? (int) $database->table('sendings')->max('id');
        $request->attributes->set(self::class, $made);

        return substr(hash('sha256', ($request->hasSession() ? $request->session()->token() : '')."|{$made}"), 0, 32);
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $key = $request->input(self::FIELD);
        if ($request->isMethod('DELETE')) {
            $answer = $next($request);
            $this->database->table('sendings')->delete();

            return $answer;
        }
        if (! $request->isMethod('POST') || ! is_string($key) || $key === '') {
            return $next($request);
        }
        $form = self::form($request);
        $before = $this->database->table('sendings')->where('form', $form)->value('led_to');
        if (is_string($before)) {
            return redirect()->to($before)->with('done', self::AGAIN);
        }
        $answer = $next($request);
        if ($answer instanceof RedirectResponse && ! isset($answer->exception) && ! self::isRefusal($request)) {
            $now = now()->getTimestamp();
            $this->database->table('sendings')->where('sent_at', '<', $now - self::KEPT_S)->delete();
            $this->database->table('sendings')->insert(['form' => $form, 'led_to' => $answer->getTargetUrl(), 'sent_at' => $now]);
        }

        return $answer;
    }

    /** Whether this answer has said what is wrong; what an earlier one has said may still lie in the session. */
    private static function isRefusal(Request $request): bool
    {
        return in_array('errors', (array) $request->session()->get('_flash.new', []), true);
    }

    /** What was sent, to the last field and file. */
    private static function form(Request $request): string
    {
        $files = $request->allFiles();
        array_walk_recursive($files, static function (mixed &$file): void {
            $file = $file instanceof UploadedFile ? (string) hash_file('sha256', $file->getPathname()) : '';
        });

        return hash('sha256', serialize([$request->fullUrl(), $request->post(), $files]));
    }
}
