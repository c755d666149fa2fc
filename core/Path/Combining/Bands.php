<?php

declare(strict_types=1);

namespace AllSquare\Core\Path\Combining;

/** Lines by the bands across which they run, so that those at a height are found without asking all. */
final readonly class Bands
{
    private int $least;

    private int $height;

    /** @var array<int, list<int>> */
    private array $bands;

    /** @param  array<int, array{int, int, int, int, int}>  $lines  u1, v1, u2, v2 with v1 no more than v2, and their direction */
    public function __construct(array $lines)
    {
        $least = $lines === [] ? 0 : min(array_column($lines, 1));
        $most = $lines === [] ? 0 : max(array_column($lines, 3));
        $this->least = $least;
        $this->height = max(1, intdiv($most - $least, max(1, (int) sqrt(count($lines)) * 2)) + 1);
        $bands = [];
        foreach ($lines as $i => [, $from, , $to]) {
            for ($band = intdiv($from - $least, $this->height), $last = intdiv($to - $least, $this->height); $band <= $last; $band++) {
                $bands[$band][] = $i;
            }
        }
        $this->bands = $bands;
    }

    /** @return iterable<list<int>> which lines run across each band */
    public function all(): iterable
    {
        return $this->bands;
    }

    /**
     * @param  int  $twice  the height, times two
     * @return list<int>
     */
    public function at(int $twice): array
    {
        return $this->bands[intdiv(intdiv($twice, 2) - $this->least, $this->height)] ?? [];
    }
}
