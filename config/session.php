<?php

declare(strict_types=1);

// Sessions are begun only where a passphrase is asked for.
return [
    'driver' => 'file',
    'lifetime' => 60 * 24 * 14,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'connection' => null,
    'table' => 'sessions',
    'store' => null,
    'lottery' => [2, 100],
    'cookie' => 'allsquare',
    'path' => '/',
    'domain' => null,
    'secure' => null,
    'http_only' => true,
    'same_site' => 'strict',
    'partitioned' => false,
];
