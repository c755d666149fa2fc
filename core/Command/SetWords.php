<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Item\Traits\SetsLines;
use AllSquare\Core\Item\Type\TypeFields;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\GoesOn;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\Text\FontLibrary;

/** Sets some of the letters of a text otherwise than it, and the paragraphs that they are in. */
final readonly class SetWords implements Command, GoesOn
{
    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'set-words';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::changeable($draft, $items);
        $item = count($selected->free) === 1 ? $draft->item($selected->free[0]) : throw Refusal::because('Name the one text of which this is a part.', 'items');
        if (! $item->kind instanceof SetsLines || ! $item->kind instanceof HasWords) {
            throw Refusal::because(Words::quoted($item).' is a '.$item->kind->noun(1).': it has no lines of words.', 'items');
        }
        $words = $item->kind->words($item);
        [$from, $to] = [$this->params->count('from') ?? 0, min($this->params->count('to') ?? 0, mb_strlen($words))];
        if ($from > $to) {
            throw Refusal::because("There is nothing from character $from to $to.", 'to');
        }
        $styles = $this->params->value('styles');
        $given = is_array($styles) ? $styles : [];
        $draft->put($item->kind->withStyles($item, $from, $to, self::taken($given, $draft->fonts))->fitted($draft->sheet()->wholePixels, $draft->fonts));
        $missing = $item->kind->missing($draft->item($item->id), $draft->fonts);

        return new Report(
            sprintf('Set %s of "%s" in %s', implode(', ', array_map(static fn (int|string $name): string => str_replace('_', ' ', (string) $name), array_keys($given))) ?: 'nothing', Naming::line(mb_substr($words, $from, $to - $from)), Words::quoted($item)),
            $selected->ids,
            $missing === [] ? [] : ['missing_characters' => $missing],
        );
    }

    /**
     * @param  array<mixed>  $styles  by name, as they were given
     * @return array<string, mixed> as letters and paragraphs keep them
     */
    public static function taken(array $styles, FontLibrary $fonts): array
    {
        $taken = [];
        foreach (array_intersect_key(TypeFields::ofRuns() + TypeFields::ofParagraphs(), $styles) as $name => $field) {
            $taken[$name] = $field->taken($styles[$name], $fonts);
        }

        return $taken;
    }
}
