<?php

declare(strict_types=1);

// A log that cannot be written never breaks an answer. What is not named here is as the framework has it.
return [
    'channels' => [
        'daily' => ['driver' => 'stack', 'channels' => ['days'], 'ignore_exceptions' => true],
        'days' => ['driver' => 'daily', 'path' => storage_path('logs/laravel.log'), 'days' => (int) env('LOG_DAILY_DAYS', 14), 'replace_placeholders' => true],
    ],
];
