<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Table;

/** A line of glyphs of one font that comes about cell by cell. */
final class GlyphRow
{
    /** @var list<int|float> code point and x of each in turn, font units from the left of the table */
    public array $glyphs = [];

    public function __construct(public readonly string $font, public readonly string $transform)
    {
    }

    /**
     * @param  list<int|float>  $glyphs  from where their line begins
     * @param  float  $from  font units; kept to a sixteenth, so that adding leaves no rest
     */
    public function add(array $glyphs, float $from): void
    {
        $from = floor($from * 16 + 0.5) / 16;
        for ($i = 0, $n = count($glyphs); $i < $n; $i += 2) {
            $this->glyphs[] = $glyphs[$i];
            $this->glyphs[] = $from + $glyphs[$i + 1];
        }
    }
}
