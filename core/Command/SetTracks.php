<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\TableParts;
use AllSquare\Core\Arrange\TrackResizing;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\GoesOn;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\Table\TableLayout;
use AllSquare\Core\Table\Track;
use AllSquare\Core\Table\TrackSizing;

/** Sizes columns or rows of a table: fixed, as large as what is in them, or sharing what is left. The others give way, or the table grows. */
final readonly class SetTracks implements Command, GoesOn
{
    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'set-tracks';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::changeable($draft, $items);
        $parts = TableParts::of($draft, $selected->free);
        $table = $parts->table();
        $axis = Axis::from($this->params->word('axis') ?? 'x');
        $named = $this->params->value('tracks');
        $tracks = $parts->tracks($axis, array_values(array_filter(is_array($named) ? $named : [], is_int(...))), 'tracks');
        $sizing = TrackSizing::tryFrom($this->params->word('sizing') ?? '') ?? TrackSizing::Fixed;
        $resizing = new TrackResizing($table, $parts->layout(), $axis);
        $size = $this->params->length('size');
        [$changed, $extent] = match (true) {
            $this->params->flag('equal') => $resizing->equal($tracks),
            $sizing === TrackSizing::Share => [$resizing->sharing($tracks, $this->params->number('share') ?? 1.0), null],
            $sizing === TrackSizing::Content => $resizing->following($tracks, $this->gives()),
            $size === null => throw Refusal::because('How large? Give size.', 'size'),
            default => $resizing->fixed($tracks, $this->read($draft, $size, $axis, $parts->layout(), $tracks), $this->gives()),
        };
        $is = $parts->put($changed, $axis === Axis::X ? $extent : null, $axis === Axis::Y ? $extent : null);
        $layout = TableParts::of($draft, [$is->id])->layout();
        $sizes = array_map(static fn (int $i): float => $axis === Axis::X ? $layout->widths[$i] : $layout->heights[$i], $tracks);
        [$least, $most] = [min($sizes), max($sizes)];

        return new Report(sprintf(
            'Set %s of %s to %s%s %s; it is %s × %s',
            TableParts::said($axis, $tracks), Words::quoted($is), $sizing === TrackSizing::Share ? 'share: ' : '',
            Length::same($least, $most) ? Spoken::length($least) : Spoken::length($least).' to '.Spoken::length($most), $axis === Axis::X ? 'wide' : 'high',
            Spoken::length($is->frame->w), Spoken::length($is->frame->h),
        ), $selected->ids);
    }

    /** Whether the others give way, or the table grows; null where that is left to how its columns are. */
    private function gives(): ?bool
    {
        return match ($this->params->word('rest')) {
            'gives' => true,
            'grows' => false,
            default => null,
        };
    }

    /** @param  non-empty-list<int>  $tracks */
    private function read(Draft $draft, float|string $given, Axis $axis, TableLayout $layout, array $tracks): float
    {
        // In a sum, w and h are those of the first of them.
        $own = new Rect(0.0, 0.0, $layout->widths[$axis === Axis::X ? $tracks[0] : 0], $layout->heights[$axis === Axis::Y ? $tracks[0] : 0]);
        $size = (new Figures($draft))->size($given, $axis, 'size', null, $own);
        $size = (new Figures($draft))->within($size, $axis, 'size', Track::MOST);
        if ($size < ($layout->table->whole ? 1.0 : 0.001)) {
            throw Refusal::because('A '.TableParts::noun($axis, 1).' is 1 px at least.', 'size');
        }

        return $layout->table->whole ? Length::whole($size) : $size;
    }
}
