<?php

declare(strict_types=1);

namespace App\Tools;

use AllSquare\Core\Refusal;

/** Files that are written whole or not at all, with one clear sentence where they cannot be. */
final class FileWriting
{
    /** @throws Refusal when it cannot be written; nothing is then left of it */
    public static function put(string $path, string $bytes): void
    {
        if (@file_put_contents($path, $bytes) !== strlen($bytes)) {
            @unlink($path);
            throw Refusal::because(self::full());
        }
    }

    /**
     * Puts a file in its place in one step, over one that is there.
     *
     * @throws Refusal when it cannot be
     */
    public static function move(string $from, string $to): void
    {
        self::folder(dirname($to));
        if (@rename($from, $to)) {
            return;
        }
        // Another file system: a copy beside the place, then into it.
        $beside = "$to.part";
        if (! @copy($from, $beside) || ! @rename($beside, $to)) {
            @unlink($beside);
            throw Refusal::because(self::full());
        }
        @unlink($from);
    }

    /** @throws Refusal when it is not there and cannot be made */
    public static function folder(string $path): void
    {
        if (! is_dir($path) && ! @mkdir($path, 0o775, true) && ! is_dir($path)) {
            throw Refusal::because("The folder $path cannot be written.");
        }
        if (! is_writable($path)) {
            throw Refusal::because("The folder $path cannot be written.");
        }
    }

    public static function full(): string
    {
        return 'The files could not be written: the disk is full, or the folder does not take them. Nothing was left half written.';
    }

    public static function isAboutSpace(string $message): bool
    {
        return preg_match('/no space left|disk quota|file too large|input\/output error|read-only file system|permission denied/i', $message) === 1;
    }
}
