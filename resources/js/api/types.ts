/** What the API gives. Lengths are pixels of the sheet. */

import type { Tracks } from './tables';
import type { Fields } from './commands.gen';
import type { OwnFont, TypeScale, TypeStyle } from './fonts';
import type { Background, Format, Preset } from './handover';
import type { OwnKit } from './kits';
import type { Berth, Pins, Rail } from './rails';

export interface Point {
    x: number;
    y: number;
}

export interface Box extends Point {
    w: number;
    h: number;
}

/** A colour: #rrggbb, #rrggbbaa, or that of a swatch with what it was when it was taken. */
export type Colour = string | { swatch: string; colour: string };

export type Outline = NonNullable<Fields['outline']>;

/** A colour that the document keeps under a name. */
export interface Swatch {
    id: string;
    /** by which looks refer to it */
    key: string;
    name: string;
    colour: string;
    /** whether it is offered no more */
    gone: boolean;
}

/** A line of glyphs of one font: code point and x of each in turn, in font units. */
export interface Letters {
    font: string;
    transform: string;
    glyphs: number[];
}

/** An element of SVG: its name, its attributes and what is in it. */
export type Drawn = [name: string, attributes: Record<string, string>, inside?: Drawn[]] | Letters | string;

/** How an item is painted in its own space, beneath and above what it holds. */
export interface Painting {
    defs?: Drawn[];
    body?: Drawn[];
    over?: Drawn[];
    /** the path within which what it holds is seen, in the space of that */
    clip?: { path: string; rule?: 'evenodd' };
    /** where the pointer hits it: along a path, and inside it */
    hit?: { path: string; inside: boolean; weight: number };
    /** where the columns and rows of a table begin and end */
    tracks?: Tracks;
}

/** The fields of all kinds; an item has those of its own. */
export interface ItemFields extends Fields {
    /** of groups: the numbers of a block, a ring or a row of steps */
    series?: Series | null;
    /** of trays: how they lay out what lies in them */
    rail?: Rail | null;
    berth?: Berth | null;
    pins?: Pins | null;
    /** by what it is one with others on every sheet: it runs along the head or the foot */
    twin?: { key: string; zone: 'head' | 'foot' | 'page' } | null;
}

export interface Item {
    id: string;
    /** asked by what can be asked of it: see sheet/kinds */
    kind: string;
    name: string;
    parent: string | null;
    order: number;
    frame: Box;
    angle: number;
    bounds: Box;
    ink: Box;
    /** what it paints, shadows too, where that is not its ink: what is looked at when it is asked whether it can be seen */
    painted?: Box;
    locked: boolean;
    hidden: boolean;
    /** lies there to be compared with: locked, dimmed, never measured or exported */
    reference: boolean;
    flip: 'none' | 'across' | 'down' | 'both';
    fields: ItemFields;
    painting?: Painting;
    /** of what holds items: the point of its own space at the frame's top left */
    origin?: Point;
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
    axis: Axis;
    at: number;
    locked: boolean;
}

export type Axis = 'x' | 'y';
export type Side = 'left' | 'right' | 'top' | 'bottom';

export interface Division {
    count: number;
    gutter: number;
}

export interface Grid {
    columns: Division | null;
    rows: Division | null;
    module: number | null;
    baseline: number | null;
}

export interface NamedGrid extends Grid {
    id: string;
    name: string;
    margins: SheetSettings['margins'];
}

/** A distance kept on the sheet, to another item or to a side of the sheet. */
export interface Dimension {
    id: string;
    a: string;
    b: string;
    axis: Axis | 'straight';
    by: 'frame' | 'ink' | 'upright';
}

/** What a division into columns or rows gives. */
export interface Divided {
    count: number;
    size: number;
    whole: boolean;
    remainder: number;
    proposals: { what: string; leading: number; trailing: number; gutter: number; size: number }[];
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
    grid: Grid & { spans: Record<Axis, [number, number][]> };
    /** what it has in common with the sheets that show the same page at other widths */
    page: string | null;
}

export interface SheetSummary extends SheetSettings {
    document: string;
    /** of which sheet it is another arrangement, and of which things on it; of none, of the whole sheet */
    variant: { of: string; items: string[] } | null;
    position: number;
    revision: number;
}

export interface DocumentSummary {
    id: string;
    name: string;
    changed: string;
    /** findings on all sheets that were looked through and have not changed since; null where none was */
    out_of_square: number | null;
    sheets: SheetSummary[];
}

export interface Slice extends Box {
    id: string;
    name: string;
    /** those it was cut from */
    items: string[];
    follow: boolean;
    only: boolean;
    background: Background | null;
    padding: number;
    trim: boolean;
    /** null as the handing over says */
    scales: string[] | null;
    formats: Format[] | null;
    quality: number | null;
}

export interface SheetContent {
    sheet: SheetSettings & { document: string };
    items: Item[];
    slices: Slice[];
    guides: Guide[];
    grids: NamedGrid[];
    swatches: Swatch[];
    styles: TypeStyle[];
    scales: TypeScale[];
    own_fonts: OwnFont[];
    kits: OwnKit[];
    dimensions: Dimension[];
    presets: Preset[];
    revision: number;
}

export interface Report {
    summary: string;
    selection?: string[];
    left_out?: { id: string; why: string }[];
    missing_characters?: string[];
    off_pixel?: { id: string; x: number; y: number }[];
    /** what reaches past the sheet now and did not before */
    past_sheet?: string[];
    originals?: string[];
    copies?: string[];
    grid?: { columns?: Divided; rows?: Divided };
    /** what squaring up has understood */
    lines?: MeantLine[];
    distances?: MeantDistances[];
    /** ids of what fits nothing */
    alone?: string[];
    /** points of paths that are selected afterwards */
    points?: string[];
}

/** An edge, a centre or a baseline that several things are meant to share, px. */
export interface MeantLine {
    axis: Axis;
    edge: 'lead' | 'centre' | 'trail' | 'baseline';
    at: number;
    items: string[];
}

/** Gaps or insets that are meant to be of one size, px. */
export interface MeantDistances {
    axis: Axis;
    sort: 'gap' | 'inset';
    size: number;
    between: [string, string][];
}

export interface Answer {
    revision: number;
    created: Item[];
    changed: Item[];
    removed: string[];
    settings?: SheetSettings;
    slices?: Slice[];
    guides?: Guide[];
    grids?: NamedGrid[];
    swatches?: Swatch[];
    styles?: TypeStyle[];
    scales?: TypeScale[];
    own_fonts?: OwnFont[];
    kits?: OwnKit[];
    dimensions?: Dimension[];
    presets?: Preset[];
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
