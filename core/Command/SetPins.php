<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Item\Pin;
use AllSquare\Core\Item\Pins;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Says what of things keeps its distance when the tray, or the page at another width, that they lie in is sized. */
final readonly class SetPins implements Command
{
    private const SAID = [
        'across' => ['start' => 'their left edges stay', 'centre' => 'their centres stay across', 'end' => 'their right edges stay', 'stretch' => 'they are stretched across'],
        'down' => ['start' => 'their top edges stay', 'centre' => 'their centres stay down', 'end' => 'their bottom edges stay', 'stretch' => 'they are stretched down'],
    ];

    private function __construct(private ?Pin $across, private ?Pin $down)
    {
    }

    public static function name(): string
    {
        return 'set-pins';
    }

    public static function from(Params $params): self
    {
        return new self(Pin::tryFrom($params->word('across') ?? ''), Pin::tryFrom($params->word('down') ?? ''));
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        if ($this->across === null && $this->down === null) {
            throw Refusal::because('Say how they follow, across or down.', 'across');
        }
        foreach ($selected->free as $id) {
            $item = $draft->item($id);
            $pins = new Pins($this->across ?? $item->pins()->across, $this->down ?? $item->pins()->down);
            $draft->put($item->withFields(['pins' => $pins->isPlain() ? null : $pins]));
        }
        $said = [...($this->across === null ? [] : [self::SAID['across'][$this->across->value]]), ...($this->down === null ? [] : [self::SAID['down'][$this->down->value]])];

        return new Report(sprintf('Pinned %s: %s', Words::of($draft, $selected->free), implode(', ', $said)).$selected->note(), $selected->ids, $selected->leftOut());
    }
}
