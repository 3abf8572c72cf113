<?php

declare(strict_types=1);

return [
    /* Where working pictures, thumbnails and the originals that are kept lie on this machine. */
    'folder' => env('PHOTOS_FOLDER', storage_path('app/photos')),
];
