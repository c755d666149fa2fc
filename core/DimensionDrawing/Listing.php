<?php

declare(strict_types=1);

namespace AllSquare\Core\DimensionDrawing;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Paint\Lettering;
use AllSquare\Core\Text\FontLibrary;

/** The list of all parts and measures of a measured sheet, as rows of words and figures. */
final readonly class Listing
{
    private const ROW = 16;

    private const COLUMN = 460;

    /** Rows beneath a drawing: more would be a book of outlines. Tables hold all. */
    private const MOST_ROWS = 240;

    private Lettering $figures;

    private Lettering $words;

    public function __construct(private MeasuredSheet $measured, FontLibrary $fonts)
    {
        $this->figures = new Lettering($fonts, 'overpass-mono', 400);
        $this->words = new Lettering($fonts, 'overpass', 400);
    }

    /** @return list<array{string, string, string, string, string, string}> number, name, x, y, width and height of each part */
    public function parts(): array
    {
        return array_map(static fn (MeasuredPart $part): array => [(string) $part->number, $part->name, ...array_map(Length::text(...), array_values($part->box->toArray()))], $this->measured->parts);
    }

    /** @return list<array{string, string, string}> what, in which direction, and how much: of everything but sizes, which stand with the parts */
    public function distances(): array
    {
        $rows = [];
        foreach ($this->measured->measures as $measure) {
            if ($measure->kind !== MeasureKind::Size) {
                $rows[] = [$measure->words, $measure->axis->word(), Length::text($measure->size)];
            }
        }

        return $rows;
    }

    /**
     * Beneath a drawing, in as many columns as there is room for.
     *
     * @param  float  $unit  px to one px of the letters
     * @return array{list<Element>, float} what is drawn, and how high it is
     */
    public function drawn(float $left, float $top, float $width, float $unit): array
    {
        $row = self::ROW * $unit;
        $rows = [
            ['No.', 'Name', 'x', 'y', 'Width', 'Height'], ...$this->parts(), null,
            ...array_map(static fn (array $distance): array => ['', "$distance[0], $distance[1]", '', '', '', $distance[2]], $this->distances()),
        ];
        $more = count($rows) - self::MOST_ROWS;
        if ($more > 1) {
            $rows = [...array_slice($rows, 0, self::MOST_ROWS), ['', 'and '.number_format($more).' more rows, which the page (HTML) has', '', '', '', '']];
        }
        $columns = max(1, min((int) floor($width / (self::COLUMN * $unit)), (int) ceil(count($rows) / 10)));
        $each = (int) ceil(count($rows) / $columns);
        $wide = min($width / $columns, (self::COLUMN + 60) * $unit);
        $drawn = [];
        foreach ($rows as $i => $cells) {
            if ($cells !== null) {
                array_push($drawn, ...$this->row($cells, $left + intdiv($i, $each) * $wide, $top + ($i % $each + 1) * $row, $wide - 24 * $unit, $unit, $i === 0));
            }
        }

        return [$drawn, ($each + 2) * $row];
    }

    /**
     * @param  array{string, string, string, string, string, string}  $cells
     * @return list<Element>
     */
    private function row(array $cells, float $left, float $baseline, float $width, float $unit, bool $isHead): array
    {
        $size = 10.5 * $unit;
        $colour = $isHead ? '#55635e' : '#20302d';
        $right = $left + $width;
        $isDistance = $cells[0] === '';
        $drawn = [$this->figures->element($cells[0], $left + 22 * $unit, $baseline, $size, '#17614f', 1.0),
            $this->words->element($this->words->fitting($cells[1], $size, $width - ($isDistance ? 90 : 250) * $unit), $left + 30 * $unit, $baseline, $size, $colour)];
        foreach ([2, 3, 4, 5] as $k => $cell) {
            if ($cells[$cell] !== '') {
                $drawn[] = ($isHead ? $this->words : $this->figures)->element($cells[$cell], $right - (3 - $k) * 52 * $unit, $baseline, $size, $colour, 1.0);
            }
        }

        return $drawn;
    }
}
