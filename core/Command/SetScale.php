<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Traits\GoesOn;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\TypeScale;

/** Sets the scale from which the document offers sizes of letters; no text changes by it. */
final readonly class SetScale implements Command, GoesOn
{
    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'set-scale';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [TypeScale::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $scales = $draft->of(TypeScale::class);
        $was = array_values($scales->all())[0] ?? null;
        $is = new TypeScale(
            $was->id ?? $draft->nextId(),
            $this->params->number('base') ?? $was->base ?? 16.0,
            $this->params->number('ratio') ?? $was->ratio ?? 1.25,
            $this->params->flag('whole', $was->whole ?? $draft->sheet()->wholePixels),
        );
        $scales->put($is);
        $sizes = array_map(Length::text(...), $is->sizes());

        return new Report(sprintf('Set the scale: %s px, × %s: %s', Length::text($is->base), Length::text($is->ratio), implode(', ', $sizes)), $items);
    }
}
