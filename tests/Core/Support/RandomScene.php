<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Item\Item;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Sheets by chance: nested, turned, locked, hidden, of zero size, at negative places. The same seed, the same sheet. */
final class RandomScene
{
    public readonly Scene $scene;

    private readonly Randomizer $chance;

    private int $count = 0;

    public function __construct(public readonly int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $this->scene = Scene::of(1280, 800, $this->maybe(70) ? Unit::Px : Unit::Mm, 96);
        $this->fill(null, 0);
        $this->scene->fitted();
    }

    /** @return list<int> seeds for a run; set ALLSQUARE_SEED to try one again */
    public static function seeds(int $count): array
    {
        $given = getenv('ALLSQUARE_SEED');

        return $given !== false && $given !== '' ? [(int) $given] : array_map(static fn (): int => random_int(1, 2_000_000_000), range(1, $count));
    }

    /** @return non-empty-list<string> ids of some items, of any depth */
    public function some(int $least = 1): array
    {
        $ids = array_map(strval(...), array_keys($this->scene->items));
        $shuffled = $this->chance->shuffleArray($ids);
        $some = array_slice($shuffled, 0, max($least, $this->number(1, 7)));

        return $some === [] ? [$ids[0] ?? ''] : $some;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $options
     * @return T
     */
    public function pick(array $options): mixed
    {
        return $options[$this->number(0, count($options) - 1)];
    }

    public function number(int $from, int $to): int
    {
        return $this->chance->getInt($from, $to);
    }

    public function maybe(int $percent): bool
    {
        return $this->number(1, 100) <= $percent;
    }

    /** @return list<Item> */
    public function items(): array
    {
        return array_values($this->scene->items);
    }

    private function fill(?string $parent, int $depth): void
    {
        foreach (range(1, $this->number(2, $depth === 0 ? 9 : 4)) as $_) {
            $id = 'i'.++$this->count;
            $group = $depth < 3 && $this->maybe(25);
            $kind = $group ? 'group' : $this->pick(['box', 'box', 'round', 'line', 'text', 'polygon']);
            // The other shapes stand in for some of the polygons.
            $shape = $kind === 'polygon' ? ['polygon', 'arc', 'arrow'][$this->count % 3] : $kind;
            $this->scene->put($id, $this->length(-300, 1200), $this->length(-300, 900), $this->maybe(8) ? 0.0 : $this->length(0, 300), $kind === 'line' || $this->maybe(8) ? 0.0 : $this->length(0, 200), [
                'kind' => $shape,
                'parent' => $parent,
                'angle' => $this->maybe(60) ? 0 : ($this->maybe(50) ? $this->pick([90, 180, -90]) : $this->length(-180, 180)),
                'locked' => $this->maybe(8),
                'hidden' => $this->maybe(8),
                'text' => 'Harbour light',
                'grow' => 'none',
                'sides' => $this->number(3, 8),
                'star' => $this->maybe(40) ? 0.6 : null,
                'start' => 30.0 * ($this->count % 12),
                'sweep' => [90.0, 200.0, -45.0, 360.0][$this->count % 4],
                'hole' => [0.0, 0.5, 1.0][$this->count % 3],
                'heads' => $this->count % 2 === 0 ? 'both' : 'end',
                'flip' => in_array($kind, ['text', 'polygon'], true) && $this->maybe(20) ? $this->pick([Flip::Across, Flip::Down, Flip::Both]) : Flip::None,
            ]);
            if ($group) {
                $this->fill($id, $depth + 1);
            }
        }
    }

    private function length(int $from, int $to): float
    {
        return $this->maybe(75) ? (float) $this->number($from, $to) : $this->number($from * 1000, $to * 1000) / 1000;
    }
}
