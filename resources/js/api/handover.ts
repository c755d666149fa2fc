/** What the API gives and takes where slices are handed over. */

export type Format = 'png' | 'jpeg' | 'webp' | 'svg' | 'pdf';
export type Background = 'transparent' | 'sheet' | `#${string}`;

/** How slices are handed over where they do not say otherwise themselves. Sizes read 2x, 300w or 200h. */
export interface Settings {
    scales: string[];
    formats: Format[];
    background: Background;
    quality: number;
    png: 'true-colour' | 'palette';
    text: 'outlines' | 'font';
}

export interface Preset extends Settings {
    id: string;
    name: string;
}

export interface Order extends Settings {
    slices?: string[];
    page: boolean;
    measured: boolean;
    sheets: 'none' | 'this' | 'widths' | 'all';
}

export interface PlannedFile {
    slice: string;
    file: string;
    format: Format;
    scale: string | null;
    width: number;
    height: number;
}

export interface Warning {
    slice: string;
    kind: 'off-pixel' | 'fraction' | 'rounded' | 'renamed' | 'empty' | 'not-clear' | 'outside' | 'too-large' | 'coarse';
    text: string;
}

export interface Plan {
    files: PlannedFile[];
    areas: { slice: string; x: number; y: number; w: number; h: number }[];
    warnings: Warning[];
    /** of all files in the archive, those of slices first */
    names: string[];
    megapixels: number;
    small: boolean;
}

export interface Archive {
    id: string;
    sheet: string;
    name: string;
    wanted: Order;
    state: 'waiting' | 'making' | 'done' | 'failed' | 'cancelled';
    stopping: boolean;
    total: number;
    done: number;
    bytes: number | null;
    differences: { new: number; changed: number; same: number; gone: number } | null;
    error: string | null;
    ordered: string;
    ended: string | null;
    files?: { name: string; bytes: number; sha256: string; reused: boolean }[];
}

/** The measured sheet: its parts, and the distances between them. */
export interface Measured {
    parts: { number: number; id: string; name: string; box: { x: number; y: number; w: number; h: number } }[];
    distances: [string, string, string][];
    left_out: number;
    css: string;
}
