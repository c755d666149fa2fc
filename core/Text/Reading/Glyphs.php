<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Reading;

/**
 * The outlines in the tables glyf and loca (ISO/IEC 14496-22, sections 5.3.3 and 5.3.4).
 *
 * @phpstan-import-type Contour from Outlines
 */
final readonly class Glyphs
{
    private const MOST_POINTS = 10_000;

    private const MOST_PARTS = 64;

    private const DEEPEST = 6;

    public int $count;

    private bool $isLong;

    public function __construct(private Bytes $glyf, private Bytes $loca, Bytes $head, Bytes $maxp)
    {
        $this->isLong = $head->i16(50) !== 0;
        $this->count = $maxp->u16(4);
    }

    /**
     * @return list<Contour> in font units, y upwards
     *
     * @throws UnreadableFont
     */
    public function contours(int $glyph, int $depth = 0): array
    {
        if ($glyph >= $this->count) {
            throw new UnreadableFont("It names the glyph $glyph, and has $this->count.");
        }
        [$from, $to] = $this->isLong ? [$this->loca->u32(4 * $glyph), $this->loca->u32(4 * $glyph + 4)] : [2 * $this->loca->u16(2 * $glyph), 2 * $this->loca->u16(2 * $glyph + 2)];
        if ($to <= $from) {
            return [];
        }
        $data = $this->glyf->others($this->glyf->slice($from, $to - $from));
        $count = $data->i16(0);

        return $count >= 0 ? $this->simple($data, $count) : $this->composed($data, $depth);
    }

    /** @return list<Contour> */
    private function simple(Bytes $data, int $count): array
    {
        if ($count === 0) {
            return [];
        }
        $ends = array_map(static fn (int $i): int => $data->u16(10 + 2 * $i), range(0, $count - 1));
        $total = max($ends) + 1;
        if ($total > self::MOST_POINTS) {
            throw new UnreadableFont("One of its glyphs has $total points; up to ".number_format(self::MOST_POINTS).' are read.');
        }
        $at = 12 + 2 * $count + $data->u16(10 + 2 * $count);
        $flags = [];
        while (count($flags) < $total) {
            $flag = $data->u8($at++);
            $flags[] = $flag;
            for ($again = $flag & 8 ? $data->u8($at++) : 0; $again > 0; $again--) {
                $flags[] = $flag;
            }
        }
        $xs = $this->coordinates($data, $at, $flags, $total, 2, 16);
        $ys = $this->coordinates($data, $at, $flags, $total, 4, 32);
        $contours = [];
        $begin = 0;
        foreach ($ends as $end) {
            $contour = [];
            for ($i = $begin; $i <= $end; $i++) {
                $contour[] = ['x' => (float) $xs[$i], 'y' => (float) $ys[$i], 'on' => ($flags[$i] & 1) === 1];
            }
            $begin = $end + 1;
            $contours[] = $contour;
        }

        return array_values(array_filter($contours));
    }

    /**
     * @param  int  $at  where they begin; moved behind them
     * @param  list<int>  $flags
     * @return list<int>
     */
    private function coordinates(Bytes $data, int &$at, array $flags, int $total, int $short, int $same): array
    {
        $values = [];
        $value = 0;
        for ($i = 0; $i < $total; $i++) {
            if ($flags[$i] & $short) {
                $value += $flags[$i] & $same ? $data->u8($at) : -$data->u8($at);
                $at++;
            } elseif (! ($flags[$i] & $same)) {
                $value += $data->i16($at);
                $at += 2;
            }
            $values[] = $value;
        }

        return $values;
    }

    /** @return list<Contour> of glyphs made of others, such as é */
    private function composed(Bytes $data, int $depth): array
    {
        if ($depth >= self::DEEPEST) {
            throw new UnreadableFont('One of its glyphs is made of itself.');
        }
        $contours = [];
        $at = 10;
        $parts = 0;
        do {
            [$flags, $glyph] = [$data->u16($at), $data->u16($at + 2)];
            $at += 4;
            [$dx, $dy] = $flags & 1 ? [$data->i16($at), $data->i16($at + 2)] : [$data->i8($at), $data->i8($at + 1)];
            $at += $flags & 1 ? 4 : 2;
            [$a, $b, $c, $d] = [1.0, 0.0, 0.0, 1.0];
            $share = static fn (int $at): float => $data->i16($at) / 16384;
            if ($flags & 0x08) {
                $a = $d = $share($at);
                $at += 2;
            } elseif ($flags & 0x40) {
                [$a, $d] = [$share($at), $share($at + 2)];
                $at += 4;
            } elseif ($flags & 0x80) {
                [$a, $b, $c, $d] = [$share($at), $share($at + 2), $share($at + 4), $share($at + 6)];
                $at += 8;
            }
            // Offsets may also name points that are to meet; no font that is drawn today does.
            [$dx, $dy] = $flags & 2 ? [$dx, $dy] : [0, 0];
            foreach ($this->contours($glyph, $depth + 1) as $contour) {
                $contours[] = array_map(static fn (array $p): array => ['x' => $a * $p['x'] + $c * $p['y'] + $dx, 'y' => $b * $p['x'] + $d * $p['y'] + $dy, 'on' => $p['on']], $contour);
            }
            if (++$parts > self::MOST_PARTS || array_sum(array_map(count(...), $contours)) > self::MOST_POINTS) {
                throw new UnreadableFont('One of its glyphs is made of too many parts.');
            }
        } while ($flags & 0x20);

        return $contours;
    }
}
