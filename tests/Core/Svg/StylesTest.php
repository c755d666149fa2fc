<?php

declare(strict_types=1);

namespace Tests\Core\Svg;

use AllSquare\Core\Svg\Cascade;
use AllSquare\Core\Svg\CssColour;
use AllSquare\Core\Svg\LeftOut;
use AllSquare\Core\Svg\Lengths;
use AllSquare\Core\Svg\Style;
use DOMDocument;
use DOMElement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Colours, lengths, rules and what is inherited, as CSS has them. */
final class StylesTest extends TestCase
{
    private static function element(string $text): DOMElement
    {
        $document = new DOMDocument;
        $document->loadXML($text);
        self::assertNotNull($document->documentElement);

        return $document->documentElement;
    }

    /** @return iterable<string, array{string, string|null, 2?: float}> */
    public static function colours(): iterable
    {
        yield 'six digits' => ['#17614F', '#17614f'];
        yield 'three digits' => ['#abc', '#aabbcc'];
        yield 'four digits' => ['#abc8', '#aabbcc88'];
        yield 'eight digits' => ['#11223380', '#11223380'];
        yield 'eight digits, opaque' => ['#112233ff', '#112233'];
        yield 'five digits' => ['#12345', null];
        yield 'a name' => ['SeaGreen', '#2e8b57'];
        yield 'a name with opacity' => ['red', '#ff000080', 0.5];
        yield 'an unknown name' => ['seagrass', null];
        yield 'rgb' => ['rgb(10, 20, 30)', '#0a141e'];
        yield 'rgb without commas' => ['rgb(10 20 30 / 50%)', '#0a141e80'];
        yield 'rgba' => ['rgba(10,20,30,.5)', '#0a141e80'];
        yield 'shares' => ['rgb(100%, 50%, 0%)', '#ff8000'];
        yield 'beyond its range' => ['rgb(300, -20, 0)', '#ff0000'];
        yield 'too few parts' => ['rgb(1, 2)', null];
        yield 'hsl of red' => ['hsl(0, 100%, 50%)', '#ff0000'];
        yield 'hsl of green' => ['hsl(120deg 100% 25%)', '#008000'];
        yield 'hsl of blue, once round' => ['hsl(-120, 100%, 50%)', '#0000ff'];
        yield 'hsl of grey' => ['hsl(77, 0%, 50%)', '#808080'];
        yield 'clear' => ['transparent', '#00000000'];
        yield 'none at all' => ['', null];
    }

    #[DataProvider('colours')]
    public function test_colours_are_read(string $text, ?string $hex, float $opacity = 1.0): void
    {
        self::assertSame($hex, CssColour::read($text, $opacity));
    }

    public function test_opacities_are_multiplied(): void
    {
        $chance = new Randomizer(new Mt19937(21));
        for ($i = 0; $i < 200; $i++) {
            [$own, $more] = [$chance->getInt(0, 255), $chance->getInt(0, 100) / 100];
            $read = CssColour::read(sprintf('#17614f%02x', $own), $more);
            $is = strlen((string) $read) === 7 ? 255 : hexdec(substr((string) $read, 7));
            self::assertSame((int) round($own * $more), $is);
        }
    }

    public function test_lengths_are_px_whatever_their_unit(): void
    {
        $lengths = new Lengths(400.0, 300.0);
        foreach ([['12', 12.0], ['12px', 12.0], ['-1.5', -1.5], ['.5in', 48.0], ['1cm', 96 / 2.54], ['10mm', 96 / 2.54], ['3pt', 4.0], ['2pc', 32.0], ['2em', 40.0], ['2rem', 32.0], ['1ex', 10.0], ['4q', 96 / 25.4], ['1e2', 100.0], ['abc', null], ['', null], ['5furlongs', null], ['1 2', null]] as [$text, $pixels]) {
            $read = $lengths->read($text, 'x', 20.0);
            $pixels === null ? self::assertNull($read, $text) : self::assertEqualsWithDelta($pixels, $read, 1e-9, $text);
        }
        self::assertSame([200.0, 150.0], [$lengths->read('50%', 'x'), $lengths->read('50%', 'y')]);
        self::assertEqualsWithDelta(hypot(400, 300) / sqrt(2) / 2, $lengths->read('50%', 'o'), 1e-9, 'of the diagonal, over the root of two');
    }

    /** @return iterable<string, array{string, string, array<string, string>}> */
    public static function rules(): iterable
    {
        yield 'an element' => ['rect { fill: red }', '<rect/>', ['fill' => 'red']];
        yield 'another element' => ['circle { fill: red }', '<rect/>', []];
        yield 'all' => ['* { fill: red }', '<rect/>', ['fill' => 'red']];
        yield 'a class' => ['.deep { fill: red }', '<rect class="wide deep"/>', ['fill' => 'red']];
        yield 'two classes at once' => ['.deep.wide { fill: red }', '<rect class="wide deep"/>', ['fill' => 'red']];
        yield 'two classes, one is there' => ['.deep.wide { fill: red }', '<rect class="deep"/>', []];
        yield 'an id' => ['#quay { fill: red }', '<rect id="quay"/>', ['fill' => 'red']];
        yield 'an element of a class' => ['rect.deep { fill: red } circle.deep { fill: blue }', '<rect class="deep"/>', ['fill' => 'red']];
        yield 'several at once' => ['circle, .deep, line { fill: red }', '<rect class="deep"/>', ['fill' => 'red']];
        yield 'a rule is stronger than an attribute' => ['rect { fill: red }', '<rect fill="blue"/>', ['fill' => 'red']];
        yield 'its own style is strongest' => ['#quay { fill: red }', '<rect id="quay" style="fill: green"/>', ['fill' => 'green']];
        yield 'a class is stronger than an element' => ['.deep { fill: red } rect { fill: blue }', '<rect class="deep"/>', ['fill' => 'red']];
        yield 'an id is stronger than classes' => ['#quay { fill: red } .a.b.c { fill: blue }', '<rect id="quay" class="a b c"/>', ['fill' => 'red']];
        yield 'the later of two alike' => ['.a { fill: red } .b { fill: blue }', '<rect class="b a"/>', ['fill' => 'blue']];
        yield 'remarks' => ['/* rect { fill: blue } */ rect { /* deep */ fill: red }', '<rect/>', ['fill' => 'red']];
        yield 'an address with a colon' => ['rect { fill: url(a:b) }', '<rect/>', ['fill' => 'url(a:b)']];
        yield 'a declaration without a value' => ['rect { fill; stroke: red }', '<rect/>', ['stroke' => 'red']];
    }

    /** @param  array<string, string>  $said */
    #[DataProvider('rules')]
    public function test_rules_say_what_they_say_of_whom_they_say_it(string $css, string $element, array $said): void
    {
        $cascade = new Cascade($leftOut = new LeftOut);
        $cascade->add($css);
        self::assertSame($said, array_diff_key($cascade->of(self::element($element)), ['class' => 1, 'id' => 1, 'style' => 1]));
        self::assertSame([], $leftOut->listed());
    }

    public function test_rules_that_are_not_simple_are_said(): void
    {
        $cascade = new Cascade($leftOut = new LeftOut);
        $cascade->add('g rect { fill: red } a > b { fill: red } rect:hover { fill: red } @media print { rect { fill: red } } @import "x.css"; rect { stroke: blue }');
        self::assertSame([['what' => 'a rule of its style that is not simple', 'count' => 3], ['what' => 'a rule of its style that begins with @', 'count' => 2]], $leftOut->listed());
        self::assertSame(['stroke' => 'blue'], $cascade->of(self::element('<rect/>')));
    }

    public function test_what_is_inherited_and_what_is_not(): void
    {
        $lengths = new Lengths(100.0, 100.0);
        $outer = Style::initial()->of(['fill' => 'red', 'opacity' => '0.5', 'font-size' => '20', 'stroke-width' => '3', 'display' => 'inline'], $lengths);
        $inner = $outer->of(['stroke' => 'blue', 'fill-opacity' => '40%'], $lengths);
        self::assertSame(['red', 'blue', '3', ''], array_map($inner->word(...), ['fill', 'stroke', 'stroke-width', 'opacity']));
        self::assertSame([0.4, 1.0], [$inner->number('fill-opacity', 1.0), $inner->number('opacity', 1.0)]);
        self::assertSame([20.0, 20.0], [$outer->fontSize, $inner->fontSize]);
        self::assertSame([true, false], [$inner->isInherited('fill'), $inner->isInherited('stroke')]);
        self::assertSame('0.5', $outer->of(['opacity' => 'inherit'], $lengths)->word('opacity'));
        self::assertSame('green', $inner->with('fill', 'green')->word('fill'));
    }

    public function test_sizes_of_letters_follow_those_they_lie_in(): void
    {
        $lengths = new Lengths(100.0, 100.0);
        $outer = Style::initial()->of(['font-size' => '20px'], $lengths);
        foreach (['150%' => 30.0, '2em' => 40.0, '1.5rem' => 24.0, 'large' => 18.0, '12pt' => 16.0, 'nonsense' => 20.0, '' => 20.0] as $size => $pixels) {
            self::assertEqualsWithDelta($pixels, $outer->of(['font-size' => (string) $size], $lengths)->fontSize, 1e-9, (string) $size);
        }
    }

    public function test_what_is_not_shown(): void
    {
        $lengths = new Lengths(100.0, 100.0);
        $shown = static fn (array $outer, array $inner): bool => Style::initial()->of($outer, $lengths)->of($inner, $lengths)->isShown();
        self::assertTrue($shown([], []));
        self::assertFalse($shown([], ['display' => 'none']));
        self::assertFalse($shown(['visibility' => 'hidden'], []));
        self::assertTrue($shown(['visibility' => 'hidden'], ['visibility' => 'visible']), 'shown again within what is hidden');
        self::assertTrue($shown(['display' => 'none'], []), 'what lies in it is not looked at');
    }
}
