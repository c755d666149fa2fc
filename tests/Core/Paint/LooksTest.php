<?php

declare(strict_types=1);

namespace Tests\Core\Paint;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Look\FillPattern;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Measure\Derivation;
use AllSquare\Core\Paint\SheetPainter;
use AllSquare\Core\Paint\SvgWriter;
use AllSquare\Core\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\Scene;

/** Fills, outlines and shadows (RULES 16). */
final class LooksTest extends TestCase
{
    private const STOPS = [['at' => 1, 'colour' => '#F0C96A80'], ['at' => 0.25, 'colour' => '#17614f']];

    /** @param  array<string, mixed>  $look */
    private static function box(array $look): Scene
    {
        return Scene::of()->put('a', 100, 100, 200, 100, $look);
    }

    /** @param  array<string, mixed>  $look */
    private static function defs(array $look): string
    {
        return (new SvgWriter)->write(self::box($look)->painting('a')->defs);
    }

    /** @return array<string, array{float, string}> */
    public static function angles(): array
    {
        return [
            'upwards' => [0, "x1='100' y1='100' x2='100' y2='0'"],
            'to the right' => [90, "x1='0' y1='50' x2='200' y2='50'"],
            'downwards' => [180, "x1='100' y1='100' x2='100' y2='0'"],
            // half its length is (200 sin 45 + 100 cos 45) / 2 = 106.066, which is 75 each way
            'aslant, so that the corners get the last colours' => [45, "x1='25' y1='125' x2='175' y2='-25'"],
        ];
    }

    #[DataProvider('angles')]
    public function test_a_gradient_runs_as_css_has_it(float $angle, string $line): void
    {
        $defs = self::defs(['fill' => ['gradient' => 'linear', 'angle' => $angle, 'stops' => self::STOPS]]);
        self::assertStringContainsString($angle === 180.0 ? "x1='100' y1='0' x2='100' y2='100'" : $line, $defs);
        self::assertStringContainsString("<stop offset='0.25' stop-color='#17614f'/><stop offset='1' stop-color='#f0c96a' stop-opacity='0.502'/>", $defs, 'stops by their places');
    }

    public function test_a_radial_one_reaches_the_edges_of_its_frame(): void
    {
        self::assertStringContainsString("cx='0.5' cy='0.5' r='0.5' gradientTransform='scale(200 100)'", self::defs(['fill' => ['gradient' => 'radial', 'stops' => self::STOPS]]));
    }

    /** @return array<string, array{array<string, mixed>, int}> */
    public static function patterns(): array
    {
        return [
            'stripes' => [['pattern' => 'stripes', 'pitch' => 10, 'colour' => '#17614f'], 22],
            'stripes that lie' => [['pattern' => 'stripes', 'pitch' => 10, 'angle' => 90, 'colour' => '#17614f'], 12],
            'rows of dots' => [['pattern' => 'dots', 'pitch' => 20, 'share' => 0.4, 'colour' => '#17614f'], 7],
            'checks' => [['pattern' => 'checks', 'pitch' => 20, 'colour' => '#17614f'], 6 + 4],
        ];
    }

    /** @param  array<string, mixed>  $fill */
    #[DataProvider('patterns')]
    public function test_patterns_are_as_many_marks_as_the_frame_takes(array $fill, int $marks): void
    {
        $svg = self::box(['fill' => $fill + ['ground' => '#f0c96a']])->svg('a');
        self::assertSame(1, preg_match("/clip-path='url\\(#d[0-9a-f]{16}\\)'><path d='([^']+)'/", $svg, $found), $svg);
        self::assertEqualsWithDelta($marks, substr_count($found[1], 'M'), 1.0);
        self::assertStringContainsString("fill='#f0c96a'", $svg);
    }

    public function test_stripes_run_on_from_one_strip_to_the_next(): void
    {
        $one = FillPattern::read(['pattern' => 'stripes', 'pitch' => 12, 'angle' => 30, 'colour' => '#000000']);
        self::assertNotNull($one);
        // 40 px further right, what stood at x stands at x - 40 along the axis that lies at 30 degrees.
        self::assertEqualsWithDelta(fmod(-40 * cos(deg2rad(30)), 12), $one->runningOn(new Point(40.0, 0.0))->stored()['phase'] ?? 0.0, 0.001);
    }

    /** @return array<string, array{array<string, mixed>, array{float, float, float, float}}> */
    public static function outlines(): array
    {
        return [
            'astride' => [[], [96, 96, 208, 108]],
            'inside' => [['side' => 'inside'], [100, 100, 200, 100]],
            'outside' => [['side' => 'outside'], [92, 92, 216, 116]],
        ];
    }

    /**
     * @param  array<string, mixed>  $more
     * @param  array{float, float, float, float}  $ink
     */
    #[DataProvider('outlines')]
    public function test_an_outline_lies_on_the_side_that_is_said(array $more, array $ink): void
    {
        $scene = self::box(['outline' => ['colour' => '#20302d', 'weight' => 8] + $more]);
        self::assertEquals($ink, array_values($scene->boxes()->ink('a')->toArray()));
        self::assertStringContainsString($more === [] ? "stroke-width='8'" : "stroke-width='16'", $scene->svg('a'));
    }

    public function test_an_open_line_has_no_other_side(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 200, 0, ['kind' => 'line', 'outline' => ['colour' => '#20302d', 'weight' => 8, 'side' => 'outside']]);
        self::assertSame(8.0, $scene->boxes()->ink('a')->h);
    }

    public function test_a_shadow_is_painted_and_no_ink(): void
    {
        $scene = self::box(['shadow' => [['dx' => 10, 'dy' => 6, 'blur' => 20, 'spread' => 5, 'colour' => '#00000066'], ['dx' => -90, 'inner' => true, 'colour' => '#000000']]]);
        $derived = (new Derivation($scene->draft()->tree, Fonts::library()))->of('a');
        self::assertSame(['x' => 100.0, 'y' => 100.0, 'w' => 200.0, 'h' => 100.0], $derived->ink->toArray());
        // 1.5 of the blur and the spread each way, shifted
        self::assertSame(['x' => 75.0, 'y' => 71.0, 'w' => 270.0, 'h' => 170.0], $derived->painted->toArray());
        self::assertStringContainsString("stdDeviation='10'", (new SvgWriter)->write($scene->painting('a')->defs));
    }

    public function test_what_is_blurred_stands_upright_meanwhile_however_it_is_turned(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group', 'angle' => 20])->put('a', 0, 0, 100, 40, ['parent' => 'g', 'angle' => 10, 'shadow' => [['dx' => 3, 'blur' => 8, 'colour' => '#000000']]])->fitted();
        $svg = (new SheetPainter(Fonts::library(), $scene->draft()->tree, ['a' => $scene->painting('a')], []))->drawing(new Rect(0, 0, 400, 400), ['400', '400'], null);
        self::assertMatchesRegularExpression("/<g transform='translate\(3 0\)'><g transform='rotate\(-30\)' filter='url\(#(d[0-9a-f]{16})\)'><g transform='rotate\(30\)'><rect/", $svg);
        self::assertSame(1, preg_match("/<filter id='d[0-9a-f]{16}' x='[^']+' y='[^']+' width='([^']+)'/", $svg, $found));
        $room = preg_match("/width='([^']+)' height='([^']+)'/", (new SvgWriter)->write($scene->painting('a')->defs), $of) === 1 ? [(float) $of[1], (float) $of[2]] : [0.0, 0.0];
        self::assertEqualsWithDelta($room[0] * cos(deg2rad(30)) + $room[1] * sin(deg2rad(30)), (float) $found[1], 0.002);
    }

    public function test_a_group_paints_the_shadows_of_what_is_in_it(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group', 'angle' => 90])->put('a', 100, 100, 200, 100, ['parent' => 'g', 'shadow' => [['dx' => 30, 'colour' => '#000000']]])->fitted();
        $derived = (new Derivation($scene->draft()->tree, Fonts::library()))->of('g');
        self::assertSame($derived->ink->h + 30, $derived->painted->h, 'to the right in the group is down on the sheet');
        self::assertSame($derived->ink->w, $derived->painted->w);
    }

    public function test_swatches_are_looked_up_when_a_drawing_is_written(): void
    {
        $scene = Scene::of();
        $made = $scene->run('keep-swatch', [], ['name' => 'Quay', 'colour' => '#17614F'])->report->details['swatch'];
        $key = $scene->swatches[$made]->key;
        $scene->put('a', 0, 0, 10, 10, ['fill' => ['swatch' => $key, 'colour' => '#17614f'], 'outline' => ['colour' => ['swatch' => $key, 'colour' => '#17614f'], 'weight' => 2]]);
        $scene->run('set-swatch', [], ['swatch' => $made, 'colour' => '#a83a2480']);
        $palette = array_map(static fn ($swatch): string => $swatch->colour->hex, array_column($scene->swatches, null, 'key'));
        $painted = (new SvgWriter($palette))->write($scene->painting('a')->body);
        self::assertStringContainsString("fill='#a83a24' fill-opacity='0.502' stroke='#a83a24' stroke-opacity='0.502'", $painted);
        self::assertStringContainsString("fill='#17614f'", (new SvgWriter)->write($scene->painting('a')->body), 'of a swatch that is not there, what it was');
        $done = $scene->run('delete-swatch', [], ['swatch' => $made]);
        self::assertSame('Deleted the swatch "Quay"; what has its colour keeps it', $done->report->summary);
        self::assertTrue($scene->swatches[$made]->gone);
    }

    public function test_two_swatches_of_one_name_are_refused(): void
    {
        $scene = Scene::of();
        $scene->run('keep-swatch', [], ['name' => 'Quay', 'colour' => '#17614f']);
        $this->expectException(Refusal::class);
        $scene->run('keep-swatch', [], ['name' => 'Quay', 'colour' => '#17614f']);
    }

    public function test_dashes_of_nothing_are_refused(): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('Dashes and gaps that are all 0 draw nothing');
        self::box([])->run('set', ['a'], ['outline' => ['colour' => '#000000', 'weight' => 1, 'dash' => [0, 0]]]);
    }

    public function test_any_figure_of_a_look_is_a_change(): void
    {
        $looks = [
            ['fill' => ['gradient' => 'linear', 'angle' => 90, 'stops' => self::STOPS]], ['fill' => ['gradient' => 'linear', 'angle' => 45, 'stops' => self::STOPS]],
            ['fill' => ['pattern' => 'dots', 'pitch' => 8, 'colour' => '#000000']], ['fill' => ['pattern' => 'dots', 'pitch' => 8, 'phase' => 1, 'colour' => '#000000']],
            ['shadow' => [['dy' => 1, 'colour' => '#000000']]], ['shadow' => [['dy' => 1, 'inner' => true, 'colour' => '#000000']]],
            ['outline' => ['colour' => '#000000', 'weight' => 1]], ['outline' => ['colour' => '#000000', 'weight' => 1, 'joins' => 'round']],
        ];
        $scene = self::box([]);
        foreach ($looks as $look) {
            self::assertFalse($scene->run('set', ['a'], $look)->change->isEmpty(), json_encode($look) ?: '');
            self::assertTrue($scene->run('set', ['a'], $look)->change->isEmpty(), json_encode($look) ?: '');
        }
    }

    public function test_looks_are_scaled_along(): void
    {
        $fields = self::box([])->items['a']->kind->fields();
        $scaled = $fields->scaled($fields->taken(['fill' => ['pattern' => 'dots', 'pitch' => 6, 'colour' => '#000000'], 'outline' => ['colour' => '#000000', 'weight' => 2, 'dash' => [4, 3]], 'shadow' => [['dx' => 2, 'blur' => 8, 'colour' => '#000000']]], Fonts::library()) + $fields->defaults, 1.5);
        $stored = $fields->stored($scaled);
        self::assertSame([9.0, 3.0, [6.0, 4.5], 3.0, 12.0], [$stored['fill']['pitch'], $stored['outline']['weight'], $stored['outline']['dash'], $stored['shadow'][0]['dx'], $stored['shadow'][0]['blur']]);
    }

    public function test_a_clear_fill_is_no_fill(): void
    {
        $scene = self::box(['fill' => '#12345600']);
        self::assertNull(Look::fill($scene->items['a']));
        self::assertNull($scene->boxes()->painted('a'));
    }
}
