<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

/** A line of glyphs of one font, in font units from where it begins. */
final readonly class Letters
{
    /**
     * @param  string  $font  key of the font
     * @param  string  $transform  from font units, y downwards, to the space it is painted in (SVG 2, section 8.4)
     * @param  list<int|float>  $glyphs  code point and x of each in turn; of those that paint anything
     */
    public function __construct(public string $font, public string $transform, public array $glyphs)
    {
    }

    /** @return array{font: string, transform: string, glyphs: list<int|float>} */
    public function toArray(): array
    {
        return ['font' => $this->font, 'transform' => $this->transform, 'glyphs' => $this->glyphs];
    }

    /** @param  array<mixed>  $stored  as toArray() gave it */
    public static function read(array $stored): self
    {
        // @phpstan-ignore argument.type, argument.type, argument.type (as toArray() gave it)
        return new self($stored['font'], $stored['transform'], $stored['glyphs']);
    }
}
