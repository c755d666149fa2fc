<?php

declare(strict_types=1);

return [
    // Host names, without ports, that the server answers to.
    'hosts' => array_filter(explode(',', (string) env('ALLSQUARE_HOSTS', 'localhost,127.0.0.1,[::1]'))),

    // Where fonts and schemas are compiled to. They depend on the code alone, so all data folders share them.
    'compiled' => base_path('bootstrap/cache'),

    // Whether people have to give the passphrase: where others than this machine can reach the server.
    'sign_in' => (bool) env('ALLSQUARE_SIGN_IN', false),

    // What is drawn while someone waits, in megapixels, and how often in a minute.
    'drawing' => ['megapixels' => 64, 'a_minute' => 240],

    // The longest request body, in bytes.
    'body' => 4 * 1024 * 1024,

    // The longest document file that is opened.
    'file' => 32 * 1024 * 1024,

    // The longest drawing in SVG that is read.
    'drawing_file' => 8 * 1024 * 1024,

    // The longest list of values that is read: what is too long for a table is said with the limits of one.
    'list' => 8 * 1024 * 1024,

    // The largest archive of a document that is opened.
    'archive_file' => 96 * 1024 * 1024,

    // The largest picture that is taken, and where pictures are kept.
    'picture' => 24 * 1024 * 1024,
    'pictures' => (getenv('ALLSQUARE_DATA') ?: base_path('data')).'/pictures',

    // Whether the picture library, which stands in for a service of that sort, answers: "away" shows what is seen when it does not.
    'picture_library' => (string) env('ALLSQUARE_PICTURE_LIBRARY', 'here'),

    // What is exported while someone waits for the answer: more than this goes to the queue.
    'export' => ['files' => 20, 'megapixels' => 20],

    // Where finished archives are kept, and how many of each document.
    'archives' => ['folder' => (getenv('ALLSQUARE_DATA') ?: base_path('data')).'/archives', 'kept' => 20],
];
