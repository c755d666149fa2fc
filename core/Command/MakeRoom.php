<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Room;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/**
 * Makes room at a line, or closes up at it where the distance is below 0 (RULES 13): everything past the line moves, what straddles it
 * stays, moves or is stretched. Done by the same distance the other way, everything is back.
 */
final readonly class MakeRoom implements Command
{
    private function __construct(private Axis $axis, private float|string|null $at, private ?string $from, private float|string $by, private string $straddling, private bool $withSheet)
    {
    }

    public static function name(): string
    {
        return 'make-room';
    }

    public static function from(Params $params): self
    {
        return new self(
            $params->chosen('axis', Axis::class), $params->length('at'), $params->word('from'), $params->length('by') ?? 0.0,
            $params->word('straddling') ?? 'stay', $params->flag('sheet', false),
        );
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Whole);
    }

    public function run(Draft $draft, array $items): Report
    {
        $room = new Room($draft, $this->axis);
        $line = $this->line($draft, $room);
        $by = (new Figures($draft))->read($this->by, $this->axis, 'by');
        $by = $draft->sheet()->wholePixels ? Length::whole($by) : Length::round($by);
        if ($by === 0.0) {
            throw Refusal::because('How much room? Give a distance other than 0.', 'by');
        }
        ['past' => $past, 'straddling' => $straddling, 'locked' => $locked] = $room->at($line);
        foreach ($this->straddling === 'move' ? [...$past, ...$straddling] : $past as $id) {
            $room->move($id, $by);
        }
        $stretched = $this->straddling === 'stretch' ? array_values(array_filter($straddling, static fn (string $id): bool => $room->stretch($id, $by))) : [];
        $moved = $this->straddling === 'move' ? [...$past, ...$straddling] : $past;
        if ($this->withSheet) {
            $this->resize($draft, $by);
        }
        if ($moved === [] && $stretched === [] && ! $this->withSheet) {
            throw Refusal::because('There is nothing past that line.', 'at');
        }

        return new Report($this->said($draft, $by, $line, $moved, $stretched, $locked), $items, ['moved' => $moved, 'stretched' => $stretched, 'left_out' => $locked]);
    }

    private function line(Draft $draft, Room $room): float
    {
        if ($this->from !== null) {
            return $room->lineOf($this->from);
        }
        $zero = $draft->sheet()->zero;

        return (new Figures($draft))->read($this->at ?? throw Refusal::because('Where? Name a place, or something from which on.', 'at'), $this->axis, 'at') + ($this->axis === Axis::X ? $zero->x : $zero->y);
    }

    private function resize(Draft $draft, float $by): void
    {
        $sheet = $draft->sheet();
        [$side, $length] = $this->axis === Axis::X ? ['typedWidth', $sheet->width()] : ['typedHeight', $sheet->height()];
        if ($length + $by < 1.0) {
            throw Refusal::because(sprintf('The sheet is %s %s, and nothing would be left of it.', Spoken::withUnit($length), $this->axis === Axis::X ? 'wide' : 'high'), 'by');
        }
        // In its own unit, so that the same distance the other way brings back what was typed.
        $more = round($by / $sheet->unit->pixels($sheet->ppi), SetSheet::DECIMALS);
        $draft->putSheet($sheet->with([$side => round($sheet->{$side} + $more, SetSheet::DECIMALS)]));
    }

    /**
     * @param  list<string>  $moved
     * @param  list<string>  $stretched
     * @param  list<string>  $locked
     */
    private function said(Draft $draft, float $by, float $line, array $moved, array $stretched, array $locked): string
    {
        $way = $this->axis === Axis::X ? ['right', 'left', 'wider', 'narrower'] : ['down', 'up', 'higher', 'lower'];
        $parts = [
            ...($moved === [] ? [] : ['moved '.Words::of($draft, $moved).' '.Words::px(abs($by)).' '.$way[$by > 0.0 ? 0 : 1]]),
            ...($stretched === [] ? [] : ['stretched '.Words::of($draft, $stretched)]),
            ...($this->withSheet ? ['the sheet is '.$way[$by > 0.0 ? 2 : 3]] : []),
            ...($locked === [] ? [] : [Words::of($draft, $locked).' '.(count($locked) === 1 ? 'is' : 'are').' locked and stayed']),
        ];

        return sprintf('%s at %s: %s', $by > 0.0 ? 'Made room' : 'Closed up', Spoken::length($line), implode(', ', $parts));
    }
}
