<?php

declare(strict_types=1);

namespace Tests\Core\Compare;

use AllSquare\Core\Command\TakeOver;
use AllSquare\Core\Compare\Comparison;
use AllSquare\Core\Compare\Difference;
use AllSquare\Core\Format\DocumentContent;
use AllSquare\Core\Format\DocumentFile;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Catalogue;
use AllSquare\Core\Running\Execution;
use AllSquare\Core\Running\Params;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Recorded\Sheets;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;
use Tests\Support\ParamsByChance;

/** A sheet changed by commands by chance, with parameters by chance, and the sheet that it was. */
final class TakingOverTest extends TestCase
{
    private const COMMANDS = 30;

    /** What is of the document, or needs what only the application has. */
    private const ELSEWHERE = ['take-over', 'mend', 'again', 'arrange-slices', 'arrange-points', 'add-font', 'swap-picture', 'set-swatch', 'delete-swatch', 'set-style', 'delete-style', 'make-running', 'end-running', 'show-at-widths', 'keep-at-width', 'set-scale', 'take-tokens', 'set-check'];

    public function test_all_differences_taken_over_make_it_the_other_to_the_byte(): void
    {
        $tried = $found = 0;
        foreach (RandomScene::seeds(60) as $seed) {
            [$was, $is] = self::changed($seed);
            $count = count((new Comparison($was->draft()->content(), $is->draft()->content(), Fonts::library()))->differences());
            self::takeOver($was, $is);
            self::assertSame(self::bytes($is), self::bytes($was), "seed $seed");
            self::assertSame([], self::differences($was, $is), "seed $seed");
            $found += $count;
            $tried++;
        }
        self::assertSame(60, $tried);
        self::assertGreaterThan(10 * $tried, $found);
    }

    public function test_taken_over_one_by_one_nothing_is_left(): void
    {
        $taken = $together = 0;
        foreach (RandomScene::seeds(12) as $seed) {
            [$was, $is] = self::changed($seed + 7);
            // Some follow from others, and hold only when these have been taken over: what is in a rail, how large a text is.
            for ($pass = 0; $pass < 4 && self::differences($was, $is) !== []; $pass++) {
                foreach ((new Comparison($was->draft()->content(), $is->draft()->content(), Fonts::library()))->differences() as $one) {
                    if (in_array($one->key, array_column((new Comparison($was->draft()->content(), $is->draft()->content(), Fonts::library()))->differences(), 'key'), true)) {
                        self::takeOver($was, $is, [$one->key]);
                        $taken++;
                    }
                }
            }
            // What two rules hold on to by turns is taken over together.
            $together += count(self::differences($was, $is));
            self::takeOver($was, $is);
            self::assertSame([], self::differences($was, $is), "seed $seed");
        }
        self::assertGreaterThan(120, $taken);
        self::assertLessThan(0.05 * $taken, $together);
    }

    /** @return array{Scene, Scene} a sheet, and the same after many commands */
    private static function changed(int $seed): array
    {
        $was = Sheets::of($seed % Sheets::COUNT + 1);
        $is = clone $was;
        $chance = new Randomizer(new Mt19937($seed));
        $names = array_values(array_diff(array_keys(Catalogue::all()), self::ELSEWHERE));
        for ($done = $i = 0; $done < self::COMMANDS && $i < 400; $i++) {
            $ids = array_map(strval(...), array_keys($is->items));
            $command = $names[$chance->getInt(0, count($names) - 1)];
            if ($ids === [] || count($ids) > 80 || ($command === 'delete' && count($ids) < 8)) {
                $command = count($ids) > 80 ? 'delete' : 'add-item';
            }
            $params = $command === 'add-item' ? ['kind' => 'box', 'x' => $i, 'y' => 40, 'w' => 30, 'h' => 20] : (new ParamsByChance($chance, [
                'parent' => array_map(strval(...), array_keys(array_filter($is->items, static fn ($item): bool => $item->holdsItems()))),
                ...array_fill_keys(['anchor', 'anchors', 'item', 'ground', 'about', 'a'], $ids === [] ? ['none'] : $ids),
                'b' => [...$ids, 'left'],
                ...array_fill_keys(['guide', 'guides'], array_map(strval(...), array_keys($is->guides))),
                'slices' => array_map(strval(...), array_keys($is->slices)),
                'dimensions' => array_map(strval(...), array_keys($is->dimensions)),
                'grid' => array_map(strval(...), array_keys($is->grids)),
            ]))->of($command);
            $some = $ids === [] ? [] : array_map(static fn (): string => $ids[$chance->getInt(0, count($ids) - 1)], range(1, $chance->getInt(1, 4)));
            $before = clone $is;
            try {
                $is->run($command, $some, $params);
                $done++;
            } catch (Refusal) {
                $is = $before;
            }
        }

        return [$was, $is];
    }

    /** @param  list<string>|null  $differences */
    private static function takeOver(Scene $was, Scene $is, ?array $differences = null): void
    {
        $command = TakeOver::from(new Params($differences === null ? [] : ['differences' => $differences]))->with($is->draft()->content());
        $draft = $was->draft();
        Execution::of($command, $draft, []);
        $was->take($draft);
    }

    /** @return list<string> */
    private static function differences(Scene $was, Scene $is): array
    {
        return array_map(static fn (Difference $one): string => "{$one->sort->value}: $one->says ".json_encode($one->numbers), (new Comparison($was->draft()->content(), $is->draft()->content(), Fonts::library()))->differences());
    }

    private static function bytes(Scene $scene): string
    {
        return DocumentFile::write(new DocumentContent('Trial', [$scene->draft()->content()], []));
    }
}
