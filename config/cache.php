<?php

return [
    'default' => 'array',
    // how often somebody tried to sign in has to outlive the request
    'limiter' => 'file',
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        'file' => ['driver' => 'file', 'path' => storage_path('framework/cache')],
    ],
    'prefix' => 'vinculum',
];
