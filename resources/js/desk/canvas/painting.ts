import type { Box, Item, Point } from '@/api/types';
import { meets, svgTransform, toParent } from '@/sheet/geometry';
import { is } from '@/sheet/kinds';
import type { Tree } from '@/sheet/tree';
import { group, leaf, paint } from './elements';

interface Painted {
    item: Item;
    node: SVGGElement;
    /** where what it holds belongs */
    held: SVGGElement;
}

/**
 * Keeps the page's SVG in step with the items. One node for an item, nested as they are, made and changed only
 * where an item is another one than before; what is off the screen is not in the page.
 */
export class Painting {
    private readonly painted = new Map<string, Painted>();
    private lifted = new Set<string>();
    private editing: string | null = null;
    private shifted = new Set<string>();
    private opened: ReadonlySet<string> = new Set();

    constructor(
        private readonly still: SVGGElement,
        private readonly air: SVGGElement,
    ) {}

    sync(tree: Tree, view: Box): void {
        const seen = new Set<string>();
        this.air.replaceChildren();
        this.level(tree, null, this.still, view, seen);
        for (const [id, { node }] of this.painted) {
            if (seen.has(id)) continue;
            node.remove();
            this.painted.delete(id);
        }
    }

    /** Lifts items into a layer of their own, so that a drag is one transform of that layer. */
    lift(ids: string[], tree: Tree, view: Box): void {
        this.lifted = new Set(ids.filter((id) => !tree.isLocked(id)));
        this.sync(tree, view);
    }

    /** Shows faintly what is cut off of what these hold. */
    open(ids: ReadonlySet<string>): void {
        for (const [id, { node }] of this.painted) node.classList.toggle('opened', ids.has(id));
        this.opened = ids;
    }

    /** Shows things off their place, which they slide to; those that no longer are, at once. */
    slide(by: ReadonlyMap<string, Point>): void {
        const settled = by.size === 0;
        for (const id of [...this.shifted, ...by.keys()]) {
            const node = this.painted.get(id)?.node;
            const far = by.get(id);
            if (!node) continue;
            node.style.transition = settled ? 'none' : '';
            node.classList.toggle('sliding', !settled);
            node.style.translate = far ? `${far.x}px ${far.y}px` : settled ? '' : '0px 0px';
        }
        this.shifted = new Set(by.keys());
    }

    /** A text that is being edited in place is not painted meanwhile. */
    hide(id: string | null): void {
        const before = this.editing ? this.painted.get(this.editing) : undefined;
        if (before) before.node.style.visibility = '';
        this.editing = id;
        const now = id ? this.painted.get(id) : undefined;
        if (now) now.node.style.visibility = 'hidden';
    }

    private level(tree: Tree, parent: string | null, into: SVGGElement, view: Box, seen: Set<string>): void {
        let next = into.firstChild;
        const groups: [string, SVGGElement][] = [];
        const mask = tree.mask(parent);
        for (const item of tree.painted(parent)) {
            if (item.hidden || item === mask || !(meets(item.painted ?? item.ink, view) || this.lifted.has(item.id)))
                continue;
            seen.add(item.id);
            const { node, held } = this.painting(item);
            if (this.lifted.has(item.id)) {
                if (node === next) next = next.nextSibling;
                const around = group();
                around.setAttribute('transform', svgTransform(tree.toSheet(item.parent)));
                around.append(node);
                this.air.append(around);
            } else if (node === next) {
                next = next.nextSibling;
            } else {
                into.insertBefore(node, next);
            }
            if (is(item, 'holds-items') && !is(item, 'shows-as-one')) groups.push([item.id, held]);
        }
        // What goes into a group is taken out of this level only when this level is done.
        for (const [group, node] of groups) this.level(tree, group, node, view, seen);
    }

    private painting(item: Item): Painted {
        const known = this.painted.get(item.id);
        if (known?.item === item) return known;
        const node = known?.node ?? group();
        const { opacity = 1 } = item.fields;
        node.setAttribute('transform', svgTransform(toParent(item)));
        if (opacity < 1) node.setAttribute('opacity', String(opacity));
        else node.removeAttribute('opacity');
        let held = known?.held ?? node;
        if (known?.item.painting !== item.painting || known?.item.flip !== item.flip)
            held = is(item, 'holds-items') && !is(item, 'shows-as-one') ? paint(node, item, held) : leaf(node, item);
        if (item.reference) node.dataset.reference = '';
        else delete node.dataset.reference;
        if (!known) node.dataset.item = item.id;
        if (!known && this.opened.has(item.id)) node.classList.add('opened');
        const painted = { item, node, held };
        this.painted.set(item.id, painted);
        return painted;
    }
}
