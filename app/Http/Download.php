<?php

declare(strict_types=1);

namespace App\Http;

use AllSquare\Core\Slice\FileNames;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** Files that are sent to be kept, under names that every system takes. */
final class Download
{
    public static function archive(string $path, string $name): BinaryFileResponse
    {
        return new BinaryFileResponse($path, 200, ['Content-Type' => 'application/zip', 'Content-Disposition' => self::disposition($name, 'zip')], false);
    }

    /** The header that names a file (RFC 6266). */
    public static function disposition(string $name, string $extension): string
    {
        $name = str_replace('/', '-', (new FileNames)->stem($name));
        $ascii = (string) preg_replace('/[^A-Za-z0-9 ._-]/', '_', $name);

        return HeaderUtils::makeDisposition('attachment', "$name.$extension", "$ascii.$extension");
    }
}
