<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Traits\ReachesEverySheet;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Swatch;
use AllSquare\Core\Sheet\TypeScale;
use AllSquare\Core\Sheet\TypeStyle;
use AllSquare\Core\Tokens\DesignTokens;

/**
 * Takes design tokens: colours as swatches, typography as styles, sizes as the scale, the unit of spacing for this sheet. What is there
 * under the same name becomes what the file says, and with it whatever refers to it; nothing is deleted.
 */
final class TakeTokens implements Command, ReachesEverySheet
{
    /** what is left out is said by name up to so many */
    private const NAMED = 4;

    /** @var list<array{TypeStyle, TypeStyle}> before and after, of the styles that changed */
    private array $changed = [];

    /** @param  array<mixed>  $file */
    private function __construct(private readonly array $file)
    {
    }

    public static function name(): string
    {
        return 'take-tokens';
    }

    public static function from(Params $params): self
    {
        $file = $params->value('file');

        return new self(is_array($file) ? $file : []);
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Whole, sorts: [Swatch::class, TypeStyle::class, TypeScale::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $tokens = DesignTokens::read($this->file, $draft->fonts);
        foreach ($tokens->colours as $name => $colour) {
            $this->swatch($draft, (string) $name, $colour);
        }
        foreach ($tokens->styles as $name => $fields) {
            $this->style($draft, (string) $name, $fields);
        }
        $this->scale($draft, $tokens);
        if ($tokens->spacing !== null) {
            $draft->putSheet($draft->sheet()->with(['unitOfSpacing' => $tokens->spacing]));
        }
        $this->elsewhere($draft);

        return new Report(self::said($tokens), $items, ['not_taken' => $tokens->leftOut]);
    }

    public function elsewhere(Draft $draft): void
    {
        foreach ($this->changed as [$was, $is]) {
            SetStyle::follow($draft, $was, $is);
        }
    }

    private function swatch(Draft $draft, string $called, Colour $colour): void
    {
        $swatches = $draft->of(Swatch::class);
        $name = Naming::checked($called, 'file');
        foreach ($swatches->all() as $swatch) {
            if (! $swatch->gone && mb_strtolower($swatch->name) === mb_strtolower($name)) {
                $swatches->put($swatch->with(['colour' => $colour]));

                return;
            }
        }
        if (count($swatches->all()) >= Swatch::MOST) {
            throw Refusal::because('A document keeps '.Swatch::MOST.' swatches at most; with these it would have more.', 'file');
        }
        $id = $draft->nextId();
        $swatches->put(new Swatch($id, $id, $name, $colour));
    }

    /** @param  array<string, mixed>  $fields */
    private function style(Draft $draft, string $called, array $fields): void
    {
        $styles = $draft->of(TypeStyle::class);
        $name = Naming::checked($called, 'file');
        $taken = array_intersect_key(SetWords::taken($fields, $draft->fonts), TypeStyle::fields());
        foreach ($styles->all() as $was) {
            if (mb_strtolower($was->name) === mb_strtolower($name)) {
                $is = new TypeStyle($was->id, $was->key, $was->name, [...$was->styles, ...$taken]);
                $this->changed[] = [$was, $is];
                $styles->put($is);

                return;
            }
        }
        if (count($styles->all()) >= TypeStyle::MOST) {
            throw Refusal::because('A document keeps '.TypeStyle::MOST.' styles at most; with these it would have more.', 'file');
        }
        $id = $draft->nextId();
        $styles->put(new TypeStyle($id, $id, $name, $taken));
    }

    private function scale(Draft $draft, DesignTokens $tokens): void
    {
        $scales = $draft->of(TypeScale::class);
        $was = array_values($scales->all())[0] ?? null;
        if ($tokens->scale !== null) {
            $scales->put(new TypeScale($was->id ?? $draft->nextId(), $tokens->scale['base'], $tokens->scale['ratio'], $tokens->scale['whole'] ?? $was->whole ?? $draft->sheet()->wholePixels));
        }
    }

    private static function said(DesignTokens $tokens): string
    {
        $counted = static fn (int $count, string $one, string $many): array => $count === 0 ? [] : ["$count ".($count === 1 ? $one : $many)];
        $taken = [
            ...$counted(count($tokens->colours), 'swatch', 'swatches'),
            ...$counted(count($tokens->styles), 'style', 'styles'),
            ...($tokens->scale === null ? [] : ['the scale from '.Length::text($tokens->scale['base']).' px']),
            ...($tokens->spacing === null ? [] : ['the unit of spacing, '.Length::text($tokens->spacing).' px']),
        ];
        if ($taken === []) {
            throw Refusal::because('None of these design tokens is a colour, a style of texts, a size of letters or a unit of spacing.', 'file');
        }
        $left = count($tokens->leftOut);
        $named = implode(', ', array_slice($tokens->leftOut, 0, self::NAMED)).($left > self::NAMED ? ' and '.($left - self::NAMED).' more' : '');

        return 'Took '.implode(', ', $taken).($left === 0 ? '' : ". Not taken: $named");
    }
}
