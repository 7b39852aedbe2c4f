<?php

declare(strict_types=1);

use App\Store\StampAlone;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

define('LARAVEL_START', microtime(true));

// What every open page asks all the time is answered without starting more than it takes.
if (($_SERVER['PATH_INFO'] ?? strtok((string) $_SERVER['REQUEST_URI'], '?')) === '/stamp') {
    require __DIR__.'/../app/Store/StampAlone.php';
    $answer = StampAlone::answer($_GET, getenv('APP_CONFIG_CACHE') ?: __DIR__.'/../bootstrap/cache/config.php');

    if ($answer !== null) {
        header('Content-Type: application/json');
        header('Cache-Control: no-store, private');
        header('X-Content-Type-Options: nosniff');
        exit($answer);
    }
}

require __DIR__.'/../vendor/autoload.php';

/** @var Application $app */
$app = require_once __DIR__.'/../bootstrap/app.php';

$app->handleRequest(Request::capture());
