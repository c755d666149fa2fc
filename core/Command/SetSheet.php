<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Margins;
use AllSquare\Core\Sheet\Sheet;

/** Sets the size of the sheet and how things are placed on it. */
final readonly class SetSheet implements Command
{
    /** of a size in the sheet's unit: less than any unit can show, and more than px take */
    public const DECIMALS = 9;

    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'set-sheet';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        // The foot of every sheet rides on its bottom edge.
        return new Needs($this->params->has('page') ? Scope::Whole : Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        if ($this->params->all() === []) {
            throw Refusal::because('Name at least one thing to set.', 'params');
        }
        $was = $draft->sheet();
        $is = $this->sized($draft, $was)->with([
            'wholePixels' => $this->params->flag('whole_pixels', $was->wholePixels),
            'margins' => $this->margins($draft, $was->margins),
            'background' => $this->params->has('background') ? $this->background() : $was->background,
            'unitOfSpacing' => $this->params->has('unit_of_spacing') ? $this->spacing($draft) : $was->unitOfSpacing,
        ]);
        if ($this->params->has('page')) {
            $is = $is->with(['page' => null]);
            $this->stand($draft);
        }
        $draft->putSheet($is);
        $summary = $is->picture()->same($was->picture())
            ? 'Set '.implode(', ', array_map(static fn (string $name): string => str_replace('_', ' ', $name), array_keys($this->params->all()))).' of the sheet'
            : sprintf('Sized the sheet to %s × %s (was %s × %s)', Spoken::length($is->width()), Spoken::withUnit($is->height()), Spoken::length($was->width()), Spoken::length($was->height()));

        return new Report($summary, $items);
    }

    /** A page at one width of several is a page by itself from then on, and so is all that lies on it. */
    private function stand(Draft $draft): void
    {
        foreach ($draft->tree->all() as $item) {
            if ($item->twin() !== null && ! $item->twin()->runs()) {
                $draft->put($item->withFields(['twin' => null]));
            }
        }
    }

    /** Lengths are px of the sheet; it keeps them in its unit, as exactly as they were given. */
    private function sized(Draft $draft, Sheet $was): Sheet
    {
        $unit = $this->params->choice('unit', Unit::class) ?? $was->unit;
        $ppi = (float) ($this->params->length('ppi') ?? $was->ppi);
        $figures = new Figures($draft, $ppi);
        [$width, $height] = [$this->params->length('width'), $this->params->length('height')];
        $other = $unit !== $was->unit;
        $inUnit = static fn (float $pixels): float => round($pixels / $unit->pixels($ppi), self::DECIMALS);
        $side = static fn (float|string|null $given, Axis $axis, string $field, float $typed, float $pixels): float => match (true) {
            $given !== null => $inUnit($figures->exactly($given, $axis, $field)),
            $other => $inUnit($pixels),
            default => $typed,
        };

        return $was->with([
            'unit' => $unit,
            'ppi' => $ppi,
            'typedWidth' => $side($width, Axis::X, 'width', $was->typedWidth, $was->width()),
            'typedHeight' => $side($height, Axis::Y, 'height', $was->typedHeight, $was->height()),
        ]);
    }

    private function margins(Draft $draft, Margins $was): Margins
    {
        $given = $this->params->value('margins');
        if (! is_array($given)) {
            return $was;
        }
        $figures = new Figures($draft);
        $read = static function (string $side, Axis $axis, float $was) use ($given, $figures): float {
            $value = $given[$side] ?? null;

            return is_string($value) || is_int($value) || is_float($value)
                ? $figures->size(is_string($value) ? $value : (float) $value, $axis, "margins.$side")
                : $was;
        };

        return new Margins($read('left', Axis::X, $was->left), $read('top', Axis::Y, $was->top), $read('right', Axis::X, $was->right), $read('bottom', Axis::Y, $was->bottom));
    }

    private function background(): ?string
    {
        $colour = $this->params->word('background');

        return $colour === null ? null : strtolower($colour);
    }

    private function spacing(Draft $draft): ?float
    {
        $given = $this->params->length('unit_of_spacing');

        $spacing = $given === null ? null : (new Figures($draft))->size($given, Axis::X, 'unit_of_spacing');

        return $spacing === 0.0 ? throw Refusal::because('The unit of spacing is more than 0. Leave it empty for none.', 'unit_of_spacing') : $spacing;
    }
}
