<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Swatch;
use AllSquare\Core\Sheet\TypeStyle;
use AllSquare\Core\Tokens\CustomProperties;
use AllSquare\Core\Tokens\TokenFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** Design tokens taken by a document, and given out by it. */
final class TokenCommandsTest extends TestCase
{
    /** @return array<string, mixed> */
    private static function out(Scene $scene): array
    {
        return (new TokenFile(Fonts::library()))->write(array_values($scene->swatches), array_values($scene->scales)[0] ?? null, array_values($scene->styles), $scene->sheet);
    }

    /** A document that has agreed on much: swatches, styles, a scale and a unit, by chance. */
    private static function byChance(Randomizer $chance): Scene
    {
        $scene = Scene::of();
        foreach (['Spruce', 'Veil {2}', '$sand', 'Deep water', 'Rust.dark'] as $name) {
            $scene->run('keep-swatch', [], ['name' => $name, 'colour' => sprintf('#%06x', $chance->getInt(0, 0xFFFFFF)).($chance->getInt(0, 1) === 0 ? '' : sprintf('%02x', $chance->getInt(0, 254)))]);
        }
        foreach (['Title', 'Body text', 'Fine print'] as $i => $name) {
            $scene->put("t$i", 0, 50 * $i, 200, 40, [
                'kind' => 'text', 'text' => $name, 'size' => $chance->getInt(80, 640) / 8, 'weight' => $chance->getInt(0, 1) === 0 ? 400 : 700, 'tracking' => $chance->getInt(-40, 160) / 4,
                'line_height' => $chance->getInt(90, 200) / 100, 'italic' => $chance->getInt(0, 1) === 1, 'align' => ['start', 'middle', 'end'][$chance->getInt(0, 2)],
            ]);
            $scene->run('keep-style', ["t$i"], ['name' => $name]);
        }
        $scene->run('set-scale', [], ['base' => $chance->getInt(8, 40) / 2, 'ratio' => $chance->getInt(105, 300) / 100, 'whole' => $chance->getInt(0, 1) === 1]);
        $scene->run('set-sheet', [], ['unit_of_spacing' => $chance->getInt(2, 64) / 2]);

        return $scene;
    }

    /** @return array<string, mixed> what is agreed on, without ids */
    private static function agreed(Scene $scene): array
    {
        return [
            'swatches' => array_map(static fn (Swatch $swatch): array => [$swatch->name, $swatch->colour->hex], array_values($scene->swatches)),
            'styles' => array_map(static fn (TypeStyle $style): array => [$style->name, $style->stored()], array_values($scene->styles)),
            'scale' => array_map(static fn ($scale): array => [$scale->base, $scale->ratio, $scale->whole], array_values($scene->scales)),
            'spacing' => $scene->sheet->unitOfSpacing,
        ];
    }

    public function test_what_goes_out_comes_in_elsewhere_as_it_was(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(4) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            for ($i = 0; $i < 20; $i++) {
                $from = self::byChance($chance);
                $file = self::out($from);
                $to = Scene::of();
                $report = $to->run('take-tokens', [], ['file' => $file])->report;
                self::assertSame([], $report->details['not_taken'], "seed $seed");
                self::assertEquals(self::agreed($from), self::agreed($to), "seed $seed");
                self::assertSame(json_encode($file), json_encode(self::out($to)), "seed $seed: out again");
                self::assertTrue($to->run('take-tokens', [], ['file' => $file])->change->isEmpty(), "seed $seed: a second time changes nothing");
                $tried++;
            }
        }
        self::assertGreaterThanOrEqual(20, $tried);
    }

    public function test_texts_of_a_style_follow_what_the_file_says_of_it(): void
    {
        $scene = Scene::of()->put('t', 0, 0, 200, 40, ['kind' => 'text', 'text' => 'Sailings', 'size' => 24, 'weight' => 400]);
        $scene->run('keep-style', ['t'], ['name' => 'Title']);
        $file = ['typography' => ['title' => ['$type' => 'typography', '$value' => ['fontFamily' => 'Bitter', 'fontSize' => ['value' => 2, 'unit' => 'rem'], 'fontWeight' => 700, 'letterSpacing' => ['value' => 0, 'unit' => 'px'], 'lineHeight' => 1.2]]]];
        self::assertSame('Took 1 style', $scene->run('take-tokens', [], ['file' => $file])->report->summary);
        self::assertCount(1, $scene->styles, 'names are the same whether large or small');
        $text = $scene->items['t'];
        self::assertSame([32.0, 700, 1.2], [$text->number('size'), (int) $text->number('weight'), $text->number('line_height')]);
    }

    public function test_what_is_not_in_the_file_stays_and_what_cannot_be_taken_is_said(): void
    {
        $scene = self::byChance(new Randomizer(new Mt19937(3)));
        $was = self::agreed($scene);
        $file = ['color' => ['$type' => 'color', 'Sky' => ['$value' => '#88bbdd']], 'shadow' => ['card' => ['$type' => 'shadow', '$value' => ['color' => '#000000']]], 'motion' => ['fast' => ['$type' => 'duration', '$value' => ['value' => 100, 'unit' => 'ms']]]];
        $said = $scene->run('take-tokens', [], ['file' => $file])->report->summary;
        self::assertStringStartsWith('Took 1 swatch. Not taken: ', $said);
        self::assertStringContainsString('card', $said);
        self::assertSame([...$was['swatches'], ['Sky', '#88bbdd']], self::agreed($scene)['swatches']);
        self::assertEquals([$was['styles'], $was['scale'], $was['spacing']], [self::agreed($scene)['styles'], self::agreed($scene)['scale'], self::agreed($scene)['spacing']]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'nothing of use' => [['motion' => ['fast' => ['$type' => 'duration', '$value' => '100ms']]], 'None of these design tokens is a colour'];
        yield 'nothing at all' => [[], ''];
        yield 'more swatches than there is room for' => [['color' => ['$type' => 'color', ...array_combine(array_map(static fn (int $i): string => "Tone $i", range(1, 201)), array_fill(0, 201, ['$value' => '#123456']))]], 'A document keeps 200 swatches at most'];
    }

    /** @param  array<string, mixed>  $file */
    #[DataProvider('refused')]
    public function test_what_cannot_be_taken_is_refused_and_nothing_of_it_taken(array $file, string $reason): void
    {
        $scene = self::byChance(new Randomizer(new Mt19937(5)));
        $was = self::agreed($scene);
        try {
            $scene->run('take-tokens', [], ['file' => $file]);
            self::fail('It was taken.');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($reason, $refusal->getMessage());
        }
        self::assertEquals($was, self::agreed($scene));
    }

    public function test_custom_properties_say_the_same_as_the_file(): void
    {
        $scene = self::byChance(new Randomizer(new Mt19937(11)));
        $css = CustomProperties::of(self::out($scene));
        self::assertStringContainsString('--spacing-unit: '.Length::text((float) $scene->sheet->unitOfSpacing).'px;', $css);
        foreach ($scene->swatches as $swatch) {
            self::assertStringContainsString(": {$swatch->colour->hex};", $css, $swatch->name);
        }
        preg_match_all('/^\s+(--[\w-]+):/m', $css, $names);
        self::assertSame(count($names[1]), count(array_unique($names[1])), 'each name once');
        self::assertGreaterThan(5 + 3 * 4, count($names[1]));
    }
}
