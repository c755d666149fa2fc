<?php

declare(strict_types=1);

namespace AllSquare\Core\DimensionDrawing;

/**
 * The lines of dimensions along one side of a drawing. In a line no two dimensions overlap, nor their figures; short ones
 * come nearest to the drawing, so that chains read from edge to edge.
 */
final class Band
{
    public const MOST_LINES = 12;

    /** @var list<list<array{float, float}>> what the dimensions of each line take, along the side */
    private array $lines = [];

    /** @var list<list<array{float, float}>> what their figures take */
    private array $figures = [];

    /** @var list<array{Measure, int}> */
    private array $placed = [];

    /** @var array<string, true> */
    private array $isPlaced = [];

    /** @var list<Measure> */
    private array $left = [];

    /**
     * @param  iterable<Measure>  $measures
     * @param  callable(Measure): float  $width  of its figure, px of the sheet
     */
    public function __construct(iterable $measures, private $width)
    {
        $ordered = [...$measures];
        usort($ordered, static fn (Measure $a, Measure $b): int => [$a->size, $a->from] <=> [$b->size, $b->from]);
        foreach ($ordered as $measure) {
            if (! isset($this->isPlaced[$measure->place()])) {
                $this->isPlaced[$measure->place()] = true;
                $this->put($measure);
            }
        }
    }

    /** @return list<array{Measure, int}> with the line of each, 0 nearest to the drawing */
    public function placed(): array
    {
        return $this->placed;
    }

    /** @return list<Measure> those for which there is no room: they are listed only */
    public function left(): array
    {
        return $this->left;
    }

    public function count(): int
    {
        return count($this->lines);
    }

    private function put(Measure $measure): void
    {
        $half = ($this->width)($measure) / 2;
        $middle = ($measure->from + $measure->to) / 2;
        $figure = [$middle - $half, $middle + $half];
        for ($line = 0; $line < self::MOST_LINES; $line++) {
            if (self::isFree($this->lines[$line] ?? [], [$measure->from, $measure->to]) && self::isFree($this->figures[$line] ?? [], $figure)) {
                $this->lines[$line][] = [$measure->from, $measure->to];
                $this->figures[$line][] = $figure;
                $this->placed[] = [$measure, $line];

                return;
            }
        }
        $this->left[] = $measure;
    }

    /**
     * @param  list<array{float, float}>  $taken
     * @param  array{float, float}  $wanted
     */
    private static function isFree(array $taken, array $wanted): bool
    {
        foreach ($taken as [$from, $to]) {
            if ($wanted[0] < $to - 0.0005 && $wanted[1] > $from + 0.0005) {
                return false;
            }
        }

        return true;
    }
}
