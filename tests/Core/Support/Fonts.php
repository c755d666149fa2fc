<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use AllSquare\Core\Text\CompiledFonts;
use AllSquare\Core\Text\FontLibrary;
use AllSquare\Core\Text\Reading\FontCompiler;

/** The shipped fonts, compiled once for all tests. */
final class Fonts
{
    private static ?FontLibrary $library = null;

    public static function library(): FontLibrary
    {
        $folder = dirname(__DIR__, 3).'/bootstrap/cache/fonts';
        if (self::$library === null && ! is_file("$folder/index.php")) {
            (new FontCompiler)->compile(dirname(__DIR__, 3).'/resources/fonts', $folder);
        }

        return self::$library ??= new FontLibrary(new CompiledFonts($folder, dirname(__DIR__, 3).'/resources/fonts'));
    }
}
