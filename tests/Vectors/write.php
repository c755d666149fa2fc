<?php

declare(strict_types=1);

use Tests\Vectors\Vectors;

// Writes the vectors anew, from what the rules give now: php tests/Vectors/write.php
require dirname(__DIR__, 2).'/vendor/autoload.php';

foreach (['snapping' => Vectors::snapping(...), 'hits' => Vectors::hits(...)] as $name => $vectors) {
    file_put_contents(Vectors::path($name), Vectors::json($vectors()));
}
