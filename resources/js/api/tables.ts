import type { Fields } from './commands.gen';

/** A table as it is stored: columns, rows and cells; what is as it is at first is left out. */
export type Table = NonNullable<Fields['table']>;
export type Track = Table['columns'][number];
export type Cell = Table['cells'][number][number];
export type CellLook = NonNullable<Exclude<Track, string>['look']>;
export type TablePart = 'body' | 'head' | 'header' | 'total';
export type RulePlace = 'outside' | 'across' | 'down' | 'header' | 'total';
export type Rule = NonNullable<NonNullable<Table['rules']>[RulePlace]>;

/** Where the columns and rows of a table begin and end, in turn: px from its top left. */
export interface Tracks {
    x: number[];
    y: number[];
}

/** How a list of values is written. */
export type ListForm = Required<NonNullable<Table['form']>>;

/** What was recognised of a list. */
export interface ReadList {
    form: ListForm;
    /** which columns are numbers */
    numeric: boolean[];
    words: string[][];
}
