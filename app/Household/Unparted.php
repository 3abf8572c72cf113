<?php

declare(strict_types=1);

namespace App\Household;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Keeps a figure and its unit, and a day and its month, on one line of a page: “1.6” at the end of one misleads. */
final class Unparted
{
    /** A space that a line does not break at. */
    private const TOGETHER = "\u{00A0}";

    private const AFTER = 'm/s|km/h|mph|kn|m|cm|mm|km|ft|inch(?:es)?|s|ms|min|h|d|%|°[CF]|MB|kB|px|stops?|'
        .'January|February|March|April|May|June|July|August|September|October|November|December'
        .'|Jan|Feb|Mar|Apr|Jun|Jul|Aug|Sep|Oct|Nov|Dec';

    /** What stands in a field, in a program or in a tag is left as it is. */
    private const SKIPPED = '<(textarea|script|style|option|pre)\b(?:[^<]++|<(?!/\1\b))*+(*SKIP)(*FAIL)'
        .'|<(?:[^"\'>]++|"[^"]*+"|\'[^\']*+\')*+>(*SKIP)(*FAIL)';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $answer = $next($request);
        $page = $answer->getContent();
        if (is_string($page) && $page !== '' && str_starts_with((string) $answer->headers->get('Content-Type'), 'text/html')) {
            $answer->setContent(self::page($page));
        }

        return $answer;
    }

    public static function page(string $html): string
    {
        $after = '\d(?:</[bi]>)?\K\s+(?=(?:<[^<>]*>)?(?:'.self::AFTER.')(?!\w))';
        $before = '\b(?:EV|ISO)\K\s+(?=\d)';

        return preg_replace('~'.self::SKIPPED."|{$after}|{$before}~", self::TOGETHER, $html) ?? $html;
    }
}
