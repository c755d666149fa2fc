<?php

declare(strict_types=1);

use Monolog\Handler\StreamHandler;

return [
    'default' => env('LOG_CHANNEL', 'file'),
    'deprecations' => ['channel' => 'null', 'trace' => false],
    'channels' => [
        'file' => ['driver' => 'single', 'path' => storage_path('logs/allsquare.log'), 'level' => 'warning'],
        'stderr' => ['driver' => 'monolog', 'handler' => StreamHandler::class, 'with' => ['stream' => 'php://stderr'], 'level' => 'error'],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
