<?php

declare(strict_types=1);

namespace App\Export;

/** A page by itself, with its style inside. */
final class HtmlPage
{
    /**
     * @param  string  $title  as text
     * @param  string  $style  CSS
     * @param  string  $body  HTML, below the title
     */
    public static function of(string $title, string $style, string $body): string
    {
        $title = self::text($title);

        return <<<HTML
            <!doctype html>
            <html lang="en">
            <meta charset="utf-8">
            <meta name="viewport" content="width=device-width">
            <title>$title</title>
            <style>$style</style>
            <h1>$title</h1>
            $body
            </html>

            HTML;
    }

    public static function text(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_SUBSTITUTE);
    }
}
