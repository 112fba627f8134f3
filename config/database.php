<?php

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('VINCULUM_DATABASE', storage_path('vinculum.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 5000,
            'journal_mode' => 'WAL',
            // What is acknowledged is on the disk: in WAL, NORMAL may lose the last saves when the power goes.
            'synchronous' => 'FULL',
            // The default, deferred, fails at once when two tabs save together: the second cannot upgrade its read lock.
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
