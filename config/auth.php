<?php

declare(strict_types=1);

use App\Models\Keeper;

return [
    'defaults' => ['guard' => 'web', 'passwords' => null],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'keepers']],
    'providers' => ['keepers' => ['driver' => 'eloquent', 'model' => Keeper::class]],
    /* Asked for wherever the server listens to more than this machine; set where another server stands before it. */
    'passcode' => (bool) env('PASSCODE_REQUIRED', false),
];
