<?php

declare(strict_types=1);

return [
    // Host names, without ports, that the server answers to.
    'hosts' => array_filter(explode(',', (string) env('ALLSQUARE_HOSTS', 'localhost,127.0.0.1,[::1]'))),

    // Where fonts and schemas are compiled to. They depend on the code alone, so all data folders share them.
    'compiled' => base_path('bootstrap/cache'),

    // The longest request body, in bytes.
    'body' => 4 * 1024 * 1024,

    // What is exported at once: more than this waits for a queue.
    'export' => ['files' => 20, 'megapixels' => 20, 'side' => 16_384],
];
