<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Paint\Lettering;
use AllSquare\Core\Text\FontLibrary;

/** The pages of a report on paper of A4: the sheet on the first, then finding by finding. */
final class ReportPages
{
    /** px, 96 to the inch: 210 x 297 mm */
    public const WIDTH = 794;

    public const HEIGHT = 1123;

    private const MARGIN = 57.0;

    private const PICTURE = [210.0, 120.0];

    private const ROW = 136.0;

    private const INK = '#20302d';

    private const SOFT = '#55635e';

    private readonly Lettering $bold;

    private readonly Lettering $words;

    /** @var list<list<Element>> */
    private array $pages = [];

    private float $y = self::MARGIN;

    private ?string $heading = null;

    /** @var list<Rect> */
    private array $places = [];

    public function __construct(FontLibrary $fonts, private readonly string $title, private readonly string $looked, private readonly Rect $sheet)
    {
        $this->bold = new Lettering($fonts, 'overpass', 700);
        $this->words = new Lettering($fonts, 'overpass', 400);
        $this->pages[] = [];
        // The sheet is drawn when all places are known; it takes a third of the page at most.
        $this->y += 52 + $this->overview()->height() + 20;
    }

    public function add(int $number, string $heading, string $says, string $detail, Rect $place): void
    {
        $this->places[] = $place;
        $isNew = $heading !== $this->heading;
        if ($this->y + self::ROW + ($isNew ? 26 : 0) > self::HEIGHT - self::MARGIN) {
            $this->pages[] = [];
            $this->y = self::MARGIN;
            $isNew = true;
        }
        if ($isNew) {
            $this->heading = $heading;
            $this->draw($this->bold->element($heading, self::MARGIN, $this->y + 12, 12, self::SOFT), Element::box(new Rect(self::MARGIN, $this->y + 18, self::WIDTH - 2 * self::MARGIN, 0.75), ['fill' => '#d3cdbd']));
            $this->y += 26;
        }
        $left = self::MARGIN + self::PICTURE[0] + 16;
        $this->draw(ReportPicture::around($place, ...self::PICTURE)->element(self::MARGIN, $this->y, [$place]));
        $at = $this->y + 12;
        foreach ([[$this->bold, "$number  $says", 12.0, self::INK], [$this->words, $detail, 11.0, self::SOFT]] as [$letters, $text, $size, $colour]) {
            foreach ($this->lines($letters, $text, $size, self::WIDTH - self::MARGIN - $left) as $line) {
                $this->draw($letters->element($line, $left, $at, $size, $colour));
                $at += $size * 1.4;
            }
        }
        $this->y += self::ROW;
    }

    /** @return non-empty-list<list<Element>> */
    public function drawn(): array
    {
        $count = count($this->pages);
        $pages = [];
        foreach ($this->pages as $i => $page) {
            $first = $i > 0 ? [] : [
                $this->bold->element($this->bold->fitting($this->title, 18, self::WIDTH - 2 * self::MARGIN), self::MARGIN, self::MARGIN + 16, 18, self::INK),
                $this->words->element($this->looked, self::MARGIN, self::MARGIN + 36, 11, self::SOFT),
                $this->overview()->element(self::MARGIN, self::MARGIN + 52, $this->places),
            ];
            $pages[] = [
                Element::box(new Rect(0, 0, self::WIDTH, self::HEIGHT), ['fill' => '#fffefb']), ...$first, ...$page,
                $this->words->element(sprintf('%d of %d', $i + 1, $count), self::WIDTH - self::MARGIN, self::HEIGHT - 28, 10, self::SOFT, 1.0),
            ];
        }

        return $pages;
    }

    private function overview(): ReportPicture
    {
        $width = min(self::WIDTH - 2 * self::MARGIN, self::HEIGHT / 3 * $this->sheet->w / $this->sheet->h);

        return new ReportPicture($this->sheet, Length::round($width), null);
    }

    private function draw(Element ...$elements): void
    {
        array_push($this->pages[count($this->pages) - 1], ...array_values($elements));
    }

    /** @return list<string> */
    private function lines(Lettering $letters, string $text, float $size, float $width): array
    {
        $lines = [''];
        foreach (explode(' ', $text) as $word) {
            $longer = trim(end($lines).' '.$word);
            if (end($lines) === '' || $letters->width($longer, $size) <= $width) {
                $lines[count($lines) - 1] = $letters->fitting($longer, $size, $width);
            } else {
                $lines[] = $letters->fitting($word, $size, $width);
            }
        }

        return $lines;
    }
}
