import type { Side } from './types';

/** How a rail lays out what lies in it; lengths are px. */
export interface Rail {
    direction: 'row' | 'column';
    gap: number;
    padding: Record<Side, number>;
    across: 'start' | 'centre' | 'end' | 'stretch';
    along: 'start' | 'centre' | 'end' | 'between';
    wrap: boolean;
    width: Sizing;
    height: Sizing;
}

export type Sizing = 'content' | 'fixed' | 'share';

export type Pin = 'start' | 'centre' | 'end' | 'stretch';

/** How something follows when the tray that it lies in is sized. */
export interface Pins {
    across: Pin;
    down: Pin;
}

/** The numbers that something has of its own in its rail; what is 0 is left out. */
export interface Berth {
    before?: number;
    aside?: number;
    share?: number;
    over?: number;
}
