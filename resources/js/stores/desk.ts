import { api } from '@/api/client';
import { COMMAND_TRAITS, type Commands } from '@/api/commands.gen';
import type { Answer, Point } from '@/api/types';
import { union } from '@/sheet/geometry';
import { distance, moved } from '@/sheet/moved';
import { remarks } from '@/sheet/remarks';
import { marksOf, pointAsItem } from '@/sheet/points';
import { addressed, asItem } from '@/sheet/slices';
import { Tree } from '@/sheet/tree';
import { useContents } from '@/stores/desk/contents';
import { useHistory } from '@/stores/desk/history';
import { useOpening } from '@/stores/desk/opening';
import { useSelection } from '@/stores/desk/selection';
import { useStatus } from '@/stores/desk/status';
import { useSending } from '@/stores/sending';
import { useUnits } from '@/stores/units';
import { defineStore } from 'pinia';
import { computed } from 'vue';

const SELECTING: readonly string[] = COMMAND_TRAITS['selects-what-it-made'];

/** The sheet on the desk, and the one way to change it: by commands. What it is made of stands in the folder beside this. */
export const useDesk = defineStore('desk', () => {
    const sending = useSending();
    const units = useUnits();
    const contents = useContents();
    const chosen = useSelection(contents);
    const said = useStatus();
    const opening = useOpening(contents, chosen, said);
    const history = useHistory(contents, chosen, said, opening);
    const {
        sheet,
        stored,
        slices,
        guides,
        grids,
        dimensions,
        presets,
        swatches,
        styles,
        scales,
        ownFonts,
        kits,
        revision,
    } = contents;
    const { selection, selectedSlices, edited, selectedPoints, entered, ground, copied } = chosen;
    const { select, toggle, editPoints, selectPoints } = chosen;

    /** Items as they are shown: as stored, with the moves that are still on their way. */
    const items = computed(() =>
        sending.queue.reduce((map, request) => (request.move ? moved(map, request.move) : map), stored.value),
    );
    const tree = computed(() => new Tree(items.value));
    /** The selected points, and the control points that show, as they lie on the sheet. */
    const marks = computed(() => {
        const named = new Set(selectedPoints.value);
        return edited.value.flatMap((id) => {
            const item = items.value.get(id);
            return item ? marksOf(tree.value, item, named) : [];
        });
    });
    const selectedMarks = computed(() => {
        const named = new Set(selectedPoints.value);
        return marks.value.filter((mark) => named.has(mark.ref));
    });
    /** What is selected: items, or slices and points as if they were some. */
    const selected = computed(() =>
        selectedPoints.value.length > 0
            ? selectedMarks.value.map((mark) => pointAsItem(mark, items.value.get(mark.item)?.name ?? ''))
            : selectedSlices.value.length > 0
              ? slices.value.filter((slice) => selectedSlices.value.includes(slice.id)).map(asItem)
              : selection.value.flatMap((id) => items.value.get(id) ?? []),
    );
    /** What a command that arranges is meant for, when no item is. */
    const instead = computed(() => ({ slices: selectedSlices.value, points: selectedPoints.value }));
    const selectedBox = computed(() => union(selected.value.map((item) => item.bounds)));

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
        const { unit } = units;
        const about = ids.length === 0 ? selected.value : ids.flatMap((id) => items.value.get(id) ?? []);
        const named = about.map(({ id, name }) => ({ id, name }));
        return new Promise((resolve) => {
            sending.add({
                move:
                    command === 'move-by' ? { ids, ...distance(params as Commands['move-by'], more.shown) } : undefined,
                async send() {
                    const body = {
                        ...addressed(command, params, ids, instead.value),
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
                    if (answer.report.points && edited.value.length > 0) selectPoints(answer.report.points);
                    said.last.value = command;
                    said.say(answer.report.summary + remarks(answer, (id) => stored.value.get(id)?.name ?? ''));
                    resolve(true);
                },
                async refused(problem) {
                    await opening.refuse(problem, named);
                    resolve(false);
                },
            });
        });
    }

    function take(answer: Answer): void {
        contents.take(answer);
        if (answer.settings) units.show(answer.settings);
    }

    const { document, deleted, elsewhere, open, reload, lookAgain } = opening;
    const { status, last, say } = said;
    const { travel, goTo } = history;
    const shown = {
        document,
        sheet,
        items,
        tree,
        slices,
        guides,
        grids,
        dimensions,
        presets,
        swatches,
        styles,
        scales,
        ownFonts,
        kits,
        revision,
        elsewhere,
        deleted,
    };
    const picked = { ground, copied, selection, selectedSlices, selected, selectedBox, entered, instead };
    const ofPaths = { edited, selectedPoints, marks, selectedMarks, editPoints, selectPoints };
    const done = { open, reload, lookAgain, say, run, travel, goTo, select, toggle };
    return { ...shown, ...picked, ...ofPaths, ...done, status, last };
});
