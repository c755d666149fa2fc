import { useActions } from '@/desk/actions';
import { useDesk } from '@/stores/desk';
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
    ['Alt while sizing', 'about the centre'],
    ['Escape', 'give a drag back, leave a group, select nothing'],
    ['Ctrl A', 'select all'],
    ['Ctrl D', 'duplicate'],
    ['Ctrl G, Ctrl Shift G', 'group, ungroup'],
    ['Ctrl ↑ ↓, with Shift', 'forward, back; to the front, to the back'],
    ['Ctrl L', 'lock, unlock'],
    ['Ctrl Shift H', 'hide, show'],
    ['Ctrl K', 'cut slices from what is selected'],
    ['Delete', 'delete'],
    ['Space and drag', 'move the desk'],
    ['Ctrl wheel, + and -', 'zoom to the pointer, to the middle'],
    ['0, f', 'fit the sheet, fit what is selected'],
    ['h', 'hide every aid to judge the page'],
    ['b, s', 'fold the bench, the side'],
    ['Tab, Enter, Escape', 'walk the fields, apply, put back'],
    ['?', 'this list'],
];

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
    const listOpen = ref(false);

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
        b: () => (view.benchOpen = !view.benchOpen),
        s: () => (view.sideOpen = !view.sideOpen),
        '+': () => view.zoomTo(view.zoom * 1.25),
        '-': () => view.zoomTo(view.zoom / 1.25),
        '?': () => (listOpen.value = true),
        Enter: editText,
    };

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
            const action = withControl[`${event.shiftKey ? 'shift ' : ''}${event.key.toLowerCase()}`];
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
            nudge(arrow, event.shiftKey ? 10 : 1);
            return;
        }
        if (event.key === 'Enter' && target.closest('button')) return;
        const action = alone[event.key];
        if (action) {
            event.preventDefault();
            action();
        }
    }

    function nudge([x, y]: [number, number], by: number): void {
        if (desk.selection.length > 0) void desk.run('move-by', { dx: x * by, dy: y * by });
    }

    onMounted(() => window.addEventListener('keydown', onKey));
    onBeforeUnmount(() => window.removeEventListener('keydown', onKey));

    return { listOpen };
}
