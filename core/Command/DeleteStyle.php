<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\TypeStyle;

/** Deletes a style of the document. The texts of it, on every sheet, stay as they are set. */
final readonly class DeleteStyle implements Command
{
    private function __construct(private string $id)
    {
    }

    public static function name(): string
    {
        return 'delete-style';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('style') ?? '');
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [TypeStyle::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $style = $draft->of(TypeStyle::class)->get($this->id);
        $draft->of(TypeStyle::class)->remove($style->id);

        return new Report("Deleted the style \"$style->name\"; the texts of it stay as they are", $items);
    }
}
