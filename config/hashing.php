<?php

declare(strict_types=1);

// OWASP's cheat sheet on storing passwords, for Argon2id: at least 19 MiB, two passes, one thread.
return [
    'driver' => 'argon2id',
    'argon' => ['memory' => 19456, 'threads' => 1, 'time' => 2, 'verify' => true],
];
