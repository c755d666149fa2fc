<?php

declare(strict_types=1);

namespace App\Documents;

use AllSquare\Core\Clipboard\Excerpt;
use AllSquare\Core\Format\DocumentContent;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Sheet as CoreSheet;
use AllSquare\Core\Sheet\SheetContent;
use AllSquare\Core\Svg\SvgContent;
use AllSquare\Core\Svg\SvgReader;
use AllSquare\Core\Text\FontLibrary;
use App\Models\Document;
use App\Pictures\PictureStore;
use App\Storage\UlidSource;

/** Drawings in SVG: as something to be pasted, or opened as a document of their own. */
final readonly class DrawingFiles
{
    public function __construct(private FontLibrary $fonts, private PictureStore $pictures, private DocumentFiles $documents, private UlidSource $ids)
    {
    }

    /**
     * @param  string  $name  of the file; several things in it become a group of that name
     * @return array{excerpt: array<string, mixed>|null, width: float, height: float, left_out: list<array{what: string, count: int}>, said: string} what can be pasted; null where there is nothing
     *
     * @throws Refusal when it is none that can be taken
     */
    public function read(string $svg, string $name): array
    {
        $content = $this->content($svg);
        $items = $content->excerpt($content->title ?? self::titled($name));

        return [
            'excerpt' => $items === [] ? null : ['format' => Excerpt::FORMAT, 'version' => Excerpt::VERSION, 'items' => $items],
            'width' => $content->width, 'height' => $content->height, 'left_out' => $content->leftOut, 'said' => $content->said(),
        ];
    }

    /**
     * @return array{Document, string} what was opened, and what was not taken over, as a sentence
     *
     * @throws Refusal when it is none that can be taken
     */
    public function open(string $svg, string $name): array
    {
        $content = $this->content($svg);
        $title = Naming::checked($content->title ?? self::titled($name));
        $side = static fn (float $length): float => max(1.0, Length::whole($length));
        $sheet = CoreSheet::create($this->ids->next(), $title, $side($content->width), $side($content->height), Unit::Px, 96.0);
        $ids = [];
        foreach ($content->items as $item) {
            $ids[$item->id] = $this->ids->next();
        }
        $items = array_map(static fn (Item $item): Item => $item->with(['id' => $ids[$item->id], 'parent' => $item->parent === null ? null : $ids[$item->parent], 'frame' => $item->frame->rounded()]), $content->items);

        return [$this->documents->keep(new DocumentContent($title, [new SheetContent($sheet, $items)])), $content->said()];
    }

    private function content(string $svg): SvgContent
    {
        return SvgReader::read($svg, $this->fonts, fn (string $bytes): string => $this->pictures->keep($bytes)['picture']);
    }

    private static function titled(string $name): string
    {
        $name = Naming::line(trim((string) preg_replace(['~^.*[/\\\\]~', '/\.svg$/i'], '', mb_scrub($name))));

        return $name === '' ? 'Drawing' : mb_substr($name, 0, 100);
    }
}
