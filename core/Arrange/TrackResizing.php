<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Refusal;
use AllSquare\Core\Table\TableData;
use AllSquare\Core\Table\TableLayout;
use AllSquare\Core\Table\Track;
use AllSquare\Core\Table\TrackSizing;

/**
 * Columns or rows of a table in other sizes. Each way gives the table, and the extent that its frame is to have for it, px; null where that
 * stays as it is, or follows by itself.
 */
final readonly class TrackResizing
{
    /** @var non-empty-list<float> px of each now */
    private array $sizes;

    /** @var non-empty-list<Track> */
    private array $tracks;

    public function __construct(private TableData $table, private TableLayout $layout, private Axis $axis)
    {
        [$this->sizes, $this->tracks] = $axis === Axis::X ? [$layout->widths, $table->columns] : [$layout->heights, $table->rows];
    }

    /**
     * Each of this size.
     *
     * @param  non-empty-list<int>  $which
     * @param  bool|null  $gives  whether what lies behind them gives way, or the table grows; null for the first where something shares its frame
     * @return array{TableData, float|null}
     */
    public function fixed(array $which, float $size, ?bool $gives): array
    {
        return $this->put(array_map(static fn (Track $track): Track => $track->sized(TrackSizing::Fixed, $size), $this->only($which)), array_fill_keys($which, $size), $gives);
    }

    /**
     * Each as large as what is in it.
     *
     * @param  non-empty-list<int>  $which
     * @return array{TableData, float|null}
     */
    public function following(array $which, ?bool $gives): array
    {
        $put = array_map(static fn (Track $track): Track => $track->sized(TrackSizing::Content), $this->only($which));
        $fitted = $this->with($put);
        $layout = $this->layout->resized($fitted);
        $sizes = $this->axis === Axis::X ? $layout->widths : $layout->heights;

        return $this->put($put, array_intersect_key($sizes, array_flip($which)), $gives);
    }

    /**
     * All of the same size, together as large as they are.
     *
     * @param  non-empty-list<int>  $which
     * @return array{TableData, null}
     */
    public function equal(array $which): array
    {
        $shares = array_filter($this->only($which), static fn (Track $track): bool => $track->sizing === TrackSizing::Share);
        if (count($shares) === count($which)) {
            $each = array_sum(array_map(static fn (Track $track): float => $track->value, $shares)) / count($which);

            return [$this->with(array_map(static fn (Track $track): Track => $track->sized(TrackSizing::Share, $each), $shares)), null];
        }
        $sum = array_sum(array_intersect_key($this->sizes, array_flip($which)));
        $settled = fn (float $v): float => $this->table->whole ? Length::whole($v) : Length::round($v);
        $put = [];
        foreach ($which as $k => $i) {
            $put[$i] = $this->tracks[$i]->sized(TrackSizing::Fixed, max(0.001, Length::round($settled($sum * ($k + 1) / count($which)) - $settled($sum * $k / count($which)))));
        }

        return [$this->with($put), null];
    }

    /** @param  non-empty-list<int>  $which */
    public function sharing(array $which, float $share): TableData
    {
        return $this->with(array_map(static fn (Track $track): Track => $track->sized(TrackSizing::Share, $share), $this->only($which)));
    }

    /**
     * @param  array<int, Track>  $put
     * @param  array<int, float>  $sizes  px that these get
     * @return array{TableData, float|null}
     */
    private function put(array $put, array $sizes, ?bool $gives): array
    {
        $by = 0.0;
        foreach ($sizes as $i => $size) {
            $by += $size - $this->sizes[$i];
        }
        $others = array_diff_key($this->tracks, $put);
        $sharing = array_filter($others, static fn (Track $track): bool => $track->sizing === TrackSizing::Share);
        $extent = $this->axis === Axis::X ? $this->layout->w : $this->layout->h;
        if (! ($gives ?? $sharing !== [])) {
            return [$this->with($put), $sharing === [] ? null : Length::round($extent + $by)];
        }
        if ($sharing !== []) {
            return [$this->with($put), $extent];
        }
        $last = (int) array_key_last($put);
        $next = isset($this->tracks[$last + 1]) ? $last + 1 : (int) array_key_first($put) - 1;
        if (! isset($others[$next])) {
            return [$this->with($put), null];
        }
        $left = Length::round($this->sizes[$next] - $by);
        if ($left < ($this->table->whole ? 1.0 : 0.001)) {
            throw Refusal::because(sprintf('%s %d beside it has %s, and would have to give %s.', ucfirst(TableParts::noun($this->axis, 1)), $next + 1, Spoken::withUnit($this->sizes[$next]), Spoken::withUnit($by)), 'size');
        }

        return [$this->with($put + [$next => $this->tracks[$next]->sized(TrackSizing::Fixed, $left)]), null];
    }

    /**
     * @param  non-empty-list<int>  $which
     * @return array<int, Track>
     */
    private function only(array $which): array
    {
        return array_intersect_key($this->tracks, array_flip($which));
    }

    /** @param  array<int, Track>  $put */
    private function with(array $put): TableData
    {
        $tracks = array_replace($this->tracks, $put);

        return $this->table->with([$this->axis === Axis::X ? 'columns' : 'rows' => $tracks]);
    }
}
