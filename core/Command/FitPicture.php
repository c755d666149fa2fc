<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Traits\HasPicture;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Lets pictures fill their frames, be seen whole in them, be stretched, or lie by hand as they lie now or at a given size. */
final readonly class FitPicture implements Command, Repeatable
{
    private const SAID = ['cover' => 'Filled the frame of %s', 'contain' => 'Showed all of %s', 'stretch' => 'Stretched %s', 'hand' => 'Laid %s by hand'];

    private function __construct(private string $fit, private ?float $scale, private ?Point $focus)
    {
    }

    public static function name(): string
    {
        return 'fit-picture';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('fit') ?? 'cover', $params->number('scale'), self::focus($params->value('focus')));
    }

    private static function focus(mixed $given): ?Point
    {
        return is_array($given) && is_numeric($given['x'] ?? null) && is_numeric($given['y'] ?? null) ? new Point((float) $given['x'], (float) $given['y']) : null;
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        if ($this->scale !== null && $this->fit !== 'hand') {
            throw Refusal::because('A picture has a size of its own only where it lies by hand.', 'scale');
        }
        $selected = Selected::movable($draft, $items);
        $pictures = self::pictures($draft, $selected->free);
        foreach ($pictures as $id) {
            $item = $draft->item($id);
            $draft->put($item->kind instanceof HasPicture ? $item->kind->fittedBy($item, $this->fit, $this->scale, $this->focus) : $item);
        }
        $size = match ($this->scale) {
            null => '',
            1.0 => ', each pixel one px of the sheet',
            default => ', '.Length::digits($this->scale * 100, 2).' %',
        };

        return new Report(sprintf(self::SAID[$this->fit], Words::of($draft, $pictures)).$size.$selected->note(), $selected->ids, $selected->leftOut());
    }

    /**
     * @param  list<string>  $ids
     * @return non-empty-list<string> those of them that show pictures
     *
     * @throws Refusal when none does
     */
    public static function pictures(Draft $draft, array $ids): array
    {
        $pictures = array_values(array_filter($ids, static fn (string $id): bool => $draft->item($id)->kind instanceof HasPicture));

        return $pictures === [] ? throw Refusal::because('Select a picture.', 'items') : $pictures;
    }
}
