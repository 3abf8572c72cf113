<?php

declare(strict_types=1);

return [
    'default' => 'local',
    /* No file of it is served: what a person gets goes through a controller. */
    'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false, 'throw' => true]],
];
