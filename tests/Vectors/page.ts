import type { Item } from '@/api/types';
import { itemsAt } from '@/sheet/hit';
import type { Candidates } from '@/sheet/snap/candidates';
import { metAt } from '@/sheet/snap/matches';
import { snap } from '@/sheet/snap/pick';
import { Tree } from '@/sheet/tree';
import { readSum, relative } from '@/sheet/sums';

/** What of the page is held to vectors, for a test to call in a browser. */
declare global {
    interface Window {
        vectors: object;
    }
}

interface Drag {
    tolerance: number;
    dx: number;
    dy: number;
}

function drag(candidates: Candidates, { tolerance, dx, dy }: Drag) {
    const { dragged } = candidates;
    if (!dragged) return null;
    const to = snap(candidates, dragged, tolerance, dx, dy);
    const lines = metAt(candidates, dragged, to.dx, to.dy).lines.map((line) => `${line.axis} ${line.at.toFixed(3)}`);
    return { x: to.dx, y: to.dy, lines: [...new Set(lines)].sort() };
}

function under(items: Item[], points: { x: number; y: number }[]): string[][] {
    const tree = new Tree(new Map(items.map((item) => [item.id, item])));
    return points.map((point) => itemsAt(tree, point, 1).map((item) => item.id));
}

window.vectors = { drag, under, readSum, relative };
