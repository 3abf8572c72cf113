<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Testing\TestResponse;

abstract class TestCase extends LaravelTestCase
{
    /** The demo is seeded once; every test works on it inside a transaction of its own. */
    protected bool $seed = true;

    /** A page is read as a browser shows it, in which lines, indents and spaces that do not break are one space. */
    protected function createTestResponse(mixed $response, mixed $request): TestResponse
    {
        $tested = parent::createTestResponse($response, $request);
        $page = $response->getContent();
        if (is_string($page) && str_starts_with((string) $response->headers->get('Content-Type'), 'text/html')) {
            $asIs = '~<(textarea|pre|script)\b.*?</\1>(*SKIP)(*FAIL)|(?:\s|\xC2\xA0)+~s';
            $response->setContent(preg_replace($asIs, ' ', $page));
        }

        return $tested;
    }
}
