<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Item\Naming;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Traits\GoesOn;
use AllSquare\Core\Running\Traits\ReachesEverySheet;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\TypeStyle;

/** Changes a style of the document, and with it every text of it on every sheet. What a text has otherwise than its style stays. */
final class SetStyle implements Command, GoesOn, ReachesEverySheet
{
    private ?TypeStyle $was = null;

    private ?TypeStyle $is = null;

    private int $count = 0;

    /** @param  array<mixed>  $styles */
    private function __construct(private readonly string $id, private readonly ?string $called, private readonly array $styles)
    {
    }

    public static function name(): string
    {
        return 'set-style';
    }

    public static function from(Params $params): self
    {
        $styles = $params->value('styles');

        return new self($params->word('style') ?? '', $params->word('name'), is_array($styles) ? $styles : []);
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Whole, sorts: [TypeStyle::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        if ($this->called === null && $this->styles === []) {
            throw Refusal::because('Give the style another name, or say what of it changes.', 'params');
        }
        $styles = $draft->of(TypeStyle::class);
        $this->was = $was = $styles->get($this->id);
        $name = $this->called === null ? $was->name : Naming::checked($this->called);
        foreach ($styles->all() as $other) {
            if ($other->id !== $was->id && $other->name === $name) {
                throw Refusal::because("There is a style \"$name\" already.", 'name');
            }
        }
        $changed = array_intersect_key(SetWords::taken($this->styles, $draft->fonts), TypeStyle::fields());
        $this->is = new TypeStyle($was->id, $was->key, $name, [...$was->styles, ...$changed]);
        $styles->put($this->is);
        $this->elsewhere($draft);
        $of = $this->count === 1 ? '1 text on this sheet' : "$this->count texts on this sheet";

        return new Report($this->styles === [] ? "Renamed the style \"$was->name\" \"$name\"" : "Changed the style \"$name\" ($of)", $items);
    }

    public function elsewhere(Draft $draft): void
    {
        [$was, $is] = [$this->was, $this->is];
        if ($was === null || $is === null) {
            return;
        }
        $this->count += self::follow($draft, $was, $is);
    }

    /** @return int how many texts of a sheet have changed with their style */
    public static function follow(Draft $draft, TypeStyle $was, TypeStyle $is): int
    {
        $count = 0;
        foreach ($draft->tree->all() as $item) {
            $changes = $was->isOf($item) ? $was->followed($item, $is) : [];
            if ($changes !== []) {
                $draft->put(UseStyle::set($item, $changes)->fitted($draft->sheet()->wholePixels, $draft->fonts));
                $count++;
            }
        }

        return $count;
    }
}
