<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Testing\TestResponse;

/** Design tokens: out as the Design Tokens Community Group describes them and as custom properties, and in again by name. */
final class TokensTest extends HttpTestCase
{
    private string $document = '';

    private string $sheet = '';

    protected function setUp(): void
    {
        parent::setUp();
        ['document' => $this->document, 'sheet' => $this->sheet] = $this->begin(1280, 800);
    }

    /**
     * @param  array<string, mixed>  $file
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function take(string $sheet, array $file): TestResponse
    {
        return $this->command($sheet, 'take-tokens', [], ['file' => $file]);
    }

    /** @return array<string, mixed> */
    private function tokens(string $sheet): array
    {
        return json_decode((string) $this->get("/api/sheets/$sheet/tokens.json")->assertOk()->assertHeader('content-type', 'application/json')->getContent(), true, flags: JSON_THROW_ON_ERROR);
    }

    private function furnish(): string
    {
        $text = $this->thing($this->sheet, 'text', 40, 40, 200, 40, ['text' => 'Timetable', 'size' => 26, 'weight' => 700, 'tracking' => 12.5, 'line_height' => 1.15, 'italic' => true, 'fill' => '#17614f']);
        $this->command($this->sheet, 'keep-swatch', [], ['name' => 'Spruce', 'colour' => '#17614f'])->assertOk();
        $this->command($this->sheet, 'keep-swatch', [], ['name' => 'Veil {1.5}', 'colour' => '#f0c96a80'])->assertOk();
        $this->command($this->sheet, 'keep-style', [$text], ['name' => 'Title'])->assertOk();
        $this->command($this->sheet, 'set-scale', [], ['base' => 16, 'ratio' => 1.25, 'whole' => true])->assertOk();
        $this->command($this->sheet, 'set-sheet', [], ['unit_of_spacing' => 12, 'margins' => ['left' => 64, 'top' => 0, 'right' => 64, 'bottom' => 0]])->assertOk();

        return $text;
    }

    public function test_what_is_agreed_on_goes_out(): void
    {
        $this->furnish();
        $tokens = $this->tokens($this->sheet);
        self::assertSame(['color', 'font-size', 'typography', 'spacing'], array_keys($tokens));
        self::assertEquals(['colorSpace' => 'srgb', 'components' => [0.090196, 0.380392, 0.309804], 'hex' => '#17614f'], $tokens['color']['Spruce']['$value']);
        self::assertEqualsWithDelta(0x80 / 255, $tokens['color']['Veil -1-5-']['$value']['alpha'], 1e-6);
        self::assertEquals(['value' => 16, 'unit' => 'px'], $tokens['font-size']['base']['$value']);
        self::assertEquals(['fontFamily' => 'Overpass', 'fontSize' => ['value' => 26, 'unit' => 'px'], 'fontWeight' => 700, 'letterSpacing' => ['value' => 0.325, 'unit' => 'px'], 'lineHeight' => 1.15], $tokens['typography']['Title']['$value']);
        self::assertEquals(['$type' => 'dimension', 'unit' => ['$value' => ['value' => 12, 'unit' => 'px']], 'margin-left' => ['$value' => ['value' => 64, 'unit' => 'px']], 'margin-right' => ['$value' => ['value' => 64, 'unit' => 'px']]], $tokens['spacing']);

        $css = (string) $this->get("/api/sheets/$this->sheet/tokens.css")->assertOk()->getContent();
        foreach (['--color-spruce: #17614f;', '--color-veil-1-5: #f0c96a80;', '--font-size-base: 16px;', '--typography-title-font-family: "Overpass";', '--typography-title-font-size: 26px;', '--typography-title-letter-spacing: 0.325px;', '--typography-title-line-height: 1.15;', '--spacing-unit: 12px;'] as $line) {
            self::assertStringContainsString("    $line\n", $css);
        }
    }

    public function test_out_and_in_elsewhere_is_the_same(): void
    {
        $this->furnish();
        $tokens = $this->tokens($this->sheet);
        ['sheet' => $other] = $this->begin(400, 300);
        $answer = $this->take($other, $tokens)->assertOk();
        self::assertSame('Took 2 swatches, 1 style, the scale from 16 px, the unit of spacing, 12 px', $answer->json('report.summary'));
        $of = fn (string $sheet): array => array_map(
            static fn (array $all): array => array_map(static fn (array $one): array => array_diff_key($one, ['id' => 1, 'key' => 1]), $all),
            array_intersect_key((array) $this->getJson("/api/sheets/$sheet")->json(), array_flip(['swatches', 'styles', 'scales'])),
        );
        self::assertEquals($of($this->sheet), $of($other));
        // The margins are the sheet's own.
        self::assertSame(array_diff_key($tokens['spacing'], ['margin-left' => 1, 'margin-right' => 1]), $this->tokens($other)['spacing']);
        self::assertSame(array_diff_key($tokens, ['spacing' => 1]), array_diff_key($this->tokens($other), ['spacing' => 1]));
    }

    public function test_what_is_there_under_the_same_name_becomes_what_the_file_says_on_every_sheet(): void
    {
        $text = $this->furnish();
        $swatch = $this->getJson("/api/sheets/$this->sheet")->json('swatches.0');
        $second = $this->postJson("/api/documents/$this->document/sheets", ['name' => 'Second', 'width' => 300, 'height' => 200])->assertCreated()->json('id');
        $style = $this->getJson("/api/sheets/$this->sheet")->json('styles.0.id');
        $elsewhere = $this->thing($second, 'text', 0, 0, 100, 30, ['text' => 'Fares']);
        $this->command($second, 'use-style', [$elsewhere], ['style' => $style])->assertOk();
        $before = [$this->bytes($this->sheet), $this->bytes($second)];
        $this->take($this->sheet, [
            'brand' => ['$type' => 'color', 'deep' => ['$value' => '#102030'], 'link' => ['$value' => '{brand.deep}']],
            'color' => ['spruce' => ['$type' => 'color', '$value' => '{brand.deep}']],
            'typography' => ['title' => ['$type' => 'typography', '$value' => ['fontSize' => '2rem', 'fontWeight' => 'semi-bold', 'fontFamily' => ['Nowhere Sans', 'Overpass'], 'lineHeight' => 1.5]]],
            'shadow' => ['card' => ['$type' => 'shadow', '$value' => []]],
        ])->assertOk()->assertJsonPath('report.summary', 'Took 3 swatches, 1 style. Not taken: shadow.card')->assertJsonPath('report.not_taken', ['shadow.card']);
        $now = $this->getJson("/api/sheets/$this->sheet");
        $swatches = array_column($now->json('swatches'), null, 'name');
        self::assertSame([$swatch['id'], '#102030'], [$swatches['Spruce']['id'], $swatches['Spruce']['colour']], 'the same swatch');
        self::assertSame('#102030', $swatches['brand link']['colour'], 'a reference is followed');
        foreach ([[$this->sheet, $text], [$second, $elsewhere]] as [$sheet, $id]) {
            $fields = array_column($this->getJson("/api/sheets/$sheet")->json('items'), null, 'id')[$id]['fields'];
            self::assertEquals([32, 600, 1.5, true], [$fields['size'], $fields['weight'], $fields['line_height'], $fields['italic']], 'what the file does not say stays');
        }
        $this->postJson("/api/documents/$this->document/undo")->assertOk();
        self::assertSame($before, [$this->bytes($this->sheet), $this->bytes($second)], 'undone at once, on every sheet');
    }

    public function test_sizes_that_are_a_scale_are_seen_as_one(): void
    {
        $sizes = static fn (float ...$sizes): array => ['fontSize' => ['$type' => 'dimension', ...array_map(static fn (float $size): array => ['$value' => "{$size}px"], $sizes)]];
        $this->take($this->sheet, $sizes(12.8, 16, 20, 25, 31.25))->assertOk();
        self::assertEquals([16, 1.25, false], array_values(array_intersect_key($this->getJson("/api/sheets/$this->sheet")->json('scales.0'), array_flip(['base', 'ratio', 'whole']))));
        $this->take($this->sheet, $sizes(12, 16, 40))->assertStatus(422);
        $this->take($this->sheet, $sizes(12, 16, 40) + ['c' => ['$value' => '#abc']])->assertOk()->assertJsonPath('report.not_taken', ['the sizes of letters, which are no scale']);
        self::assertSame('#aabbcc', $this->getJson("/api/sheets/$this->sheet")->json('swatches.0.colour'));
    }

    public function test_what_is_no_file_of_tokens_is_refused_and_nothing_taken(): void
    {
        $before = $this->bytes($this->sheet);
        $deep = ['$value' => '#ffffff'];
        for ($i = 0; $i < 40; $i++) {
            $deep = ['g' => $deep];
        }
        foreach ([
            [['a' => ['b' => 1]], 'There are no design tokens in this file. A token has a "$value".'],
            [['a' => ['$type' => 'color', '$value' => '{b}'], 'b' => ['$value' => '{a}']], 'The token "a" refers to itself.'],
            [['a' => ['$type' => 'color', '$value' => '{b.c}']], 'The token "a" refers to "b.c", which is not in this file.'],
            [['a' => ['$type' => 'duration', '$value' => ['value' => 1, 'unit' => 's']]], 'None of these design tokens is a colour, a style of texts, a size of letters or a unit of spacing.'],
            [$deep, 'The groups of this file lie more than 32 deep in one another.'],
            [['$type' => 'color', ...array_map(static fn (): array => ['$value' => '#ffffff'], range(0, 200))], 'A document keeps 200 swatches at most; with these it would have more.'],
        ] as [$file, $why]) {
            $this->take($this->sheet, $file)->assertStatus(422)->assertJsonPath('errors.file.0', $why);
        }
        self::assertSame($before, $this->bytes($this->sheet));
        // What only this program writes may have been written by anyone.
        $own = ['styles' => ['fill' => ['swatch' => '"><script>', 'colour' => 'red'], 'tracking' => 1e9, 'align' => 'nowhere', 'shift' => 5, 'italic' => 'yes']];
        $this->take($this->sheet, ['t' => ['$type' => 'typography', '$value' => ['fontFamily' => 'Overpass', 'fontSize' => '-3px', 'lineHeight' => 99], '$extensions' => ['invalid.allsquare' => $own]]])->assertOk();
        self::assertEquals(['align' => 'start', 'font' => 'overpass', 'italic' => false, 'line_height' => 10, 'size' => 1, 'tracking' => 5000], array_intersect_key($styles = $this->getJson("/api/sheets/$this->sheet")->json('styles.0.styles'), array_flip(['align', 'font', 'italic', 'line_height', 'size', 'tracking', 'fill', 'shift'])) ?: $styles);
        self::assertSame('{}', trim((string) $this->get('/api/sheets/'.$this->begin(10, 10)['sheet'].'/tokens.json')->getContent()));
        self::assertSame(":root {\n}\n", (string) $this->get('/api/sheets/'.$this->begin(10, 10)['sheet'].'/tokens.css')->getContent());
    }
}
