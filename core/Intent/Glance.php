<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;

/** One look at things that lie side by side: how steady the hand was, what it meant, and where everything goes by that. */
final readonly class Glance
{
    /** where more than this share lies off the pixel, pixels were not meant */
    private const HALF = 0.5;

    private LineFinder $finder;

    /**
     * @param  array{x: Things, y: Things}  $things
     * @param  array{x: list<Relation>, y: list<Relation>}  $relations
     * @param  array{x: Mending, y: Mending}  $mending
     * @param  list<array{int, int}>  $centred  things that lie exactly in the middle of another, and that other
     * @param  list<array{float, float}>  $sizes  that were chosen, px, each with its standard deviation
     */
    public function __construct(private array $things, private array $relations, private array $mending, private array $centred, private array $sizes, private Wish $wish)
    {
        $this->finder = new LineFinder($wish->tolerance);
    }

    /** @return array{x: list<float>, y: list<float>} where each was meant to begin, px */
    public function leads(): array
    {
        $axes = array_values($this->things);
        $isExact = $this->finder->isExact($axes);
        $offPixel = $this->offPixel();
        if ($isExact && $offPixel === 0.0) {
            // Every line and every distance holds already, but for those of single things.
            return $this->mended(['x' => $this->things['x']->leads, 'y' => $this->things['y']->leads]);
        }
        [$read, $values] = $this->read($isExact ? [LineFinder::EXACT] : $this->finder->hands($axes, $this->wish->isQuick), $offPixel > self::HALF);
        if (! $isExact && $read[0]->saved() + $read[1]->saved() <= 0.0) {
            // Not one thing more follows from this than from nothing: it was not understood, and is left alone.
            return array_map(static fn (Things $things): array => $things->leads, $this->things);
        }

        return $this->mended(['x' => $read[0]->squared($values), 'y' => $read[1]->squared($values)]);
    }

    /**
     * What was understood with the hand that lets everything be told most shortly.
     *
     * @param  non-empty-list<float>  $hands  px, standard deviations
     * @param  bool  $asTheyAre  whether values stay as they are
     * @return array{array{Structure, Structure}, Values|null}
     */
    private function read(array $hands, bool $asTheyAre): array
    {
        [$best, $found] = [INF, null];
        foreach ($hands as $noise) {
            $read = array_map(fn (Axis $axis): Structure => $this->structure($axis, $noise), [Axis::X, Axis::Y]);
            $values = $asTheyAre ? null : $this->values($read);
            $length = count($hands) === 1 ? 0.0 : $read[0]->length() + $read[1]->length() - ($values->evidence ?? 0.0);
            if ($found === null || $length < $best) {
                [$best, $found] = [$length, [$read, $values]];
            }
        }

        if ($asTheyAre) {
            return $found;
        }
        $pruned = [$found[0][0]->pruned(), $found[0][1]->pruned()];

        return [$pruned, $this->values($pruned)];
    }

    /** @param  array{Structure, Structure}  $read */
    private function values(array $read): Values
    {
        return Values::of([...$this->sizes, ...$read[0]->values(), ...$read[1]->values()], $this->wish->spacings);
    }

    private function structure(Axis $axis, float $noise): Structure
    {
        $things = $this->things[$axis->value];

        return new Structure($things, $this->finder->find($things, $noise), $this->relations[$axis->value], $this->centred, $noise, $this->wish->tolerance);
    }

    /**
     * @param  array{x: list<float>, y: list<float>}  $leads
     * @return array{x: list<float>, y: list<float>}
     */
    private function mended(array $leads): array
    {
        $mended = fn (Axis $axis): array => $this->mending[$axis->value]->places($this->things[$axis->value]->at($leads[$axis->value]));

        return ['x' => $mended(Axis::X), 'y' => $mended(Axis::Y)];
    }

    /** The share of things that are put on whole pixels and lie beside them; all where none are put there. */
    private function offPixel(): float
    {
        if (! $this->wish->whole) {
            return 1.0;
        }
        $off = [];
        foreach ($this->things as $things) {
            foreach ($things->leads as $thing => $lead) {
                if ($things->reaches[$thing] > 0.0 && ! Length::same($lead, floor($lead + 0.5))) {
                    $off[$thing] = true;
                }
            }
        }

        return count($off) / max(1, count(array_filter($this->things['x']->reaches)));
    }
}
