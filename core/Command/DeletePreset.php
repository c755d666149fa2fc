<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Preset;

/** Deletes kept settings for handing over. */
final readonly class DeletePreset implements Command
{
    private function __construct(private string $preset)
    {
    }

    public static function name(): string
    {
        return 'delete-preset';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('preset') ?? '');
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [Preset::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $name = $draft->of(Preset::class)->get($this->preset)->name;
        $draft->of(Preset::class)->remove($this->preset);

        return new Report("Deleted the preset \"$name\"", $items);
    }
}
