<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;

abstract class TestCase extends LaravelTestCase
{
    /** The demo is seeded once; every test works on it inside a transaction of its own. */
    protected bool $seed = true;
}
