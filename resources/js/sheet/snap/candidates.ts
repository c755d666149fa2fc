import type { Axis, Box } from '@/api/types';

export type Kind = 'guide' | 'margin' | 'grid' | 'edge' | 'centre' | 'gap' | 'size' | 'sheet' | 'module';

/** What things snap to; of two equally near, the one that comes first here wins, as in core/Snap/Kind. */
export const KINDS: { key: Kind; words: string }[] = [
    { key: 'guide', words: 'guides' },
    { key: 'margin', words: 'margins' },
    { key: 'grid', words: 'columns, rows, baselines' },
    { key: 'edge', words: 'edges of others' },
    { key: 'centre', words: 'centres of others' },
    { key: 'gap', words: 'equal gaps' },
    { key: 'size', words: 'equal sizes' },
    { key: 'sheet', words: 'the sheet' },
    { key: 'module', words: 'the module' },
];

export const rankOf = (kind: Kind): number => KINDS.findIndex((one) => one.key === kind);

/** A part of what is dragged: 0 its leading edge, 1 its centre, 2 its trailing edge, 3 its baseline. */
export type Part = 0 | 1 | 2 | 3;
export const LEAD = 0;
export const CENTRE = 1;
export const TRAIL = 2;
export const BASELINE = 3;

export interface Dragged {
    box: Box;
    baseline: number | null;
    whole: boolean;
    sizes: boolean;
    parts: Record<Axis, Part[]>;
}

export interface Line {
    at: number;
    kind: Kind;
    low: number;
    high: number;
    from: string;
}

interface Gaps {
    at: number[];
    part: Part[];
    size: number[];
    low: number[];
    high: number[];
    a: number[];
    b: number[];
}

/** All that a drag can snap to, as the server found it when the drag began: columns of numbers with a table of ids. */
export interface Candidates {
    dragged: Dragged | null;
    kinds: Kind[];
    ids: string[];
    boxes: { x: number[]; y: number[]; w: number[]; h: number[] };
    baselines: { at: number[]; y: number[] };
    lines: Record<Axis, Line[]>;
    gaps: Record<Axis, Gaps>;
    module: number | null;
}

export const other = (axis: Axis): Axis => (axis === 'x' ? 'y' : 'x');
export const lead = (box: Box, axis: Axis): number => (axis === 'x' ? box.x : box.y);
export const extent = (box: Box, axis: Axis): number => (axis === 'x' ? box.w : box.h);
export const trail = (box: Box, axis: Axis): number => lead(box, axis) + extent(box, axis);

export function boxAt(candidates: Candidates, i: number): Box {
    const { x, y, w, h } = candidates.boxes;
    return { x: x[i] ?? 0, y: y[i] ?? 0, w: w[i] ?? 0, h: h[i] ?? 0 };
}

/** Where a part of what is dragged lies before the drag. */
export function partAt(dragged: Dragged, axis: Axis, part: Part): number {
    if (part === LEAD) return lead(dragged.box, axis);
    if (part === CENTRE) return lead(dragged.box, axis) + extent(dragged.box, axis) / 2;
    if (part === BASELINE && dragged.baseline !== null) return dragged.baseline;
    return trail(dragged.box, axis);
}

/** The box after it was dragged so far. */
export function after(dragged: Dragged, dx: number, dy: number): Box {
    const { box, parts, sizes } = dragged;
    if (!sizes) return { ...box, x: box.x + dx, y: box.y + dy };
    const left = box.x + (parts.x.includes(LEAD) ? dx : 0);
    const right = box.x + box.w + (parts.x.includes(TRAIL) ? dx : 0);
    const top = box.y + (parts.y.includes(LEAD) ? dy : 0);
    const bottom = box.y + box.h + (parts.y.includes(TRAIL) ? dy : 0);
    return {
        x: Math.min(left, right),
        y: Math.min(top, bottom),
        w: Math.abs(right - left),
        h: Math.abs(bottom - top),
    };
}

/** Letters stand on guides and on the baseline grid, and on nothing else that has no letters. */
export function meets(part: Part, line: Line): boolean {
    if (part === BASELINE) return line.kind === 'guide' || line.from === 'baseline';
    return line.from !== 'baseline' || part === TRAIL;
}
