<?php

return [
    'name' => 'Vinculum',
    'env' => env('APP_ENV', 'production'),
    // Never on: a stack trace must not reach a maker. What went wrong is in storage/logs.
    'debug' => false,
    'url' => env('APP_URL', 'http://127.0.0.1:8000'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'faker_locale' => 'en_GB',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'previous_keys' => [],
    'maintenance' => ['driver' => 'file'],
];
