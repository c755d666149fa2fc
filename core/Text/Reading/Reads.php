<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Reading;

/**
 * How much of a font file is read before it is taken for damaged: tables that name one another over and over would keep the reader
 * busy for hours, however small the file is.
 */
final class Reads
{
    /** Twenty times what the largest font that is shipped takes, whose every letter, pair and class is read. */
    private const MOST = 6_000_000;

    public function __construct(private int $left = self::MOST)
    {
    }

    /**
     * @param  int  $count  of values read, or of glyphs walked over for one value
     *
     * @throws UnreadableFont
     */
    public function spend(int $count): void
    {
        $this->left -= $count;
        if ($this->left < 0) {
            throw new UnreadableFont('Its tables name one another without end: the file is damaged.');
        }
    }
}
