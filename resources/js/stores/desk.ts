import { api, Problem } from '@/api/client';
import { COMMAND_TRAITS, type Commands } from '@/api/commands.gen';
import type { Answer, DocumentSummary, Point, SheetContent, TravelAnswer } from '@/api/types';
import { union } from '@/sheet/geometry';
import { distance, moved } from '@/sheet/moved';
import { remarks } from '@/sheet/remarks';
import { addressed, asItem } from '@/sheet/slices';
import { Tree } from '@/sheet/tree';
import { useContents } from '@/stores/contents';
import { useSending } from '@/stores/sending';
import { useUnits } from '@/stores/units';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';

export interface Status {
    text: string;
    kind: 'done' | 'refused' | 'note';
}

const SELECTING: readonly string[] = COMMAND_TRAITS['selects-what-it-made'];

/** The sheet on the desk: its items, what is selected, and the one way to change it, by commands. */
export const useDesk = defineStore('desk', () => {
    const sending = useSending();
    const lengths = useUnits();
    const document = shallowRef<DocumentSummary | null>(null);
    const contents = useContents();
    const { sheet, stored, slices, guides, grids, dimensions, presets, revision } = contents;
    /** the name of what the selection lies on; null for the sheet */
    const ground = ref<string | null>(null);
    /** what was copied last, with its copies, for selecting both */
    const copied = shallowRef<{ originals: string[]; copies: string[] }>({ originals: [], copies: [] });
    const selection = shallowRef<string[]>([]);
    const selectedSlices = shallowRef<string[]>([]);
    const entered = ref<string | null>(null);
    const status = ref<Status>({ text: '', kind: 'note' });
    /** that the sheet is gone, in words; empty while it is there */
    const deleted = ref('');
    /** the command that was done last, undo among them, for whoever watches what is done */
    const last = ref('');
    /** where an undo or redo on another sheet wants to go */
    const elsewhere = ref<{ sheet: string; selection: string[] } | null>(null);

    /** Items as they are shown: as stored, with the moves that are still on their way. */
    const items = computed(() =>
        sending.queue.reduce((map, errand) => (errand.move ? moved(map, errand.move) : map), stored.value),
    );
    const tree = computed(() => new Tree(items.value));
    /** What is selected: items, or slices as if they were some. */
    const selected = computed(() =>
        selectedSlices.value.length > 0
            ? slices.value.filter((slice) => selectedSlices.value.includes(slice.id)).map(asItem)
            : selection.value.flatMap((id) => items.value.get(id) ?? []),
    );
    const selectedBox = computed(() => union(selected.value.map((item) => item.bounds)));

    function show(content: SheetContent): void {
        contents.show(content);
        lengths.show(content.sheet);
        keepWhatIsThere();
    }

    async function open(documentId: string, sheetId: string): Promise<void> {
        const [found, content] = await Promise.all([api.document(documentId), api.sheet(sheetId)]);
        const another = sheet.value?.id !== content.sheet.id;
        document.value = found;
        deleted.value = '';
        if (another) {
            selection.value = elsewhere.value?.sheet === sheetId ? elsewhere.value.selection : [];
            selectedSlices.value = [];
            entered.value = null;
            elsewhere.value = null;
        }
        show(content);
    }

    async function reload(): Promise<void> {
        if (!sheet.value || !document.value) return;
        await open(document.value.id, sheet.value.id);
    }

    /** Looks whether someone else has changed the sheet, and shows it if so. */
    async function lookAgain(): Promise<void> {
        const id = sheet.value?.id;
        if (!id || sending.waiting > 0) return;
        const current = await api.revision(id).catch(gone);
        if (current === undefined) return;
        if (sheet.value?.id === id && sending.waiting === 0 && current !== revision.value) {
            await reload();
            say('This sheet was changed from elsewhere. It is shown as it is now.', 'note');
        }
    }

    function say(text: string, kind: Status['kind'] = 'done'): void {
        status.value = { text, kind };
    }

    /**
     * Runs a command on the sheet. Bare numbers that were typed are in the unit of the desk.
     *
     * @param more the run of moves it belongs to; how far things are shown moved until it is answered
     * @returns whether it was done; false when it was refused, which the status line explains
     */
    function run<C extends keyof Commands>(
        command: C,
        params: Commands[C],
        ids = selection.value,
        more: { run?: string; shown?: Point } = {},
    ): Promise<boolean> {
        const target = sheet.value?.id;
        if (!target) return Promise.resolve(false);
        const key = crypto.randomUUID();
        const { unit } = lengths;
        return new Promise((resolve) => {
            sending.add({
                move:
                    command === 'move-by' ? { ids, ...distance(params as Commands['move-by'], more.shown) } : undefined,
                async send() {
                    const body = {
                        ...addressed(command, params, ids, selectedSlices.value),
                        revision: revision.value,
                        key,
                        run: more.run,
                        unit,
                    };
                    const answer = await api.post<Answer>(`sheets/${target}/commands`, body);
                    if (sheet.value?.id === target) take(answer);
                    if (SELECTING.includes(command)) select(answer.report.selection ?? []);
                    if (answer.report.originals && answer.report.copies)
                        copied.value = { originals: answer.report.originals, copies: answer.report.copies };
                    last.value = command;
                    say(answer.report.summary + remarks(answer, (id) => stored.value.get(id)?.name ?? ''));
                    resolve(true);
                },
                async refused(problem) {
                    await refuse(problem);
                    resolve(false);
                },
            });
        });
    }

    function travel(direction: 'undo' | 'redo'): void {
        const id = document.value?.id;
        if (!id) return;
        const step = async (expected?: number) => {
            const answer = await api.post<TravelAnswer>(`documents/${id}/${direction}`, { revision: expected });
            if (answer.document_changed) document.value = await api.document(id);
            last.value = direction;
            say(`${direction === 'undo' ? 'Undone' : 'Redone'}: ${answer.entry.label}`);
            if (answer.sheet !== sheet.value?.id) {
                elsewhere.value = { sheet: answer.sheet, selection: answer.selection };
                return;
            }
            take(answer);
            select(answer.selection);
        };
        sending.add({
            send: () => step(revision.value),
            async refused(problem) {
                const before = revision.value;
                if (problem.status === 409 && problem.revision !== undefined) {
                    await reload();
                    // The line belongs to another sheet: this one is as it was.
                    if (revision.value === before) {
                        await step().catch((error: Problem) => refuse(error));
                        return;
                    }
                }
                await refuse(problem);
            },
        });
    }

    /**
     * Back or forward until a line of the history is the last that is done; 0 is before the first.
     *
     * @param label what that line says, which is where one then is
     */
    function goTo(line: number, label = ''): void {
        const id = document.value?.id;
        if (!id) return;
        sending.add({
            async send() {
                const answer = await api.post<TravelAnswer>(`documents/${id}/history/${line}`);
                document.value = await api.document(id);
                if (answer.sheet !== sheet.value?.id && answer.document_changed) {
                    elsewhere.value = { sheet: answer.sheet, selection: answer.selection };
                } else await reload();
                select(answer.selection);
                say(line === 0 ? 'Back before the first change' : `Now at: ${label || answer.entry.label}`);
            },
            refused: refuse,
        });
    }

    function take(answer: Answer): void {
        contents.take(answer);
        if (answer.settings) lengths.show(answer.settings);
        keepWhatIsThere();
    }

    async function refuse(problem: Problem): Promise<void> {
        const chosen = selected.value.map((item) => ({ id: item.id, name: item.name }));
        const isBehind = problem.status === 409 || problem.status === 404;
        if (isBehind) {
            sending.drop();
            await reload().catch(gone);
        }
        const missing = chosen.filter(({ id }) => !stored.value.has(id) && !slices.value.some((one) => one.id === id));
        const [first, ...others] = missing;
        say(
            isBehind && first
                ? `"${first.name}"${others.length ? ` and ${others.length} more` : ''} was deleted in another window.`
                : problem.message,
            'refused',
        );
    }

    /** The sheet that is shown, or its document, is not there any more. */
    async function gone(error: unknown): Promise<void> {
        if (!(error instanceof Problem) || error.status !== 404 || !sheet.value || !document.value) return;
        const still = await api.document(document.value.id).catch(() => null);
        deleted.value = still
            ? `The sheet "${sheet.value.name}" was deleted in another window.`
            : `The document "${document.value.name}" was deleted in another window.`;
    }

    function select(ids: string[]): void {
        selection.value = ids.filter((id) => stored.value.has(id));
        if (ids.length > 0) selectedSlices.value = [];
    }

    function toggle(ids: string[]): void {
        const all = ids.every((id) => selection.value.includes(id));
        select(all ? selection.value.filter((id) => !ids.includes(id)) : [...new Set([...selection.value, ...ids])]);
    }

    function keepWhatIsThere(): void {
        selection.value = selection.value.filter((id) => stored.value.has(id));
        selectedSlices.value = selectedSlices.value.filter((id) => slices.value.some((slice) => slice.id === id));
        if (entered.value !== null && !stored.value.has(entered.value)) entered.value = null;
    }

    return {
        document,
        sheet,
        items,
        tree,
        slices,
        guides,
        grids,
        dimensions,
        presets,
        ground,
        copied,
        revision,
        selection,
        selectedSlices,
        selected,
        selectedBox,
        entered,
        status,
        elsewhere,
        deleted,
        last,
        open,
        reload,
        lookAgain,
        say,
        run,
        travel,
        goTo,
        select,
        toggle,
    };
});
