<?php

return [
    /* Names this machine may be asked for by; anything else is refused, so that no other site can reach in. */
    'hosts' => ['127.0.0.1', 'localhost', '[::1]'],

    /* The catalogue and styles as compiled by "php artisan vinculum:compile". */
    'compiled' => env('VINCULUM_COMPILED', base_path('bootstrap/cache/vinculum.php')),

    /* A recipe document is at most this many bytes. */
    'max_body' => 256 * 1024,
];
