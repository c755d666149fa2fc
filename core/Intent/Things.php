<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Snap\SnapKind;
use AllSquare\Core\Snap\SnapLine;

/** Things side by side along one axis, as columns of numbers; after them the lines of the sheet, which nothing moves. */
final readonly class Things
{
    public const LEAD = 'lead';

    public const CENTRE = 'centre';

    public const TRAIL = 'trail';

    public const BASELINE = 'baseline';

    /** px that things lie within at least */
    private const SMALL = 8.0;

    /** the types of lines of the sheet: those that follow from it, and those that somebody drew */
    private const LINE = 'line';

    public const DRAWN = 'drawn line';

    /** in the order in which they are preferred */
    public const EDGES = [self::LEAD, self::CENTRE, self::TRAIL, self::BASELINE];

    /**
     * @param  list<float>  $leads  px, of their leading edges
     * @param  list<float>  $sizes  px
     * @param  list<non-empty-array<string, float>>  $edges  those that count of each, px past its leading edge
     * @param  list<float>  $reaches  px that each may be moved; 0 for what is fixed
     * @param  list<float>  $origins  px, of their leading edges before anything was moved
     * @param  list<string>  $types  the same for things that were made alike
     * @param  list<bool>  $words  whether it is a text
     */
    private function __construct(public array $leads, public array $sizes, public array $edges, public array $reaches, public array $origins, public array $types, public array $words)
    {
    }

    /**
     * @param  list<Placed>  $placed
     * @param  list<SnapLine>  $lines
     * @param  list<float>  $reaches  px that each of the placed may be moved
     * @param  bool  $whole  whether they are put on whole pixels
     */
    public static function along(Axis $axis, array $placed, array $lines, array $reaches, bool $whole): self
    {
        $leads = $sizes = $edges = $types = $words = [];
        foreach ($placed as $one) {
            $size = $axis->size($one->box);
            $leads[] = $axis->lead($one->box);
            $sizes[] = $size;
            // Half of an odd number of pixels is never whole: the centre is then the pixel before it.
            $all = [self::LEAD => 0.0, self::CENTRE => $whole ? floor($size / 2) : $size / 2, self::TRAIL => $size];
            $words[] = $isText = $one->baseline !== null || $one->standsBy !== null;
            if ($axis === Axis::X && $one->standsBy !== null) {
                $edge = [self::LEAD, self::CENTRE, self::TRAIL][(int) round($one->standsBy * 2)];
                $edges[] = [$edge => $all[$edge]];
                $types[] = "words $edge";
            } else {
                // Below its baseline a text has room for letters that reach down, which nothing is aligned to.
                $edges[] = match (true) {
                    $axis === Axis::Y && $one->baseline !== null => [self::LEAD => 0.0, self::CENTRE => $all[self::CENTRE], self::BASELINE => $one->baseline - $one->box->y],
                    // Only one edge of what is no whole number of pixels long, as curves are, can lie on one.
                    $whole && ! Length::isWhole($size) => [self::LEAD => 0.0],
                    default => $all,
                };
                $types[] = ($isText ? 'words ' : 'size ').round($size);
            }
        }
        foreach ($lines as $line) {
            $leads[] = $line->at;
            $sizes[] = 0.0;
            $edges[] = match (true) {
                $line->from === 'baseline' => [self::BASELINE => 0.0],
                $line->kind === SnapKind::Guide => array_fill_keys(self::EDGES, 0.0),
                $line->from === 'centre' => [self::CENTRE => 0.0],
                default => [self::LEAD => 0.0, self::TRAIL => 0.0],
            };
            $types[] = $line->kind === SnapKind::Guide || $line->kind === SnapKind::Margin ? self::DRAWN : self::LINE;
            $words[] = false;
            $reaches[] = 0.0;
        }

        return new self($leads, $sizes, $edges, $reaches, $leads, $types, $words);
    }

    /** @param  list<float>  $leads  px */
    public function at(array $leads): self
    {
        return new self($leads, $this->sizes, $this->edges, $this->reaches, $this->origins, $this->types, $this->words);
    }

    /**
     * Where they are is where they were from now on.
     *
     * @param  list<float>  $reaches  px that each may be moved from there
     */
    public function anew(array $reaches): self
    {
        return new self($this->leads, $this->sizes, $this->edges, [...$reaches, ...array_slice($this->reaches, count($reaches))], $this->leads, $this->types, $this->words);
    }

    /**
     * The same where some must not move.
     *
     * @param  array<int>  $things
     */
    public function holding(array $things): self
    {
        return new self($this->leads, $this->sizes, $this->edges, array_values(array_replace($this->reaches, array_fill_keys($things, 0.0))), $this->origins, $this->types, $this->words);
    }

    public function count(): int
    {
        return count($this->leads);
    }

    public function edge(int $thing, string $edge): float
    {
        return $this->leads[$thing] + $this->edges[$thing][$edge];
    }

    /** px within which all things lie: so far apart two of them may be by chance. */
    public function range(): float
    {
        [$from, $to] = [INF, -INF];
        foreach ($this->leads as $thing => $lead) {
            if (! $this->isLine($thing)) {
                [$from, $to] = [min($from, $lead), max($to, $lead + $this->sizes[$thing])];
            }
        }

        return max(self::SMALL, $to - $from);
    }

    /** The edge by which it stands: of a text whose width follows its words the only one. */
    public function first(int $thing): string
    {
        return array_key_first($this->edges[$thing]);
    }

    public function isLine(int $thing): bool
    {
        return self::isLineType($this->types[$thing]);
    }

    public static function isLineType(string $type): bool
    {
        return $type === self::LINE || $type === self::DRAWN;
    }
}
