<?php

declare(strict_types=1);

namespace AllSquare\Core\Format;

use AllSquare\Core\Arrange\GroupFit;
use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\ItemData;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Renaming;
use AllSquare\Core\Refusal;
use AllSquare\Core\Series\Layouts;
use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\Belongings;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Ids;
use AllSquare\Core\Sheet\Margins;
use AllSquare\Core\Sheet\Sheet;
use AllSquare\Core\Sheet\SheetContent;
use AllSquare\Core\Sheet\SheetGrid;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Slice\Slices;
use AllSquare\Core\Text\FontLibrary;

/** Makes a document of what a file says, whose shape has been checked against schema/document-file.json. Everything gets new ids. */
final readonly class DocumentReader
{
    public function __construct(private FontLibrary $fonts, private Ids $ids)
    {
    }

    /**
     * @param  array<mixed>  $file  as DocumentFile::decode() gave it
     *
     * @throws Refusal when something in it cannot be
     */
    public function read(array $file): DocumentContent
    {
        return new DocumentContent(
            Naming::given(array_filter($file, is_string(...), ARRAY_FILTER_USE_KEY)),
            $this->withSources(array_map($this->sheet(...), self::list($file, 'sheets'))),
            $this->belongings($file, new Renaming([]), ofDocument: true),
        );
    }

    /**
     * What things were copied from is known by their ids again; in the file it is said by sheet and number.
     *
     * @param  list<array{SheetContent, array<array-key, string>}>  $read  sheets, and the ids of things by those of the file
     * @return list<SheetContent>
     */
    private function withSources(array $read): array
    {
        $known = static function (Item $item) use ($read): Item {
            $source = $item->fields['source'] ?? null;
            if (! is_string($source) || preg_match('/^(\d+):(.+)$/', $source, $found) !== 1) {
                return $item;
            }

            return $item->withFields(['source' => $read[(int) $found[1] - 1][1][$found[2]] ?? null]);
        };

        return array_map(static fn (array $one): SheetContent => new SheetContent($one[0]->sheet, array_map($known, [...$one[0]->items]), $one[0]->belongings->all()), $read);
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array{SheetContent, array<array-key, string>} and the ids of its things by those of the file
     */
    private function sheet(array $data): array
    {
        $sheet = $this->settings($data);
        $ids = $items = [];
        $this->items(self::list($data, 'items'), null, 1, $items, $ids);
        if (count($items) > Draft::MOST_ITEMS) {
            throw Refusal::because("\"$sheet->name\" has ".number_format(count($items)).' items; a sheet holds 20,000 at most.', 'items');
        }
        $draft = new Draft(new SheetContent($sheet, $items), $this->fonts, $this->ids);
        $fit = new GroupFit($draft);
        foreach (array_reverse($items) as $item) {
            if ($item->isFramedByItems()) {
                $fit->fit($item->id);
            }
        }
        foreach ($this->belongings($data, new Renaming($ids), ofDocument: false) as $one) {
            $one instanceof Slice ? (new Slices($draft))->add($one->name, $one->box, $one->cut) : $draft->of($one::class)->put($one);
        }

        return [$draft->content(), $ids];
    }

    /** @param  array<string, mixed>  $data */
    private function settings(array $data): Sheet
    {
        $number = static fn (array $of, string $name, float $else = 0.0): float => is_numeric($of[$name] ?? null) ? (float) $of[$name] : $else;
        $part = static fn (string $name): array => is_array($data[$name] ?? null) ? $data[$name] : [];
        $unit = Unit::tryFrom(self::word($data, 'unit', 'px')) ?? Unit::Px;
        [$margins, $zero] = [$part('margins'), $part('zero')];

        return new Sheet(
            $this->ids->next(), Naming::checked(self::word($data, 'name')),
            $number($data, 'width'), $number($data, 'height'), $unit, $number($data, 'ppi', 96.0),
            is_bool($data['whole_pixels'] ?? null) ? $data['whole_pixels'] : $unit === Unit::Px,
            new Margins($number($margins, 'left'), $number($margins, 'top'), $number($margins, 'right'), $number($margins, 'bottom')),
            is_string($data['background'] ?? null) ? strtolower($data['background']) : null,
            new Point($number($zero, 'x'), $number($zero, 'y')),
            is_numeric($data['unit_of_spacing'] ?? null) ? (float) $data['unit_of_spacing'] : null,
            SheetGrid::fromArray(array_filter($part('grid'), is_string(...), ARRAY_FILTER_USE_KEY)),
            is_string($data['page'] ?? null) ? $data['page'] : null,
        );
    }

    /**
     * @param  list<array<string, mixed>>  $list
     * @param  list<Item>  $items  those read so far, each group before what is in it
     * @param  array<string, string>  $ids  the new ids by those of the file
     */
    private function items(array $list, ?string $parent, int $depth, array &$items, array &$ids): void
    {
        if ($depth > Tree::DEEPEST + 1) {
            throw Refusal::because('Groups can lie in each other 24 deep at most.', 'items');
        }
        foreach ($list as $i => $data) {
            $id = $this->ids->next();
            $item = Layouts::checked(ItemData::read($data, $id, $parent, ($i + 1) * Ranks::STEP, $this->fonts), $this->fonts)->with(['locked' => ($data['locked'] ?? null) === true, 'reference' => ($data['reference'] ?? null) === true]);
            if ($item->frame->w + $item->frame->h < Length::SAME) {
                $item = $item->fitted(true, $this->fonts);
            }
            $items[] = $item;
            $given = self::word($data, 'id');
            if ($given !== '' && isset($ids[$given])) {
                throw Refusal::because(sprintf('Two items have the id "%s".', mb_strimwidth($given, 0, 40, '…')), 'items');
            }
            $ids[$given] = $id;
            $inside = self::list($data, 'items');
            if ($inside !== [] && ! $item->holdsItems()) {
                throw Refusal::because("\"$item->name\" cannot hold items.", 'items');
            }
            if ($inside !== []) {
                $this->items($inside, $id, $depth + 1, $items, $ids);
            }
        }
    }

    /**
     * @param  array<mixed>  $data  of a sheet, or of the document
     * @return list<Belonging>
     */
    private function belongings(array $data, Renaming $ids, bool $ofDocument): array
    {
        $read = [];
        foreach (Belongings::SORTS as $sort) {
            foreach ($sort::isOfDocument() === $ofDocument ? self::list($data, $sort::sort()) : [] as $one) {
                $read[] = $sort::fromFile($this->ids->next(), $one, $ids);
            }
        }

        return $read;
    }

    /**
     * @param  array<mixed>  $of
     * @return list<array<string, mixed>>
     */
    private static function list(array $of, string $name): array
    {
        $list = is_array($of[$name] ?? null) ? $of[$name] : [];

        // @phpstan-ignore return.type (objects of a file have names)
        return array_values(array_filter($list, is_array(...)));
    }

    /** @param  array<mixed>  $of */
    private static function word(array $of, string $name, string $else = ''): string
    {
        return is_string($of[$name] ?? null) ? $of[$name] : $else;
    }
}
