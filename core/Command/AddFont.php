<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\OwnFont;

/** Adds a font that was brought along to those of the document; its file goes with the document. */
final readonly class AddFont implements Command
{
    private const MOST = 50;

    private function __construct(private string $font)
    {
    }

    public static function name(): string
    {
        return 'add-font';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('font') ?? '');
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [OwnFont::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $entry = $draft->fonts->entry($this->font);
        $own = $draft->of(OwnFont::class);
        foreach ($own->all() as $one) {
            if ($one->font === $this->font) {
                throw Refusal::because("The document has this font already: $one->name, weight $one->weight".($one->italic ? ', italic.' : '.'), 'font');
            }
        }
        if (count($own->all()) >= self::MOST) {
            throw Refusal::because('A document has '.self::MOST.' fonts of its own at most.', 'font');
        }
        $own->put(new OwnFont($draft->nextId(), $this->font, $entry['family'], $entry['name'], $entry['weight'], $entry['italic']));

        return new Report(sprintf('Added the font %s, weight %d%s', $entry['name'], $entry['weight'], $entry['italic'] ? ', italic' : ''), $items, ['family' => $entry['family']]);
    }
}
