<?php

declare(strict_types=1);

namespace App\Export;

/** An archive that was made, with what is in it. */
final readonly class MadeArchive
{
    /** @param  list<MadeFile>  $files  in their order */
    public function __construct(public string $path, public array $files, public Manifest $manifest)
    {
    }
}
