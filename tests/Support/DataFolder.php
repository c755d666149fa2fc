<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Filesystem\Filesystem;

/** A data folder of its own, gone when it is no longer needed. */
final class DataFolder
{
    public readonly string $path;

    public function __construct()
    {
        $this->path = sys_get_temp_dir().'/allsquare-test-'.bin2hex(random_bytes(6));
        mkdir($this->path, 0o775, true);
    }

    public function remove(): void
    {
        (new Filesystem)->deleteDirectory($this->path);
    }
}
