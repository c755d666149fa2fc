<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Placed;
use Closure;

/** How things that lie side by side were meant to lie. */
final class Meant
{
    /** @var list<Rect> where they were meant to lie */
    public readonly array $boxes;

    private ?Pattern $pattern = null;

    /**
     * @param  list<Placed>  $placed  as they lie, with what is in them where it was meant to lie
     * @param  list<Placed>  $sized  the same with the sizes that were meant
     * @param  array{x: list<float>, y: list<float>}  $leads  px, where each was meant to begin
     * @param  Closure(): array{array{x: Things, y: Things}, array{x: list<Relation>, y: list<Relation>}}  $how  the same as things, and how they are related
     */
    public function __construct(public readonly array $placed, private readonly array $sized, array $leads, private readonly Closure $how)
    {
        $boxes = [];
        foreach ($sized as $i => $one) {
            $boxes[] = new Rect($leads['x'][$i], $leads['y'][$i], $one->box->w, $one->box->h);
        }
        $this->boxes = $boxes;
    }

    /** What holds among them then. */
    public function pattern(): Pattern
    {
        return $this->pattern ??= Pattern::among($this->placed, ...($this->how)());
    }

    /** @return list<int> places of those that do not lie, or are not as large, as they were meant to */
    public function changes(): array
    {
        return array_values(array_filter(array_keys($this->placed), function (int $i): bool {
            [$was, $is] = [$this->placed[$i]->box, $this->boxes[$i]];

            return ! Length::same($was->x, $is->x) || ! Length::same($was->y, $is->y) || ! Length::same($was->w, $is->w) || ! Length::same($was->h, $is->h);
        }));
    }

    /**
     * With what goes along with them: what moves just as far and lies on one of them.
     *
     * @param  array<string, true>  $ends  by id
     * @return array<string, true>
     */
    public function along(array $ends): array
    {
        foreach ($this->placed as $i => $one) {
            foreach ($this->placed as $k => $other) {
                if (isset($ends[$one->id]) && ! isset($ends[$other->id]) && $one->box->contains($other->box)
                    && Length::same($this->boxes[$i]->x - $one->box->x, $this->boxes[$k]->x - $other->box->x)
                    && Length::same($this->boxes[$i]->y - $one->box->y, $this->boxes[$k]->y - $other->box->y)) {
                    $ends[$other->id] = true;
                }
            }
        }

        return $ends;
    }

    /** The same with main gaps of a size, px; what comes first stays. */
    public function withGaps(float $gap): self
    {
        return $this->spaced(function (Respacing $spacing, Axis $axis) use ($gap): array {
            $by = self::extent($axis, array_map(static fn (Placed $one): Rect => $one->box, $this->placed))[0] - self::extent($axis, $this->boxes)[0];

            return $spacing->to($gap, $by);
        });
    }

    /**
     * The same with both ends where they were.
     *
     * @throws Refusal when there is less room than everything needs
     */
    public function keepingExtent(bool $whole): self
    {
        return $this->spaced(function (Respacing $spacing, Axis $axis) use ($whole): array {
            [$from, $to] = self::extent($axis, array_map(static fn (Placed $one): Rect => $one->box, $this->placed));
            [$start, $end] = self::extent($axis, $this->boxes);
            $more = ($to - $from) - ($end - $start);
            if ($spacing->count() > 0 && $spacing->size() >= 0 && $spacing->size() + $more / $spacing->count() < -Length::SAME) {
                throw Refusal::because(sprintf('It does not fit %s: needs %s, has %s.', $axis->word(), Spoken::length($end - $start - $spacing->count() * $spacing->size()), Spoken::length($to - $from)), 'extent');
            }

            return $spacing->sharing($more, $from - $start, $whole);
        });
    }

    /** @param  callable(Respacing, Axis): list<float>  $spaced */
    private function spaced(callable $spaced): self
    {
        [$things, $relations] = ($this->how)();
        foreach (Axis::cases() as $axis) {
            $key = $axis->value;
            $things[$key] = $things[$key]->at($spaced(new Respacing($things[$key], $relations[$key]), $axis));
        }

        $is = ['x' => $things['x'], 'y' => $things['y']];

        return new self($this->placed, $this->sized, ['x' => $is['x']->leads, 'y' => $is['y']->leads], static fn (): array => [$is, $relations]);
    }

    /**
     * @param  list<Rect>  $boxes
     * @return array{float, float}
     */
    private static function extent(Axis $axis, array $boxes): array
    {
        return [min([INF, ...array_map($axis->lead(...), $boxes)]), max([-INF, ...array_map($axis->trail(...), $boxes)])];
    }
}
