<?php

declare(strict_types=1);

/*
 * What the server has ready before the first request: the rules, and what checks requests against their schemas.
 * Only code that stands by itself; what builds on the framework is loaded when it is needed.
 */

foreach (['core', 'vendor/opis/json-schema/src', 'vendor/opis/uri/src', 'vendor/opis/string/src'] as $folder) {
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__).'/'.$folder, FilesystemIterator::SKIP_DOTS));
    foreach ($files as $file) {
        if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
            opcache_compile_file($file->getPathname());
        }
    }
}
