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
use AllSquare\Core\Running\Traits\GoesOn;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Swatch;

/** Gives a swatch another colour or name: everything that has it, on every sheet, is painted in it from then on. */
final readonly class SetSwatch implements Command, GoesOn
{
    private function __construct(private string $id, private ?string $called, private ?string $colour)
    {
    }

    public static function name(): string
    {
        return 'set-swatch';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('swatch') ?? '', $params->word('name'), $params->word('colour'));
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [Swatch::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        if ($this->called === null && $this->colour === null) {
            throw Refusal::because('Give the swatch another name or another colour.', 'params');
        }
        $swatch = $draft->of(Swatch::class)->get($this->id);
        $is = $swatch->with([
            'name' => $this->called === null ? $swatch->name : Naming::checked($this->called),
            'colour' => $this->colour === null ? $swatch->colour : Colour::of($this->colour),
        ]);
        foreach ($draft->of(Swatch::class)->all() as $other) {
            if ($other->id !== $is->id && ! $other->gone && $other->name === $is->name) {
                throw Refusal::because("There is a swatch \"$is->name\" already.", 'name');
            }
        }
        $draft->of(Swatch::class)->put($is);

        return new Report($this->colour === null
            ? "Renamed the swatch \"$swatch->name\" \"$is->name\""
            : sprintf('Set the swatch "%s" to %s (was %s)', $is->name, $is->colour->hex, $swatch->colour->hex), $items);
    }
}
