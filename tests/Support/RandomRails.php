<?php

declare(strict_types=1);

namespace Tests\Support;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Rail\Across;
use AllSquare\Core\Rail\Along;
use AllSquare\Core\Rail\Berth;
use AllSquare\Core\Rail\Flow;
use AllSquare\Core\Rail\Member;
use AllSquare\Core\Rail\Padding;
use AllSquare\Core\Rail\RailCss;
use AllSquare\Core\Rail\RailRules;
use AllSquare\Core\Rail\Sizing;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Rails by chance, nested up to three deep, and the same as HTML for a browser to lay out. */
final class RandomRails
{
    /** px of a word of something that wraps, and of its lines */
    private const WORD = [10, 20];

    /** Browsers count in 1/64 px: what they lay out is that many times as large, so that nothing of it is seen. */
    public const SCALE = 8;

    private readonly Randomizer $chance;

    private int $ids = 0;

    public function __construct(int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /** @param  bool  $mayWrap  not in a column that wraps, however deep: there browsers measure what wraps as if it were one line */
    public function rail(int $depth = 0, bool $mayWrap = true): Member
    {
        $direction = $this->pick(Axis::cases());
        $wrap = $mayWrap && $this->chance->getInt(0, 3) === 0;
        $rules = new RailRules(
            $direction,
            $wrap || $this->chance->getInt(0, 4) > 0 ? $this->length(0, 30) : -$this->length(0, 15),
            new Padding(...array_map(fn (): float => $this->chance->getInt(0, 1) === 0 ? 0.0 : $this->length(0, 24), range(1, 4))),
            $this->pick(Across::cases()),
            $this->pick(Along::cases()),
            $wrap,
            // A column that wraps is as wide as is said: browsers do not agree with the standard about how wide its lines make it.
            $wrap && $direction === Axis::Y ? Sizing::Fixed : $this->pick(Sizing::cases()),
            $this->pick(Sizing::cases()),
        );
        $inside = [];
        for ($i = $this->chance->getInt(0, 6); $i > 0; $i--) {
            $inside[] = $depth < 2 && $this->chance->getInt(0, 2) === 0 ? $this->rail($depth + 1, $mayWrap && (! $wrap || $direction === Axis::X)) : $this->leaf(! $wrap || $direction === Axis::X);
        }

        return new Member('r'.$this->ids++, $this->length(20, 400), $this->length(20, 400), $rules, $inside, $depth === 0 ? new Berth : $this->berth());
    }

    /** @param  bool  $mayWrap  whether its words may wrap */
    private function leaf(bool $mayWrap): Member
    {
        $words = $mayWrap && $this->chance->getInt(0, 3) === 0 ? $this->chance->getInt(1, 9) : 0;
        if ($words === 0) {
            return new Member('l'.$this->ids++, $this->length(1, 120), $this->length(1, 120), berth: $this->berth());
        }
        [$wide, $high] = self::WORD;
        $height = static fn (float $w): float => $high * ceil($words / max(1.0, floor($w / $wide + 1e-6)));
        $w = (float) ($wide * $this->chance->getInt(1, $words));

        return new Member("w$words-".$this->ids++, $w, $height($w), berth: $this->berth(), height: $height);
    }

    private function berth(): Berth
    {
        return new Berth(
            $this->chance->getInt(0, 3) === 0 ? $this->length(-10, 30) : 0.0,
            $this->chance->getInt(0, 3) === 0 ? $this->length(-10, 30) : 0.0,
            $this->chance->getInt(0, 3) === 0 ? $this->pick([0.25, 0.5, 1.0, 2.0, 3.0]) : 0.0,
        );
    }

    private function length(int $least, int $most): float
    {
        return $this->chance->getInt(4 * $least, 4 * $most) / 4;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private function pick(array $of): mixed
    {
        return $of[$this->chance->getInt(0, count($of) - 1)];
    }

    /** The same for a browser, by the values that are handed over. */
    public static function html(Member $root): string
    {
        return self::div($root, RailCss::of($root, self::SCALE));
    }

    /** @param  array<string, array<string, string>>  $css  by id */
    private static function div(Member $member, array $css): string
    {
        if ($member->rules === null) {
            // What wraps is as wide by itself as its frame, not as all its words in one line.
            $words = str_repeat(vsprintf("<i style='display:inline-block;vertical-align:top;width:%dpx;height:%dpx'></i>", array_map(static fn (int $side): int => self::SCALE * $side, self::WORD)), (int) substr($member->id, 1));
            $inner = $member->height === null ? vsprintf("<div style='width:%s;height:%s'></div>", [self::px($member->w), self::px($member->h)]) : "<div style='width:".self::px($member->w)."'></div><div style='contain:inline-size'>$words</div>";
        } else {
            $inner = implode('', array_map(static fn (Member $held): string => self::div($held, $css), $member->inside));
        }
        $base = ['box-sizing' => 'border-box', 'min-width' => '0', 'min-height' => '0', 'position' => 'relative', 'flex' => 'none'];

        return self::written($member->id, [...$base, ...$css[$member->id]], $inner);
    }

    private static function px(float $length): string
    {
        return $length * self::SCALE.'px';
    }

    /** @param  array<string, string>  $css */
    private static function written(string $id, array $css, string $inner): string
    {
        return "<div data-id='$id' style='".implode(';', array_map(static fn (string $name, string $value): string => "$name:$value", array_keys($css), $css))."'>$inner</div>";
    }

    /**
     * How far a rail that a browser has laid out lies from where Flow has it.
     *
     * @param  array<string, array{float, float, float, float}>  $seen  x, y in what it lies in, w, h, by id
     * @return array{float, string} px, of the thing that is farthest
     */
    public static function farthest(Member $root, array $seen): array
    {
        $farthest = [0.0, ''];
        foreach (Flow::of($root) as $id => $box) {
            foreach (array_map(null, self::sides($box), $seen[$id]) as $i => [$mine, $theirs]) {
                $theirs /= self::SCALE;
                if (abs($mine - $theirs) > $farthest[0]) {
                    $farthest = [abs($mine - $theirs), sprintf('%s of %s: %s, in the browser %s', ['x', 'y', 'w', 'h'][$i], $id, $mine, $theirs)];
                }
            }
        }

        return $farthest;
    }

    /** @return array{float, float, float, float} */
    private static function sides(Rect $box): array
    {
        return [$box->x, $box->y, $box->w, $box->h];
    }
}
