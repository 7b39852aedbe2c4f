<?php

// What PHP's own server answers with, as nginx does in docs/deploy.md: a file of the build, to be kept for a year, as its name
// changes with what is in it; any other file as it lies; everything else is the application's.

declare(strict_types=1);

const TYPES = ['js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2'];

$asked = $_SERVER['REQUEST_URI'];
$isBuilt = is_string($asked) && preg_match('~^(/build/assets/[\w.-]+\.(js|css|woff2))(\?|$)~D', $asked, $found) === 1;
$file = $isBuilt ? getcwd().$found[1] : '';

if (! is_file($file)) {
    return require __DIR__.'/../vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php';
}

header('Content-Type: '.TYPES[pathinfo($file, PATHINFO_EXTENSION)]);
header('Content-Length: '.filesize($file));
header('Cache-Control: public, max-age=31536000, immutable');
header('X-Content-Type-Options: nosniff');
readfile($file);
