<?php

declare(strict_types=1);

namespace Tests\Core\Tokens;

use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Tokens\CustomProperties;
use AllSquare\Core\Tokens\DesignTokens;
use AllSquare\Core\Tokens\Token;
use AllSquare\Core\Tokens\TokenReader;
use AllSquare\Core\Tokens\TokenValues;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Fonts;

/** Values, types and references of design tokens. */
final class TokensTest extends TestCase
{
    /** @return iterable<string, array{mixed, string|null}> */
    public static function colours(): iterable
    {
        yield 'six digits' => ['#17614F', '#17614f'];
        yield 'three digits' => ['#abc', '#aabbcc'];
        yield 'with opacity' => ['#17614f80', '#17614f80'];
        yield 'opaque' => ['#17614fff', '#17614f'];
        yield 'a word' => ['red', null];
        yield 'parts' => [['colorSpace' => 'srgb', 'components' => [1, 0.5, 0]], '#ff8000'];
        yield 'parts and opacity' => [['colorSpace' => 'srgb', 'components' => [1, 1, 1], 'alpha' => 0.5], '#ffffff80'];
        yield 'a part that is none' => [['colorSpace' => 'srgb', 'components' => ['none', 1, 0]], '#00ff00'];
        yield 'beyond its range' => [['colorSpace' => 'srgb', 'components' => [2, -1, 0]], '#ff0000'];
        yield 'another space' => [['colorSpace' => 'display-p3', 'components' => [1, 0, 0]], null];
        yield 'too few parts' => [['colorSpace' => 'srgb', 'components' => [1, 0]], null];
        yield 'no numbers' => [['colorSpace' => 'srgb', 'components' => ['a', 'b', 'c']], null];
    }

    #[DataProvider('colours')]
    public function test_colours_are_read(mixed $value, ?string $hex): void
    {
        self::assertSame($hex, TokenValues::readColour($value)?->hex);
    }

    public function test_any_colour_comes_back_as_it_went(): void
    {
        $chance = new Randomizer(new Mt19937(14));
        for ($i = 0; $i < 500; $i++) {
            $hex = sprintf('#%06x', $chance->getInt(0, 0xFFFFFF)).($i % 2 === 0 ? '' : sprintf('%02x', $chance->getInt(0, 254)));
            self::assertSame($hex, TokenValues::readColour(TokenValues::colour(Colour::of($hex)))?->hex);
        }
    }

    public function test_lengths_and_weights_are_read(): void
    {
        $lengths = [[['value' => 12.5, 'unit' => 'px'], 12.5], [['value' => 1.5, 'unit' => 'rem'], 24.0], ['8px', 8.0], ['-0.25rem', -4.0], ['8', null], ['8pt', null], [['value' => '8', 'unit' => 'px'], null], [8, null], [['value' => 8], null]];
        foreach ($lengths as [$value, $pixels]) {
            self::assertSame($pixels, TokenValues::readLength($value), (string) json_encode($value));
        }
        foreach ([['bold', 700], ['Semi-Bold', 600], [400, 400], [350, 400], [1, 100], [1000, 900], ['heavier', null], [null, null]] as [$value, $weight]) {
            self::assertSame($weight, TokenValues::readWeight($value), (string) json_encode($value));
        }
    }

    public function test_a_token_has_its_own_type_or_that_of_the_nearest_group(): void
    {
        $tokens = TokenReader::read(['$type' => 'dimension', 'a' => ['$value' => '1px'], 'g' => ['$type' => 'color', '$description' => 'x', 'b' => ['$value' => '#fff'], 'h' => ['c' => ['$type' => 'number', '$value' => 3]], 'd' => ['$value' => '{a}']]]);
        self::assertSame(['a' => 'dimension', 'g.b' => 'color', 'g.h.c' => 'number', 'g.d' => 'color'], array_combine(array_map(static fn (Token $token): string => $token->said(), $tokens), array_map(static fn (Token $token): string => $token->type, $tokens)));
        self::assertSame('1px', $tokens[3]->value);
        // Without a type of its own, one that refers to another is of its type.
        self::assertSame(['#fff', 'color'], [TokenReader::read(['a' => ['$type' => 'color', '$value' => '#fff'], 'b' => ['$value' => '{a}']])[1]->value, TokenReader::read(['a' => ['$type' => 'color', '$value' => '#fff'], 'b' => ['$value' => '{a}']])[1]->type]);
    }

    public function test_names_go_without_the_group_that_says_their_type(): void
    {
        $names = array_map(static fn (Token $token): string => $token->name(), TokenReader::read(['color' => ['brand' => ['deep sea' => ['$value' => '#fff']]], 'brand' => ['sand' => ['$value' => '#fff']], 'colour' => ['$value' => '#fff'], 'Colors' => ['x' => ['$value' => '#fff', '$extensions' => [TokenReader::OWN => ['name' => 'a.b']]]]]));
        self::assertSame(['brand deep sea', 'brand sand', 'colour', 'a.b'], $names);
    }

    public function test_what_a_document_can_take(): void
    {
        $read = DesignTokens::read([
            'space' => ['small' => ['$type' => 'dimension', '$value' => '4px']], 'spacing' => ['$type' => 'dimension', 'base' => ['$value' => '10px'], 'large' => ['$value' => '40px']],
            'fontSizes' => ['$type' => 'dimension', 'sm' => ['$value' => '13px'], 'md' => ['$value' => '16px'], 'lg' => ['$value' => '20px'], 'xl' => ['$value' => '25px']],
            'text' => ['note' => ['$type' => 'typography', '$value' => ['fontFamily' => 'Nowhere Sans', 'fontSize' => '12px', 'letterSpacing' => '0.6px']]],
        ], Fonts::library());
        self::assertSame(10.0, $read->spacing);
        self::assertSame(16.0, $read->scale['base'] ?? null);
        self::assertEqualsWithDelta(1.244, $read->scale['ratio'] ?? 0, 0.001);
        self::assertSame(['note' => ['size' => 12.0, 'tracking' => 50.0]], $read->styles);
        self::assertSame(['space.small', 'of text.note, the font Nowhere Sans is not here'], $read->leftOut);
    }

    public function test_names_of_custom_properties_are_each_there_once(): void
    {
        $css = CustomProperties::of(['color' => ['$type' => 'color', 'Deep sea' => ['$value' => '#123456'], 'deep-sea' => ['$value' => '#654321'], 'Ünder' => ['$value' => '#ffffff80']]]);
        self::assertSame(":root {\n    --color-deep-sea: #123456;\n    --color-deep-sea-2: #654321;\n    --color-ünder: #ffffff80;\n}\n", $css);
    }
}
