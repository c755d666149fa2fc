import type { Cell, CellLook, Table, TablePart, Track, Tracks } from '@/api/tables';
import type { Axis, Box, ItemFields, Point } from '@/api/types';

/** A place in a table: row and column, from 0. */
export interface Place {
    row: number;
    column: number;
}

/** Rows and columns of a table that lie side by side. */
export interface Area extends Place {
    rows: number;
    columns: number;
}

export const textOf = (cell: Cell | undefined): string => (typeof cell === 'string' ? cell : (cell?.text ?? ''));
export const lookOf = (cell: Cell | undefined): CellLook => (typeof cell === 'object' ? (cell.look ?? {}) : {});
export const rowsOf = (cell: Cell | undefined): number => (typeof cell === 'object' ? (cell.rows ?? 1) : 1);
export const columnsOf = (cell: Cell | undefined): number => (typeof cell === 'object' ? (cell.columns ?? 1) : 1);

export const cellAt = (table: Table, { row, column }: Place): Cell | undefined => table.cells[row]?.[column];

/** The cell that is seen in a place: itself, or the one that goes across it. */
export function seenAt(table: Table, place: Place): Place {
    for (let row = place.row; row >= 0; row--)
        for (let column = place.column; column >= 0; column--) {
            const cell = table.cells[row]?.[column];
            if (typeof cell !== 'object' || (row === place.row && column === place.column)) continue;
            if (row + rowsOf(cell) > place.row && column + columnsOf(cell) > place.column)
                return seenAt(table, { row, column });
        }
    return place;
}

/** The area between two places, as large as what goes across its edges needs. */
export function areaBetween(table: Table, a: Place, b: Place): Area {
    let [top, left] = [Math.min(a.row, b.row), Math.min(a.column, b.column)];
    let [bottom, right] = [Math.max(a.row, b.row), Math.max(a.column, b.column)];
    for (const place of [a, b]) {
        const seen = seenAt(table, place);
        const cell = cellAt(table, seen);
        [top, left] = [Math.min(top, seen.row), Math.min(left, seen.column)];
        bottom = Math.max(bottom, seen.row + rowsOf(cell) - 1);
        right = Math.max(right, seen.column + columnsOf(cell) - 1);
    }
    return {
        row: top,
        column: left,
        rows: Math.min(bottom, table.rows.length - 1) - top + 1,
        columns: Math.min(right, table.columns.length - 1) - left + 1,
    };
}

/** Where an area lies, px from the table's top left. */
export function boxOf(tracks: Tracks, { row, column, rows, columns }: Area): Box {
    const [left, top] = [tracks.x[2 * column] ?? 0, tracks.y[2 * row] ?? 0];
    return {
        x: left,
        y: top,
        w: (tracks.x[2 * (column + columns) - 1] ?? left) - left,
        h: (tracks.y[2 * (row + rows) - 1] ?? top) - top,
    };
}

/** Which column or row a place lies in; the nearest one beyond them. */
export function trackAt(edges: number[], at: number): number {
    const count = edges.length / 2;
    for (let i = 0; i < count - 1; i++) if (at < ((edges[2 * i + 1] ?? 0) + (edges[2 * i + 2] ?? 0)) / 2) return i;
    return count - 1;
}

export const placeAt = (tracks: Tracks, at: Point): Place => ({
    row: trackAt(tracks.y, at.y),
    column: trackAt(tracks.x, at.x),
});

/** px of a column or row */
export const sizeOf = (edges: number[], i: number): number =>
    Math.round(((edges[2 * i + 1] ?? 0) - (edges[2 * i] ?? 0)) * 1000) / 1000;

export type Sizing = 'fixed' | 'content' | 'share';
export const lookOfTrack = (track: Track | undefined): CellLook =>
    typeof track === 'object' ? (track.look ?? {}) : {};

export const sizingOf = (track: Track): Sizing =>
    typeof track === 'string'
        ? 'content'
        : track.fixed !== undefined
          ? 'fixed'
          : track.share !== undefined
            ? 'share'
            : 'content';

export const tracksOf = (table: Table, axis: Axis): Track[] => (axis === 'x' ? table.columns : table.rows);

/** Columns or rows of an area, by their places. */
export const tracksIn = (area: Area, axis: Axis): number[] =>
    axis === 'x'
        ? Array.from({ length: area.columns }, (_, i) => area.column + i)
        : Array.from({ length: area.rows }, (_, i) => area.row + i);

/** What an area says, as the clipboard takes it: values apart by tabs, in quotes where that is needed. */
export function written(table: Table, area: Area): string {
    const value = (text: string) => (/[\t\n"]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text);
    return tracksIn(area, 'y')
        .map((row) =>
            tracksIn(area, 'x')
                .map((column) => value(textOf(cellAt(table, { row, column }))))
                .join('\t'),
        )
        .join('\n');
}

/** Letters by which columns are called: A to Z, then AA. */
export function letters(column: number): string {
    const rest = Math.floor(column / 26);
    return (rest > 0 ? letters(rest - 1) : '') + String.fromCharCode(65 + (column % 26));
}

/** The part of the table that a cell is in. */
export function partOf(table: Table, { row, column }: Place): TablePart {
    if (row < (table.header ?? 0)) return 'header';
    if (row >= table.rows.length - (table.total ?? 0)) return 'total';
    return column < (table.heads ?? 0) ? 'head' : 'body';
}

/** How a cell looks, with all that is said of its column, its part and its row; the closest goes before. */
export function looksAt(fields: ItemFields, table: Table, place: Place): CellLook {
    const part = partOf(table, place);
    const column = lookOfTrack(table.columns[place.column]);
    const { font, weight, italic, size, tracking, capitals, even_figures, underline, line_height } = fields;
    return {
        ...{ font, weight, italic, size, tracking, capitals, even_figures, underline, line_height, fill: fields.fill },
        ...{ align: 'start', stand: 'middle', padding: table.padding },
        ...table.looks?.body,
        ...column,
        ...(part === 'header' && column.align === 'decimal' ? { align: 'end' } : {}),
        ...(part === 'body' ? {} : table.looks?.[part]),
        ...lookOfTrack(table.rows[place.row]),
        ...lookOf(cellAt(table, place)),
    } as CellLook;
}
