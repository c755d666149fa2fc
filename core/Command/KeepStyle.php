<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\TypeStyle;
use AllSquare\Core\Sheet\Words;

/** Keeps how a text is set as a style of the document. All texts named that are set like it are of that style from then on. */
final readonly class KeepStyle implements Command
{
    private function __construct(private string $called)
    {
    }

    public static function name(): string
    {
        return 'keep-style';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('name') ?? '');
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [TypeStyle::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::of($draft, $items);
        $texts = array_values(array_filter($selected->ids, static fn (string $id): bool => $draft->item($id)->kind instanceof HasWords));
        if ($texts === []) {
            throw Refusal::because('Select the text whose style is to be kept.', 'items');
        }
        $styles = $draft->of(TypeStyle::class);
        $name = Naming::checked($this->called === '' ? Naming::line($draft->item($texts[0])->name) : $this->called);
        foreach ($styles->all() as $style) {
            if ($style->name === $name) {
                throw Refusal::because("There is a style \"$name\" already. Give this one another name, or change that one.", 'name');
            }
        }
        if (count($styles->all()) >= TypeStyle::MOST) {
            throw Refusal::because('A document keeps '.TypeStyle::MOST.' styles at most.', 'name');
        }
        $id = $draft->nextId();
        $made = new TypeStyle($id, $id, $name, TypeStyle::of($draft->item($texts[0])));
        $styles->put($made);
        foreach ($texts as $text) {
            $item = $draft->item($text);
            if ($made->isHow($item) && ! $draft->tree->isLocked($text)) {
                $draft->put($item->withFields(['style' => $made->key]));
            }
        }

        return new Report(sprintf('Kept how %s is set as the style "%s"', Words::quoted($draft->item($texts[0])), $name), $selected->ids, ['style' => $id]);
    }
}
