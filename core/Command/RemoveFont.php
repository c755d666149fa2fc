<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\OwnFont;

/** Takes a font out of those that the document offers. Texts that are set in it stay as they are, and the file goes with them. */
final readonly class RemoveFont implements Command
{
    private function __construct(private string $id)
    {
    }

    public static function name(): string
    {
        return 'remove-font';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('own_font') ?? '');
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [OwnFont::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $font = $draft->of(OwnFont::class)->get($this->id);
        $draft->of(OwnFont::class)->remove($font->id);

        return new Report(sprintf('Removed the font %s, weight %d%s; what is set in it stays', $font->name, $font->weight, $font->italic ? ', italic' : ''), $items);
    }
}
