<?php

declare(strict_types=1);

namespace Tests\Core\Path;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Path\Combining\Combination;
use AllSquare\Core\Path\Combining\How;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Path\PathPoint;
use AllSquare\Core\Path\Subpath;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Areas;

/** Combined shapes (RULES 15), against areas that are reckoned another way. */
final class CombinationTest extends TestCase
{
    private const PAIRS = 2000;

    /** @return iterable<string, array{string, string, How, string}> */
    public static function examples(): iterable
    {
        [$left, $right] = ['M0 0H40V30H0Z', 'M20 10H60V40H20Z'];
        yield 'join' => [$left, $right, How::Join, 'M0 0L40 0L40 10L60 10L60 40L20 40L20 30L0 30Z'];
        yield 'cut' => [$left, $right, How::Cut, 'M0 0L40 0L40 10L20 10L20 30L0 30Z'];
        yield 'overlap' => [$left, $right, How::Overlap, 'M20 10L40 10L40 30L20 30Z'];
        yield 'identical, joined' => [$left, $left, How::Join, 'M0 0L40 0L40 30L0 30Z'];
        yield 'identical, cut' => [$left, $left, How::Cut, ''];
        yield 'identical, the difference' => [$left, $left, How::Difference, ''];
        yield 'beside each other, along one side' => [$left, 'M40 0H70V30H40Z', How::Join, 'M0 0L70 0L70 30L0 30Z'];
        yield 'touching in a corner' => [$left, 'M40 30H60V50H40Z', How::Join, 'M0 0L40 0L40 30L0 30ZM40 30L60 30L60 50L40 50Z'];
        yield 'apart' => [$left, 'M100 100H110V110H100Z', How::Overlap, ''];
        yield 'one in the other, cut out' => ['M0 0H90V90H0Z', 'M30 30H60V60H30Z', How::Cut, 'M0 0L90 0L90 90L0 90ZM60 30L30 30L30 60L60 60Z'];
        yield 'the other way round' => ['M0 0H90V90H0Z', 'M30 30V60H60V30Z', How::Cut, 'M0 0L90 0L90 90L0 90ZM60 30L30 30L30 60L60 60Z'];
    }

    #[DataProvider('examples')]
    public function test_worked_examples(string $one, string $other, How $how, string $outcome): void
    {
        $made = Combination::of([[PathData::read($one), 'nonzero'], [PathData::read($other), 'nonzero']], $how);
        self::assertEqualsCanonicalizing(self::runs($outcome), self::runs(PathData::write($made)));
    }

    public function test_a_curve_stays_a_curve(): void
    {
        $circle = PathData::read('M50 0A50 50 0 0 1 50 100A50 50 0 0 1 50 0Z');
        $half = Combination::of([[$circle, 'nonzero'], [PathData::read('M0 50H100V200H0Z'), 'nonzero']], How::Cut);
        self::assertLessThanOrEqual(6, $half->countPoints(), PathData::write($half));
        self::assertEqualsWithDelta(M_PI * 1250, Areas::ofPath($half), 0.02);
    }

    public function test_what_crosses_itself_is_filled_by_its_rule(): void
    {
        $star = PathData::read('M50 0 80 90 2 35H98L20 90Z');
        [$all, $every] = [Combination::of([[$star, 'nonzero'], [$star, 'nonzero']], How::Join), Combination::of([[$star, 'evenodd'], [$star, 'evenodd']], How::Join)];
        self::assertCount(1, $all->subpaths);
        self::assertCount(5, $every->subpaths);
    }

    public function test_areas_are_those_of_an_independent_reckoning(): void
    {
        $seed = (int) (getenv('ALLSQUARE_SEED') ?: random_int(1, 1 << 30));
        $tried = array_fill_keys(['apart', 'identical', 'touching', 'crossing'], 0);
        for ($i = 0; $i < self::PAIRS; $i++) {
            $chance = new Randomizer(new Mt19937($seed + $i));
            $sort = array_rand($tried);
            $sort = array_keys($tried)[$chance->getInt(0, 3)];
            $one = self::flattened(self::shape($chance), 12);
            $other = match ($sort) {
                'identical' => $one,
                'touching' => $one->moved(round($one->bounds()->w ?? 0.0), $chance->getInt(0, 1) * 10.0),
                'apart' => self::flattened(self::shape($chance)->moved(600.0, 0.0), 12),
                'crossing' => self::flattened(self::shape($chance), 12),
            };
            $rule = ['nonzero', 'evenodd'][$chance->getInt(0, 1)];
            $how = How::cases()[$chance->getInt(0, 3)];
            $made = Combination::of([[$one, $rule], [$other, $rule]], $how);
            $due = Areas::of([[$one, $rule], [$other, $rule]], $how);
            self::assertEqualsWithDelta($due, Areas::of([[$made, 'evenodd']], How::Join), max($due * 1e-4, 0.02), "seed $seed, pair $i: $how->value of $sort, $rule: ".PathData::write($one).' and '.PathData::write($other));
            $tried[$sort]++;
        }
        self::assertGreaterThan(self::PAIRS / 8, min($tried));
    }

    public function test_a_curve_that_crosses_itself_does_so_just_where_it_does(): void
    {
        $loop = PathData::read('M0 0C120 100 -20 100 100 0Z');
        $made = Combination::of([[$loop, 'evenodd'], [PathData::read('M-200 -200H200V200H-200Z'), 'nonzero']], How::Overlap);
        // It is the same from left to right, so that it crosses itself at x = 50: where t - t² is 5/26, and y = 300 (t - t²).
        $crossing = array_values(array_filter(array_merge(...array_map(static fn (Subpath $run): array => $run->points, $made->subpaths)), static fn (PathPoint $point): bool => abs($point->at->x - 50.0) < 1.0 && $point->at->y > 1.0));
        self::assertNotSame([], $crossing);
        foreach ($crossing as $point) {
            self::assertEqualsWithDelta(50.0, $point->at->x, 2e-6);
            self::assertEqualsWithDelta(1500 / 26, $point->at->y, 2e-6);
        }
    }

    public function test_curves_enclose_what_the_finest_pieces_of_them_do(): void
    {
        $seed = (int) (getenv('ALLSQUARE_SEED') ?: random_int(1, 1 << 30));
        $compared = 0;
        for ($i = 0; $i < 24; $i++) {
            $chance = new Randomizer(new Mt19937($seed + $i));
            [$one, $other] = [self::shape($chance), self::shape($chance)];
            $how = How::cases()[$chance->getInt(0, 3)];
            $made = Areas::ofPath(Combination::of([[$one, 'nonzero'], [$other, 'nonzero']], $how));
            // Pieces cut corners by the square of their length: of two finenesses follows what is enclosed by the finest of all.
            [$coarse, $fine] = array_map(static fn (int $pieces): float => Areas::ofPath(Combination::of([[self::flattened($one, $pieces), 'nonzero'], [self::flattened($other, $pieces), 'nonzero']], $how)), [120, 240]);
            $due = (4 * $fine - $coarse) / 3;
            self::assertEqualsWithDelta($due, $made, max($due * 1e-4, 0.05), "seed $seed, pair $i: $how->value of ".PathData::write($one).' and '.PathData::write($other));
            $compared += $due > 1.0 ? 1 : 0;
        }
        self::assertGreaterThan(8, $compared);
    }

    private static function flattened(Path $path, int $pieces): Path
    {
        $flat = [];
        foreach ($path->subpaths as $run) {
            $corners = [];
            foreach ($run->parts() as $part) {
                foreach ($part->isStraight ? [0] : range(0, $pieces - 1) as $i) {
                    $corners[] = $part->at($i / $pieces);
                }
            }
            $flat[] = Subpath::ofCorners($corners, true);
        }

        return new Path($flat);
    }

    private static function shape(Randomizer $chance): Path
    {
        $at = static fn (): Point => new Point((float) $chance->getInt(0, 300), (float) $chance->getInt(0, 300));
        $size = $chance->getInt(10, 150);
        [$x, $y] = [$chance->getInt(0, 200), $chance->getInt(0, 200)];

        return match ($chance->getInt(0, 4)) {
            0 => PathData::read("M$x {$y}h{$size}v".$chance->getInt(10, 150)."h-{$size}Z"),
            1 => PathData::read("M$x {$y}a$size $size 0 0 1 ".(2 * $size)." 0a$size $size 0 0 1 -".(2 * $size).' 0Z'),
            2 => new Path([Subpath::ofCorners(array_map($at, range(1, $chance->getInt(3, 8))), true)]),
            3 => PathData::read(sprintf('M%d %dC%d %d %d %d %d %dS%d %d %d %dZ', ...array_map(static fn (): int => $chance->getInt(0, 300), range(1, 12)))),
            default => PathData::read("M$x {$y}h{$size}l-".intdiv($size, 2)." {$size}ZM".($x + 20).' '.($y + 10).'h30v30h-30Z'),
        };
    }

    /** @return list<string> runs from their first point by name, so that it does not matter where they begin */
    private static function runs(string $data): array
    {
        return array_map(static function (string $run): string {
            $points = explode('L', $run);
            $least = (int) array_search(min($points), $points, true);

            return implode(' ', [...array_slice($points, $least), ...array_slice($points, 0, $least)]);
        }, array_values(array_filter(explode('Z', str_replace('M', '', $data)))));
    }
}
