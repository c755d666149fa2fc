<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Turner;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\GoesOn;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/** Turns items, each about a point of its own or all about one point (RULES 8). 350 degrees are -10. */
final readonly class Turn implements Command, GoesOn, Repeatable
{
    public static function name(): string
    {
        return 'turn';
    }

    private function __construct(private ?float $angle, private ?float $by, private mixed $about, private bool $asOne)
    {
    }

    public static function from(Params $params): self
    {
        $figure = static fn (string $name): ?float => is_float($params->length($name)) ? $params->length($name) : null;

        return new self($figure('angle'), $figure('by'), $params->value('about'), $params->word('as') === 'one');
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        if (($this->angle === null) === ($this->by === null)) {
            throw Refusal::because('Say either to which angle or by how much.', 'by');
        }
        $selected = Selected::movable($draft, $items);
        $asOne = $this->asOne && count($selected->free) > 1;
        if ($asOne && $this->by === null) {
            throw Refusal::because('Several as one have no angle to be turned to: say by how much.', 'by');
        }
        $mover = new Mover($draft);
        $block = Rect::unionOf(array_map($mover->box(...), $selected->free)) ?? $draft->sheet()->box();
        $turner = new Turner($draft);
        $was = count($selected->free) === 1 ? $draft->item($selected->free[0])->angle : null;
        foreach ($selected->free as $id) {
            $turner->turn($id, $this->by ?? ($this->angle - $draft->item($id)->angle), $this->point($draft, $id, $asOne ? $block : null));
        }
        $said = match (true) {
            $was !== null => sprintf(' to %s° (was %s°)', Length::text($draft->item($selected->free[0])->angle), Length::text($was)),
            $this->by === null => ' to '.Length::text((float) $this->angle).'°',
            default => ' by '.Length::text($this->by).'°'.($asOne ? ' as one' : ''),
        };

        return new Report('Turned '.Words::of($draft, $selected->free).$said.$selected->note(), $selected->ids, $selected->leftOut());
    }

    /** @param  Rect|null  $block  of all, when they are turned as one */
    private function point(Draft $draft, string $id, ?Rect $block): Point
    {
        if ($this->about === 'zero') {
            return $draft->sheet()->zero;
        }
        if (is_array($this->about)) {
            $figures = new Figures($draft);
            $read = fn (string $name, Axis $axis): float => is_array($this->about) && (is_string($this->about[$name] ?? null) || is_numeric($this->about[$name] ?? null))
                ? $figures->read(is_string($this->about[$name]) ? $this->about[$name] : (float) $this->about[$name], $axis, "about.$name")
                : 0.0;
            $zero = $draft->sheet()->zero;

            return new Point($read('x', Axis::X) + $zero->x, $read('y', Axis::Y) + $zero->y);
        }
        $point = (is_string($this->about) ? NinePoint::tryFrom($this->about) : null) ?? NinePoint::Centre;
        if ($block !== null) {
            return $block->at($point);
        }
        // A point of the item's own frame, turned as it is.
        $item = $draft->item($id);
        $centre = $item->frame->centre();

        return $draft->tree->toSheet($item->parent)->apply($item->frame->at($point)->minus($centre)->turned($item->angle)->plus($centre));
    }
}
