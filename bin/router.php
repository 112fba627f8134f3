<?php

// For PHP's own server: a file that is there is sent as it is, everything else goes to the application.

$public = dirname(__DIR__).'/public';
$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
if ($path !== '/' && ! str_contains($path, '..') && is_file($public.$path) && ! str_ends_with($path, '.php')) {
    if (! str_starts_with($path, '/build/assets/')) {
        return false;
    }
    // built files carry a fingerprint in their names, so they never change
    $types = ['js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2', 'woff' => 'font/woff'];
    header('Content-Type: '.($types[pathinfo($path, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    header('Cache-Control: public, max-age=31536000, immutable');
    header('X-Content-Type-Options: nosniff');
    readfile($public.$path);

    return true;
}

require $public.'/index.php';
