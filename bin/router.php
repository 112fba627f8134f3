<?php

// For PHP's own server: a file that is there is sent as it is, everything else goes to the application.

$public = dirname(__DIR__).'/public';
$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
if ($path !== '/' && ! str_contains($path, '..') && is_file($public.$path) && ! str_ends_with($path, '.php')) {
    $types = ['js' => 'text/javascript', 'html' => 'text/html', 'css' => 'text/css', 'woff2' => 'font/woff2', 'woff' => 'font/woff', 'svg' => 'image/svg+xml', 'png' => 'image/png', 'ico' => 'image/x-icon', 'txt' => 'text/plain', 'json' => 'application/json', 'webmanifest' => 'application/manifest+json', 'mp3' => 'audio/mpeg', 'ogg' => 'audio/ogg', 'wav' => 'audio/wav'];
    header('Content-Type: '.($types[pathinfo($path, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    // built files carry a fingerprint in their names, so they never change
    header('Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    header('X-Content-Type-Options: nosniff');
    header('Referrer-Policy: no-referrer');
    header('Cross-Origin-Resource-Policy: same-origin');
    // the worker asks the machine for a page before it says that it is away
    header("Content-Security-Policy: default-src 'none'; ".($path === '/sw.js' ? "connect-src 'self'; " : '')."frame-ancestors 'none'");
    header_remove('X-Powered-By');
    // what is built lies there compressed as well
    $file = $public.$path;
    $taken = (string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '');
    foreach (['br' => '.br', 'gzip' => '.gz'] as $way => $ending) {
        if (preg_match("/\\b{$way}\\b(?!\\s*;\\s*q=0(?:\\.0*)?(?:,|$))/i", $taken) === 1 && is_file($file.$ending)) {
            header("Content-Encoding: {$way}");
            $file .= $ending;
            break;
        }
    }
    if (is_file("{$public}{$path}.gz")) {
        header('Vary: Accept-Encoding');
    }
    header('Content-Length: '.filesize($file));
    readfile($file);

    return true;
}

require $public.'/index.php';
