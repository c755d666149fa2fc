<?php

declare(strict_types=1);

namespace AllSquare\Core\Kit;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Text\FontLibrary;

/** What a kit is made with: parts on whole px, and distances that are multiples of the sheet's unit of spacing. */
final class KitMaker
{
    public const INK = '#20302d';

    public const SOFT = '#55635e';

    public const LINE = '#c9c3b2';

    public const PAPER = '#fffefb';

    public const TINT = '#dfeaec';

    public const ACCENT = '#17614f';

    /** @var list<Item> */
    private array $items = [];

    /**
     * @param  float  $unit  of spacing, px
     * @param  float  $width  of the sheet, px
     */
    public function __construct(public readonly float $unit, public readonly float $width, private readonly KitTypes $types, private readonly FontLibrary $fonts)
    {
    }

    /** The multiple of the unit that is nearest to a length, one at least. */
    public function span(float $length): float
    {
        return Length::whole(max(1.0, round($length / $this->unit)) * $this->unit);
    }

    /** The next multiple of the unit. */
    public function up(float $length): float
    {
        return Length::whole(ceil($length / $this->unit - 1e-6) * $this->unit);
    }

    /** @param  array<string, mixed>  $fields */
    public function box(string $name, float $x, float $y, float $w, float $h, ?string $fill, array $fields = []): void
    {
        $this->add(Kinds::ofSvg('rect'), $name, new Rect($x, $y, $w, $h), ['fill' => $fill] + $fields);
    }

    /** @param  array<string, mixed>  $fields */
    public function round(string $name, float $x, float $y, float $side, ?string $fill, array $fields = []): void
    {
        $this->add(Kinds::ofSvg('circle'), $name, new Rect($x, $y, $side, $side), ['fill' => $fill] + $fields);
    }

    /** A level one. */
    public function line(string $name, float $x, float $y, float $length, string $colour = self::LINE): void
    {
        $this->add(Kinds::ofSvg('line'), $name, new Rect($x, $y, $length, 0.0), ['outline' => ['colour' => $colour, 'weight' => 1]]);
    }

    /** An empty frame, in which a picture is put. */
    public function picture(string $name, float $x, float $y, float $w, float $h): void
    {
        $this->add(Kinds::ofSvg('image'), $name, new Rect($x, $y, $w, $h), ['fill' => self::TINT]);
    }

    /** Lines from point to point, px from the kit's top left. */
    public function path(string $name, string $data, string $colour = self::SOFT, float $weight = 2.0): void
    {
        $this->add(Kinds::ofPaths(), $name, new Rect(0.0, 0.0, 0.0, 0.0), ['subpaths' => $data, 'fill' => null, 'outline' => ['colour' => $colour, 'weight' => $weight, 'ends' => 'round', 'joins' => 'round']]);
    }

    /**
     * Words that are not put anywhere yet, with the frame that they need.
     *
     * @param  'title'|'body'|'small'|'label'|'figure'  $role
     * @param  array<string, mixed>  $fields
     * @param  float|null  $width  in which they break
     */
    public function text(string $words, string $role, array $fields = [], ?float $width = null): Item
    {
        $kind = Kinds::ofSvg('text');
        $fields = ['text' => $words, ...$fields, 'grow' => $width === null ? 'both' : 'down'];
        $item = new Item('', null, 0, $kind, $words, new Rect(0.0, 0.0, $width ?? 0.0, 0.0), 0.0, false, false, [...$kind->fields()->defaults, ...$this->types->of($role), ...$kind->fields()->taken($fields, $this->fonts)]);

        return $item->fitted(true, $this->fonts);
    }

    /** @return Rect where it stands */
    public function put(Item $text, float $x, float $y, ?string $name = null): Rect
    {
        $item = $text->with(['name' => $name ?? $text->name])->inFrame(new Rect(Length::whole($x), Length::whole($y), $text->frame->w, $text->frame->h));
        $this->items[] = $item;

        return $item->frame;
    }

    /** In the middle of a height. */
    public function putMiddle(Item $text, float $x, float $y, float $height, ?string $name = null): Rect
    {
        return $this->put($text, $x, $y + ($height - $text->frame->h) / 2, $name);
    }

    /** @return list<Item> back to front, their ids their places */
    public function items(): array
    {
        return array_map(static fn (int $i, Item $item): Item => $item->with(['id' => "kit-$i", 'rank' => $i]), array_keys($this->items), $this->items);
    }

    /** @param  array<string, mixed>  $fields */
    private function add(Kind $kind, string $name, Rect $frame, array $fields): void
    {
        $item = new Item('', null, 0, $kind, $name, $frame, 0.0, false, false, [...$kind->fields()->defaults, ...$kind->fields()->taken($fields, $this->fonts)]);
        $this->items[] = $item->fitted(false, $this->fonts);
    }
}
