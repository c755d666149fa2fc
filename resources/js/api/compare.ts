import type { Box } from './types';

/** What a sheet is compared with: another sheet, itself after a line of the history, or a sheet of a file. */
export interface Which {
    sheet?: string;
    line?: number;
    /** a document file, as it was read */
    file?: Record<string, unknown>;
}

export interface Difference {
    key: string;
    sort: string;
    /** the item of this sheet, and of the other one */
    a: string | null;
    b: string | null;
    name: string;
    says: string;
    numbers: { dx?: number; dy?: number };
    /** px of this sheet, and of the other one */
    here: Box | null;
    there: Box | null;
}

export interface Compared {
    revision: number;
    there: {
        id: string | null;
        name: string;
        width: number;
        height: number;
        background: string | null;
        /** how it is painted, where it is no sheet of the document */
        svg: string | null;
    };
    /** how many things are on both */
    same: number;
    differences: Difference[];
}
