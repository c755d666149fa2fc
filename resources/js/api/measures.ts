import type { Axis, Side } from './types';

/** What is measured on a sheet: gaps, insets, what lies next. Lengths are px. */

export interface Gap {
    axis: Axis;
    a: string;
    b: string;
    size: number;
    from: number;
    to: number;
    across: [number, number];
    odd: boolean;
    expected: number | null;
}

export interface Inset {
    item: string;
    ground: string | null;
    side: Side;
    size: number;
    odd: boolean;
    expected: number | null;
}

export interface Ledger {
    gaps: Gap[];
    insets: Inset[];
    census: { axis: Axis; size: number; count: number }[];
}

export interface Clearance {
    side: Side;
    size: number;
    to: { id: string; name: string } | null;
    inset: boolean;
}

export interface Surroundings {
    ground: { id: string; name: string } | null;
    clearances: Clearance[];
}
