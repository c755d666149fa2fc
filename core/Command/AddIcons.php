<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Paint\Contrast;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/**
 * Puts icons on the sheet, each one path of lines: one in the middle of each thing that is named, in front of it, or in a row about a
 * point. They are as large as they are said to be, or half as large as what they are put into.
 */
final readonly class AddIcons implements Command, SelectsWhatItMade
{
    /** px of an icon that is put into nothing, and between two of them */
    private const SIDE = 24.0;

    private const INK = '#20302d';

    private const LIGHT = '#ffffff';

    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'add-icons';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        $icons = $this->icons();
        $size = $this->params->length('size');
        $size = $size === null ? null : (new Figures($draft))->size($size, Axis::X, 'size');
        $made = $items === [] ? $this->inRow($draft, $icons, $size ?? self::SIDE) : $this->into($draft, $icons, $size, $items);
        $what = count($made) === 1 ? Words::quoted($draft->item($made[0])) : count($made).' icons';

        return new Report($items === [] ? "Put $what on the sheet" : "Put $what in the middle of ".Words::of($draft, $items), $made);
    }

    /** @return non-empty-list<array{name: string, path: string}> */
    private function icons(): array
    {
        $icons = [];
        foreach (is_array($this->params->value('icons')) ? $this->params->value('icons') : [] as $one) {
            if (is_array($one) && is_string($one['name'] ?? null) && is_string($one['path'] ?? null)) {
                $icons[] = ['name' => $one['name'], 'path' => $one['path']];
            }
        }

        return $icons === [] ? throw Refusal::because('Choose an icon.', 'icons') : $icons;
    }

    /**
     * @param  non-empty-list<array{name: string, path: string}>  $icons
     * @param  list<string>  $items
     * @return non-empty-list<string>
     */
    private function into(Draft $draft, array $icons, ?float $size, array $items): array
    {
        $selected = Selected::of($draft, $items)->ids;
        if (count($icons) > 1 && count($icons) !== count($selected)) {
            throw Refusal::because(sprintf('There are %d icons for %d things. Choose one for all, or one for each.', count($icons), count($selected)), 'icons');
        }
        $made = [];
        foreach ($selected as $i => $id) {
            $on = $draft->item($id);
            $side = $size ?? max(1.0, Length::whole(min($on->frame->w, $on->frame->h) / 2));
            $made[] = $this->put($draft, $icons[$i] ?? $icons[0], $side, $on->frame->centre(), $on->parent, self::seenOn($on));
        }

        // @phpstan-ignore return.type (something was selected)
        return $made;
    }

    /**
     * @param  non-empty-list<array{name: string, path: string}>  $icons
     * @return non-empty-list<string>
     */
    private function inRow(Draft $draft, array $icons, float $size): array
    {
        $at = new Params(array_filter(is_array($this->params->value('at')) ? $this->params->value('at') : [], is_string(...), ARRAY_FILTER_USE_KEY));
        $box = $draft->sheet()->box();
        $middle = new Point($at->number('x') ?? $box->w / 2, $at->number('y') ?? $box->h / 2);
        $left = $middle->x - (2 * count($icons) - 1) * $size / 2;
        $made = [];
        foreach ($icons as $i => $icon) {
            $made[] = $this->put($draft, $icon, $size, new Point($left + (2 * $i + 0.5) * $size, $middle->y), null);
        }

        return $made;
    }

    /**
     * What is measured stands in the middle: the extent of the path.
     *
     * @param  array{name: string, path: string}  $icon
     */
    private function put(Draft $draft, array $icon, float $size, Point $centre, ?string $parent, string $colour = self::INK): string
    {
        $scale = $size / max(1.0, $this->params->number('side') ?? self::SIDE);
        $path = PathData::read($icon['path'])->mapped(static fn (Point $p): Point => new Point(round($p->x * $scale, 6), round($p->y * $scale, 6)));
        $bounds = $path->bounds() ?? throw Refusal::because('There is nothing to be seen of this icon.', 'icons');
        $kind = Kinds::ofPaths();
        $colour = $this->params->value('colour') ?? $colour;
        $fields = $kind->fields()->taken(['subpaths' => $path->moved(-$bounds->x, -$bounds->y)->toArray(), 'outline' => ['colour' => $colour, 'weight' => $this->params->number('weight') ?? Length::round(2 * $scale), 'ends' => 'round', 'joins' => 'round']], $draft->fonts);
        $item = new Item($draft->nextId(), $parent, (new Ranks($draft))->top($parent), $kind, Naming::checked(ucfirst(str_replace('-', ' ', $icon['name']))), new Rect($centre->x - $bounds->w / 2, $centre->y - $bounds->h / 2, $bounds->w, $bounds->h), 0.0, false, false, [...$kind->fields()->defaults, ...$fields]);
        $draft->add($item->inFrame($item->frame->rounded())->fitted(false, $draft->fonts));
        if ($draft->sheet()->wholePixels && $parent === null && $this->params->value('at') !== null) {
            $mover = new Mover($draft);
            $box = $mover->box($item->id);
            $mover->shift($item->id, Length::whole($box->x) - $box->x, Length::whole($box->y) - $box->y);
        }

        return $item->id;
    }

    /** The one of ink and white that stands out more from the colour of what it is put into. */
    private static function seenOn(Item $on): string
    {
        $fill = $on->fields['fill'] ?? null;
        if (! $fill instanceof Colour || ! $fill->isOpaque()) {
            return self::INK;
        }
        $seen = static function (string $hex) use ($fill): float {
            return Contrast::ratio(array_slice(Colour::of($hex)->channels(), 0, 3), array_slice($fill->channels(), 0, 3));
        };

        return $seen(self::INK) >= $seen(self::LIGHT) ? self::INK : self::LIGHT;
    }
}
