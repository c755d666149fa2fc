<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Refusal;
use AllSquare\Core\Text\FontLibrary;
use DOMElement;

/** Makes items of a drawing in SVG: nothing of its text is ever passed on. */
final class SvgReader
{
    private const MOST_ITEMS = 5_000;

    /** how ids begin; their numbers are the order of what they are of */
    private const ID = 'svg-';

    /** how often something may be used within what is used */
    private const DEEPEST_USE = 12;

    /** what is painted only where it is referred to, or never */
    private const UNSEEN = ['defs', 'symbol', 'linearGradient', 'radialGradient', 'pattern', 'clipPath', 'mask', 'marker', 'filter', 'title', 'desc', 'metadata', 'style'];

    private const SAID_AS = ['script' => 'a script', 'foreignObject' => 'something that is no SVG', 'animate' => 'an animation', 'animateTransform' => 'an animation', 'animateMotion' => 'an animation', 'set' => 'an animation', 'textPath' => 'a text on a path'];

    /** @var list<Item> */
    private array $items = [];

    private int $count = 0;

    private readonly LeftOut $leftOut;

    private readonly Cascade $cascade;

    private readonly References $references;

    private readonly ShapeItems $shapes;

    private readonly TextItems $texts;

    private readonly PictureItems $pictures;

    private readonly Clips $clips;

    /** @param  callable(string): string|null  $keep  keeps a picture file and gives its key */
    private function __construct(private readonly DOMElement $root, FontLibrary $fonts, ?callable $keep)
    {
        $this->leftOut = new LeftOut;
        $this->cascade = new Cascade($this->leftOut);
        $this->references = new References($root);
        $looks = new Looks($this->references, new Gradients($this->cascade, $this->references, $this->leftOut), new Patterns($this->cascade, $this->references, $this->leftOut), $this->leftOut);
        $this->shapes = new ShapeItems($looks, $this->leftOut, $fonts);
        $this->texts = new TextItems($this->cascade, $looks, $this->leftOut, $fonts);
        $this->pictures = new PictureItems($keep, $this->leftOut, $fonts);
        $this->clips = new Clips($this->cascade, $this->references);
    }

    /**
     * @param  callable(string): string|null  $keep  keeps a picture file that stands in it and gives its key
     *
     * @throws Refusal when it cannot be read, or holds more than can be taken
     */
    public static function read(string $text, FontLibrary $fonts, ?callable $keep = null): SvgContent
    {
        return (new self(SvgSource::read($text), $fonts, $keep))->content();
    }

    private function content(): SvgContent
    {
        foreach ($this->root->getElementsByTagName('style') as $style) {
            $this->cascade->add($style->textContent);
        }
        $said = $this->cascade->of($this->root);
        $box = Viewport::box($said);
        $outer = new Lengths($box->w ?? 300.0, $box->h ?? 150.0);
        [$width, $height] = [Viewport::side($said['width'] ?? '', 'x', $outer), Viewport::side($said['height'] ?? '', 'y', $outer)];
        $width ??= $height !== null && $box !== null && $box->h > 0.0 ? $height * $box->w / $box->h : $outer->width;
        $height ??= $box !== null && $box->w > 0.0 ? $width * $box->h / $box->w : $outer->height;
        $place = new UserSpace(new Affine, Style::initial()->of($said, $outer), $outer);
        $this->children($this->root, Viewport::shown($place, $said, $width, $height), 0);
        $title = '';
        foreach ($this->root->childNodes as $child) {
            $title = $child instanceof DOMElement && $child->localName === 'title' ? trim($child->textContent) : $title;
        }

        return new SvgContent($title === '' ? null : mb_substr(Naming::line($title), 0, 100), $width, $height, $this->items, $this->leftOut->listed());
    }

    /** @return Rect|null where what it made lies, in the space of the parent */
    private function children(DOMElement $of, UserSpace $at, int $used): ?Rect
    {
        $boxes = [];
        foreach ($of->childNodes as $child) {
            if ($child instanceof DOMElement) {
                $boxes[] = $this->element($child, $at, $used);
            }
        }

        return Rect::unionOf(array_values(array_filter($boxes)));
    }

    private function element(DOMElement $element, UserSpace $at, int $used): ?Rect
    {
        $name = $element->localName ?? '';
        if ($element->namespaceURI !== null && $element->namespaceURI !== SvgSource::NS) {
            return null;
        }
        if (in_array($name, self::UNSEEN, true)) {
            return null;
        }
        $said = $this->cascade->of($element);
        $at = $at->styled($at->style->of($said, $at->lengths));
        if (! $at->style->isShown() && ($name !== 'g' || $at->style->word('display') === 'none')) {
            return null;
        }
        $transform = Affine::read($said['transform'] ?? '');
        if ($transform === null) {
            $this->leftOut->add('a transform that cannot be read');
        }
        $at = $at->transformed($transform ?? new Affine);
        $at = $this->seenThrough($element, $at, $used);
        $this->note($at->style);

        return match (true) {
            in_array($name, Shapes::NAMES, true) => $this->kept($this->shapes->make($name, $said, $at, $this->nextId()), $element),
            $name === 'g', $name === 'svg', $name === 'a', $name === 'switch', $name === 'use' => $this->group($element, $said, $at, $used),
            $name === 'text' => Rect::unionOf(array_values(array_filter(array_map(fn (Item $item): ?Rect => $this->kept($item, $element), $this->texts->make($element, $at, $this->nextId(...)))))),
            $name === 'image' => $this->kept($this->pictures->make($element, $said, $at, $this->nextId()), $element),
            default => $this->skipped($name),
        };
    }

    /**
     * What holds others becomes a group where it holds several; a single one takes over what it says.
     *
     * @param  array<string, string>  $said
     */
    private function group(DOMElement $element, array $said, UserSpace $at, int $used): ?Rect
    {
        [$content, $at] = $this->contentOf($element, $said, $at);
        if ($content === null || $used > self::DEEPEST_USE) {
            $this->leftOut->add($content === null ? 'something that is not there' : 'something that uses itself');

            return null;
        }
        $used += $element->localName === 'use' ? 1 : 0;
        $opacity = $at->style->number('opacity', 1.0);
        $seen = array_values(array_filter([...$content->childNodes], static fn (mixed $child): bool => $child instanceof DOMElement && ! in_array($child->localName, self::UNSEEN, true)));
        $isOne = $element->localName === 'use' && $content !== $element && ! in_array($content->localName, ['symbol', 'svg', 'g'], true);
        if ($isOne) {
            return $this->element($content, $at->fainter($opacity), $used);
        }
        if ($element->localName === 'switch') {
            return isset($seen[0]) && $seen[0] instanceof DOMElement ? $this->element($seen[0], $at->fainter($opacity), $used) : null;
        }
        if (count($seen) <= 1) {
            return $this->children($content, $at->fainter($opacity), $used);
        }
        $move = $at->toParent->isMove() ? $at->toParent : Affine::shift($at->toParent->e, $at->toParent->f);
        $rest = ($move->inverse() ?? new Affine)->after($at->toParent);
        $kind = Kinds::ofGroups();
        $opacity *= $at->opacity;
        $fields = $opacity < 1.0 ? ['opacity' => round(max(0.0, $opacity), 6)] : [];
        $item = new Item($this->nextId(), $at->parent, 0, $kind, 'Group', new Rect(0.0, 0.0, 0.0, 0.0), 0.0, false, false, [...$kind->fields()->defaults, ...$fields]);
        $index = count($this->items);
        $this->items[] = $item;
        $box = $this->children($content, $at->inside($item->id, $rest), $used);
        if ($box === null) {
            array_splice($this->items, $index);

            return null;
        }
        $centre = $move->apply($box->centre());
        $frame = new Rect($centre->x - $box->w / 2, $centre->y - $box->h / 2, $box->w, $box->h);
        $item = $this->named($item->inFrame($frame)->with(['origin' => new Point($box->x, $box->y), 'angle' => Angle::keep($move->taken()[2])]), $element);
        array_splice($this->items, $index, 1, [$item]);

        return self::around($item);
    }

    /**
     * What an element holds, and where that lies.
     *
     * @param  array<string, string>  $said
     * @return array{DOMElement|null, UserSpace}
     */
    private function contentOf(DOMElement $element, array $said, UserSpace $at): array
    {
        if ($element->localName === 'a') {
            $this->leftOut->add('a link');
        }
        if (! in_array($element->localName, ['use', 'svg'], true)) {
            return [$element, $at];
        }
        $shift = Affine::shift(Viewport::side($said['x'] ?? '', 'x', $at->lengths) ?? 0.0, Viewport::side($said['y'] ?? '', 'y', $at->lengths) ?? 0.0);
        $content = $element->localName === 'use' ? $this->references->of($element) : $element;
        $at = $at->transformed($shift);
        if ($content === null || ! in_array($content->localName, ['symbol', 'svg'], true)) {
            return [$content, $at];
        }
        $own = $this->cascade->of($content);
        $at = $content === $element ? $at : $at->styled($at->style->of($own, $at->lengths));

        return [$content, Viewport::shown($at, $own, Viewport::side($said['width'] ?? $own['width'] ?? '100%', 'x', $at->lengths) ?? 0.0, Viewport::side($said['height'] ?? $own['height'] ?? '100%', 'y', $at->lengths) ?? 0.0)];
    }

    /** Clipped and masked as it says. */
    private function seenThrough(DOMElement $element, UserSpace $at, int $used): UserSpace
    {
        foreach (['clip-path' => 'a clip', 'mask' => 'a mask'] as $name => $noun) {
            $value = $at->style->word($name, 'none');
            $clip = $value === 'none' ? null : $this->references->named($value);
            if ($clip === null) {
                continue;
            }
            $path = in_array($clip->localName, ['clipPath', 'mask'], true) ? $this->clips->path($clip, $at, fn (): ?Rect => $this->boxOf($element, $at, $used)) : null;
            if ($path === null) {
                $this->leftOut->add($noun);
            } else {
                $at = $at->clipped(...$path);
            }
        }

        return $at;
    }

    /** Where it lies in its own user space, without its clips. */
    private function boxOf(DOMElement $element, UserSpace $at, int $used): ?Rect
    {
        if ($used > self::DEEPEST_USE || ! in_array($element->localName, Shapes::NAMES, true)) {
            return null;
        }

        return (new Shapes($at->lengths))->path($element->localName ?? '', $this->cascade->of($element), $at->style->fontSize)?->bounds();
    }

    private function note(Style $style): void
    {
        foreach (['filter' => 'a filter', 'mix-blend-mode' => 'a way of blending', 'marker-start' => 'a marker', 'marker-mid' => 'a marker', 'marker-end' => 'a marker', 'marker' => 'a marker'] as $name => $noun) {
            if (! in_array($style->word($name, 'none'), ['none', 'normal'], true)) {
                $this->leftOut->add($noun);
            }
        }
    }

    private function skipped(string $name): null
    {
        $this->leftOut->add(self::SAID_AS[$name] ?? "the element $name");

        return null;
    }

    private function kept(?Item $item, DOMElement $element): ?Rect
    {
        if ($item === null) {
            return null;
        }
        $this->items[] = $item = $this->named($item, $element);

        return self::around($item);
    }

    /** Called as the drawing calls it, or by what it is; in front of what came before it. */
    private function named(Item $item, DOMElement $element): Item
    {
        $title = '';
        foreach ($element->childNodes as $child) {
            $title = $child instanceof DOMElement && $child->localName === 'title' ? trim($child->textContent) : $title;
        }
        $name = mb_substr(Naming::line(trim($title ?: $element->getAttribute('aria-label') ?: $element->getAttribute('id'))), 0, 100);

        return $item->with(['name' => $name === '' ? Naming::ofItem($item) : $name, 'rank' => (int) substr($item->id, strlen(self::ID))]);
    }

    private function nextId(): string
    {
        if (++$this->count > self::MOST_ITEMS) {
            throw Refusal::because('An SVG has '.number_format(self::MOST_ITEMS).' things at most. Take it apart and bring it along in parts.', 'file');
        }

        return self::ID.$this->count;
    }

    /** @return Rect round its frame, in the space of its parent */
    public static function around(Item $item): Rect
    {
        $at = $item->toParent();
        [$x, $y] = [$item->origin->x, $item->origin->y];

        return Rect::around(array_map($at->apply(...), [new Point($x, $y), new Point($x + $item->frame->w, $y), new Point($x, $y + $item->frame->h), new Point($x + $item->frame->w, $y + $item->frame->h)]));
    }
}
