<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Swatch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** Swatches of a document, and patterns that run on from one thing to the next (RULES 16). */
final class LookCommandsTest extends TestCase
{
    private static function swatch(Scene $scene, string $name, string $colour): Swatch
    {
        $id = $scene->run('keep-swatch', [], ['name' => $name, 'colour' => $colour])->report->details['swatch'];
        self::assertIsString($id);

        return $scene->swatches[$id];
    }

    public function test_a_swatch_is_kept_changed_renamed_and_deleted(): void
    {
        $scene = Scene::of();
        $spruce = self::swatch($scene, 'Spruce', '#17614F');
        self::assertSame(['Spruce', '#17614f', false], [$spruce->name, $spruce->colour->hex, $spruce->gone]);
        self::assertSame('Set the swatch "Spruce" to #205f50 (was #17614f)', $scene->run('set-swatch', [], ['swatch' => $spruce->id, 'colour' => '#205f50'])->report->summary);
        self::assertSame('Renamed the swatch "Spruce" "Fir"', $scene->run('set-swatch', [], ['swatch' => $spruce->id, 'name' => 'Fir'])->report->summary);
        self::assertSame(['Fir', '#205f50', $spruce->key], [$scene->swatches[$spruce->id]->name, $scene->swatches[$spruce->id]->colour->hex, $scene->swatches[$spruce->id]->key]);
        $scene->run('delete-swatch', [], ['swatch' => $spruce->id]);
        self::assertTrue($scene->swatches[$spruce->id]->gone, 'what has its colour has to find it');
        self::assertSame('Fir', self::swatch($scene, 'Fir', '#000000')->name, 'its name is free again');
    }

    public function test_a_swatch_without_a_name_is_called_by_its_colour(): void
    {
        self::assertSame('#aabbcc', self::swatch(Scene::of(), '', '#AABBCC')->name);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'a second one of the name' => ['keep-swatch', ['name' => 'Spruce', 'colour' => '#ffffff'], 'There is a swatch "Spruce" already. Give this one another name'];
        yield 'the name of another' => ['set-swatch', ['swatch' => 'veil', 'name' => 'Spruce'], 'There is a swatch "Spruce" already.'];
        yield 'nothing to change' => ['set-swatch', ['swatch' => 'veil'], 'Give the swatch another name or another colour.'];
        yield 'one that is not there' => ['delete-swatch', ['swatch' => 'none'], 'none'];
    }

    /** @param  array<string, mixed>  $params */
    #[DataProvider('refused')]
    public function test_what_cannot_be_done_is_refused_and_changes_nothing(string $command, array $params, string $reason): void
    {
        $scene = Scene::of();
        self::swatch($scene, 'Spruce', '#17614f');
        $veil = self::swatch($scene, 'Veil', '#f0c96a80');
        $was = $scene->swatches;
        try {
            $scene->run($command, [], array_map(static fn (mixed $value): mixed => $value === 'veil' ? $veil->id : $value, $params));
            self::fail('It was done.');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($reason, $refusal->getMessage());
        }
        self::assertEquals($was, $scene->swatches);
    }

    public function test_a_document_keeps_two_hundred_swatches(): void
    {
        $scene = Scene::of();
        for ($i = 1; $i <= Swatch::MOST; $i++) {
            self::swatch($scene, "Tone $i", sprintf('#%06x', $i));
        }
        $this->expectExceptionMessage('A document keeps 200 swatches at most.');
        self::swatch($scene, 'One too many', '#ffffff');
    }

    /** Where a point of the sheet lies among the stripes of an item, in px from the middle of one, up to the pitch. */
    private static function among(Scene $scene, string $id, Point $at, float $pitch): float
    {
        $item = $scene->items[$id];
        $tree = $scene->draft()->tree;
        $own = $tree->toSheet($item->parent)->after($item->toParent())->inverse()->apply($at);
        $fill = $item->kind->fields()->stored($item->fields)['fill'];
        $angle = deg2rad((float) ($fill['angle'] ?? 0.0));
        $along = $own->x * cos($angle) + $own->y * sin($angle) - (float) ($fill['phase'] ?? 0.0);

        return $along - floor($along / $pitch) * $pitch;
    }

    /** Stripes of turned things, some in a turned group, meet at every point of the sheet. */
    public function test_stripes_run_on_wherever_things_lie_and_however_they_are_turned(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(4) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            for ($i = 0; $i < 50; $i++) {
                $pitch = (float) $chance->getInt(4, 40);
                $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group', 'angle' => $chance->getInt(-80, 80)]);
                foreach (['a', 'b', 'c'] as $k => $id) {
                    $scene->put($id, $chance->getInt(-100, 600), $chance->getInt(-100, 400), $chance->getInt(10, 200), $chance->getInt(10, 200), [
                        'angle' => $chance->getInt(-170, 170), 'parent' => $k > 0 ? 'g' : null,
                        'fill' => $id === 'a' ? ['pattern' => 'stripes', 'pitch' => $pitch, 'angle' => $chance->getInt(-90, 90), 'phase' => $chance->getInt(-20, 20), 'colour' => '#17614f'] : '#ffffff',
                    ]);
                }
                $scene->fitted()->run('run-on', ['a', 'b', 'c']);
                for ($k = 0; $k < 5; $k++) {
                    $at = new Point((float) $chance->getInt(0, 800), (float) $chance->getInt(0, 600));
                    $first = self::among($scene, 'a', $at, $pitch);
                    foreach (['b', 'c'] as $id) {
                        $apart = abs($first - self::among($scene, $id, $at, $pitch));
                        self::assertLessThan(0.05, min($apart, $pitch - $apart), "seed $seed, \"$id\" at $at->x, $at->y");
                    }
                }
                $tried++;
            }
        }
        self::assertGreaterThanOrEqual(50, $tried);
    }

    public function test_a_pattern_runs_on_from_what_has_one(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 40, 40)->put('b', 40, 0, 40, 40, ['fill' => ['pattern' => 'dots', 'pitch' => 8, 'colour' => '#17614f']])->put('rule', 0, 60, 80, 0, ['kind' => 'line']);
        self::assertSame('Let the pattern of "b" run on in "a"', $scene->run('run-on', ['b', 'rule', 'a'])->report->summary);
        $this->expectExceptionMessage('Select a thing with a pattern first');
        $scene->run('set', ['a'], ['fill' => '#ffffff']);
        $scene->run('run-on', ['a', 'b']);
    }
}
