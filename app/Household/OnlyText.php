<?php

declare(strict_types=1);

namespace App\Household;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/**
 * What is sent must be text, names of files too, of a length that somebody may have meant, and one value where one belongs: bytes that are
 * no UTF-8, the character of nothing, and lists that no form of ours sends are refused before anything reads them.
 */
final class OnlyText
{
    /** Fields of which there are several. */
    public const LISTS = ['chosen', 'days', 'done', 'files', 'in', 'missed', 'must', 'off', 'on', 'sighted', 't', 'was'];

    /** Characters; the longest notes have 4,000, and strokes with the crests 8,000. */
    private const LONGEST = 10_000;

    /** What is pasted: tide tables and observations. */
    private const LONGEST_PASTED = 2_000_000;

    private const PASTED = ['text', 'table', 'forecast_text'];

    private const LONGEST_NAME = 100;

    /** Pages that say it at the field themselves, or pass it over. */
    private const SAY_IT_THEMSELVES = ['bench', 'places.show', 'compare', 'almanac'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $lists = $request->routeIs(...self::SAY_IT_THEMSELVES);
        foreach ([$request->query->all(), $request->request->all(), self::fileNames($request->files->all())] as $sent) {
            self::check($sent, '');
            $lists || self::checkLists($sent);
        }
        if (! self::isText(rawurldecode($request->getPathInfo()))) {
            throw new UnprocessableEntityHttpException('The address holds characters that are no text.');
        }

        return $next($request);
    }

    /** @param  array<mixed>  $sent */
    private static function check(array $sent, string $within): void
    {
        foreach ($sent as $name => $value) {
            $name = (string) $name;
            if (! self::isText($name) || (is_string($value) && ! self::isText($value))) {
                $field = self::isText($name) ? ($within === '' ? $name : $within) : 'a field';
                throw new UnprocessableEntityHttpException(
                    "“{$field}” holds characters that are no text. Type it again, or paste it as plain text.",
                );
            }
            $field = $within === '' ? $name : $within;
            $most = in_array($field, self::PASTED, true) ? self::LONGEST_PASTED : self::LONGEST;
            if (mb_strlen($name) > self::LONGEST_NAME || is_string($value) && mb_strlen($value) > $most) {
                $field = mb_substr($field, 0, self::LONGEST_NAME);
                throw new UnprocessableEntityHttpException(
                    "“{$field}” is longer than ".number_format($most).' characters. Shorten it, and send it again.',
                );
            }
            if (is_array($value)) {
                self::check($value, $field);
            }
        }
    }

    /** @param  array<mixed>  $sent */
    private static function checkLists(array $sent): void
    {
        foreach ($sent as $name => $value) {
            $deep = is_array($value) && array_filter($value, is_array(...)) !== [];
            if ($deep || is_array($value) && ! in_array($name, self::LISTS, true)) {
                throw new UnprocessableEntityHttpException("“{$name}” takes one value, not a list of them.");
            }
        }
    }

    /**
     * @param  array<mixed>  $files
     * @return array<mixed>
     */
    private static function fileNames(array $files): array
    {
        return array_map(static fn (mixed $file): mixed => match (true) {
            is_array($file) => self::fileNames($file),
            $file instanceof UploadedFile => $file->getClientOriginalName(),
            default => '',
        }, $files);
    }

    private static function isText(string $value): bool
    {
        return ! str_contains($value, "\0") && mb_check_encoding($value, 'UTF-8');
    }
}
