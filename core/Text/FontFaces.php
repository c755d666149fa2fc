<?php

declare(strict_types=1);

namespace AllSquare\Core\Text;

/** Fonts as CSS `@font-face` rules with their files inside (CSS Fonts Level 4), for drawings that keep their words as text. */
final readonly class FontFaces
{
    public function __construct(private FontLibrary $fonts)
    {
    }

    /**
     * @param  list<string>  $keys  of the fonts that are used
     * @return string CSS
     */
    public function css(array $keys): string
    {
        $rules = '';
        foreach ($keys as $key) {
            $entry = $this->fonts->entry($key);
            $file = $this->fonts->file($key);
            $rules .= sprintf(
                '@font-face{font-family:"%s";font-weight:%d;%ssrc:url(data:font/%s;base64,%s)}',
                $entry['family'],
                $entry['weight'],
                $entry['italic'] ? 'font-style:italic;' : '',
                str_starts_with($file, 'wOFF') ? 'woff' : 'ttf',
                base64_encode($file),
            );
        }

        return $rules;
    }
}
