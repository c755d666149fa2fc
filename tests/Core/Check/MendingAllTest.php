<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use AllSquare\Core\Check\Checks;
use AllSquare\Core\Check\Finding;
use AllSquare\Core\Check\Inspection;
use AllSquare\Core\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Intent\Corpus;
use Tests\Core\Support\Scene;

/** Layouts as people make them: square ones are not accused, and putting all right leaves nothing to be put right. */
final class MendingAllTest extends TestCase
{
    /** What is about places and sizes: the corpus says nothing of colours and letters. */
    private const PLACES = ['near-line', 'odd-gap', 'odd-inset', 'near-size', 'near-angle', 'off-pixel', 'off-module', 'near-columns', 'sticks-out', 'loose-group', 'stray-title', 'mixed-alignment', 'slice-off-pixel'];

    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (Corpus::KINDS as $kind) {
            yield $kind => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function test_what_is_square_has_no_finding(string $kind): void
    {
        $tried = 0;
        foreach (range(1, 32) as $seed) {
            self::assertSame([], self::said(Corpus::square($kind, $seed)), "$kind $seed");
            $tried++;
        }
        // 512 in all.
        self::assertSame(32, $tried);
    }

    #[DataProvider('kinds')]
    public function test_putting_all_right_leaves_nothing_that_it_caused(string $kind): void
    {
        $tried = $found = 0;
        foreach (range(1, 12) as $seed) {
            $scene = Corpus::disturbed($kind, $seed, 3, $seed % 2);
            $before = self::said($scene);
            try {
                $scene->run('mend');
            } catch (Refusal) {
                self::assertSame([], array_filter($before, static fn (string $one): bool => self::isPlain($one)), "$kind $seed");

                continue;
            }
            $after = self::said($scene);
            self::assertSame([], array_values(array_filter($after, static fn (string $one): bool => self::isPlain($one))), "$kind $seed");
            self::assertSame([], array_values(array_diff(self::kindsOf($after), self::kindsOf($before))), "$kind $seed");
            $found += count($before);
            $tried++;
        }
        self::assertGreaterThan(8, $tried);
        self::assertGreaterThan(3 * $tried, $found);
    }

    private static function isPlain(string $said): bool
    {
        return Checks::all()[strtok($said, ':')]->about()->isPlain;
    }

    /**
     * @param  list<string>  $said
     * @return list<string>
     */
    private static function kindsOf(array $said): array
    {
        return array_values(array_unique(array_map(static fn (string $one): string => (string) strtok($one, ':'), $said)));
    }

    /** @return list<string> */
    private static function said(Scene $scene): array
    {
        return array_map(static fn (Finding $one): string => "$one->kind: $one->says; $one->detail", Inspection::of($scene->draft(), self::PLACES)->findings);
    }
}
