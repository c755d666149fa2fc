/** What the API gives. Lengths are pixels of the sheet. */

export interface Point {
    x: number;
    y: number;
}

export interface Box extends Point {
    w: number;
    h: number;
}

export type Kind = 'box' | 'round' | 'line' | 'text' | 'group';

export interface Outline {
    colour: string;
    weight: number;
}

export interface Item {
    id: string;
    kind: Kind;
    name: string;
    parent: string | null;
    order: number;
    frame: Box;
    angle: number;
    bounds: Box;
    ink: Box;
    locked: boolean;
    hidden: boolean;
    opacity: number;
    svg?: string;
    /** of groups: the point of its own space at the frame's top left */
    origin?: Point;
    fill?: string | null;
    outline?: Outline | null;
    radius?: number;
    text?: string;
    font?: string;
    weight?: number;
    size?: number;
    line_height?: number;
    align?: 'start' | 'centre' | 'end';
    grow?: 'both' | 'down' | 'none';
    /** of groups: the numbers of a block, a ring or a row of steps */
    series?: Series | null;
}

export interface Series {
    kind: 'block' | 'ring' | 'steps';
    count: number;
    count_up: boolean;
    columns?: number;
    column_gap?: number | null;
    row_gap?: number | null;
    cx?: number;
    cy?: number;
    radius?: number;
    start?: number;
    sweep?: number;
    every?: number;
    dx?: number;
    dy?: number;
    angle?: number;
    inset?: number;
}

export interface Guide {
    id: string;
    axis: 'x' | 'y';
    at: number;
}

export interface Clearance {
    side: 'left' | 'right' | 'top' | 'bottom';
    size: number;
    to: { id: string; name: string } | null;
    inset: boolean;
}

export interface Surroundings {
    ground: { id: string; name: string } | null;
    clearances: Clearance[];
}

export type UnitName = 'px' | 'pt' | 'pc' | 'mm' | 'cm' | 'in';

export interface SheetSettings {
    id: string;
    name: string;
    width: number;
    height: number;
    unit: UnitName;
    ppi: number;
    typed: { width: number; height: number };
    whole_pixels: boolean;
    margins: { left: number; top: number; right: number; bottom: number };
    background: string | null;
    zero: Point;
    unit_of_spacing: number | null;
}

export interface SheetSummary extends SheetSettings {
    document: string;
    position: number;
    revision: number;
}

export interface DocumentSummary {
    id: string;
    name: string;
    changed: string;
    sheets: SheetSummary[];
}

export interface Slice extends Box {
    id: string;
    name: string;
}

export interface SheetContent {
    sheet: SheetSettings & { document: string };
    items: Item[];
    slices: Slice[];
    guides: Guide[];
    revision: number;
}

export interface Report {
    summary: string;
    selection?: string[];
    left_out?: { id: string; why: string }[];
    missing_characters?: string[];
    off_pixel?: { id: string; x: number; y: number }[];
    originals?: string[];
    copies?: string[];
}

export interface Answer {
    revision: number;
    created: Item[];
    changed: Item[];
    removed: string[];
    settings?: SheetSettings;
    slices?: Slice[];
    guides?: Guide[];
    report: Report;
}

export interface HistoryEntry {
    line: number;
    label: string;
    command: string;
    sheet: string;
    undone: boolean;
    at: string;
}

export interface TravelAnswer extends Answer {
    sheet: string;
    entry: HistoryEntry;
    selection: string[];
    document_changed: boolean;
}

export interface NewSheet {
    name?: string;
    width: number;
    height: number;
    unit: UnitName;
    ppi: number;
}
