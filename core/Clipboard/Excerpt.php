<?php

declare(strict_types=1);

namespace AllSquare\Core\Clipboard;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\ItemData;
use AllSquare\Core\Refusal;
use AllSquare\Core\Series\Layouts;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Tree;

/**
 * Items cut out of a sheet, as they lie on the clipboard: `{format, version, items}`, each group before what is in it,
 * those in no group of the excerpt in the space of the sheet. Its shape has been checked against schema/commands/paste.json.
 */
final readonly class Excerpt
{
    public const FORMAT = 'allsquare-excerpt';

    public const VERSION = 2;

    /** What is shorter is the number of a thing in an excerpt that comes from no sheet. */
    private const LENGTH_OF_ID = 26;

    /** @param  list<array<string, mixed>>  $items */
    private function __construct(private array $items)
    {
    }

    /** @throws Refusal when it is none */
    public static function read(mixed $file): self
    {
        $items = is_array($file) && ($file['format'] ?? null) === self::FORMAT ? $file['items'] ?? null : null;
        if (! is_array($items) || $items === []) {
            throw Refusal::because('There is nothing from All Square to paste.', 'file');
        }

        // @phpstan-ignore argument.type (checked against the schema)
        return new self(array_values($items));
    }

    /** An item with all that is in it, their ids their places in the excerpt; the outermost must lie on the sheet itself. */
    public static function of(Tree $tree, string $root): self
    {
        $numbers = [$root => '1'];
        foreach ($tree->descendants($root) as $item) {
            $numbers[$item->id] = (string) (count($numbers) + 1);
        }

        return new self(array_map(
            static fn (string $id): array => ['id' => $numbers[$id], 'parent' => $id === $root ? null : $numbers[$tree->item($id)->parent ?? ''], ...ItemData::write($tree->item($id))],
            array_map(strval(...), array_keys($numbers)),
        ));
    }

    /** @return list<array<string, mixed>> */
    public function items(): array
    {
        return $this->items;
    }

    /** @return list<string> ids that those in no group of the excerpt had where they come from */
    public function sources(): array
    {
        return array_values(array_map(self::id(...), array_filter($this->items, static fn (array $item): bool => ($item['parent'] ?? null) === null)));
    }

    /**
     * New items in the place of those, with ids of their own and unlocked, the outermost on the sheet itself.
     *
     * @return array<string, non-empty-array<string, Item>> by the id of the outermost one's source, that one first
     *
     * @throws Refusal when an item lies in something that is not there, or is not what its kind can be
     */
    public function roots(Draft $draft): array
    {
        /** @var array<string, string> $ids the new id of each, by that of its source */
        $ids = [];
        /** @var array<string, string> $rootOf the source of the outermost one that it lies in, by its own source */
        $rootOf = [];
        /** @var array<string, non-empty-array<string, Item>> $made */
        $made = [];
        foreach ($this->items as $i => $data) {
            $parent = is_string($data['parent'] ?? null) ? $data['parent'] : null;
            if ($parent !== null && ! isset($ids[$parent])) {
                throw Refusal::because(sprintf('Item %d of what was pasted lies in a group that does not come before it.', $i + 1), 'file');
            }
            $source = self::id($data);
            if (isset($ids[$source])) {
                throw Refusal::because(sprintf('Item %d of what was pasted has the id of another one.', $i + 1), 'file');
            }
            $id = $draft->nextId();
            $root = $parent === null ? $source : $rootOf[$parent];
            if ($parent !== null && ! $made[$root][$ids[$parent]]->holdsItems()) {
                throw Refusal::because(sprintf('Item %d of what was pasted lies in something that cannot hold items.', $i + 1), 'file');
            }
            $item = Layouts::checked(ItemData::read($data, $id, $parent === null ? null : $ids[$parent], $i * 1024, $draft->fonts), $draft->fonts);
            // A copy is one with nothing on other sheets.
            $made[$root][$id] = $item->withFields(['twin' => null, 'source' => strlen($source) < self::LENGTH_OF_ID || $draft->tree->has($source) ? null : ($item->knownAs() === $id ? $source : $item->knownAs())]);
            $ids[$source] = $id;
            $rootOf[$source] = $root;
        }

        return $made;
    }

    /** @param  array<string, mixed>  $data */
    private static function id(array $data): string
    {
        return is_string($data['id'] ?? null) ? $data['id'] : '';
    }
}
