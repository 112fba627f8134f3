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
            'synchronous' => 'NORMAL',
            // The default, deferred, fails at once when two tabs save together: the second cannot upgrade its read lock.
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
