<?php

return [
    'default' => 'daily',
    'channels' => [
        // a file a day, two weeks of them
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/vinculum.log'),
            'level' => 'warning',
            'days' => 14,
        ],
    ],
];
