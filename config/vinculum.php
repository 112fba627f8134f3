<?php

return [
    /* Names this machine may be asked for by; anything else is refused, so that no other site can reach in. */
    'hosts' => ['127.0.0.1', 'localhost', '[::1]'],

    /* The catalogue and styles as compiled by "php artisan vinculum:compile". */
    'compiled' => env('VINCULUM_COMPILED', base_path('bootstrap/cache/vinculum.php')),

    /* Where copies of the house go: another disk is a good place. */
    'backups' => env('VINCULUM_BACKUPS', storage_path('backups')),

    /* Where phones on the house network find it; nothing where it is not served there. */
    'house' => env('VINCULUM_HOUSE', ''),

    /* A recipe document is at most this many bytes. */
    'max_body' => 256 * 1024,

    /* And a picture of a batch, as it is sent: less than PHP itself takes in. */
    'max_picture' => 7 * 1024 * 1024,
];
