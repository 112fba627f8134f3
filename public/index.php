<?php

use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

define('LARAVEL_START', microtime(true));

require __DIR__.'/../vendor/autoload.php';

// nobody waits longer at a hob, and no question may take the machine; copies of the whole house ask for more
set_time_limit(str_starts_with($_SERVER['REQUEST_URI'] ?? '', '/api/house') ? 60 : 5);
ini_set('memory_limit', '256M');
register_shutdown_function(static function (): void {
    $fatal = error_get_last();
    if ($fatal === null || ! in_array($fatal['type'], [E_ERROR, E_CORE_ERROR, E_COMPILE_ERROR], true) || headers_sent()) {
        return;
    }
    while (ob_get_level() > 0) {
        ob_end_clean();
    }
    $isTime = str_contains($fatal['message'], 'Maximum execution time');
    $isRoom = str_contains($fatal['message'], 'Allowed memory size');
    http_response_code($isTime || $isRoom ? 503 : 500);
    header('Content-Type: application/json');
    echo json_encode(['error' => [
        'code' => $isTime ? 'too-long' : ($isRoom ? 'too-much' : 'failed'),
        'message' => match (true) {
            $isTime => 'This took longer than it may and was given up. Nothing was changed. Try it with fewer lines or smaller numbers.',
            $isRoom => 'This is more than this machine has room for. Nothing was changed. Try it with fewer lines.',
            default => 'Something went wrong on our side. Nothing was changed; the log in storage/logs says what it was.',
        },
        'fields' => [],
    ]]);
});

/** @var Application $app */
$app = require_once __DIR__.'/../bootstrap/app.php';

$app->handleRequest(Request::capture());
