<?php

/* Only for phones on the house network: on the machine itself nobody signs in, and no cookie is set. */
return [
    'driver' => 'file',
    'lifetime' => 60 * 24 * 30,
    'expire_on_close' => false,
    'encrypt' => true,
    'files' => storage_path('framework/sessions'),
    'connection' => null,
    'table' => 'sessions',
    'store' => null,
    'lottery' => [2, 100],
    'cookie' => 'vinculum',
    'path' => '/',
    'domain' => null,
    'secure' => true,
    'http_only' => true,
    'same_site' => 'strict',
    'partitioned' => false,
];
