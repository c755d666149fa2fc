import type { Box, Point } from '@/api/types';
import { shallowRef } from 'vue';

/** Something done with the pointer held down. It ends or is given back whole; in between nothing is stored. */
export interface Gesture {
    /** @param at the pointer, in px of the sheet */
    move(at: Point, keys: { shift: boolean; alt: boolean }): void;
    /** @param keys as they are at release: that is what counts */
    end(keys: { shift: boolean; alt: boolean }): void;
    cancel(): void;
}

export interface Ghost {
    kind: 'box' | 'round' | 'line' | 'band';
    box: Box;
    /** of a line: from here to there */
    to?: Point;
    from?: Point;
    angle?: number;
    label?: string;
}

/** What a gesture shows while it lasts. */
export const ghost = shallowRef<Ghost | null>(null);

/** px of the screen that lifted items are off their place, and the words beside the pointer. */
export const lift = shallowRef<{ dx: number; dy: number; label: string } | null>(null);

/** Further than this, in screen px, a press is a drag. */
export const DRAG = 3;
