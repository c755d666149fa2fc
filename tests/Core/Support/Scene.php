<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use AllSquare\Core\Arrange\GroupFit;
use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Painters;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Paint\SvgWriter;
use AllSquare\Core\Running\Catalogue;
use AllSquare\Core\Running\Execution;
use AllSquare\Core\Sheet\CheckSettings;
use AllSquare\Core\Sheet\Dimension;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\IgnoredFinding;
use AllSquare\Core\Sheet\NamedGrid;
use AllSquare\Core\Sheet\OwnKit;
use AllSquare\Core\Sheet\Preset;
use AllSquare\Core\Sheet\Sheet;
use AllSquare\Core\Sheet\SheetContent;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Sheet\Swatch;
use AllSquare\Core\Sheet\TreeBranch;
use AllSquare\Core\Sheet\TypeScale;
use AllSquare\Core\Sheet\TypeStyle;

/** A sheet to try commands on: items are put there plainly, then commands run one after another. */
final class Scene
{
    /** @var array<string, Item> */
    public array $items = [];

    /** @var array<string, Slice> */
    public array $slices = [];

    /** @var array<string, Guide> */
    public array $guides = [];

    /** @var array<string, Dimension> */
    public array $dimensions = [];

    /** @var array<string, NamedGrid> */
    public array $grids = [];

    /** @var array<string, Preset> */
    public array $presets = [];

    /** @var array<string, Swatch> */
    public array $swatches = [];

    /** @var array<string, OwnKit> */
    public array $kits = [];

    /** @var array<string, TypeStyle> */
    public array $styles = [];

    /** @var array<string, TypeScale> */
    public array $scales = [];

    /** @var array<string, CheckSettings> */
    public array $checks = [];

    /** @var array<string, IgnoredFinding> */
    public array $ignored = [];

    /** in which bare numbers in sums are typed */
    public Unit $unit = Unit::Px;

    private CountedIds $ids;

    public function __construct(public Sheet $sheet)
    {
        $this->ids = new CountedIds;
    }

    /** Goes its own way from here on: with ids of its own, too. */
    public function __clone()
    {
        $this->ids = clone $this->ids;
    }

    public static function of(float $width = 1280, float $height = 800, Unit $unit = Unit::Px, float $ppi = 96): self
    {
        return new self(Sheet::create('sheet', 'Sheet', $width, $height, $unit, $ppi));
    }

    /** @param  array<string, mixed>  $more fields of the item, or properties of its kind */
    public function put(string $id, float $x, float $y, float $w, float $h, array $more = []): self
    {
        $kind = Kinds::named($more['kind'] ?? 'box');
        $own = array_intersect_key($more, array_flip(['parent', 'rank', 'name', 'locked', 'hidden', 'reference', 'flip']));
        $fields = $kind->fields()->taken(array_intersect_key($more, $kind->fields()->defaults), Fonts::library());
        $this->items[$id] = (new Item(
            $id, null, count($this->items) * 1024, $kind, $id, new Rect($x, $y, $w, $h),
            Angle::keep((float) ($more['angle'] ?? 0)), false, false, [...$kind->fields()->defaults, ...$fields],
        ))->with($own);

        return $this;
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, mixed>  $params
     */
    public function run(string $command, array $ids = [], array $params = []): Execution
    {
        $draft = $this->draft();
        $done = Execution::of(Catalogue::make($command, $params), $draft, $ids);
        $this->take($draft);

        return $done;
    }

    /** Everything in groups fits their frames, as it always does after a command. */
    public function fitted(): self
    {
        $draft = $this->draft();
        $groups = array_filter($draft->tree->all(), static fn (Item $item): bool => $item->isFramedByItems());
        uasort($groups, static fn (Item $a, Item $b): int => count($draft->tree->ancestors($b->id)) <=> count($draft->tree->ancestors($a->id)));
        foreach (array_keys($groups) as $id) {
            (new GroupFit($draft))->fit((string) $id);
        }
        $this->take($draft);

        return $this;
    }

    public function draft(): Draft
    {
        return new Draft(
            new SheetContent($this->sheet, $this->items, [...array_values($this->slices), ...array_values($this->guides), ...array_values($this->dimensions), ...array_values($this->grids), ...array_values($this->presets), ...array_values($this->swatches), ...array_values($this->kits), ...array_values($this->styles), ...array_values($this->scales), ...array_values($this->checks), ...array_values($this->ignored)]),
            Fonts::library(), $this->ids, count($this->items), $this->unit,
        );
    }

    public function bounds(string $id): Rect
    {
        return $this->boxes()->bounds($id);
    }

    public function boxes(): Boxes
    {
        return new Boxes($this->draft()->tree, Fonts::library());
    }

    /** How an item is painted by itself, as SVG. */
    public function svg(string $id): string
    {
        return (new SvgWriter)->write($this->painting($id)->body);
    }

    public function painting(string $id): Painting
    {
        return (new Painters(Fonts::library()))->of($this->items[$id])->paint($this->branch($id));
    }

    public function branch(string $id): Branch
    {
        return new TreeBranch($this->draft()->tree, $this->items[$id]);
    }

    /** @return list<float> the left edges of the bounds */
    public function lefts(string ...$ids): array
    {
        return array_map(fn (string $id): float => $this->bounds($id)->x, array_values($ids));
    }

    /** @return list<float> the top edges of the bounds */
    public function tops(string ...$ids): array
    {
        return array_map(fn (string $id): float => $this->bounds($id)->y, array_values($ids));
    }

    public function take(Draft $draft): void
    {
        $this->items = $draft->tree->all();
        $this->slices = $draft->of(Slice::class)->all();
        $this->guides = $draft->of(Guide::class)->all();
        $this->dimensions = $draft->of(Dimension::class)->all();
        $this->grids = $draft->of(NamedGrid::class)->all();
        $this->presets = $draft->of(Preset::class)->all();
        $this->swatches = $draft->of(Swatch::class)->all();
        $this->kits = $draft->of(OwnKit::class)->all();
        $this->styles = $draft->of(TypeStyle::class)->all();
        $this->scales = $draft->of(TypeScale::class)->all();
        $this->checks = $draft->of(CheckSettings::class)->all();
        $this->ignored = $draft->of(IgnoredFinding::class)->all();
        $this->sheet = $draft->sheet();
    }
}
