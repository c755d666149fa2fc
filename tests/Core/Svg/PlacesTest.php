<?php

declare(strict_types=1);

namespace Tests\Core\Svg;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Svg\SvgReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\PaintedSvg;
use Tests\Core\Support\RandomScene;

/** Where things of a drawing come to lie: within views, used again, in groups, as texts. */
final class PlacesTest extends TestCase
{
    private const NS = 'xmlns="http://www.w3.org/2000/svg"';

    /** @return list<Item> */
    private static function items(string $svg): array
    {
        return SvgReader::read($svg, Fonts::library())->items;
    }

    /** @return list<float> x, y, w and h of the only box */
    private static function box(string $svg): array
    {
        $boxes = array_values(array_filter(self::items($svg), static fn (Item $item): bool => ! $item->holdsItems()));
        self::assertCount(1, $boxes);

        return array_values($boxes[0]->frame->rounded()->toArray());
    }

    /** @return iterable<string, array{string, list<float>}> */
    public static function views(): iterable
    {
        // A view of 100 × 100 in a drawing of 200 × 100; the box is the left upper quarter of the view.
        yield 'in the middle' => ['', [50, 0, 50, 50]];
        yield 'at the left' => ['preserveAspectRatio="xMinYMid"', [0, 0, 50, 50]];
        yield 'at the right' => ['preserveAspectRatio="xMaxYMin meet"', [100, 0, 50, 50]];
        yield 'stretched' => ['preserveAspectRatio="none"', [0, 0, 100, 50]];
        yield 'cut, in the middle' => ['preserveAspectRatio="xMidYMid slice"', [0, -50, 100, 100]];
        yield 'cut, at the top' => ['preserveAspectRatio="xMidYMin slice"', [0, 0, 100, 100]];
        yield 'cut, at the bottom' => ['preserveAspectRatio="xMinYMax slice"', [0, -100, 100, 100]];
    }

    /** @param  list<float>  $frame */
    #[DataProvider('views')]
    public function test_a_view_lies_in_its_drawing_as_it_says(string $ratio, array $frame): void
    {
        self::assertSame(array_map(floatval(...), $frame), self::box('<svg '.self::NS." width='200' height='100' viewBox='0 0 100 100' $ratio><rect width='50' height='50'/></svg>"));
    }

    public function test_a_view_begins_where_it_says_and_drawings_without_one_are_as_large_as_they_are(): void
    {
        self::assertSame([20.0, 40.0, 20.0, 20.0], self::box('<svg '.self::NS.' width="100" height="100" viewBox="-10 -20 50 50"><rect width="10" height="10"/></svg>'));
        self::assertSame([1.0, 2.0, 10.0, 10.0], self::box('<svg '.self::NS.' width="100" height="100"><rect x="1" y="2" width="10" height="10"/></svg>'));
        foreach ([['width="2in" height="1in"', 192.0, 96.0], ['viewBox="0 0 30 40"', 30.0, 40.0], ['width="60" viewBox="0 0 30 40"', 60.0, 80.0], ['width="100%" height="100%" viewBox="0 0 30 40"', 30.0, 40.0]] as [$said, $w, $h]) {
            $content = SvgReader::read('<svg '.self::NS." $said><rect width='9' height='9'/></svg>", Fonts::library());
            self::assertSame([$w, $h], [$content->width, $content->height], $said);
        }
    }

    public function test_what_is_used_again_lies_where_it_is_used(): void
    {
        $defs = '<defs><rect id="a" x="2" y="3" width="10" height="10"/><symbol id="s" viewBox="0 0 10 10"><rect width="5" height="5"/></symbol></defs>';
        $of = static fn (string $use): array => self::box('<svg '.self::NS." xmlns:xlink='http://www.w3.org/1999/xlink' width='200' height='100'>$defs$use</svg>");
        self::assertSame([2.0, 3.0, 10.0, 10.0], $of('<use href="#a"/>'));
        self::assertSame([22.0, 13.0, 10.0, 10.0], $of('<use xlink:href="#a" x="20" y="10"/>'));
        self::assertSame([44.0, 26.0, 20.0, 20.0], $of('<use href="#a" x="20" y="10" transform="scale(2)"/>'), 'its place is within its transform');
        self::assertSame([10.0, 10.0, 20.0, 20.0], $of('<use href="#s" x="10" y="10" width="40" height="40"/>'));
        self::assertSame([30.0, 0.0, 50.0, 50.0], $of('<use href="#s" x="10" width="140" height="100"/>'), 'in the middle of its place');
    }

    public function test_shares_are_of_what_is_seen(): void
    {
        self::assertSame([50.0, 25.0, 100.0, 50.0], self::box('<svg '.self::NS.' width="200" height="100"><rect x="25%" y="25%" width="50%" height="50%"/></svg>'));
        self::assertSame([10.0, 10.0, 20.0, 20.0], self::box('<svg '.self::NS.' width="200" height="200" viewBox="0 0 40 40" preserveAspectRatio="none"><svg width="20" height="20" viewBox="0 0 100 100"><rect x="10%" y="10%" width="20%" height="20%"/></svg></svg>'));
    }

    /** @return iterable<string, array{string, string, float, float}> words, where they begin and where their baseline is */
    public static function texts(): iterable
    {
        yield 'at the start' => ['<text x="20" y="50" font-size="20">Quay</text>', 'Quay', 0.0, 50.0];
        yield 'in the middle' => ['<text x="120" y="50" font-size="20" text-anchor="middle">Quay</text>', 'Quay', 0.5, 50.0];
        yield 'at the end' => ['<text x="180" y="50" font-size="20" text-anchor="end">Quay</text>', 'Quay', 1.0, 50.0];
        yield 'moved' => ['<text x="10" y="40" dx="10" dy="10" font-size="20">Quay</text>', 'Quay', 0.0, 50.0];
        yield 'blanks and lines' => ["<text x='20' y='50' font-size='20'>\n   Quay\n   road  </text>", 'Quay road', 0.0, 50.0];
        yield 'parts of one' => ['<text x="20" y="50" font-size="20">Quay <tspan font-weight="700">road</tspan></text>', 'Quay road', 0.0, 50.0];
        yield 'in a group' => ['<g transform="translate(10 30)" font-size="20"><text x="10" y="20">Quay</text></g>', 'Quay', 0.0, 50.0];
    }

    #[DataProvider('texts')]
    public function test_texts_begin_and_stand_where_they_did(string $text, string $words, float $share, float $baseline): void
    {
        $drawn = '<svg '.self::NS." width='200' height='100'>$text</svg>";
        $items = self::items($drawn);
        $is = array_values(array_filter($items, static fn (Item $item): bool => $item->kind instanceof HasWords))[0];
        self::assertSame($words, $is->fields['text']);
        $origin = $is->parent === null ? 0.0 : array_values(array_filter($items, static fn (Item $item): bool => $item->holdsItems()))[0]->toParent()->apply(new Point(0.0, 0.0))->x;
        self::assertEqualsWithDelta(match ($share) {
            0.5 => 120.0, 1.0 => 180.0, default => 20.0
        }, $origin + $is->frame->x + $share * $is->frame->w, 0.51, 'where they are anchored');
        // By ink: the baseline is where letters without descenders end.
        $flat = self::items('<svg '.self::NS." width='200' height='100'>".str_replace(['Quay', 'road'], ['Hull', 'Hold'], $text).'</svg>');
        self::assertEqualsWithDelta($baseline, self::bottomOfInk($flat), 0.6);
    }

    /** @param  list<Item>  $items */
    private static function bottomOfInk(array $items): float
    {
        $boxes = new Boxes(new Tree($items), Fonts::library());
        $inks = array_map(static fn (Item $item): Rect => $boxes->ink($item->id), array_filter($items, static fn (Item $item): bool => $item->kind instanceof HasWords));

        return max(array_map(static fn (Rect $ink): float => $ink->bottom(), $inks));
    }

    /** Groups in groups, moved, turned, scaled and mirrored by chance: each shape is where the rasteriser has it. */
    public function test_shapes_in_groups_by_chance_are_painted_alike(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(4) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $svg = '<svg '.self::NS." width='200' height='200'>".self::group($chance, 0).'</svg>';
            self::assertLessThan(0.01, PaintedSvg::difference($svg, 300), "seed $seed: $svg");
            $out = PaintedSvg::again(SvgReader::read($svg, Fonts::library()));
            self::assertSame($out, PaintedSvg::again(SvgReader::read($out, Fonts::library())), "seed $seed: out, in and out again");
            $tried++;
        }
        self::assertGreaterThan(0, $tried);
    }

    private static function group(Randomizer $chance, int $depth): string
    {
        $inside = '';
        for ($i = 0; $i < 3; $i++) {
            $inside .= $depth < 2 && $chance->getInt(0, 1) === 1 ? self::group($chance, $depth + 1) : self::shape($chance);
        }
        [$x, $y, $angle, $scale] = [$chance->getInt(-20, 60), $chance->getInt(-20, 60), $chance->getInt(-90, 90), $chance->getInt(60, 140) / 100];
        $mirror = ['', ' scale(-1 1) translate(-80 0)', ''][$chance->getInt(0, 2)];

        return "<g transform='translate($x $y) rotate($angle 50 50) scale($scale)$mirror'>$inside</g>";
    }

    private static function shape(Randomizer $chance): string
    {
        $fill = sprintf('#%06x', $chance->getInt(0, 0xFFFFFF));
        [$x, $y, $w, $h] = [$chance->getInt(0, 80), $chance->getInt(0, 80), $chance->getInt(10, 60), $chance->getInt(10, 60)];

        return match ($chance->getInt(0, 3)) {
            0 => "<rect x='$x' y='$y' width='$w' height='$h' rx='".intdiv($w, 6)."' fill='$fill'/>",
            1 => "<ellipse cx='$x' cy='$y' rx='".($w / 2)."' ry='".($h / 2)."' fill='$fill'/>",
            2 => "<path d='M$x {$y}l$w {$h}h-{$w}q-10 -10 0 -{$h}z' fill='$fill'/>",
            default => "<polyline points='$x,$y ".($x + $w).",$y ".($x + $w).','.($y + $h)."' fill='none' stroke='$fill' stroke-width='5'/>",
        };
    }
}
