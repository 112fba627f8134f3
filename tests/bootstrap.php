<?php

declare(strict_types=1);

use Tests\Support\Mutation\Covering;
use Tests\Support\Seed;

require dirname(__DIR__).'/vendor/autoload.php';

// what draws by itself begins where everything else does
getenv('ERIS_SEED') !== false || putenv('ERIS_SEED='.Seed::of(1));

// bin/mutate runs the tests on a file of core with one thing in it changed
$mutant = getenv('VINCULUM_MUTANT');
if ($mutant !== false) {
    require $mutant;
}

// and asks first what each file of tests runs at all
$covering = getenv('VINCULUM_COVERING');
if ($covering !== false) {
    Covering::note(dirname(__DIR__), $covering);
}
