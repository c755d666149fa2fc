import { api } from '@/api/client';
import type { Commands } from '@/api/commands.gen';
import type { CellLook, ReadList, Table, TablePart, Tracks } from '@/api/tables';
import type { Axis, Item } from '@/api/types';
import { areaBetween, cellAt, lookOf, lookOfTrack, tracksIn, tracksOf, type Area, type Place } from '@/sheet/cells';
import { is } from '@/sheet/kinds';
import { useDesk } from '@/stores/desk';
import { defineStore } from 'pinia';
import { computed, ref, watch } from 'vue';

/** What is meant by what is chosen in a table: cells, or whole columns or rows. */
export type Chosen = 'cells' | 'columns' | 'rows';

/** The table that is worked in, and what of it is chosen. */
export const useTable = defineStore('table', () => {
    const desk = useDesk();
    const opened = ref<string | null>(null);
    const from = ref<Place>({ row: 0, column: 0 });
    const to = ref<Place>({ row: 0, column: 0 });
    const chosen = ref<Chosen>('cells');
    /** whether the others give way when a column or a row is sized, or the table grows */
    const gives = ref(true);
    /** a list that was dropped, pasted or chosen, and waits to be made a table */
    const list = ref<{ file: Blob; name: string; read: ReadList } | null>(null);
    /** what of it the bench is about */
    const about = ref<'sizes' | 'looks' | 'rules'>('sizes');
    /** whether numbers are asked for, to make a matrix of them */
    const asksNumbers = ref(false);

    /** The table that is selected alone, entered or not. */
    const item = computed<Item | null>(() => {
        const [only, more] = desk.selected;
        return only && !more && is(only, 'has-cells') ? only : null;
    });
    const table = computed<Table | null>(() => item.value?.fields.table ?? null);
    const tracks = computed<Tracks | null>(() => item.value?.painting?.tracks ?? null);
    const isOpen = computed(() => item.value !== null && opened.value === item.value.id && tracks.value !== null);

    const area = computed<Area>(() => {
        const of = table.value;
        if (!of) return { row: 0, column: 0, rows: 1, columns: 1 };
        const [rows, columns] = [of.rows.length, of.columns.length];
        const within = ({ row, column }: Place) => ({
            row: Math.min(row, rows - 1),
            column: Math.min(column, columns - 1),
        });
        const between = areaBetween(of, within(from.value), within(to.value));
        if (chosen.value === 'columns') return { ...between, row: 0, rows };
        return chosen.value === 'rows' ? { ...between, column: 0, columns } : between;
    });

    /** What is chosen, in words. */
    const words = computed(() => {
        const { row, column, rows, columns } = area.value;
        const span = (first: number, count: number, one: string) =>
            count === 1 ? `${one} ${first + 1}` : `${one}s ${first + 1} to ${first + count}`;
        if (chosen.value === 'columns') return span(column, columns, 'column');
        if (chosen.value === 'rows') return span(row, rows, 'row');
        return rows * columns === 1 ? `row ${row + 1}, column ${column + 1}` : `${rows * columns} cells`;
    });

    watch(
        () => desk.selection.join(),
        () => {
            if (opened.value !== null && opened.value !== item.value?.id) opened.value = null;
        },
    );

    function enter(id: string, place: Place = { row: 0, column: 0 }): void {
        if (desk.tree.isLocked(id)) return;
        desk.select([id]);
        opened.value = id;
        choose(place, place, 'cells');
    }

    function choose(start: Place, end: Place = start, what: Chosen = 'cells'): void {
        [from.value, to.value, chosen.value] = [start, end, what];
    }

    function leave(): void {
        opened.value = null;
    }

    type Cells = { row: number; column: number; words: string[][] };
    const write = (params: Cells) => desk.run('set-cells', params as Commands['set-cells'], ids());
    const ids = () => (item.value ? [item.value.id] : []);

    /** Sizes the columns or rows that are chosen. */
    function size(axis: Axis, params: Record<string, unknown>, which = tracksIn(area.value, axis), run?: string) {
        const rest = params.equal ? {} : { rest: gives.value ? ('gives' as const) : ('grows' as const) };
        return desk.run('set-tracks', { axis, tracks: which, ...rest, ...params } as Commands['set-tracks'], ids(), {
            run,
        });
    }

    /** Says how what is chosen looks; outside the table, a part of it. */
    function look(looks: Partial<Record<keyof CellLook, unknown>>, part?: TablePart, run?: string) {
        const { row, column, rows, columns } = area.value;
        const of = part
            ? { part }
            : chosen.value === 'columns'
              ? { columns: tracksIn(area.value, 'x') }
              : chosen.value === 'rows'
                ? { rows: tracksIn(area.value, 'y') }
                : { area: { row, column, rows, columns } };
        return desk.run('set-cell-looks', { ...of, looks } as never, ids(), { run });
    }

    /** What is said of the look of what is chosen, or of a part. */
    function said(part?: TablePart): CellLook[] {
        const of = table.value;
        if (!of) return [];
        if (part) return [of.looks?.[part] ?? {}];
        if (chosen.value !== 'cells') {
            const axis = chosen.value === 'columns' ? 'x' : 'y';
            return tracksIn(area.value, axis).map((i) => lookOfTrack(tracksOf(of, axis)[i]));
        }
        return tracksIn(area.value, 'y').flatMap((row) =>
            tracksIn(area.value, 'x').map((column) => lookOf(cellAt(of, { row, column }))),
        );
    }

    /** Looks at a list, and shows what was recognised. */
    async function recognise(file: Blob, name: string, wish: Record<string, string> = {}): Promise<void> {
        try {
            list.value = { file, name, read: await api.readList(file, wish) };
        } catch (error) {
            desk.say(`${name ? `${name}: ` : ''}${(error as Error).message}`, 'refused');
        }
    }

    const shown = {
        opened,
        isOpen,
        item,
        table,
        tracks,
        area,
        from,
        to,
        chosen,
        words,
        gives,
        about,
        list,
        asksNumbers,
    };
    return { ...shown, enter, choose, leave, write, size, look, said, recognise };
});
