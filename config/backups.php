<?php

declare(strict_types=1);

return [
    /* Where backups are kept on this machine. Without a folder none is made by itself. */
    'folder' => env('BACKUPS_FOLDER', storage_path('app/backups')),
];
