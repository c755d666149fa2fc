<?php

declare(strict_types=1);

// The changed class is there before the real one is looked for.
require dirname(__DIR__, 2).'/vendor/autoload.php';
require (string) getenv('ALLSQUARE_MUTANT');
