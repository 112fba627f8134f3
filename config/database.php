<?php

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('VINCULUM_DATABASE', storage_path('vinculum.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // how long a writer waits for its turn (App\House\HousePdo), ms
            'busy_timeout' => 5000,
            'journal_mode' => 'WAL',
            // What is acknowledged is on the disk: in WAL, NORMAL may lose the last saves when the power goes.
            'synchronous' => 'FULL',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
