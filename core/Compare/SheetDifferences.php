<?php

declare(strict_types=1);

namespace AllSquare\Core\Compare;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Renaming;
use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\Belongings;
use AllSquare\Core\Sheet\Sheet;

/** In what the sheets themselves differ, and what belongs to them: guides, slices, dimensions, grids. */
final readonly class SheetDifferences
{
    /** fields of a sheet that go together, and how a sentence calls them */
    public const PARTS = [
        'size' => ['typedWidth', 'typedHeight', 'unit', 'ppi'], 'whole pixels' => ['wholePixels'], 'margins' => ['margins'], 'background' => ['background'],
        'zero' => ['zero'], 'unit of spacing' => ['unitOfSpacing'], 'grid' => ['grid'],
    ];

    public function __construct(private Comparison $of)
    {
    }

    /** @return list<Difference> */
    public function found(): array
    {
        [$one, $other] = [$this->of->here->sheet, $this->of->there->sheet];
        $found = [];
        foreach (self::PARTS as $part => $fields) {
            if (array_filter($fields, static fn (string $field): bool => json_encode($one->{$field}) !== json_encode($other->{$field})) !== []) {
                $found[] = new Difference(Sort::Sheet, null, null, $one->name, self::said($part, $other), [], about: $part);
            }
        }
        foreach ($this->aids() as $key => [$mine, $theirs]) {
            $aid = $theirs ?? $mine;
            if ($aid === null) {
                continue;
            }
            $noun = $aid::noun();
            $name = $aid->toAnswer()['name'] ?? null;
            $called = "The $noun".(is_string($name) ? " \"$name\"" : '');
            $found[] = new Difference(Sort::Aid, null, null, is_string($name) ? $name : $noun, $called.match (true) {
                $mine === null => ' is added',
                $theirs === null => ' is gone',
                default => ' is another',
            }, [], about: $key);
        }

        return $found;
    }

    /**
     * What belongs to the one and the other and is not the same, by a key: matched by id, else by its name, else one by one.
     *
     * @return array<string, array{Belonging|null, Belonging|null}>
     */
    public function aids(): array
    {
        $ids = new Renaming($this->of->matching->here);
        $own = array_map(strval(...), array_keys($this->of->a->all()));
        $same = new Renaming(array_combine($own, $own));
        $found = [];
        foreach (Belongings::SORTS as $sort) {
            if ($sort::isOfDocument()) {
                continue;
            }
            $mine = self::byKey($this->of->here->belongings->of($sort), $same);
            $theirs = self::byKey($this->of->there->belongings->of($sort), $ids);
            foreach ($mine + $theirs as $key => $_) {
                [$one, $other] = [$mine[$key] ?? null, $theirs[$key] ?? null];
                if ($one === null || $other === null || json_encode($one->toFile($same)) !== json_encode($other->toFile($ids))) {
                    $found["{$sort::sort()} $key"] = [$one, $other];
                }
            }
        }

        return $found;
    }

    /**
     * @param  array<string, Belonging>  $all
     * @return array<string, Belonging> by what it is called, else by all that it says
     */
    private static function byKey(array $all, Renaming $ids): array
    {
        $keyed = [];
        foreach ($all as $one) {
            $data = $one->toFile($ids);
            $key = is_string($data['name'] ?? null) ? $data['name'] : (string) json_encode($data);
            for ($count = 1; isset($keyed["$key $count"]);) {
                $count++;
            }
            $keyed["$key $count"] = $one;
        }

        return $keyed;
    }

    private static function said(string $part, Sheet $other): string
    {
        return match ($part) {
            'size' => sprintf('The sheet is %s × %s %s', Length::text($other->typedWidth), Length::text($other->typedHeight), $other->unit->value),
            'background' => 'The sheet has '.($other->background === null ? 'no background' : "the background $other->background"),
            'whole pixels' => 'Whole pixels are '.($other->wholePixels ? 'on' : 'off'),
            'margins' => 'The margins of the sheet are others',
            'grid' => 'The grid of the sheet is another',
            'zero' => 'The zero of the rulers lies elsewhere',
            default => "The $part is another",
        };
    }
}
