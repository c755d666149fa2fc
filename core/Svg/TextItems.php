<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Traits\HasBaseline;
use AllSquare\Core\Text\FontLibrary;
use DOMElement;
use DOMText;

/** Makes items of texts: one wherever a place of its own begins, its baseline where it was. */
final class TextItems
{
    private const GENERIC = ['serif' => 'source-serif-4', 'monospace' => 'overpass-mono', 'cursive' => 'caveat', 'sans-serif' => 'overpass', 'system-ui' => 'overpass'];

    /** @var list<array{x: float, y: float, parts: list<array{words: string, at: UserSpace}>}> */
    private array $lines = [];

    public function __construct(private readonly Cascade $cascade, private readonly Looks $looks, private readonly LeftOut $leftOut, private readonly FontLibrary $fonts)
    {
    }

    /**
     * @param  callable(): string  $nextId
     * @return list<Item>
     */
    public function make(DOMElement $text, UserSpace $at, callable $nextId): array
    {
        $this->lines = [];
        $this->gather($text, $at);
        $items = [];
        foreach ($this->lines as $line) {
            $item = $this->item($line['x'], $line['y'], self::tidied($line['parts']), $nextId);
            $items = $item === null ? $items : [...$items, $item];
        }

        return $items;
    }

    private function gather(DOMElement $element, UserSpace $at): void
    {
        $read = static fn (string $name, string $along): ?float => $at->lengths->read((preg_split('/[\s,]+/', trim($element->getAttribute($name))) ?: [''])[0], $along, $at->style->fontSize);
        [$x, $y] = [$read('x', 'x'), $read('y', 'y')];
        $last = $this->lines[count($this->lines) - 1] ?? null;
        if ($last === null || $x !== null || $y !== null) {
            $this->lines[] = ['x' => $x ?? $last['x'] ?? 0.0, 'y' => $y ?? $last['y'] ?? 0.0, 'parts' => []];
        }
        $line = count($this->lines) - 1;
        foreach ([['dx', 'x'], ['dy', 'y']] as [$name, $along]) {
            $by = $read($name, $along) ?? 0.0;
            if ($this->lines[$line]['parts'] === []) {
                $this->lines[$line][$along] += $by;
            } elseif ($by !== 0.0) {
                $this->leftOut->add('the shift of a part of a text');
            }
        }
        foreach ($element->childNodes as $child) {
            if ($child instanceof DOMText) {
                $this->lines[count($this->lines) - 1]['parts'][] = ['words' => $child->data, 'at' => $at];
            } elseif ($child instanceof DOMElement && in_array($child->localName, ['tspan', 'a'], true)) {
                $style = $at->style->of($this->cascade->of($child), $at->lengths);
                $style->isShown() && $this->gather($child, $at->styled($style));
            } elseif ($child instanceof DOMElement && ! in_array($child->localName, ['title', 'desc'], true)) {
                $this->leftOut->add($child->localName === 'textPath' ? 'a text on a path' : "the element $child->localName");
            }
        }
    }

    /**
     * White space as it is where it is not kept: one blank for any, none at both ends.
     *
     * @param  list<array{words: string, at: UserSpace}>  $parts
     * @return list<array{words: string, at: UserSpace}>
     */
    private static function tidied(array $parts): array
    {
        $tidied = [];
        $isBlank = true;
        foreach ($parts as ['words' => $words, 'at' => $at]) {
            $words = (string) preg_replace('/[ \t\r\n]+/', ' ', $words);
            $words = $isBlank ? ltrim($words, ' ') : $words;
            if ($words !== '') {
                $isBlank = str_ends_with($words, ' ');
                $tidied[] = ['words' => $words, 'at' => $at];
            }
        }
        if ($tidied !== []) {
            $last = count($tidied) - 1;
            $tidied[$last]['words'] = rtrim($tidied[$last]['words'], ' ');
        }

        return array_values(array_filter($tidied, static fn (array $part): bool => $part['words'] !== ''));
    }

    /**
     * @param  list<array{words: string, at: UserSpace}>  $parts
     * @param  callable(): string  $nextId
     */
    private function item(float $x, float $y, array $parts, callable $nextId): ?Item
    {
        if ($parts === []) {
            return null;
        }
        $at = $parts[0]['at'];
        $scale = $at->toParent->scale();
        if ($scale <= 0.0 || $at->style->fontSize <= 0.0) {
            return null;
        }
        if (! $at->toParent->isEven()) {
            $this->leftOut->add('the unevenness of a text');
        }
        [, $flip, $angle] = $at->toParent->isWithoutSkew() ? $at->toParent->taken() : [null, Flip::None, rad2deg(atan2($at->toParent->b, $at->toParent->a))];
        $align = ['middle' => 'centre', 'end' => 'end'][$at->style->word('text-anchor')] ?? 'start';
        $fields = ['text' => implode('', array_column($parts, 'words')), 'align' => $align, 'grow' => 'both', ...$this->letters($at, $scale), ...$this->runs($parts, $scale)];
        $opacity = $at->opacity * $at->style->number('opacity', 1.0);
        $kind = Kinds::ofSvg('text');
        $item = new Item($nextId(), $at->parent, 0, $kind, '', new Rect(0.0, 0.0, 0.0, 0.0), 0.0, false, false, [...$kind->fields()->defaults, ...$kind->fields()->taken($fields + ($opacity < 1.0 ? ['opacity' => round(max(0.0, $opacity), 6)] : []), $this->fonts)]);
        $item = $item->fitted(false, $this->fonts);
        [$w, $h] = [$item->frame->w, $item->frame->h];
        $baseline = $kind instanceof HasBaseline ? $kind->baseline($item->fields, $w, $h, $this->fonts) : $h;
        $anchor = new Point($w * ['start' => 0.0, 'centre' => 0.5, 'end' => 1.0][$align], $baseline);
        $place = $at->toParent->apply(new Point($x, $y));
        $turn = Matrix::turn($angle)->after($flip->within(0.0, 0.0));
        $by = $turn->applyToDistance(new Point($w / 2 - $anchor->x, $h / 2 - $anchor->y));
        $frame = new Rect($place->x + $by->x - $w / 2, $place->y + $by->y - $h / 2, $w, $h);

        return $item->inFrame($frame)->with(['angle' => Angle::keep(round($angle, 6)), 'flip' => $flip]);
    }

    /** @return array{font: string, weight: int, italic: bool, size: float, fill: string, tracking?: float} how letters are set and painted */
    private function letters(UserSpace $at, float $scale): array
    {
        $style = $at->style;
        $size = round(min(2000.0, max(1.0, $style->fontSize * $scale)), 3);
        $weight = $style->word('font-weight', '400');
        $tracking = $at->lengths->read($style->word('letter-spacing', '0'), 'o', $style->fontSize) ?? 0.0;
        $box = new Rect(0.0, 0.0, 1.0, 1.0);
        $fill = $this->looks->fill($at, new Affine, $box, new Point(1.0, 1.0));
        if (is_array($fill)) {
            $this->leftOut->add('the gradient of a text');
        }
        if ($style->word('stroke', 'none') !== 'none') {
            $this->leftOut->add('the outline of a text');
        }

        return [
            'font' => $this->family($style->word('font-family', 'sans-serif')),
            'weight' => max(100, min(900, (int) (['normal' => 400, 'bold' => 700, 'bolder' => 700, 'lighter' => 300][$weight] ?? $weight) ?: 400)),
            'italic' => in_array($style->word('font-style'), ['italic', 'oblique'], true),
            'size' => $size,
            'fill' => is_string($fill) ? $fill : '#000000',
            ...abs($tracking) > 1e-6 ? ['tracking' => round(1000 * $tracking / $style->fontSize, 3)] : [],
        ];
    }

    /**
     * @param  list<array{words: string, at: UserSpace}>  $parts
     * @return array<string, mixed>
     */
    private function runs(array $parts, float $scale): array
    {
        $whole = $this->letters($parts[0]['at'], $scale);
        $runs = [];
        $from = 0;
        foreach ($parts as ['words' => $words, 'at' => $at]) {
            $to = $from + mb_strlen($words);
            $own = array_filter($this->letters($at, $scale), static fn (mixed $value, string $name): bool => $value !== ($whole[$name] ?? 0.0), ARRAY_FILTER_USE_BOTH);
            if ($own !== []) {
                $runs[] = ['from' => $from, 'to' => $to, ...$own];
            }
            $from = $to;
        }

        return $runs === [] ? [] : ['runs' => $runs];
    }

    /** The first of the families that there is here; else the one that stands for its sort. */
    private function family(string $families): string
    {
        $known = $this->fonts->families();
        foreach (array_map(static fn (string $one): string => trim($one, " \t\n\"'"), explode(',', $families)) as $i => $one) {
            foreach ($known as $family => ['name' => $name]) {
                if (strcasecmp($one, $family) === 0 || strcasecmp($one, $name) === 0) {
                    return $family;
                }
            }
            if (isset(self::GENERIC[$one])) {
                return self::GENERIC[$one];
            }
            if ($i === 0 && $one !== '') {
                $this->leftOut->add("the font $one");
            }
        }

        return 'overpass';
    }
}
