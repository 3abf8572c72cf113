<?php

declare(strict_types=1);

return [
    /* Where files lie that come in parts, until they are whole and were taken in. */
    'folder' => env('UPLOADS_FOLDER', storage_path('app/uploads')),
];
