<?php

declare(strict_types=1);

// In files, so that the commands need no database; where they cannot be written, for the request alone. What counts tries never falls back:
// it would count from nothing each time. What is not named here is as the framework has it.
return [
    'default' => env('CACHE_STORE', 'failover'),
    'limiter' => env('CACHE_STORE', 'file'),
    'stores' => ['failover' => ['driver' => 'failover', 'stores' => ['file', 'array']]],
];
