<?php

return [
    App\Providers\VinculumServiceProvider::class,
];
