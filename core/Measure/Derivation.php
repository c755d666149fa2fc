<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Painting\Painters;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Sheet\TreeBranch;
use AllSquare\Core\Text\FontLibrary;

/** Computes what follows from items. */
final class Derivation
{
    private readonly Boxes $boxes;

    private readonly Painters $painters;

    /** @var array<string, Painting> by hash: what looks alike is painted once */
    private array $paintings = [];

    /**
     * @param  array<string, Rect|null>  $knownInks by id, of items that are known to be as they were; null of what paints nothing
     * @param  array<string, Rect>  $knownShadows  of those among them that throw shadows, what they paint with these
     */
    public function __construct(private readonly Tree $tree, FontLibrary $fonts, array $knownInks = [], array $knownShadows = [])
    {
        $this->boxes = new Boxes($tree, $fonts, $knownInks, $knownShadows);
        $this->painters = new Painters($fonts);
    }

    /**
     * @param  string|null  $knownHash  of the painting that is stored, which is then not painted again
     * @param  bool  $isSame  whether it is known to look as it did
     */
    public function of(string $id, ?string $knownHash = null, bool $isSame = false): Derived
    {
        $item = $this->tree->item($id);
        $branch = new TreeBranch($this->tree, $item);
        $hash = $isSame && $knownHash !== null && $knownHash !== '' ? $knownHash : Painters::hash($branch);
        $bounds = $this->boxes->bounds($id);
        $ink = $this->boxes->painted($id);

        return new Derived(
            $bounds,
            $ink ?? $bounds,
            $this->boxes->paintedWithShadows($id, $ink) ?? $bounds,
            $ink !== null,
            $hash,
            $hash === $knownHash ? null : $this->paintings[$hash] ??= $this->painters->of($item)->paint($branch),
        );
    }

    /**
     * All items whose boxes may have changed when these did: themselves, what is in them, and the groups they lie in.
     *
     * @param  list<string>  $ids  that are in the tree
     * @param  list<string>  $refitted  those groups among them whose contents stayed where they are
     * @return list<string>
     */
    public static function affected(Tree $tree, array $ids, array $refitted = []): array
    {
        $isRefitted = array_flip($refitted);
        $affected = [];
        foreach ($ids as $id) {
            $inside = isset($isRefitted[$id]) ? [] : $tree->descendants($id);
            foreach ([$tree->item($id), ...$inside, ...$tree->ancestors($id)] as $item) {
                $affected[$item->id] = $item->id;
            }
        }

        return array_values($affected);
    }
}
