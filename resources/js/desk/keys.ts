import { useActions } from '@/desk/actions';
import { PAD, useBench } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { useGauge } from '@/stores/gauge';
import { useMeasuring } from '@/stores/measuring';
import { pressed } from '@/stores/rehearsal';
import { useView } from '@/stores/view';
import { onBeforeUnmount, onMounted, ref } from 'vue';

/** The list of keys, as it is shown under `?`. */
export const KEYS: [string, string][] = [
    ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
    ['arrows, Shift arrows', 'move by 1 px, by 10 px'],
    ['Shift click', 'add to or take from the selection'],
    ['Ctrl click', 'select through groups'],
    ['double click', 'enter a group, edit a text'],
    ['Shift while dragging', 'hold to one axis; keep proportions; steps of 15°'],
    ['Alt while dragging', 'puts a copy there; sizes about the centre'],
    ['Ctrl while dragging', 'nothing snaps'],
    ['Escape', 'give a drag back, leave a group, select nothing'],
    ['Ctrl A, Ctrl I', 'select all, the others'],
    ['Ctrl Alt K, S, L', 'select all of this kind, size, look'],
    ['Ctrl D, Ctrl Shift D', 'duplicate; select copies with their originals'],
    ['Ctrl C, X, V', 'copy, cut, paste at the pointer'],
    ['Ctrl Shift V', 'paste where it was'],
    ['Ctrl Alt C, V', 'take a place, give it to what is selected'],
    ['1 to 9', 'the nine cells of the pad, as on a number pad'],
    ['. and q', 'again; square up'],
    ['Ctrl G, Ctrl Shift G', 'group, ungroup'],
    ['Ctrl ↑ ↓, with Shift', 'forward, back; to the front, to the back'],
    ['Ctrl L', 'lock, unlock'],
    ['Ctrl Shift H', 'hide, show'],
    ['Ctrl Alt R', 'make a reference of it, or not any more'],
    ['Ctrl K', 'cut slices from what is selected'],
    ['Delete', 'delete'],
    ['Space and drag', 'move the desk'],
    ['Ctrl wheel, + and -', 'zoom to the pointer, to the middle'],
    ['0, f', 'fit the sheet, fit what is selected'],
    ['m, i', 'measure by pointing; read a colour'],
    ['g, c, r, u, k', 'guides, columns and grid, references, gauge blocks, slices'],
    ['x', 'draw a slice'],
    ['h, o', 'hide every aid, outlines only'],
    ['b, s', 'fold the bench, the side'],
    ['Tab, Enter, Escape', 'walk the fields, apply, put back'],
    ['?', 'this list'],
];

/** Milliseconds after which another press of an arrow begins a new line of the history. */
const RUN_ENDS = 3000;

const ARROWS: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
};

/** The keys of the desk. Single letters count only while no field has the focus. */
export function useKeys() {
    const desk = useDesk();
    const view = useView();
    const { actions } = useActions();
    const bench = useBench();
    const gauge = useGauge();
    const measuring = useMeasuring();
    const listOpen = ref(false);
    /** presses of the arrows that follow each other are one line of the history */
    const run = { token: '', chosen: '', last: 0 };

    const withControl: Record<string, () => void> = {
        z: actions.undo.run,
        'shift z': actions.redo.run,
        y: actions.redo.run,
        a: actions.all.run,
        d: actions.duplicate.run,
        g: actions.group.run,
        'shift g': actions.ungroup.run,
        l: actions.lock.run,
        'shift h': actions.hide.run,
        k: actions.slice.run,
        i: actions.inverse.run,
        'shift d': actions.originals.run,
        'alt k': actions.alikeKind.run,
        'alt s': actions.alikeSize.run,
        'alt l': actions.alikeLook.run,
        'alt r': actions.reference.run,
        'alt c': actions.takePlace.run,
        'alt v': actions.givePlace.run,
        arrowup: actions.forward.run,
        arrowdown: actions.backward.run,
        'shift arrowup': actions.front.run,
        'shift arrowdown': actions.back.run,
    };

    const alone: Record<string, () => void> = {
        Delete: actions.delete.run,
        Backspace: actions.delete.run,
        Escape: leave,
        '0': actions.fit.run,
        f: actions.fitSelection.run,
        h: () => (view.bare = !view.bare),
        o: () => (view.outlinesOnly = !view.outlinesOnly),
        g: () => (view.showGuides = !view.showGuides),
        c: () => (view.showGrid = !view.showGrid),
        r: () => (view.showReferences = !view.showReferences),
        u: () => gauge.toggle(),
        k: () => (view.showSlices = !view.showSlices),
        x: () => (view.tool = view.tool === 'slice' ? 'select' : 'slice'),
        m: measure,
        i: () => (view.tool = view.tool === 'colour' ? 'select' : 'colour'),
        q: () => actions.squareUp.possible() && actions.squareUp.run(),
        '.': () => actions.again.possible() && actions.again.run(),
        b: () => (view.benchOpen = !view.benchOpen),
        s: () => (view.sideOpen = !view.sideOpen),
        '+': () => view.zoomTo(view.zoom * 1.25),
        '-': () => view.zoomTo(view.zoom / 1.25),
        '?': () => (listOpen.value = true),
        Enter: editText,
    };

    function measure(): void {
        view.tool = view.tool === 'measure' ? 'select' : 'measure';
        if (view.tool === 'measure') measuring.begin();
    }

    function leave(): void {
        if (view.tool !== 'select') view.tool = 'select';
        else if (desk.entered) {
            const group = desk.entered;
            desk.entered = desk.items.get(group)?.parent ?? null;
            desk.select([group]);
        } else {
            desk.select([]);
            desk.selectedSlices = [];
        }
    }

    function editText(): void {
        const [item, more] = desk.selected;
        if (item?.kind === 'text' && !more && !desk.tree.isLocked(item.id))
            view.editing = { item: item.id, at: item.frame };
    }

    function onKey(event: KeyboardEvent): void {
        const target = event.target as HTMLElement;
        if (
            event.defaultPrevented ||
            target.closest('input, textarea, select, [role=dialog], [role=menu], [role=listbox], .p-select')
        )
            return;
        if (event.ctrlKey || event.metaKey) {
            const held = `${event.altKey ? 'alt ' : ''}${event.shiftKey ? 'shift ' : ''}`;
            const action = withControl[held + event.key.toLowerCase()];
            if (action) {
                event.preventDefault();
                if (!event.repeat || event.key.toLowerCase() === 'z') action();
            }
            return;
        }
        if (event.altKey) return;
        const arrow = ARROWS[event.key];
        if (arrow) {
            event.preventDefault();
            nudge(arrow, event.shiftKey ? 10 : 1, event.timeStamp);
            return;
        }
        if (event.key === 'Enter' && target.closest('button')) return;
        const cell = PAD[event.key];
        if (cell && desk.selected.length > 0) {
            event.preventDefault();
            void pressed(bench.align(...cell));
            return;
        }
        const action = alone[event.key];
        if (action) {
            event.preventDefault();
            action();
        }
    }

    function nudge([x, y]: [number, number], by: number, now: number): void {
        if (desk.selected.length === 0) return;
        const chosen = desk.selected.map((item) => item.id).join();
        if (run.chosen !== chosen || now - run.last > RUN_ENDS) run.token = crypto.randomUUID();
        Object.assign(run, { chosen, last: now });
        void desk.run('move-by', { dx: x * by, dy: y * by }, desk.selection, { run: run.token });
    }

    onMounted(() => window.addEventListener('keydown', onKey));
    onBeforeUnmount(() => window.removeEventListener('keydown', onKey));

    return { listOpen };
}
