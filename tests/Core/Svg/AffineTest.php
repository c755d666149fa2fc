<?php

declare(strict_types=1);

namespace Tests\Core\Svg;

use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Svg\Affine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\RandomScene;

/** Transforms of SVG: read, one after another, undone, and taken apart into what an item keeps. */
final class AffineTest extends TestCase
{
    /** @return iterable<string, array{string, array{float, float}|null}> where 10, 4 comes to lie; null where it cannot be read */
    public static function lists(): iterable
    {
        yield 'nothing' => ['', [10.0, 4.0]];
        yield 'none' => ['none', [10.0, 4.0]];
        yield 'a move' => ['translate(3, -2)', [13.0, 2.0]];
        yield 'a move across' => ['translate(3)', [13.0, 4.0]];
        yield 'a scale' => ['scale(2)', [20.0, 8.0]];
        yield 'two scales' => ['scale(2 .5)', [20.0, 2.0]];
        yield 'a quarter of a turn' => ['rotate(90)', [-4.0, 10.0]];
        yield 'a turn about a point' => ['rotate(180, 10, 0)', [10.0, -4.0]];
        yield 'a skew across' => ['skewX(45)', [14.0, 4.0]];
        yield 'a skew down' => ['skewY(45)', [10.0, 14.0]];
        yield 'a matrix' => ['matrix(1 2 3 4 5 6)', [27.0, 42.0]];
        yield 'the last is done first' => ['translate(100,0) scale(2)', [120.0, 8.0]];
        yield 'commas between' => ['scale(2),translate(1,1)', [22.0, 10.0]];
        yield 'exponents and no spaces' => ['translate(1e1-5)', [20.0, -1.0]];
        yield 'too few figures' => ['matrix(1 2 3 4 5)', null];
        yield 'too many' => ['rotate(1 2)', null];
        yield 'an unknown one' => ['spin(3)', null];
        yield 'what is left over' => ['scale(2) nonsense', null];
    }

    /** @param  array{float, float}|null  $at */
    #[DataProvider('lists')]
    public function test_lists_are_read(string $text, ?array $at): void
    {
        $read = Affine::read($text);
        if ($at === null) {
            self::assertNull($read);

            return;
        }
        $is = $read?->apply(new Point(10.0, 4.0));
        self::assertEqualsWithDelta($at[0], $is->x ?? null, 1e-9);
        self::assertEqualsWithDelta($at[1], $is->y ?? null, 1e-9);
    }

    public function test_what_is_done_is_undone(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(3) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            for ($i = 0; $i < 200; $i++) {
                $figure = static fn (): float => $chance->getInt(-3000, 3000) / 1000;
                $one = new Affine($figure(), $figure(), $figure(), $figure(), 100 * $figure(), 100 * $figure());
                $back = $one->inverse();
                if ($back === null || abs($one->determinant()) < 0.01) {
                    continue;
                }
                $at = new Point($chance->getInt(-500, 500), $chance->getInt(-500, 500));
                foreach ([$back->apply($one->apply($at)), $back->after($one)->apply($at), $one->after($back)->apply($at)] as $is) {
                    self::assertEqualsWithDelta($at->x, $is->x, 1e-6, "seed $seed");
                    self::assertEqualsWithDelta($at->y, $is->y, 1e-6, "seed $seed");
                }
                $tried++;
            }
        }
        self::assertGreaterThan(400, $tried);
        self::assertNull((new Affine(1.0, 2.0, 2.0, 4.0))->inverse(), 'what leaves nothing of the plane');
    }

    public function test_what_is_scaled_mirrored_and_turned_is_taken_apart_and_put_together_again(): void
    {
        $seen = ['none' => 0, 'across' => 0, 'down' => 0];
        foreach (RandomScene::seeds(3) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            for ($i = 0; $i < 150; $i++) {
                [$sx, $sy] = [$chance->getInt(1, 400) / 100, $chance->getInt(1, 400) / 100];
                $mirrored = $chance->getInt(0, 2);
                $turned = $chance->getInt(-179, 180);
                $whole = Affine::read("rotate($turned)".['', ' scale(-1 1)', ' scale(1 -1)'][$mirrored]." scale($sx $sy)");
                self::assertNotNull($whole);
                self::assertTrue($whole->isWithoutSkew());
                self::assertSame($sx === $sy, $whole->isEven());
                [$factors, $flip, $angle] = $whole->taken();
                $seen[$flip->value]++;
                self::assertEqualsWithDelta([$sx, $sy], [$factors->x, $factors->y], 1e-6);
                $mirror = ['none' => '', 'across' => ' scale(-1 1)', 'down' => ' scale(1 -1)'][$flip->value] ?? '';
                $again = Affine::read("rotate($angle)$mirror scale($factors->x $factors->y)");
                foreach ([new Point(7.0, 3.0), new Point(-2.0, 11.0)] as $at) {
                    $is = $again?->apply($at);
                    self::assertEqualsWithDelta($whole->apply($at)->x, $is->x ?? null, 1e-4, "seed $seed: turned by $turned");
                    self::assertEqualsWithDelta($whole->apply($at)->y, $is->y ?? null, 1e-4, "seed $seed: turned by $turned");
                }
                self::assertLessThanOrEqual($flip === Flip::None ? 180.0 : 90.0, abs($angle), 'the way that turns less');
            }
        }
        self::assertGreaterThan(50, min($seen));
    }

    public function test_what_a_transform_is(): void
    {
        $is = static fn (string $text): array => [Affine::read($text)?->isWithoutSkew(), Affine::read($text)?->isEven(), Affine::read($text)?->isMove()];
        self::assertSame([true, true, true], $is('translate(3 4) rotate(30)'));
        self::assertSame([true, true, false], $is('scale(2) rotate(30)'));
        self::assertSame([true, true, false], $is('scale(-1 1)'));
        self::assertSame([true, false, false], $is('rotate(30) scale(2 1)'));
        self::assertSame([false, false, false], $is('scale(2 1) rotate(30)'), 'turned, then scaled unevenly, it is skewed');
        self::assertSame([false, false, false], $is('skewX(10)'));
        self::assertEqualsWithDelta(6.0, Affine::read('scale(4 9)')?->scale(), 1e-9);
    }
}
