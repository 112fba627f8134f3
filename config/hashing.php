<?php

return [
    'driver' => 'bcrypt',
    'bcrypt' => ['rounds' => 12, 'verify' => true, 'limit' => null],
    'rehash_on_login' => true,
];
