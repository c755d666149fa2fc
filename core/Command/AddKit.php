<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Clipboard\Excerpt;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Kit\KitMaker;
use AllSquare\Core\Kit\Kits;
use AllSquare\Core\Kit\KitTypes;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\OwnKit;
use AllSquare\Core\Sheet\TypeScale;
use AllSquare\Core\Sheet\TypeStyle;
use AllSquare\Core\Sheet\Words;

/**
 * Puts a kit on the sheet, one of the document's own or one that comes with the application: a group of parts, aligned, on the
 * sheet's unit of spacing and in the document's styles. Each part stays editable.
 */
final readonly class AddKit implements Command, SelectsWhatItMade
{
    /** px, where the sheet has no unit of spacing */
    private const UNIT = 8.0;

    private function __construct(private string $kit, private ?Point $at)
    {
    }

    public static function name(): string
    {
        return 'add-kit';
    }

    public static function from(Params $params): self
    {
        [$x, $y] = [$params->number('x'), $params->number('y')];

        return new self($params->word('kit') ?? '', $x === null || $y === null ? null : new Point($x, $y));
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order, sorts: [TypeStyle::class, TypeScale::class, OwnKit::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $own = $draft->of(OwnKit::class)->all()[$this->kit] ?? null;
        $root = $own === null ? $this->shipped($draft, Kits::named($this->kit)) : $this->own($draft, $own);
        $sheet = $draft->sheet();
        $at = $this->at ?? $sheet->box()->centre();
        $mover = new Mover($draft);
        $box = $mover->box($root);
        $left = $sheet->width() <= $box->w ? 0.0 : Length::whole($at->x - $box->w / 2);
        $mover->shift($root, $left - $box->x, Length::whole($at->y - $box->h / 2) - $box->y);

        return new Report(sprintf('Put the kit %s on the sheet', Words::quoted($draft->item($root))), [$root]);
    }

    /** @param  array{title: string, words: string, make: callable(KitMaker): void}  $kit */
    private function shipped(Draft $draft, array $kit): string
    {
        $sheet = $draft->sheet();
        $scales = array_values($draft->of(TypeScale::class)->all());
        $maker = new KitMaker($sheet->unitOfSpacing ?? self::UNIT, $sheet->width(), new KitTypes(array_values($draft->of(TypeStyle::class)->all()), $scales[0] ?? null), $draft->fonts);
        ($kit['make'])($maker);
        $parts = $maker->items();
        $box = Rect::unionOf(array_map(static fn (Item $item): Rect => $item->frame, $parts)) ?? new Rect(0.0, 0.0, 0.0, 0.0);
        $kind = Kinds::ofGroups();
        $group = new Item($draft->nextId(), null, (new Ranks($draft))->top(null), $kind, $kit['title'], $box, 0.0, false, false, $kind->fields()->defaults, new Point($box->x, $box->y));
        $draft->add($group);
        foreach ($parts as $i => $part) {
            $draft->add($part->with(['id' => $draft->nextId(), 'parent' => $group->id, 'rank' => $i * Ranks::STEP]));
        }

        return $group->id;
    }

    private function own(Draft $draft, OwnKit $kit): string
    {
        $top = (new Ranks($draft))->top(null);
        $root = null;
        foreach (Excerpt::read(['format' => Excerpt::FORMAT, 'items' => $kit->items])->roots($draft) as $made) {
            foreach ($made as $item) {
                $root ??= $item->id;
                $draft->add($item->id === $root ? $item->with(['rank' => $top]) : $item);
            }
        }

        return $root ?? throw Refusal::because("There is nothing in the kit \"$kit->name\".", 'kit');
    }
}
