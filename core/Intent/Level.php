<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Snap\SnapLine;

/** Things that lie side by side: on a sheet, or in one group. */
final readonly class Level
{
    private const ROUNDS = 6;

    /** px by which boxes of what is turned, in groups in groups, may differ from what was asked for */
    private const ROUGHLY = 0.02;

    /** @var array{x: Things, y: Things} */
    private array $things;

    /** @var array{x: list<Relation>, y: list<Relation>} */
    private array $relations;

    /** @var array{x: Mending, y: Mending} */
    private array $mending;

    /** @var list<array{int, int}> things that lie exactly in the middle of another, and that other */
    private array $centred;

    /**
     * @param  list<Placed>  $placed
     * @param  array<int, int>  $grounds  what each lies on, of those that lie on others of them
     * @param  array{x: list<SnapLine>, y: list<SnapLine>}  $lines  of the sheet
     * @param  array{x: list<float>, y: list<float>}  $reaches  px that each may be moved
     */
    public function __construct(private array $placed, array $grounds, array $lines, array $reaches, private Wish $wish)
    {
        $this->centred = $this->centredOn($grounds);
        $finder = new RelationFinder($placed, $grounds);
        $this->things = ['x' => Things::along(Axis::X, $placed, $lines['x'], $reaches['x'], $wish->whole), 'y' => Things::along(Axis::Y, $placed, $lines['y'], $reaches['y'], $wish->whole)];
        $this->relations = $relations = ['x' => $finder->find(Axis::X), 'y' => $finder->find(Axis::Y)];
        $this->mending = [
            'x' => new Mending($relations['x'], new Companions($this->things['x'], $relations['x'], $relations['y'])),
            'y' => new Mending($relations['y'], new Companions($this->things['y'], $relations['y'], $relations['x'])),
        ];
    }

    /**
     * @param  array<int, int>  $grounds
     * @return list<array{int, int}>
     */
    private function centredOn(array $grounds): array
    {
        $centred = [];
        foreach ($grounds as $thing => $ground) {
            [$a, $b] = [$this->placed[$thing]->box, $this->placed[$ground]->box];
            if (Length::same($a->x + $a->w / 2, $b->x + $b->w / 2) && Length::same($a->y + $a->h / 2, $b->y + $b->h / 2)) {
                $centred[] = [$thing, $ground];
            }
        }

        return $centred;
    }

    /** @return array{x: list<float>, y: list<float>} px, where each was meant to begin */
    public function leads(): array
    {
        $free = array_map(fn (Placed $one): float => $one->locked ? 0.0 : $this->wish->tolerance, $this->placed);
        $from = $this->things;
        $things = $this->looked($from);
        // What has been put right may show more: until nothing is left.
        for ($round = 0; $round < self::ROUNDS && $this->differing($from, $things) !== []; $round++) {
            $anew = ['x' => $things['x']->anew($free), 'y' => $things['y']->anew($free)];
            $restless = $this->differing($anew, $this->looked($anew));
            if ($restless === []) {
                break;
            }
            $next = $this->looked($things);
            if ($this->differing($things, $next) === []) {
                // What would come to rest only further away than it may go is left alone.
                $from = ['x' => $from['x']->holding($restless), 'y' => $from['y']->holding($restless)];
                $next = $this->looked($from);
            }
            $things = $next;
        }

        return ['x' => $things['x']->leads, 'y' => $things['y']->leads];
    }

    /**
     * @param  array{x: list<float>, y: list<float>}  $leads  px
     * @return array{array{x: Things, y: Things}, array{x: list<Relation>, y: list<Relation>}} things that begin there, and how they are related
     */
    public function at(array $leads): array
    {
        return [['x' => $this->things['x']->at($leads['x']), 'y' => $this->things['y']->at($leads['y'])], $this->relations];
    }

    /**
     * @param  array{x: Things, y: Things}  $a
     * @param  array{x: Things, y: Things}  $b
     * @return list<int> those that do not lie at the same place
     */
    private function differing(array $a, array $b): array
    {
        return array_values(array_filter(array_keys($this->placed), static fn (int $i): bool => $a['x']->leads[$i] !== $b['x']->leads[$i] || $a['y']->leads[$i] !== $b['y']->leads[$i]));
    }

    /**
     * @param  array{x: Things, y: Things}  $things
     * @return array{x: Things, y: Things}
     */
    private function looked(array $things): array
    {
        $leads = (new Glance($things, $this->relations, $this->mending, $this->centred, $this->sizes(), $this->wish))->leads();

        return ['x' => $things['x']->at($this->inSteps(Axis::X, $leads['x'])), 'y' => $things['y']->at($this->inSteps(Axis::Y, $leads['y']))];
    }

    /**
     * A group in which something lies off the pixel moves by whole pixels, so that all else in it stays on them. What is turned
     * is known and stored to some thousandths only: beside it nothing moves by no more than that, unless onto a pixel.
     *
     * @param  list<float>  $leads
     * @return list<float>
     */
    private function inSteps(Axis $axis, array $leads): array
    {
        $isRough = array_filter($this->placed, static fn (Placed $one): bool => $one->isTurned || $one->isInexact) !== [];
        foreach ($this->placed as $i => $one) {
            $origin = $axis->lead($one->box);
            if ($isRough && abs($leads[$i] - $origin) < self::ROUGHLY && ! Length::isWhole($leads[$i])) {
                $leads[$i] = $origin;
            } elseif ($this->wish->whole && ! $one->isGround && ($one->isInexact || ! Length::same($origin, floor($origin + 0.5)))) {
                $leads[$i] = $origin + ($leads[$i] > $origin ? floor($leads[$i] - $origin + 0.001) : ceil($leads[$i] - $origin - 0.001));
            }
        }

        return array_map(Length::round(...), array_values($leads));
    }

    /** @return list<array{float, float}> the sizes that were chosen, each once */
    private function sizes(): array
    {
        $sizes = [];
        foreach ($this->placed as $one) {
            if ($one->standsBy === null && $one->baseline === null) {
                $sizes += [(string) $one->box->w => [$one->box->w, 0.05], (string) $one->box->h => [$one->box->h, 0.05]];
            }
        }

        return array_values($sizes);
    }
}
