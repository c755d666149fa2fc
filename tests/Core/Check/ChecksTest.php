<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use AllSquare\Core\Check\Checks;
use AllSquare\Core\Check\Finding;
use AllSquare\Core\Check\Inspection;
use AllSquare\Core\Refusal;
use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** Each check finds what it is about, barely does not find what it is not about, and is satisfied by its own fix. */
final class ChecksTest extends TestCase
{
    /**
     * @param  Closure(): Scene  $wrong  in which just one thing is found
     * @param  Closure(): Scene  $right  in which, by a hair, it is not
     */
    #[DataProvider('checks')]
    public function test_it_finds_what_it_is_about_and_puts_it_right(string $kind, Closure $wrong, Closure $right, ?float $measured, ?float $expected): void
    {
        self::assertSame([], array_map(static fn (Finding $one): string => $one->says, self::of($right(), $kind)));
        $scene = $wrong();
        $found = self::of($scene, $kind);
        self::assertCount(1, $found, $kind);
        self::assertEqualsWithDelta($measured, $found[0]->measured, 0.005);
        self::assertEqualsWithDelta($expected, $found[0]->expected, 0.005);
        if ($found[0]->fixes === []) {
            self::assertContains($kind, ['unseen']);

            return;
        }
        $scene->run('mend', [], ['findings' => [$found[0]->key]]);
        self::assertSame([], array_map(static fn (Finding $one): string => $one->says, self::of($scene, $kind)));
    }

    /** @return array<string, array{string, Closure(): Scene, Closure(): Scene, float|null, float|null}> */
    public static function checks(): array
    {
        $on = static fn (Scene $scene, string $background = '#ffffff'): Scene => self::with($scene, 'set-sheet', [], ['background' => $background]);
        $row = static fn (float ...$tops): Scene => self::boxes(...array_map(static fn (int $i, float $top): array => [40 + 200 * $i, $top, 160, 90], array_keys($tops), $tops));
        $gaps = static fn (float ...$lefts): Scene => self::boxes(...array_map(static fn (float $left): array => [$left, 100, 100, 80], $lefts));
        $fill = ['fill' => '#e6e2d6'];

        return [
            'beside a row' => ['near-line', fn () => $row(100, 100, 100, 98), fn () => $row(100, 100, 100, 100), 98.0, 100.0],
            'beside a row, and beyond what is a little' => ['near-line', fn () => $row(100, 106, 100, 100), fn () => $row(100, 113, 100, 100), 106.0, 100.0],
            'a gap' => ['odd-gap', fn () => $gaps(40, 164, 288, 412, 540), fn () => $gaps(40, 164, 288, 412, 536), 28.0, 24.0],
            'an inset' => ['odd-inset', fn () => self::boxes([100, 100, 300, 200], [116, 116, 268, 170]), fn () => self::boxes([100, 100, 300, 200], [116, 116, 268, 168]), 14.0, 15.0],
            'a size' => ['near-size', fn () => self::boxes([40, 100, 160, 90], [240, 100, 160, 90], [440, 100, 158, 90]), fn () => self::boxes([40, 100, 160, 90], [240, 100, 160, 90], [440, 100, 150, 90]), 158.0, 160.0],
            'an angle' => ['near-angle', fn () => Scene::of()->put('a', 100, 100, 80, 40, ['angle' => 1.9]), fn () => Scene::of()->put('a', 100, 100, 80, 40, ['angle' => 2.1]), 1.9, 0.0],
            'an angle of half a right one' => ['near-angle', fn () => Scene::of()->put('a', 100, 100, 80, 40, ['angle' => -44.5]), fn () => Scene::of()->put('a', 100, 100, 80, 40, ['angle' => -45]), -44.5, -45.0],
            'off the pixel' => ['off-pixel', fn () => Scene::of()->put('a', 100.4, 100, 80, 40), fn () => Scene::of()->put('a', 100, 100, 80, 40), 100.4, 100.0],
            'off the pixel in size' => ['off-pixel', fn () => Scene::of()->put('a', 100, 100, 80.5, 40), fn () => Scene::of()->put('a', 100.5, 100, 80, 40, ['angle' => 30]), 80.5, 81.0],
            'off the module' => ['off-module', fn () => self::onModule(140), fn () => self::onModule(144), 140.0, 144.0],
            'columns' => ['near-columns', fn () => self::inColumns(62, 272), fn () => self::inColumns(64, 270), 272.0, 270.0],
            'an overlap' => ['overlap', fn () => self::boxes([100, 100, 80, 80], [178, 100, 80, 80]), fn () => self::boxes([100, 100, 80, 80], [179.6, 100, 80, 80]), 2.0, 0.0],
            'past the edge' => ['sticks-out', fn () => self::boxes([1180, 100, 112, 80]), fn () => self::boxes([1180, 100, 113, 80]), 12.0, 0.0],
            'past a tray' => ['sticks-out', fn () => Scene::of()->put('tray', 100, 100, 300, 200, ['kind' => 'tray'])->put('a', 250, 20, 54, 40, ['parent' => 'tray']), fn () => Scene::of()->put('tray', 100, 100, 300, 200, ['kind' => 'tray'])->put('a', 246, 20, 54, 40, ['parent' => 'tray']), 4.0, 0.0],
            'covered' => ['covered', fn () => Scene::of()->put('a', 120, 120, 60, 40)->put('b', 100, 100, 160, 90, $fill), fn () => Scene::of()->put('a', 120, 120, 60, 40)->put('b', 100, 100, 160, 90, ['fill' => '#e6e2d6fe']), null, null],
            'covered, were it not for an edge' => ['covered', fn () => Scene::of()->put('a', 100, 100, 60, 40)->put('b', 100, 100, 160, 90, $fill), fn () => Scene::of()->put('a', 99, 100, 60, 40)->put('b', 100, 100, 160, 90, $fill), null, null],
            'of no size' => ['unseen', fn () => Scene::of()->put('a', 100, 100, 0, 40), fn () => Scene::of()->put('a', 100, 100, 1, 40), null, null],
            'of the colour of its ground' => ['unseen', fn () => $on(Scene::of()->put('a', 100, 100, 80, 40, ['fill' => '#ffffff'])), fn () => $on(Scene::of()->put('a', 100, 100, 80, 40, ['fill' => '#fffffe'])), null, null],
            'a group that falls apart' => ['loose-group', fn () => self::group(34), fn () => self::group(21), 34.0, 20.0],
            'a title away from its text' => ['stray-title', fn () => self::titled(20, 24), fn () => self::titled(24, 24), 24.0, 20.0],
            'alignment' => ['mixed-alignment', fn () => self::block('start', 'start', 'centre'), fn () => self::block('start', 'start', 'start'), null, null],
            'families' => ['families', fn () => self::families(6), fn () => self::families(5), 6.0, 5.0],
            'sizes' => ['sizes-alike', fn () => self::sizes(24, 27), fn () => self::sizes(24, 28), 27 / 24, 1.15],
            'small sizes' => ['sizes-alike', fn () => self::sizes(16, 17), fn () => self::sizes(16, 18), 17 / 16, 1.15],
            'tight lines' => ['tight-lines', fn () => self::paragraph(1.45, 4), fn () => self::paragraph(1.5, 4), 1.45, 1.5],
            'tight lines, enough of them' => ['tight-lines', fn () => self::paragraph(1.2, 4), fn () => self::paragraph(1.2, 3), 1.2, 1.5],
            'words without room' => ['overflow', fn () => self::framed(40), fn () => self::framed(400), 3.0, 0.0],
            'a style' => ['off-style', fn () => self::styled(true), fn () => self::styled(false), null, null],
            'contrast' => ['contrast', fn () => $on(self::text(Scene::of(), 'Departs', ['fill' => '#777777'])), fn () => $on(self::text(Scene::of(), 'Departs', ['fill' => '#767676'])), 4.478, 4.5],
            'a target' => ['small-target', fn () => Scene::of()->put('a', 100, 100, 120, 43, ['name' => 'Pay button']), fn () => Scene::of()->put('a', 100, 100, 120, 44, ['name' => 'Pay button']), 43.0, 44.0],
            'a slice' => ['slice-off-pixel', fn () => self::sliced(10.5), fn () => self::sliced(10), 10.5, 11.0],
            'a name' => ['unnamed', fn () => self::following('Group'), fn () => self::following('Pay'), null, null],
        ];
    }

    public function test_every_check_is_tried_here(): void
    {
        $tried = array_unique(array_column(self::checks(), 0));
        // Pictures need pixels; they are tried where those are.
        self::assertSame(['enlarged'], array_values(array_diff(array_keys(Checks::all()), $tried)));
    }

    public function test_what_numbers_place_and_what_is_drawn_together_is_not_accused(): void
    {
        $scene = Scene::of()->put('disc', 0, 0, 40, 40, ['kind' => 'round']);
        $scene->run('ring', ['disc'], ['cx' => 400, 'cy' => 400, 'radius' => 97, 'count' => 7, 'series' => true]);
        self::assertSame([], self::all($scene));

        $steps = Scene::of();
        foreach (range(0, 5) as $i) {
            $steps->put("s$i", 40 + 30 * $i, 100 + 17 * $i, 120, 10);
        }
        self::assertSame([], self::all($steps));

        $rail = self::boxes([100, 100, 80, 40], [180, 100, 90, 40], [275, 100, 60, 40]);
        $rail->run('make-rail', ['b0', 'b1', 'b2']);
        self::assertSame([], self::all($rail));
    }

    public function test_a_check_that_is_off_finds_nothing_and_a_limit_of_ones_own_counts(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 120, 50, ['name' => 'Pay button']);
        self::assertSame([], self::of($scene, 'small-target'));
        $scene->run('set-check', [], ['kind' => 'small-target', 'limit' => 56]);
        self::assertSame([50.0, 56.0], [self::of($scene, 'small-target')[0]->measured, self::of($scene, 'small-target')[0]->expected]);
        $scene->run('set-check', [], ['kind' => 'small-target', 'on' => false]);
        self::assertSame([], self::of($scene, 'small-target'));
        $scene->run('set-check', [], ['kind' => 'small-target', 'on' => true]);
        self::assertCount(1, self::of($scene, 'small-target'));
        foreach ([['kind' => 'small-target', 'limit' => 4], ['kind' => 'off-pixel', 'limit' => 4], ['kind' => 'nonsense', 'on' => false], ['kind' => 'overlap']] as $params) {
            try {
                $scene->run('set-check', [], $params);
                self::fail('It was taken.');
            } catch (Refusal) {
                self::assertCount(1, self::of($scene, 'small-target'));
            }
        }
    }

    public function test_what_is_let_be_comes_back_when_its_things_change(): void
    {
        $scene = self::boxes([100, 100, 80, 80], [178, 100, 80, 80]);
        [$found] = self::of($scene, 'overlap');
        $scene->run('ignore-finding', [], ['finding' => $found->key, 'reason' => 'tabs of a file']);
        self::assertSame([], self::of($scene, 'overlap'));
        $ignored = Inspection::of($scene->draft())->ignored;
        self::assertSame(['tabs of a file', $found->key], [$ignored[0][0]->reason, $ignored[0][1]->key]);
        $scene->run('set', ['b1'], ['fill' => '#17614f']);
        self::assertCount(1, self::of($scene, 'overlap'));
        $scene->run('set', ['b1'], ['fill' => '#d3cdbd']);
        self::assertSame([], self::of($scene, 'overlap'));
        $scene->run('look-again', [], ['ignored' => $ignored[0][0]->id]);
        self::assertCount(1, self::of($scene, 'overlap'));
    }

    /**
     * @return list<Finding>
     *
     * @phpstan-impure
     */
    private static function of(Scene $scene, string $kind): array
    {
        return array_values(array_filter(Inspection::of($scene->draft(), [$kind])->findings, static fn (Finding $one): bool => $one->kind === $kind));
    }

    /** @return list<string> */
    private static function all(Scene $scene): array
    {
        return array_map(static fn (Finding $one): string => "$one->kind: $one->says", Inspection::of($scene->draft())->findings);
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, mixed>  $params
     */
    private static function with(Scene $scene, string $command, array $ids, array $params): Scene
    {
        $scene->run($command, $ids, $params);

        return $scene;
    }

    /** @param  array{float, float, float, float}  ...$boxes */
    private static function boxes(array ...$boxes): Scene
    {
        $scene = Scene::of();
        foreach (array_values($boxes) as $i => [$x, $y, $w, $h]) {
            $scene->put("b$i", $x, $y, $w, $h, ['fill' => '#d3cdbd']);
        }

        return $scene;
    }

    /** @param  array<string, mixed>  $more */
    private static function text(Scene $scene, string $words, array $more = []): Scene
    {
        return self::with($scene, 'add-item', [], ['kind' => 'text', 'text' => $words, 'x' => 100, 'y' => 100, 'size' => 16, ...$more]);
    }

    private static function onModule(float $left): Scene
    {
        return self::with(self::boxes([40, 40, 80, 80], [$left, 40, 80, 80], [240, 160, 80, 80], [400, 160, 80, 80], [560, 320, 80, 80]), 'set-grid', [], ['module' => 8]);
    }

    private static function inColumns(float $left, float $w): Scene
    {
        return self::with(self::boxes([$left, 100, $w, 90]), 'set-grid', [], ['columns' => ['count' => 4, 'gutter' => 24, 'left' => 64, 'right' => 64]]);
    }

    private static function group(float $apart): Scene
    {
        $scene = self::boxes([100, 100, 80, 40], [100, 140 + $apart, 80, 40], [100, 180 + $apart + 20, 80, 40]);

        return self::with($scene, 'group', ['b0', 'b1'], ['name' => 'Pair']);
    }

    private static function titled(int $above, int $below): Scene
    {
        $scene = Scene::of();
        $y = 100;
        foreach ([["Boats go on time,\nby day and by night", 16, $above], ['Fares', 32, $below], ['Children go free', 16, 0]] as [$words, $size, $gap]) {
            self::text($scene, $words, ['y' => $y, 'size' => $size, 'line_height' => 1.5]);
            $y += (int) ($size * 1.5) * (substr_count($words, "\n") + 1) + $gap;
        }

        return $scene;
    }

    private static function block(string ...$aligned): Scene
    {
        $scene = Scene::of();
        foreach (array_values($aligned) as $i => $align) {
            self::text($scene, "To the islands $i", ['y' => 100 + 40 * $i, 'w' => 300, 'align' => $align]);
        }

        return $scene;
    }

    private static function families(int $count): Scene
    {
        $scene = Scene::of();
        foreach (array_slice(['overpass', 'bitter', 'barlow-condensed', 'abril-fatface', 'source-serif-4', 'overpass-mono'], 0, $count) as $i => $font) {
            self::text($scene, "Quay $i", ['y' => 100 + 60 * $i, 'font' => $font, 'weight' => 400]);
        }

        return $scene;
    }

    private static function sizes(int ...$sizes): Scene
    {
        $scene = Scene::of();
        foreach (array_values($sizes) as $i => $size) {
            self::text($scene, "Quay $i", ['y' => 100 + 60 * $i, 'size' => $size]);
        }

        return $scene;
    }

    private static function paragraph(float $height, int $lines): Scene
    {
        return self::text(Scene::of(), implode("\n", array_fill(0, $lines, 'Boats go on time')), ['line_height' => $height]);
    }

    private static function framed(float $h): Scene
    {
        return self::text(Scene::of(), 'Boats go on time, by day and by night, in all weathers but a gale from the west', ['w' => 160, 'h' => $h, 'grow' => 'none', 'line_height' => 1.5]);
    }

    private static function styled(bool $isOff): Scene
    {
        $scene = self::text(Scene::of(), 'Departs');
        $id = (string) array_key_first($scene->items);
        $scene->run('keep-style', [$id], ['name' => 'Label']);
        if ($isOff) {
            $scene->run('set', [$id], ['weight' => 700]);
        }

        return $scene;
    }

    private static function sliced(float $x): Scene
    {
        return self::with(Scene::of(), 'add-slice', [], ['name' => 'mark', 'x' => $x, 'y' => 10, 'w' => 40, 'h' => 40]);
    }

    private static function following(string $name): Scene
    {
        $scene = self::text(self::boxes([80, 80, 200, 80]), 'Pay now');
        $scene->run('group', array_map(strval(...), array_keys($scene->items)), ['name' => $name]);
        $group = array_values(array_filter($scene->items, static fn ($item): bool => $item->holdsItems()))[0];

        return self::with($scene, 'add-slice', [$group->id], ['items' => [$group->id], 'follow' => true]);
    }
}
