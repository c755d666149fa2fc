<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Guide;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

final class GuidesTest extends TestCase
{
    public function test_along_the_edges_of_a_selection_its_centres_or_an_inset(): void
    {
        $scene = Scene::of()->put('a', 100, 50, 80, 40)->put('b', 300, 90, 100, 60);
        $scene->run('guides-from-items', ['a', 'b']);
        self::assertSame(['x 100', 'x 400', 'y 50', 'y 150'], self::places($scene));
        $scene->run('guides-from-items', ['a'], ['edges' => ['centre', 'middle']]);
        self::assertSame(['x 100', 'x 140', 'x 400', 'y 50', 'y 70', 'y 150'], self::places($scene));
        $scene->run('remove-guides', [], ['axis' => 'y']);
        $scene->run('guides-from-items', ['a', 'b'], ['edges' => ['left', 'right'], 'inset' => '1/4in', 'as' => 'each']);
        self::assertSame(['x 100', 'x 124', 'x 140', 'x 156', 'x 324', 'x 376', 'x 400'], self::places($scene));
        $this->expectExceptionMessage('There are guides there already');
        $scene->run('guides-from-items', ['a'], ['edges' => ['centre']]);
    }

    public function test_locked_guides_stay_where_they_are(): void
    {
        $scene = Scene::of();
        $scene->run('add-guide', [], ['axis' => 'x', 'at' => 64]);
        $scene->run('add-guide', [], ['axis' => 'x', 'at' => 128]);
        $first = array_key_first($scene->guides);
        self::assertSame('Locked the vertical guide at x 64', $scene->run('lock-guides', [], ['guides' => [$first]])->report->summary);
        foreach (['move-guide' => ['guide' => $first, 'at' => 70], 'delete-guide' => ['guides' => [$first]]] as $command => $params) {
            try {
                $scene->run($command, [], $params);
                self::fail('It is locked.');
            } catch (Refusal $refusal) {
                self::assertStringContainsString('The vertical guide at x 64 is locked', $refusal->getMessage());
            }
        }
        self::assertSame('Removed 1 guide; 1 locked stayed', $scene->run('remove-guides')->report->summary);
        $scene->run('lock-guides', [], ['locked' => false]);
        $scene->run('move-guide', [], ['guide' => $first, 'at' => '6in']);
        self::assertSame(['x 576'], self::places($scene));
    }

    public function test_bare_numbers_of_a_sum_are_in_the_unit_they_were_typed_in(): void
    {
        $scene = Scene::of();
        $scene->unit = Unit::Mm;
        $scene->run('add-guide', [], ['axis' => 'x', 'at' => '25.4']);
        $scene->run('add-guide', [], ['axis' => 'x', 'at' => '12.7 * 2 + 8px']);
        $scene->run('add-guide', [], ['axis' => 'x', 'at' => 25.4]);
        self::assertSame(['x 25.4', 'x 96', 'x 104'], self::places($scene));
    }

    /** @return list<string> */
    private static function places(Scene $scene): array
    {
        $places = array_map(static fn (Guide $guide): string => "{$guide->axis->value} $guide->at", array_values($scene->guides));
        natsort($places);

        return array_values($places);
    }
}
