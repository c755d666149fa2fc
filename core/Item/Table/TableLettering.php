<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Table;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Look\Fill;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\Letters;
use AllSquare\Core\Table\TableLayout;

/** The letters of a table by what they are filled with: those of one row, font and size in one line of glyphs, so that a table is few nodes. */
final class TableLettering
{
    /** @var array<string, Fill|null> by what they are called below; null for that of the whole table */
    public array $fills = [];

    /** @var array<string, array<string, GlyphRow>> by fill, then by font, size and baseline */
    private array $rows = [];

    /** @var array<string, list<Element>> lines under words, by fill */
    private array $lines = [];

    public function __construct(TableLayout $layout)
    {
        foreach ($layout->placed() as $cell) {
            $letters = $cell->style->letters;
            $scale = $letters->scale();
            $paint = $letters->paint instanceof Fill ? $letters->paint : null;
            $fill = $paint === null ? '' : json_encode($paint->stored(), JSON_THROW_ON_ERROR);
            $this->fills[$fill] ??= $paint;
            foreach ($cell->lines as $i => $line) {
                $baseline = $cell->baseline + $i * $cell->leading;
                $row = $this->rows[$fill]["{$cell->style->key} $baseline"] ??= new GlyphRow($letters->font->key, 'translate(0 '.Length::digits($baseline, 6).')scale('.Length::digits($scale, 6).')');
                $row->add($line->glyphs, $cell->lefts[$i] / $scale);
            }
            if ($letters->underline) {
                foreach (TableSetting::pieces($cell) as $piece) {
                    foreach ($piece->underline() as $corners) {
                        $this->lines[$fill][] = new Element('path', ['d' => 'M'.implode('L', array_map(static fn (Point $p): string => Length::digits($p->x, 4).' '.Length::digits($p->y, 4), $corners)).'Z']);
                    }
                }
            }
        }
    }

    /** @return list<Letters|Element> what is painted with one of the fills */
    public function of(string $fill): array
    {
        $letters = [];
        foreach ($this->rows[$fill] ?? [] as $row) {
            if ($row->glyphs !== []) {
                $letters[] = new Letters($row->font, $row->transform, $row->glyphs);
            }
        }

        return [...$letters, ...$this->lines[$fill] ?? []];
    }
}
