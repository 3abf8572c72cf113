<?php

declare(strict_types=1);

// In files, so that the commands need no database. What is not named here is as the framework has it.
return ['default' => env('CACHE_STORE', 'file')];
