<?php

declare(strict_types=1);

$data = getenv('ALLSQUARE_DATA') ?: base_path('data');

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('ALLSQUARE_DATABASE', $data.'/allsquare.sqlite'),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 5000,
            'journal_mode' => 'WAL',
            'synchronous' => 'NORMAL',
            'pragmas' => ['mmap_size' => 268_435_456],
        ],
        // The queue writes its progress beside whoever is arranging.
        'queue' => [
            'driver' => 'sqlite',
            'database' => $data.'/queue.sqlite',
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 5000,
            'journal_mode' => 'WAL',
            'synchronous' => 'NORMAL',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
