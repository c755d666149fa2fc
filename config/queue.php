<?php

declare(strict_types=1);

return [
    'default' => 'database',
    'connections' => [
        'database' => [
            'driver' => 'database',
            'connection' => 'queue',
            'table' => 'jobs',
            'queue' => 'archives',
            // A worker that starts takes up what a killed one left; this is for one that hangs.
            'retry_after' => 7_200,
            'after_commit' => false,
        ],
    ],
    // Why an archive failed is kept with the archive.
    'failed' => ['driver' => 'null'],
];
