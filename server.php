<?php

declare(strict_types=1);

/*
 * Router of PHP's built-in server: files under public/ as they are, all else through the application.
 */
$path = urldecode(parse_url($_SERVER['REQUEST_URI'] ?? '/', PHP_URL_PATH) ?: '/');
$file = str_contains($path, "\0") ? false : realpath(__DIR__.'/public'.$path);
$types = [
    'css' => 'text/css; charset=utf-8', 'js' => 'text/javascript; charset=utf-8', 'svg' => 'image/svg+xml', 'woff2' => 'font/woff2', 'woff' => 'font/woff',
    'json' => 'application/json', 'txt' => 'text/plain; charset=utf-8',
];
$type = $types[pathinfo((string) $file, PATHINFO_EXTENSION)] ?? null;

if ($file !== false && $type !== null && is_file($file) && str_starts_with($file, __DIR__.'/public/')) {
    header("Content-Type: {$type}");
    header('Content-Length: '.filesize($file));
    header('X-Content-Type-Options: nosniff');
    header("Content-Security-Policy: default-src 'none'; style-src 'self' 'unsafe-inline'; sandbox");
    header('Referrer-Policy: same-origin');
    // Names under build/ change with their contents.
    header('Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    readfile($file);

    return true;
}

require __DIR__.'/public/index.php';
