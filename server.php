<?php

declare(strict_types=1);

/*
 * Router of PHP's built-in server: files under public/ as they are, all else through the application.
 */
$path = urldecode(parse_url($_SERVER['REQUEST_URI'] ?? '/', PHP_URL_PATH) ?: '/');
$file = realpath(__DIR__.'/public'.$path);

if ($path !== '/' && $file !== false && is_file($file) && str_starts_with($file, __DIR__.'/public/') && ! str_ends_with($file, '.php')) {
    return false;
}

require __DIR__.'/public/index.php';
