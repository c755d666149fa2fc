import { api, Problem } from '@/api/client';
import type { NewSheet, SheetSummary } from '@/api/types';
import { useContainerActions } from '@/desk/containerActions';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { useWidths } from '@/stores/widths';
import { computed, ref, type Ref } from 'vue';
import { useRouter } from 'vue-router';

/**
 * What is done with the sheets of the document: opened, added, renamed, copied, moved, shown at another width, deleted.
 *
 * @param route where a sheet is opened
 * @param chosen the sheet whose menu is open
 * @param startRenaming begins to edit its name
 */
export function useSheetWork(
    route: 'desk' | 'hand-over' | 'measured',
    chosen: Ref<SheetSummary | null>,
    startRenaming: (sheet: SheetSummary) => Promise<void>,
) {
    const desk = useDesk();
    const units = useUnits();
    const router = useRouter();
    const widths = useWidths();
    const { without } = useContainerActions();
    const renaming = ref<string | null>(null);
    /** the sheet whose page is to be shown at another width */
    const widening = ref<SheetSummary | null>(null);
    const sheets = computed(() => desk.document?.sheets ?? []);

    async function go(id: string): Promise<void> {
        if (desk.document) await router.push({ name: route, params: { document: desk.document.id, sheet: id } });
    }

    /** Does something with the document's sheets, shows them as they are then, and says what went wrong. */
    async function change(work: () => Promise<string | undefined>): Promise<void> {
        try {
            const next = await work();
            if (next) await go(next);
            else await desk.reload();
        } catch (error) {
            desk.say(
                error instanceof Problem ? error.message : 'The server does not answer. Nothing was changed.',
                'refused',
            );
        }
    }

    function add(name: string, sheet: NewSheet): void {
        void change(async () => (await api.addSheet(desk.document?.id ?? '', { name, ...sheet })).id);
    }

    /** A page at another width, of the one that is shown. */
    function widen(width: number): void {
        const sheet = widening.value;
        if (!sheet) return;
        void change(async () => {
            const made = await api.addWidth(sheet.id, width);
            desk.say(`Made "${made.name}". Undo takes it back.`);
            return made.id;
        });
    }
    const takenWidths = computed(() => {
        const sheet = widening.value;
        const same = sheets.value.filter((one) => one.id === sheet?.id || (sheet?.page && one.page === sheet.page));
        return same.map((one) => one.width);
    });

    /** A variant is compared with what it is a variant of. */
    function compare(sheet: SheetSummary): void {
        const source = sheets.value.find((one) => one.id === sheet.variant?.of);
        void router.push({
            name: 'compare',
            params: { document: desk.document?.id, sheet: source?.id ?? sheet.id },
            query: source ? { with: sheet.id } : {},
        });
    }

    function rename(sheet: SheetSummary, name: string): void {
        void change(async () => {
            await api.setSheet(sheet.id, { name });
            return undefined;
        });
    }

    function move(sheet: SheetSummary, by: number): void {
        void change(async () => {
            await api.setSheet(sheet.id, { position: sheets.value.findIndex((other) => other.id === sheet.id) + by });
            return undefined;
        });
    }

    const entries = computed(() => {
        const sheet = chosen.value;
        if (!sheet) return [];
        const at = sheets.value.findIndex((other) => other.id === sheet.id);
        return [
            { label: 'Rename', command: () => void startRenaming(sheet) },
            {
                label: 'Copy',
                command: () =>
                    void change(async () => {
                        const copy = await api.copySheet(sheet.id);
                        units.take(sheet.id, copy.id);
                        desk.say(`Copied sheet "${sheet.name}" as "${copy.name}". Undo takes it back.`);
                        return copy.id;
                    }),
            },
            {
                label: 'Make a variant',
                command: () =>
                    void change(async () => {
                        const made = await api.addVariant(sheet.id);
                        units.take(sheet.id, made.id);
                        desk.say(`Made "${made.name}", a variant of "${sheet.name}". Undo takes it back.`);
                        return made.id;
                    }),
            },
            { label: 'Compare…', command: () => compare(sheet) },
            { label: 'Another width…', command: () => (widening.value = sheet) },
            ...(sheet.page && sheet.id === desk.sheet?.id
                ? [
                      {
                          label: widths.shown ? 'Hide the other widths' : 'Show the other widths',
                          command: () => (widths.shown = !widths.shown),
                      },
                      {
                          label: 'Let it stand by itself',
                          command: () =>
                              void change(async () => {
                                  await desk.run('set-sheet', { page: null }, []);
                                  return undefined;
                              }),
                      },
                  ]
                : []),
            ...(sheet.id === desk.sheet?.id && without.possible()
                ? [{ label: without.words, command: without.run }]
                : []),
            { separator: true },
            { label: 'Move left', disabled: at === 0, command: () => move(sheet, -1) },
            { label: 'Move right', disabled: at === sheets.value.length - 1, command: () => move(sheet, 1) },
            { separator: true },
            {
                label: 'Delete',
                disabled: sheets.value.length < 2,
                command: () =>
                    void change(async () => {
                        const next = sheets.value[at + 1] ?? sheets.value[at - 1];
                        await api.deleteSheet(sheet.id);
                        desk.say(`Deleted sheet "${sheet.name}". Undo brings it back.`);
                        return next?.id;
                    }),
            },
        ];
    });

    return { go, add, rename, widen, takenWidths, widening, renaming, entries };
}
