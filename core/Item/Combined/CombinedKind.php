<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Combined;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\ChoiceField;
use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Field\NumbersField;
use AllSquare\Core\Item\Field\PathField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\Closed;
use AllSquare\Core\Item\Traits\Combines;
use AllSquare\Core\Item\Traits\GoesWhenEmpty;
use AllSquare\Core\Item\Traits\ShowsAsOne;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Text\FontLibrary;

/**
 * Shapes combined into one (RULES 15). They stay in it and can be edited; the rearmost is what others are cut from.
 *
 * `how` says what becomes of them; `outcome` is what came of it, in its own space; `operands` keeps how they stood before, so that they
 * can be released as they were.
 */
final class CombinedKind implements Closed, Combines, GoesWhenEmpty, Kind, ShowsAsOne
{
    private Fields $fields;

    public function name(): string
    {
        return 'combined';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'combined shape' : 'combined shapes';
    }

    public function icon(): string
    {
        return 'M2 2h7v3h3v7H5V9H2z';
    }

    public function tool(): ?Tool
    {
        return null;
    }

    public function fields(): Fields
    {
        return $this->fields ??= new Fields(
            new ChoiceField('how', 'what becomes of the shapes', 'Combined by', 'combined by', FieldGroup::Geometry, ['join' => 'join', 'cut' => 'cut out', 'overlap' => 'overlap', 'difference' => 'difference']),
            new PathField('outcome', new Path([]), 'what comes of it, in px of its own space; worked out anew when what is in it changes; empty where nothing is left', isSet: false, isWorkedOut: true),
            Look::fillField('#b9cfc6'),
            Look::outlineField(),
            Look::shadowField(),
            Look::opacityField(),
            new NumbersField('operands', 'the shapes in it', 'how the shapes in it stood before'),
        );
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new CombinedPainter($fonts);
    }

    public function anew(Branch $branch, FontLibrary $fonts): Item
    {
        $item = $branch->item();
        $operands = new Operands($branch, $fonts);
        $kept = is_array($item->fields['operands']) ? $item->fields['operands'] : [];
        $made = $operands->hash();

        return ($kept['made'] ?? null) === $made ? $item : $item->withFields(['outcome' => $operands->combined(), 'operands' => ['made' => $made] + $kept]);
    }

    public function extent(Item $item): ?Rect
    {
        return PathField::of($item->fields['outcome'])->bounds();
    }
}
