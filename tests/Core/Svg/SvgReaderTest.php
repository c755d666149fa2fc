<?php

declare(strict_types=1);

namespace Tests\Core\Svg;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Refusal;
use AllSquare\Core\Svg\SvgContent;
use AllSquare\Core\Svg\SvgReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\PaintedSvg;

/** SVG taken in: what becomes of it, that it looks the same, and what is not taken over. */
final class SvgReaderTest extends TestCase
{
    private const OPEN = '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="200" height="160" viewBox="0 0 200 160">';

    private static function read(string $inside): SvgContent
    {
        return SvgReader::read(self::OPEN.$inside.'</svg>', Fonts::library());
    }

    /** @return array<string, mixed> kind, name, frame, angle and flip of the only one */
    private static function only(string $inside): array
    {
        $items = self::read($inside)->items;
        self::assertCount(1, $items, $inside);

        return self::said($items[0]);
    }

    /** @return array<string, mixed> */
    private static function said(Item $item): array
    {
        return ['kind' => $item->kind->name(), 'frame' => array_values($item->frame->rounded()->toArray()), 'angle' => round($item->angle, 3), 'flip' => $item->flip->value];
    }

    public function test_shapes_become_what_they_are(): void
    {
        $is = static fn (string $kind, array $frame, float $angle = 0.0, string $flip = 'none'): array => ['kind' => $kind, 'frame' => array_map(floatval(...), $frame), 'angle' => $angle, 'flip' => $flip];
        self::assertSame($is('box', [10, 20, 80, 40]), self::only('<rect x="10" y="20" width="80" height="40"/>'));
        self::assertSame($is('round', [30, 20, 40, 40]), self::only('<circle cx="50" cy="40" r="20"/>'));
        self::assertSame($is('round', [20, 30, 60, 20]), self::only('<ellipse cx="50" cy="40" rx="30" ry="10"/>'));
        self::assertSame($is('line', [5, 20, 50, 0], 53.13), self::only('<line x1="15" y1="0" x2="45" y2="40" stroke="red"/>'));
        self::assertSame($is('path', [10, 10, 30, 20]), self::only('<polygon points="10,10 40,10 25,30"/>'));
        self::assertSame($is('path', [10, 10, 60, 30]), self::only('<path d="M10 40C10 0 70 0 70 40Z"/>'));
        self::assertSame($is('box', [60, 40, 40, 20]), self::only('<g transform="translate(50 30)"><rect transform="scale(2 1)" x="5" y="10" width="20" height="20"/></g>'), 'scaled');
        self::assertSame($is('box', [30, 40, 40, 20], 90.0), self::only('<rect transform="translate(60 30) rotate(90)" width="40" height="20"/>'), 'turned');
        self::assertSame($is('path', [40, 10, 20, 40], 0.0, 'across'), self::only('<path transform="translate(60 10) scale(-1 1)" d="M0 0H20L10 40Z"/>'), 'mirrored');
        self::assertSame($is('path', [0, 0, 60, 40]), self::only('<rect transform="skewX(45)" width="20" height="40"/>'), 'skewed, it is a path');
        self::assertSame($is('path', [0, 0, 40, 40]), self::only('<rect width="40" height="40" rx="20" ry="4"/>'), 'a box has round corners');
        self::assertSame([], self::read('<rect width="0" height="10"/><path d=""/><path d="M0 0h24v24H0z" fill="none"/><circle r="10" display="none"/><g visibility="hidden"><rect width="9" height="9"/></g>')->items, 'what is not seen');
    }

    public function test_groups_are_kept_with_their_places(): void
    {
        $items = self::read('<g id="Card" transform="translate(100 50) rotate(30)" opacity="0.5"><rect id="Ground" width="40" height="20"/><circle cx="10" cy="10" r="5"/></g>')->items;
        self::assertSame(['Card', 'Ground', 'Round'], array_map(static fn (Item $item): string => $item->name, $items));
        self::assertSame([null, $items[0]->id, $items[0]->id], array_map(static fn (Item $item): ?string => $item->parent, $items));
        self::assertSame([30.0, 0.5], [round($items[0]->angle, 6), $items[0]->fields['opacity']]);
        self::assertSame([0.0, 0.0, 40.0, 20.0], array_values($items[1]->frame->toArray()), 'in the space of the group');
        $corner = $items[0]->toParent()->apply(new \AllSquare\Core\Geometry\Point(0.0, 0.0));
        self::assertEqualsWithDelta([100.0, 50.0], [$corner->x, $corner->y], 1e-6);
        self::assertCount(1, self::read('<g><g id="A"><rect width="4" height="4"/></g></g>')->items, 'around a single thing there is none');
    }

    public function test_styles_are_inherited_and_ruled(): void
    {
        $look = static fn (string $inside): array => array_map(static fn (mixed $one): mixed => $one instanceof \JsonSerializable ? $one->jsonSerialize() : $one, array_intersect_key(self::read($inside)->items[0]->fields, ['fill' => 1, 'outline' => 1]));
        $style = '<style>rect{fill:red} .warm{fill:hsl(30, 100%, 50%)} #one.warm{fill:#abc} g rect{fill:blue}</style>';
        self::assertSame('#ff0000', $look($style.'<rect width="9" height="9"/>')['fill']);
        self::assertSame('#ff8000', $look($style.'<rect class="cool warm" width="9" height="9" fill="black"/>')['fill']);
        self::assertSame('#aabbcc', $look($style.'<rect id="one" class="warm" width="9" height="9"/>')['fill']);
        self::assertSame('#008000', $look($style.'<rect class="warm" style="fill: green" width="9" height="9"/>')['fill']);
        self::assertSame('#0000ff80', $look('<g fill="blue"><rect fill-opacity="50%" width="9" height="9"/></g>')['fill']);
        self::assertSame(0.5, self::read('<g fill-opacity="50%"><rect width="9" height="9"/></g>')->items[0]->fields['opacity'], 'of what it lies in, it is seen through as a whole');
        self::assertSame('#2e8b57', $look('<g color="seagreen"><rect width="9" height="9" fill="currentColor"/></g>')['fill']);
        self::assertNull($look('<rect width="9" height="9" fill="none" stroke="#123"/>')['fill']);
        self::assertEquals(['colour' => '#112233', 'weight' => 3.0, 'dash' => [4.0, 2.0], 'ends' => 'round', 'joins' => 'bevel'], array_intersect_key($look('<g transform="scale(2)"><rect width="9" height="9" fill="none" stroke="#123" stroke-width="1.5" stroke-dasharray="2,1" stroke-linecap="round" stroke-linejoin="bevel"/></g>')['outline'], ['colour' => 1, 'weight' => 1, 'dash' => 1, 'ends' => 1, 'joins' => 1]));
        self::assertSame([['what' => 'a rule of its style that is not simple', 'count' => 1]], self::read($style.'<rect width="9" height="9"/>')->leftOut);
    }

    public function test_units_and_view_boxes(): void
    {
        $svg = SvgReader::read('<svg xmlns="http://www.w3.org/2000/svg" width="1in" height="2.54cm" viewBox="0 0 24 24"><rect x="12" width="50%" height="6pt"/></svg>', Fonts::library());
        self::assertSame([96.0, 96.0], [$svg->width, $svg->height]);
        self::assertSame([48.0, 0.0, 48.0, 32.0], array_values($svg->items[0]->frame->toArray()));
        $svg = SvgReader::read('<svg xmlns="http://www.w3.org/2000/svg" width="100" height="50" viewBox="0 0 10 10"><rect width="10" height="10"/></svg>', Fonts::library());
        self::assertSame([25.0, 0.0, 50.0, 50.0], array_values($svg->items[0]->frame->toArray()), 'in the middle');
        self::assertSame(30.0, SvgReader::read('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 30 20"><title>Pier</title></svg>', Fonts::library())->width);
    }

    public function test_texts_stand_on_their_baselines(): void
    {
        $items = self::read('<text x="100" y="60" font-size="20" font-family="Nowhere, serif" text-anchor="middle" font-weight="bold">Sailing <tspan fill="red" font-style="italic">today</tspan><tspan x="10" y="100">Pier</tspan></text>')->items;
        self::assertSame(['Sailing today', 'Pier'], array_map(static fn (Item $item): string => $item->word('text'), $items));
        self::assertSame(['source-serif-4', 700, 20.0, 'centre'], array_map(static fn (string $name): mixed => $items[0]->fields[$name], ['font', 'weight', 'size', 'align']));
        self::assertEqualsWithDelta(100.0, $items[0]->frame->centre()->x, 0.001);
        $baseline = $items[0]->kind instanceof \AllSquare\Core\Item\Traits\HasBaseline ? $items[0]->kind->baseline($items[0]->fields, $items[0]->frame->w, $items[0]->frame->h, Fonts::library()) : 0.0;
        self::assertEqualsWithDelta(60.0, $items[0]->frame->y + $baseline, 0.001);
        self::assertEquals([['from' => 8, 'to' => 13, 'italic' => true, 'fill' => '#ff0000']], json_decode((string) json_encode($items[0]->kind->fields()->stored($items[0]->fields)['runs']), true));
        self::assertSame(['the font Nowhere'], array_column(self::read('<text x="9" y="9" font-family="Nowhere">a</text>')->leftOut, 'what'));
    }

    /** @return iterable<string, array{string}> */
    public static function drawings(): iterable
    {
        yield 'turned and scaled groups' => ['<g transform="translate(100 80) rotate(-20) scale(1.5)"><rect x="-40" y="-20" width="80" height="40" rx="8" fill="#17614f"/><g transform="scale(0.5) rotate(45)"><circle r="20" fill="#f0c96a"/><path d="M-30 0H30" stroke="#a83a24" stroke-width="6"/></g></g>'];
        yield 'mirrored' => ['<g transform="matrix(-1 0 0 1 200 0)"><path d="M20 20C60 0 90 90 120 30L100 120Z" fill="#24485a"/><g transform="scale(1 -1) translate(0 -160)"><path d="M20 20L60 30L30 70Z" fill="#a83a24"/></g></g>'];
        yield 'skewed' => ['<g transform="skewX(20) skewY(5)"><rect x="20" y="20" width="60" height="40" fill="#17614f"/><ellipse cx="120" cy="80" rx="30" ry="20" fill="#f0c96a"/><path d="M20 90L80 90L50 130Z"/></g>'];
        yield 'linear gradients' => ['<defs><linearGradient id="a" x1="0" y1="0" x2="1" y2="1"><stop offset="0.1" stop-color="#a83a24"/><stop offset="60%" stop-color="gold"/><stop offset="1" stop-color="#17614f"/></linearGradient><linearGradient id="b" href="#a" gradientUnits="userSpaceOnUse" x1="20" y1="100" x2="120" y2="130"/><linearGradient id="c" xlink:href="#a" gradientTransform="rotate(30)"/></defs><rect x="10" y="10" width="120" height="50" fill="url(#a)"/><path d="M10 90L150 70L120 150Z" fill="url(#b)"/><circle cx="165" cy="40" r="30" fill="url(#c)"/>'];
        yield 'round gradients' => ['<defs><radialGradient id="a"><stop offset="0" stop-color="#ffffff"/><stop offset="1" stop-color="#17614f"/></radialGradient><radialGradient id="b" cx="0.3" cy="0.3" r="0.6"><stop offset="0.2" stop-color="gold" stop-opacity="0.5"/><stop offset="1" stop-color="#a83a24"/></radialGradient></defs><rect x="10" y="10" width="120" height="60" fill="url(#a)"/><circle cx="100" cy="110" r="40" fill="url(#b)"/>'];
        // The rasteriser takes the box of something turned for larger than it is, so that these are in user space.
        yield 'gradients in turned and mirrored things' => ['<defs><linearGradient id="a" gradientUnits="userSpaceOnUse" x1="-60" x2="60"><stop stop-color="red"/><stop offset="1" stop-color="blue"/></linearGradient></defs><g transform="translate(100 80) rotate(30) scale(-1 1)"><rect x="-60" y="-30" width="70" height="30" fill="url(#a)"/><path d="M0 0L60 10L20 50Z" fill="url(#a)"/></g>'];
        yield 'things used again' => ['<defs><g id="tree"><rect x="8" y="20" width="4" height="12" fill="#6a4a2f"/><path d="M10 0L20 22H0Z"/></g><symbol id="sign" viewBox="0 0 10 10"><circle cx="5" cy="5" r="5"/><path d="M2 5H8" stroke="#fff" stroke-width="2"/></symbol></defs><use href="#tree" fill="#17614f"/><use xlink:href="#tree" x="60" y="30" fill="seagreen"/><use href="#tree" transform="translate(120 20) scale(2)"/><use href="#sign" x="20" y="80" width="60" height="60" fill="#a83a24"/>'];
        yield 'holes and both rules' => ['<path fill-rule="evenodd" d="M20 20H120V120H20ZM50 50H90V90H50Z" fill="#24485a"/><path d="M150 20L180 110L120 50H180L130 110Z" fill="#a83a24"/>'];
        yield 'clips' => ['<defs><clipPath id="a"><circle cx="60" cy="60" r="40"/></clipPath><clipPath id="b" clipPathUnits="objectBoundingBox"><path d="M0 0H1L0.5 1Z"/></clipPath><clipPath id="big"><rect width="200" height="160"/></clipPath></defs><g clip-path="url(#a)"><rect x="20" y="20" width="50" height="90" fill="#17614f"/><rect x="60" y="40" width="60" height="30" fill="#f0c96a"/></g><rect x="120" y="30" width="60" height="80" fill="#a83a24" clip-path="url(#b)"/><circle cx="150" cy="135" r="15" clip-path="url(#big)" stroke="red" stroke-width="4"/>'];
        yield 'masks of white shapes' => ['<mask id="m"><rect x="30" y="30" width="80" height="60" fill="white"/><circle cx="130" cy="90" r="30" fill="#fff"/></mask><path d="M10 10H190V150H10Z" fill="#24485a" mask="url(#m)"/>'];
        yield 'outlines' => ['<g fill="none" stroke="#20302d" stroke-width="6"><path d="M20 30L80 30L50 80" stroke-linejoin="round" stroke-linecap="round"/><path d="M100 20C140 0 180 60 120 70" stroke-dasharray="12 6"/><rect x="30" y="100" width="60" height="40" rx="10" stroke-linejoin="bevel"/><polyline points="110,100 150,140 180,100" stroke-linecap="square" stroke="#a83a24"/><ellipse cx="160" cy="30" rx="20" ry="12" stroke-width="2"/></g>'];
        yield 'points that are nothing but their ends' => ['<g stroke="#a83a24" stroke-width="30" stroke-linecap="round"><line x1="50" y1="40" x2="50" y2="40"/><path d="M120 40h0"/><line x1="60" y1="110" x2="60" y2="110" stroke-linecap="square"/><line x1="140" y1="110" x2="140" y2="110" stroke-linecap="butt"/></g>'];
        yield 'nested drawings' => ['<svg x="20" y="20" width="100" height="60" viewBox="0 0 50 50" preserveAspectRatio="xMaxYMin"><rect width="50" height="50" fill="#17614f"/></svg><svg x="20" y="90" width="100" height="60" viewBox="0 0 50 50" preserveAspectRatio="none"><circle cx="25" cy="25" r="25" fill="gold"/></svg>'];
        yield 'opacity on all levels' => ['<g opacity="0.6"><rect x="20" y="20" width="80" height="80" fill="#a83a24"/><g opacity="0.5"><circle cx="100" cy="80" r="50" fill="#17614f"/></g></g><rect x="120" y="10" width="60" height="30" fill="#24485a" opacity=".3" fill-opacity=".8"/>'];
    }

    /** @return iterable<string, array{string, list<array<string, mixed>>}> with the patterns that they become */
    public static function patterns(): iterable
    {
        $is = static fn (string $sort, float $pitch, float $share, float $angle, string $colour, ?string $ground, ?float $phase = null): array => ['pattern' => $sort, 'pitch' => $pitch, 'share' => $share, 'angle' => $angle, ...($phase === null ? [] : ['phase' => $phase]), 'colour' => $colour, 'ground' => $ground];
        $box = static fn (string $pattern, int $x = 20): string => "<defs>$pattern</defs><rect x='$x' y='20' width='120' height='100' fill='url(#p)'/>";
        yield 'upright stripes' => [$box('<pattern id="p" width="20" height="20" patternUnits="userSpaceOnUse"><rect width="20" height="20" fill="#f0c96a"/><rect x="5" width="8" height="20" fill="#17614f"/></pattern>'), [$is('stripes', 20.0, 0.4, 0.0, '#17614f', '#f0c96a', 5.0)]];
        yield 'level stripes' => [$box('<pattern id="p" width="10" height="16" patternUnits="userSpaceOnUse"><path d="M0 6H10" stroke="#a83a24" stroke-width="4"/></pattern>'), [$is('stripes', 16.0, 0.25, 90.0, '#a83a24', null)]];
        yield 'turned stripes' => [$box('<pattern id="p" width="16" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><line x1="0" y1="0" x2="0" y2="9" stroke="#24485a" stroke-width="12"/></pattern>', 0), [$is('stripes', 16.0, 0.375, 45.0, '#24485a', null, 1.857864)]];
        yield 'dots' => [$box('<pattern id="p" width="20" height="20" patternUnits="userSpaceOnUse"><circle cx="10" cy="10" r="6" fill="#a83a24"/></pattern>'), [$is('dots', 20.0, 0.6, 0.0, '#a83a24', null)]];
        yield 'checks' => [$box('<pattern id="p" width="40" height="40" patternUnits="userSpaceOnUse"><rect width="40" height="40" fill="#ffffff"/><g/><rect width="20" height="20"/><rect x="20" y="20" width="20" height="20"/></pattern>'), []];
        yield 'checks from the corner on' => [$box('<pattern id="p" width="40" height="40" patternUnits="userSpaceOnUse"><rect width="20" height="20"/><rect x="20" y="20" width="20" height="20"/></pattern>', 40), [$is('checks', 20.0, 0.5, 0.0, '#000000', null)]];
        yield 'checks beside the corner' => [$box('<pattern id="p" width="40" height="40" patternUnits="userSpaceOnUse"><rect x="20" width="20" height="20"/><rect y="20" width="20" height="20"/></pattern>'), [$is('checks', 20.0, 0.5, 0.0, '#000000', null)]];
        yield 'a share of the box' => [$box('<pattern id="base" width="0.25" height="1"><rect width="15" height="100" fill="#17614f"/></pattern><pattern id="p" href="#base"/>'), [$is('stripes', 30.0, 0.5, 0.0, '#17614f', null)]];
    }

    /** @param  list<array<string, mixed>>  $patterns */
    #[DataProvider('patterns')]
    public function test_patterns_that_fit_ours_look_the_same(string $inside, array $patterns): void
    {
        $content = self::read($inside);
        self::assertSame($patterns, array_values(array_filter(array_map(static fn (Item $item): mixed => $item->kind->fields()->stored($item->fields)['fill'] ?? null, $content->items), is_array(...))));
        if ($patterns === []) {
            self::assertSame(['a pattern'], array_column($content->leftOut, 'what'));

            return;
        }
        self::assertSame([], $content->leftOut);
        self::assertLessThan(0.005, PaintedSvg::difference(self::OPEN.$inside.'</svg>', 400));
    }

    #[DataProvider('drawings')]
    public function test_it_looks_the_same(string $inside): void
    {
        self::assertSame([], self::read($inside)->leftOut);
        self::assertLessThan(0.005, PaintedSvg::difference(self::OPEN.$inside.'</svg>', 400));
    }

    #[DataProvider('drawings')]
    public function test_out_in_and_out_again_are_the_same_bytes(string $inside): void
    {
        $out = PaintedSvg::again(self::read($inside));
        self::assertSame($out, PaintedSvg::again(SvgReader::read($out, Fonts::library())));
    }

    public function test_an_icon_set_looks_the_same(): void
    {
        $icons = glob(dirname(__DIR__, 3).'/node_modules/lucide-static/icons/*.svg') ?: [];
        self::assertGreaterThan(1_000, count($icons));
        $tried = 0;
        $other = [];
        for ($i = 0; $i < count($icons); $i += 60) {
            $svg = (string) file_get_contents($icons[$i]);
            if (PaintedSvg::difference($svg) > 0.005) {
                $other[] = basename($icons[$i]);
            }
            $out = PaintedSvg::again(SvgReader::read($svg, Fonts::library()));
            self::assertSame($out, PaintedSvg::again(SvgReader::read($out, Fonts::library())), basename($icons[$i]));
            $tried++;
        }
        self::assertGreaterThan(30, $tried);
        self::assertSame([], $other);
    }

    public function test_what_is_not_taken_over_is_said_by_name_and_count(): void
    {
        $content = self::read('<script>alert(1)</script><a href="https://example.invalid"><rect width="9" height="9"/></a><image href="https://example.invalid/x.png" width="9" height="9"/><image href="file:///etc/passwd" width="9" height="9"/><foreignObject width="9" height="9"/><rect width="9" height="9" filter="url(#f)"/><rect width="8" height="9" filter="url(#f)"/><path d="M0 0L9 9" stroke="red"><animate attributeName="d"/></path><defs><pattern id="p"/></defs><rect width="9" height="9" fill="url(#p) red"/><sodipodi:namedview xmlns:sodipodi="urn:x"/><blink/>');
        self::assertSame(['a filter' => 2, 'a picture from elsewhere' => 2, 'a link' => 1, 'a pattern' => 1, 'a script' => 1, 'something that is no SVG' => 1, 'the element blink' => 1], array_column($content->leftOut, 'count', 'what'));
        self::assertSame('Not taken over: a filter (2 times), a picture from elsewhere (2 times), a link, a pattern, a script, something that is no SVG, the element blink.', $content->said());
        self::assertCount(5, $content->items);
        self::assertStringNotContainsString('example.invalid', (string) json_encode($content->excerpt('Trial')));
        self::assertSame('', self::read('<rect width="9" height="9"/>')->said());
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        yield 'nothing' => ['', 'This SVG cannot be read'];
        yield 'no XML' => ['<svg><g></svg>', 'This SVG cannot be read: line 1.'];
        yield 'other XML' => ['<html/>', 'This is no SVG.'];
        yield 'entities' => ['<!DOCTYPE svg [<!ENTITY a "b"><!ENTITY c "&a;&a;&a;">]><svg xmlns="http://www.w3.org/2000/svg"><text>&c;</text></svg>', 'This SVG defines entities. It cannot be taken.'];
        yield '5,000 groups in one another' => ['<svg xmlns="http://www.w3.org/2000/svg">'.str_repeat('<g>', 5_000).str_repeat('</g>', 5_000).'</svg>', 'In this SVG things lie in one another more than 250 deep. It cannot be taken.'];
        yield 'too long' => [str_repeat(' ', 8 * 1024 * 1024 + 1), 'An SVG has 8 MB at most.'];
        yield 'too many' => ['<svg xmlns="http://www.w3.org/2000/svg">'.str_repeat('<rect width="1" height="1"/>', 5_001).'</svg>', 'An SVG has 5,000 things at most. Take it apart and bring it along in parts.'];
    }

    #[DataProvider('bad')]
    public function test_what_cannot_be_taken_is_refused(string $svg, string $reason): void
    {
        try {
            SvgReader::read($svg, Fonts::library());
            self::fail('It was taken.');
        } catch (Refusal $refusal) {
            self::assertStringStartsWith($reason, $refusal->getMessage());
        }
        self::assertLessThan(256 * 1024 * 1024, memory_get_peak_usage());
    }

    public function test_what_uses_itself_ends(): void
    {
        $content = self::read('<g id="a"><rect width="4" height="4"/><use href="#a" x="5"/><use href="#none"/></g>');
        self::assertContains('something that uses itself', array_column($content->leftOut, 'what'));
        $tens = implode('', array_map(static fn (int $i): string => "<g id='g$i'>".str_repeat("<use href='#g".($i - 1)."'/>", 10).'</g>', range(1, 8)));
        $this->expectExceptionMessage('An SVG has 5,000 things at most.');
        self::read("<defs><rect id='g0' width='1' height='1'/>$tens</defs><use href='#g8'/>");
    }
}
