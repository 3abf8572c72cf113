<?php

declare(strict_types=1);

namespace App\Household;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/** What is sent must be text: bytes that are no UTF-8 and the character of nothing are refused before anything reads them. */
final class OnlyText
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        foreach ([$request->query->all(), $request->request->all()] as $sent) {
            self::check($sent, '');
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
            if (is_array($value)) {
                self::check($value, $within === '' ? $name : $within);
            }
        }
    }

    private static function isText(string $value): bool
    {
        return ! str_contains($value, "\0") && mb_check_encoding($value, 'UTF-8');
    }
}
