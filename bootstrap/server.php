<?php

declare(strict_types=1);

/*
 * The router of PHP's built-in server: files of the public folder are served as they are,
 * everything else by the application.
 */

$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));

// The names that this server answers to hold for files too.
$host = strtolower((string) preg_replace('/:\d+$/', '', $_SERVER['HTTP_HOST'] ?? ''));
$isKnown = in_array($host, explode(',', (string) getenv('ALLSQUARE_HOSTS')), true);

if ($isKnown && $path !== '/' && is_file(__DIR__.'/../public'.$path) && ! str_contains($path, '..') && ! str_ends_with($path, '.php')) {
    return false;
}

// A path such as /index.php/x or /a.b would otherwise be taken for a script's name.
$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = __DIR__.'/../public/index.php';
unset($_SERVER['PATH_INFO']);

require __DIR__.'/../public/index.php';
