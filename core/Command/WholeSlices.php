<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Scale;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Slice\Slices;

/**
 * Puts slices onto whole pixels, outward or to the nearest, so that their scales give whole pixels too: at 1.5x, sides and
 * edges become multiples of 2.
 */
final readonly class WholeSlices implements Command
{
    /**
     * @param  list<string>|null  $ids  null for all
     * @param  list<Scale>  $scales  of the handing over, for slices that have none of their own
     */
    private function __construct(private ?array $ids, private bool $outward, private array $scales)
    {
    }

    public static function name(): string
    {
        return 'whole-slices';
    }

    public static function from(Params $params): self
    {
        $scales = array_filter((array) $params->value('scales'), static fn (mixed $one): bool => is_string($one) || is_int($one) || is_float($one));

        return new self($params->has('slices') ? $params->words('slices') : null, $params->word('towards') !== 'nearest', Scale::readAll($scales));
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $slices = $this->ids === null ? $draft->of(Slice::class)->inOrder() : array_map($draft->of(Slice::class)->get(...), $this->ids);
        $put = [];
        foreach ($slices as $slice) {
            $step = self::step($slice->cut->scales ?? $this->scales);
            $box = $this->whole($slice->box, $step);
            if (! $box->same($slice->box)) {
                $draft->of(Slice::class)->put($slice->placed($box));
                $put[] = $slice;
            }
        }
        $how = $this->outward ? 'outward' : 'to the nearest';
        $summary = match (count($put)) {
            0 => 'All slices lie on whole pixels',
            1 => 'Put onto whole pixels, '.$how.', slice '.$draft->of(Slice::class)->get($put[0]->id)->words(),
            default => 'Put '.count($put).' slices onto whole pixels, '.$how,
        };

        return new Report($summary, $items, ['slices' => array_map(static fn (Slice $slice): string => $slice->id, $put)]);
    }

    /**
     * What sides and edges have to be multiples of for all of these scales.
     *
     * @param  list<Scale>  $scales
     */
    private static function step(array $scales): int
    {
        $least = 1;
        foreach ($scales as $scale) {
            $step = $scale->step() ?? 1;
            [$a, $b] = [$least, $step];
            while ($b !== 0) {
                [$a, $b] = [$b, $a % $b];
            }
            $least = intdiv($least * $step, $a);
        }

        return $least;
    }

    private function whole(Rect $box, int $step): Rect
    {
        $low = fn (float $edge): float => $step * ($this->outward ? floor(($edge + Length::SAME) / $step) : Length::whole($edge / $step));
        $high = fn (float $edge, float $from): float => max($from + $step, $step * ($this->outward ? ceil(($edge - Length::SAME) / $step) : Length::whole($edge / $step)));
        [$left, $top] = [$low($box->x), $low($box->y)];

        return Rect::between($left, $top, $high($box->right(), $left), $high($box->bottom(), $top));
    }
}
