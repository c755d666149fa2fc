<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\FieldsFollow;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\TypeStyle;
use AllSquare\Core\Sheet\Words;

/** Sets texts in a style of the document, with nothing otherwise; or takes them out of their styles, and leaves them as they are. */
final readonly class UseStyle implements Command, Repeatable
{
    private function __construct(private ?string $id)
    {
    }

    public static function name(): string
    {
        return 'use-style';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('style'));
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [TypeStyle::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $texts = array_values(array_filter($selected->free, static fn (string $id): bool => $draft->item($id)->kind instanceof HasWords));
        if ($texts === []) {
            throw Refusal::because('Select the texts that are to have the style.', 'items');
        }
        $style = $this->id === null ? null : $draft->of(TypeStyle::class)->get($this->id);
        foreach ($texts as $id) {
            $item = $draft->item($id);
            $draft->put(($style === null ? $item->withFields(['style' => null]) : self::set($item, $style->styles)->withFields(['style' => $style->key]))->fitted($draft->sheet()->wholePixels, $draft->fonts));
        }

        return new Report(
            $style === null ? 'Took '.Words::of($draft, $texts).' out of '.(count($texts) === 1 ? 'its style' : 'their styles') : sprintf('Set %s in the style "%s"', Words::of($draft, $texts), $style->name).$selected->note(),
            $selected->ids,
        );
    }

    /**
     * @param  array<string, mixed>  $styles
     * @return Item with what of them its kind has
     */
    public static function set(Item $item, array $styles): Item
    {
        $fields = array_intersect_key($styles, $item->fields);

        return $item->kind instanceof FieldsFollow ? $item->kind->withFields($item, $fields) : $item->withFields($fields);
    }
}
