import type { Axis, Box, Point } from '@/api/types';
import { shallowRef } from 'vue';

/** Keys that are held while the pointer is dragged; Ctrl suspends snapping. */
export interface Held {
    shift: boolean;
    alt: boolean;
    ctrl: boolean;
}

/** Something done with the pointer held down. It ends or is given back whole; in between nothing is stored. */
export interface Gesture {
    /** @param at the pointer, in px of the sheet */
    move(at: Point, keys: Held): void;
    /** @param keys as they are at release: that is what counts */
    end(keys: Held): void;
    cancel(): void;
}

export interface Ghost {
    shape: 'frame' | 'ellipse' | 'line' | 'band' | 'guide';
    box: Box;
    /** of a line: from here to there */
    to?: Point;
    from?: Point;
    angle?: number;
    /** of a guide; without it, of a cross */
    axis?: Axis;
    label?: string;
}

/** What a gesture shows while it lasts. */
export const ghost = shallowRef<Ghost | null>(null);

/** px of the screen that lifted items are off their place, and the words beside the pointer. */
export const lift = shallowRef<{ dx: number; dy: number; label: string } | null>(null);

/** Where what is dragged would belong: the box that lights up, and where it would stand in a rail; px of the sheet. */
export const berth = shallowRef<{ box: Box | null; bar: Box | null } | null>(null);

/** How far things make way for what is dragged, by id: px of the space that they lie in. */
export const way = shallowRef<ReadonlyMap<string, Point>>(new Map());

/** Nothing makes way any more. */
export function closeUp(): void {
    if (way.value.size > 0) way.value = new Map();
}

/** The box of what is dragged as it is shown meanwhile, in px of the sheet: the bench's numbers follow it. */
export const live = shallowRef<Box | null>(null);

/** How far the pointer is from where it began; with Shift along the axis that it went further on. */
export function draggedFrom(start: Point, at: Point, keys: Held): Point {
    const far = { x: at.x - start.x, y: at.y - start.y };
    if (!keys.shift) return far;
    return Math.abs(far.x) >= Math.abs(far.y) ? { x: far.x, y: 0 } : { x: 0, y: far.y };
}

/** Further than this, in screen px, a press is a drag. */
export const DRAG = 3;
