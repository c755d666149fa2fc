<?php

declare(strict_types=1);

return [
    'name' => 'All Square',
    'env' => env('APP_ENV', 'production'),
    'debug' => false,
    'url' => env('APP_URL', 'http://127.0.0.1:8000'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    // Nothing is encrypted: there are no sessions and no cookies.
    'key' => null,
    'cipher' => 'AES-256-CBC',
    'maintenance' => ['driver' => 'file'],
];
