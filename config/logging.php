<?php

return [
    'default' => 'single',
    'channels' => [
        'single' => ['driver' => 'single', 'path' => storage_path('logs/vinculum.log'), 'level' => 'warning'],
    ],
];
