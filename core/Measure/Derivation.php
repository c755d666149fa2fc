<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Paint\Painters;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Text\FontLibrary;

/** Computes what follows from items. */
final readonly class Derivation
{
    private Boxes $boxes;

    private Painters $painters;

    public function __construct(private Tree $tree, FontLibrary $fonts)
    {
        $this->boxes = new Boxes($tree, $fonts);
        $this->painters = new Painters($fonts);
    }

    /** @param  string|null  $knownHash of the painting that is stored, which is then not painted again */
    public function of(string $id, ?string $knownHash = null): Derived
    {
        $item = $this->tree->item($id);
        $hash = Painters::hash($item);

        return new Derived(
            $this->boxes->bounds($id),
            $this->boxes->ink($id),
            $this->boxes->painted($id),
            $hash,
            $hash === $knownHash ? null : $this->painters->of($item)->svg($item),
        );
    }

    /**
     * All items whose boxes may have changed when these did: themselves, what is in them, and the groups they lie in.
     *
     * @param  list<string>  $ids  that are in the tree
     * @return list<string>
     */
    public function affected(array $ids): array
    {
        $affected = [];
        foreach ($ids as $id) {
            foreach ([$this->tree->item($id), ...$this->tree->descendants($id), ...$this->tree->ancestors($id)] as $item) {
                $affected[$item->id] = $item->id;
            }
        }

        return array_values($affected);
    }
}
