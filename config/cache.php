<?php

declare(strict_types=1);

// Only counted in: how often someone asked for drawings, or gave a passphrase.
return [
    'default' => 'file',
    'stores' => ['file' => ['driver' => 'file', 'path' => storage_path('framework/cache')]],
    'prefix' => 'allsquare',
];
