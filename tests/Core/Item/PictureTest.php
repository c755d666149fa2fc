<?php

declare(strict_types=1);

namespace Tests\Core\Item;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Picture\PictureFit;
use AllSquare\Core\Item\Picture\PictureKind;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\RandomScene;

/** How pictures lie in their frames. */
final class PictureTest extends TestCase
{
    private const OTHER = '-0123456789abcdef0123456789abcdef01234567';

    /** @param  array<string, mixed>  $fields */
    private static function item(string $picture, float $w, float $h, array $fields = []): Item
    {
        $kind = Kinds::named('picture');

        return new Item('a', null, 0, $kind, 'Pier', new Rect(10.0, 20.0, $w, $h), 0.0, false, false, ['picture' => $picture.self::OTHER, ...$fields] + $kind->fields()->defaults);
    }

    public function test_cover_and_contain_by_worked_numbers(): void
    {
        $kind = new PictureKind;
        self::assertEquals(new Rect(-50.0, 0.0, 200.0, 100.0), $kind->placed(self::item('400x200', 100.0, 100.0)));
        self::assertEquals(new Rect(0.0, 0.0, 200.0, 100.0), $kind->placed(self::item('400x200', 100.0, 100.0, ['focus_x' => 0.1])), 'the focal point as near to the middle as can be, without a gap');
        self::assertEquals(new Rect(-30.0, 0.0, 200.0, 100.0), $kind->placed(self::item('400x200', 100.0, 100.0, ['focus_x' => 0.4])));
        self::assertEquals(new Rect(0.0, 25.0, 100.0, 50.0), $kind->placed(self::item('400x200', 100.0, 100.0, ['fit' => 'contain'])));
        self::assertEquals(new Rect(0.0, 37.0, 300.0, 225.0), $kind->placed(self::item('800x600', 300.0, 300.0, ['fit' => 'contain'])), 'on whole px, the odd one below');
        self::assertEquals(new Rect(0.0, 0.0, 100.0, 70.0), $kind->placed(self::item('400x200', 100.0, 70.0, ['fit' => 'stretch'])));
        self::assertEquals(new Rect(-350.0, -50.0, 800.0, 400.0), $kind->placed(self::item('400x200', 100.0, 100.0, ['fit' => 'hand', 'scale' => 2.0, 'focus_y' => 0.25])));
        self::assertNull($kind->placed(self::item('400x200', 100.0, 100.0, ['picture' => null])));
        self::assertSame([0.5, 0.25, 2.0, 0.5, 0.0], array_map(static fn (array $fields): float => $kind->magnification(self::item('400x200', 100.0, 100.0, $fields)), [[], ['fit' => 'contain'], ['fit' => 'hand', 'scale' => 2.0], ['fit' => 'stretch'], ['picture' => null]]));
    }

    /** To the px for random sizes: the frame filled, or all of the picture seen, as large as can be, and the focal point kept. */
    public function test_pictures_of_any_size_in_frames_of_any_size(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(4) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            for ($i = 0; $i < 500; $i++) {
                [$pw, $ph, $w, $h] = [$chance->getInt(1, 6000), $chance->getInt(1, 6000), $chance->getInt(1, 2000), $chance->getInt(1, 2000)];
                $focus = new Point($chance->getInt(0, 1000) / 1000, $chance->getInt(0, 1000) / 1000);
                $said = "seed $seed: $pw × $ph in $w × $h";
                $cover = (new PictureFit('cover', $focus, 1.0))->placed($pw, $ph, $w, $h);
                self::assertTrue($cover->x <= 1e-9 && $cover->y <= 1e-9 && $cover->right() >= $w - 1e-9 && $cover->bottom() >= $h - 1e-9, "$said: a gap");
                self::assertTrue(abs($cover->w - $w) < 1e-9 || abs($cover->h - $h) < 1e-9, "$said: larger than it has to be");
                self::assertEqualsWithDelta($pw * $cover->h, $ph * $cover->w, 1e-6 * $pw * $cover->h + 1e-6, "$said: its proportion");
                foreach ([[$cover->x, $cover->w, $focus->x, $w], [$cover->y, $cover->h, $focus->y, $h]] as [$from, $length, $share, $side]) {
                    $at = $from + $share * $length;
                    self::assertTrue($at >= -1e-9 && $at <= $side + 1e-9, "$said: the focal point is in view");
                    self::assertTrue(abs($at - $side / 2) < 1e-6 || abs($from) < 1e-6 || abs($from + $length - $side) < 1e-6, "$said: the focal point is in the middle, or the edge of the picture is that of the frame");
                }
                $contain = (new PictureFit('contain', $focus, 1.0))->placed($pw, $ph, $w, $h);
                self::assertTrue($contain->x >= 0.0 && $contain->y >= 0.0 && $contain->right() <= $w && $contain->bottom() <= $h, "$said: all of it");
                self::assertTrue($contain->w === (float) $w || $contain->h === (float) $h, "$said: as large as can be");
                // A hair under the half counts as the half (RULES 2).
                self::assertEqualsWithDelta(max(1.0, round(min($w / $pw, $h / $ph) * $pw, 5)), $contain->w, 0.5, $said);
                self::assertEqualsWithDelta(max(1.0, round(min($w / $pw, $h / $ph) * $ph, 5)), $contain->h, 0.5, $said);
                self::assertSame([floor($contain->x), floor($contain->y), floor($contain->w), floor($contain->h)], array_values($contain->toArray()), "$said: on whole px");
                self::assertTrue(abs($contain->x - ($w - $contain->right())) <= 1.0 && abs($contain->y - ($h - $contain->bottom())) <= 1.0, "$said: in the middle");
                $tried++;
            }
        }
        self::assertSame(2_000, $tried);
    }

    public function test_laid_by_hand_it_stays_where_it_is(): void
    {
        $kind = new PictureKind;
        foreach (['cover', 'contain', 'stretch'] as $fit) {
            $item = self::item('400x200', 90.0, 101.0, ['fit' => $fit, 'focus_x' => 0.3]);
            $hand = $kind->fittedBy($item, 'hand');
            [$was, $is] = [$kind->placed($item), $kind->placed($hand)];
            self::assertNotNull($was);
            self::assertNotNull($is);
            self::assertEqualsWithDelta([$was->centre()->x, $was->centre()->y], [$is->centre()->x, $is->centre()->y], 0.5, $fit);
            if ($fit === 'cover') {
                self::assertEqualsWithDelta($was->toArray(), $is->toArray(), 1e-9);
            }
        }
        $sized = $kind->fittedBy(self::item('400x200', 90.0, 100.0), 'hand', 1.0, new Point(0.2, 0.8));
        self::assertSame([1.0, 0.2, 0.8], [$sized->fields['scale'], $sized->fields['focus_x'], $sized->fields['focus_y']]);
    }

    public function test_another_picture_by_hand_shows_as_much(): void
    {
        $kind = new PictureKind;
        $item = self::item('400x200', 100.0, 100.0, ['fit' => 'hand', 'scale' => 1.0]);
        self::assertSame(0.5, $kind->showing($item, '800x400'.self::OTHER)->fields['scale']);
        self::assertSame(1.0, $kind->showing($item, '200x300'.self::OTHER)->fields['scale'], 'half of the least that fills the frame is twice that here');
        self::assertSame(['cover', 1.0], array_values(array_intersect_key($kind->showing(self::item('400x200', 100.0, 100.0), '200x300'.self::OTHER)->fields, ['fit' => 1, 'scale' => 1])));
    }
}
