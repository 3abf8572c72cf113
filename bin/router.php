<?php

declare(strict_types=1);

// For PHP's own server: what was built, compressed and to be kept for ever; other files of public/ as they are;
// the rest through the application.

$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = __DIR__.'/../public'.$path;
if ($path !== '/' && ! str_contains($path, '..') && is_file($file) && ! str_ends_with($path, '.php')) {
    $type = [
        'css' => 'text/css; charset=utf-8', 'js' => 'text/javascript; charset=utf-8', 'woff2' => 'font/woff2',
        'svg' => 'image/svg+xml', 'ico' => 'image/x-icon', 'json' => 'application/json',
        'webmanifest' => 'application/manifest+json', 'png' => 'image/png', 'jpg' => 'image/jpeg',
        'txt' => 'text/plain; charset=utf-8',
    ][pathinfo($path, PATHINFO_EXTENSION)] ?? null;
    if ($type === null) {
        return false;
    }
    header('Content-Type: '.$type);
    header('Cache-Control: public, max-age='.(str_starts_with($path, '/build/') ? '31536000, immutable' : '86400'));
    if (in_array($type, ['font/woff2', 'image/png', 'image/jpeg'], true)) {
        ini_set('zlib.output_compression', '0'); // is compressed already
    }
    readfile($file);

    return true;
}

require __DIR__.'/../public/index.php';
