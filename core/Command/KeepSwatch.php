<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Swatch;

/** Keeps a colour as a swatch of the document. */
final readonly class KeepSwatch implements Command
{
    private function __construct(private string $called, private string $colour)
    {
    }

    public static function name(): string
    {
        return 'keep-swatch';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('name') ?? '', $params->word('colour') ?? '');
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [Swatch::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $swatches = $draft->of(Swatch::class);
        $colour = Colour::of($this->colour);
        $name = Naming::checked($this->called === '' ? $colour->hex : $this->called);
        foreach ($swatches->all() as $swatch) {
            if (! $swatch->gone && $swatch->name === $name) {
                throw Refusal::because("There is a swatch \"$name\" already. Give this one another name, or change that one.", 'name');
            }
        }
        if (count($swatches->all()) >= Swatch::MOST) {
            throw Refusal::because('A document keeps '.Swatch::MOST.' swatches at most.', 'name');
        }
        $id = $draft->nextId();
        $swatches->put(new Swatch($id, $id, $name, $colour));

        return new Report("Kept $colour->hex as the swatch \"$name\"", $items, ['swatch' => $id]);
    }
}
