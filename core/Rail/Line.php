<?php

declare(strict_types=1);

namespace AllSquare\Core\Rail;

/** What stands in one line of a rail. */
final class Line
{
    /** @var list<Member> */
    public array $members = [];

    /** @var list<float> px along the rail, of each */
    public array $sizes = [];

    /** @var list<float> px across it, of each by itself */
    public array $across = [];

    /** @var list<float> parts of what is left, of each */
    private array $shares = [];

    private float $before = 0.0;

    public function add(Member $member, float $size, float $across, float $share): void
    {
        $this->members[] = $member;
        $this->sizes[] = $size;
        $this->across[] = $across;
        $this->shares[] = $share;
        $this->before += $member->berth->before;
    }

    /** @return float px, with all that lies between */
    public function length(float $gap): float
    {
        return array_sum($this->sizes) + $this->before + $gap * max(0, count($this->members) - 1);
    }

    /** Gives what is left to those that have a share; where all shares are less than one part together, that much of it. */
    public function shareOut(float $room, float $gap): void
    {
        $left = $room - $this->length($gap);
        $parts = max(1.0, array_sum($this->shares));
        if ($left <= 0.0) {
            return;
        }
        $this->sizes = array_map(static fn (float $size, float $share): float => $size + $left * $share / $parts, $this->sizes, $this->shares);
    }
}
