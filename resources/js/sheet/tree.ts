import type { Item } from '@/api/types';
import { is } from './kinds';
import { chained, still, toParent, type Placement } from './geometry';

/** The items of a sheet and how they hang together; made anew with every change, cheaply. */
export class Tree {
    private readonly childrenOf = new Map<string | null, Item[]>();
    private readonly placements = new Map<string, Placement>();

    constructor(readonly items: ReadonlyMap<string, Item>) {
        for (const item of items.values()) {
            const siblings = this.childrenOf.get(item.parent);
            if (siblings) siblings.push(item);
            else this.childrenOf.set(item.parent, [item]);
        }
        for (const siblings of this.childrenOf.values()) {
            siblings.sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1));
        }
    }

    /** Back to front. */
    children(parent: string | null): readonly Item[] {
        return this.childrenOf.get(parent) ?? [];
    }

    /** Back to front as they are painted: of what lies in a rail, that comes later which is lifted over others. */
    painted(parent: string | null): readonly Item[] {
        const children = this.children(parent);
        const isRail = parent !== null && this.items.get(parent)?.fields.rail;
        if (!isRail || !children.some((child) => child.fields.berth?.over)) return children;
        const over = (item: Item) => item.fields.berth?.over ?? 0;
        return [...children].sort((a, b) => over(a) - over(b));
    }

    /** The thing in an item that masks the others: the foremost that is not hidden. */
    mask(parent: string | null): Item | undefined {
        const item = parent === null ? undefined : this.items.get(parent);
        return item && is(item, 'masks-others') ? this.children(item.id).findLast((child) => !child.hidden) : undefined;
    }

    ancestors(id: string): Item[] {
        const found: Item[] = [];
        let parent = this.items.get(id)?.parent ?? null;
        while (parent !== null) {
            const group = this.items.get(parent);
            if (!group) break;
            found.push(group);
            parent = group.parent;
        }
        return found;
    }

    isLocked(id: string): boolean {
        const locks = (item: Item | undefined) => item !== undefined && (item.locked || item.reference);
        return locks(this.items.get(id)) || this.ancestors(id).some(locks);
    }

    isHidden(id: string): boolean {
        return (
            (this.items.get(id)?.hidden ?? false) ||
            this.ancestors(id).some((group) => group.hidden || is(group, 'shows-as-one'))
        );
    }

    isReference(id: string): boolean {
        return (this.items.get(id)?.reference ?? false) || this.ancestors(id).some((group) => group.reference);
    }

    /** From the space of a group's children, or an item's own space, to the sheet's. */
    toSheet(id: string | null): Placement {
        if (id === null) return still;
        const known = this.placements.get(id);
        if (known) return known;
        const item = this.items.get(id);
        const placement = item ? chained(this.toSheet(item.parent), toParent(item)) : still;
        this.placements.set(id, placement);
        return placement;
    }

    /** The child of a group (or of the sheet) that an item is or lies in. */
    childOf(group: string | null, id: string): Item | undefined {
        return [this.items.get(id), ...this.ancestors(id)].find((item) => item?.parent === group);
    }

    /** Everything in it that paints, at any depth; what is shown as one is one. */
    leaves(id: string): Item[] {
        const item = this.items.get(id);
        if (!item) return [];
        return is(item, 'framed-by-items') && !is(item, 'shows-as-one')
            ? this.children(id).flatMap((child) => this.leaves(child.id))
            : [item];
    }
}
