import { commonOf } from '@/sheet/common';
import { railOf } from '@/sheet/containers';
import { useActions } from '@/desk/actions';
import { enter } from '@/desk/entering';
import { usePathDrawing } from '@/desk/canvas/pathDrawing';
import { focusStage, isDesk, OVER } from '@/parts/focus';
import { PAD, useBench, type Edge } from '@/stores/bench';
import { useCheck } from '@/stores/check';
import { useDesk } from '@/stores/desk';
import { useGauge } from '@/stores/gauge';
import { useMeasuring } from '@/stores/measuring';
import { usePresses } from '@/parts/presses';
import { pressed } from '@/stores/rehearsal';
import { useRoom } from '@/stores/room';
import { useView } from '@/stores/view';
import { nextTick, onBeforeUnmount, onMounted, ref } from 'vue';

/** Where keys are typed or choose among what is offered. */
const TYPING = 'input, textarea, select, [role=dialog], [role=menu], [role=menubar], [role=listbox], .p-select';

/** Commands with Ctrl that mean nothing in a field. */
const FROM_FIELDS = ['d', 'shift d', 'g', 'shift g', 'k', 'l', 'i', 'shift h', 'enter'];

const ARROWS: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
};

/** With Alt, for one direction; with Alt and Shift, its middle line. */
const EDGES: Record<string, [Edge, Edge]> = {
    ArrowLeft: ['left', 'centre'],
    ArrowRight: ['right', 'centre'],
    ArrowUp: ['top', 'middle'],
    ArrowDown: ['bottom', 'middle'],
};

/** The part of the desk that a letter leads to. */
const PARTS: Record<string, string> = {
    p: '.well.place [name=x], .well.place [name="sheet w"]',
    a: '.well.align button:not(:disabled)',
    d: '.well.space button:not(:disabled), .well.space input:not(:disabled)',
    n: '.well.gaps button:not(:disabled)',
    t: '[role=tree]',
    j: '.tools button',
};

/** The keys of the desk. Single letters, digits, arrows and Delete count only while the sheet has the focus. */
export function useKeys() {
    const desk = useDesk();
    const view = useView();
    const { actions } = useActions();
    const bench = useBench();
    const gauge = useGauge();
    const measuring = useMeasuring();
    const room = useRoom();
    const check = useCheck();
    const pathDrawing = usePathDrawing();
    const listOpen = ref(false);
    const presses = usePresses();

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
        enter: actions.handOver.run,
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
        h: () => turn('bare', 'Every aid is hidden', 'The aids are shown', 'h'),
        o: () => turn('outlinesOnly', 'Outlines only', 'Fills and outlines', 'o'),
        g: () => turn('showGuides', 'Guides are shown', 'Guides are hidden', 'g'),
        c: () => turn('showGrid', 'The grid is shown', 'The grid is hidden', 'c'),
        r: () => turn('showReferences', 'References are shown', 'References are hidden', 'r'),
        u: () => {
            gauge.toggle();
            tell(gauge.shown ? 'Gauge blocks are laid out' : 'Gauge blocks are put away', 'u');
        },
        k: () => turn('showSlices', 'Slices are shown', 'Slices are hidden', 'k'),
        x: () => (view.tool = view.tool === 'slice' ? 'select' : 'slice'),
        m: measure,
        i: () => (view.tool = view.tool === 'colour' ? 'select' : 'colour'),
        q: () => actions.squareUp.possible() && actions.squareUp.run(),
        '.': () => actions.again.possible() && actions.again.run(),
        e: () => even('x'),
        E: () => even('y'),
        M: () => actions.mask.possible() && actions.mask.run(),
        l: room.turn,
        w: () => actions.rail.possible() && actions.rail.run(),
        X: () => actions.clip.possible() && actions.clip.run(),
        B: () => actions.tray.possible() && actions.tray.run(),
        K: actions.alikeKind.run,
        S: actions.alikeSize.run,
        L: actions.alikeLook.run,
        R: () => actions.reference.possible() && actions.reference.run(),
        C: () => actions.copyPlace.possible() && actions.copyPlace.run(),
        V: () => actions.pastePlace.possible() && actions.pastePlace.run(),
        y: () => actions.copyLook.possible() && actions.copyLook.run(),
        U: () => actions.release.possible() && actions.release.run(),
        T: () => actions.onCircle.possible() && actions.onCircle.run(),
        P: () => actions.toPath.possible() && actions.toPath.run(),
        N: () => actions.realPixels.possible() && actions.realPixels.run(),
        PageDown: () => nextPoint(1),
        PageUp: () => nextPoint(-1),
        Y: () => actions.pasteLook.possible() && actions.pasteLook.run(),
        b: () => turn('benchOpen', 'The bench is open', 'The bench is folded away', 'b'),
        s: () => turn('sideOpen', 'The side is open', 'The side is folded away', 's'),
        '+': () => view.zoomTo(view.zoom * 1.25),
        '-': () => view.zoomTo(view.zoom / 1.25),
        '?': () => (listOpen.value = true),
        Enter: editText,
    };

    /** Says what a key of one letter did, and how to go back: it may have been pressed by chance. */
    function tell(what: string, key: string): void {
        desk.say(`${what}. Press ${key} to go back.`, 'note');
    }

    type Switch =
        | 'bare'
        | 'outlinesOnly'
        | 'showGuides'
        | 'showGrid'
        | 'showReferences'
        | 'showSlices'
        | 'benchOpen'
        | 'sideOpen';
    function turn(which: Switch, on: string, off: string, key: string): void {
        view[which] = !view[which];
        tell(view[which] ? on : off, key);
    }

    function even(axis: 'x' | 'y'): void {
        if (bench.canSpace) void pressed(bench.distribute(axis));
    }

    /** To one of the wells, or to Contents, unfolding what it stands in. */
    async function goTo(key: string): Promise<void> {
        if (key === 't' || key === 'j') view.sideOpen = true;
        else view.benchOpen = true;
        if (key === 't') view.panel = 'contents';
        if (key === 'd' || key === 'n') view.wellShown = key === 'd' ? 'space' : 'gaps';
        await nextTick();
        const parts = document.querySelectorAll<HTMLElement>(PARTS[key] ?? '');
        [...parts].find((part) => part.offsetParent !== null)?.focus();
    }

    function measure(): void {
        view.tool = view.tool === 'measure' ? 'select' : 'measure';
        if (view.tool === 'measure') measuring.begin();
    }

    function leave(): void {
        if (view.tool !== 'select') view.tool = 'select';
        else if (desk.selectedPoints.length > 0) desk.selectPoints([]);
        else if (desk.edited.length > 0) desk.edited = [];
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
        if (actions.editPoints.possible()) {
            actions.editPoints.run();
            return;
        }
        if (actions.movePicture.possible()) {
            actions.movePicture.run();
            return;
        }
        const [item, more] = desk.selected;
        if (item && !more) enter(item);
    }

    function onKey(event: KeyboardEvent): void {
        const target = event.target as HTMLElement;
        if (event.defaultPrevented) return;
        if (event.key === 'F8' && !target.closest('[role=dialog]')) {
            event.preventDefault();
            check.step(event.shiftKey ? -1 : 1);
            return;
        }
        if (target.closest(TYPING)) {
            fromField(event, target);
            return;
        }
        if (event.ctrlKey || event.metaKey) {
            const held = event.shiftKey ? 'shift ' : '';
            const action = event.altKey ? undefined : withControl[held + event.key.toLowerCase()];
            if (action) {
                event.preventDefault();
                if (!event.repeat || event.key.toLowerCase() === 'z') action();
            }
            return;
        }
        if (event.key === 'Escape' && !isDesk(target)) {
            focusStage();
            return;
        }
        const inTree = target.closest('[role=tree]') !== null;
        if (event.key === 'Delete' && inTree) actions.delete.run();
        if (isDesk(target) && !pathDrawing.onKey(event)) onDeskKey(event);
    }

    /** What no field means by itself is done from it as well: what was typed is kept, and the sheet has the focus. */
    function fromField(event: KeyboardEvent, field: HTMLElement): void {
        const key = (event.shiftKey ? 'shift ' : '') + event.key.toLowerCase();
        if (!(event.ctrlKey || event.metaKey) || event.altKey || !FROM_FIELDS.includes(key)) return;
        if (!field.matches('input, select') || field.closest(OVER)) return;
        event.preventDefault();
        field.blur();
        focusStage();
        if (!event.repeat) withControl[key]?.();
    }

    /** A key while the sheet has the focus. */
    function onDeskKey(event: KeyboardEvent): void {
        const edges = event.altKey ? EDGES[event.key] : undefined;
        if (event.altKey && !edges) return;
        const arrow = ARROWS[event.key];
        const cell = PAD[event.key];
        const isLetter = /^[a-z]$/i.test(event.key);
        const action =
            alone[
                isLetter && !event.shiftKey ? event.key.toLowerCase() : isLetter ? event.key.toUpperCase() : event.key
            ];
        if (edges) {
            if (desk.selected.length > 0) void pressed(bench.align(edges[event.shiftKey ? 1 : 0]));
        } else if (arrow) nudge(arrow, event.shiftKey ? 10 : 1, event.timeStamp);
        else if (cell && desk.selected.length > 0) void pressed(bench.align(...cell));
        else if (PARTS[event.key]) void goTo(event.key);
        else if (action) action();
        else return;
        event.preventDefault();
    }

    /** From point to point of the paths that are edited, by the keyboard alone. */
    function nextPoint(by: 1 | -1): void {
        const points = desk.marks.filter((mark) => mark.control === null);
        if (points.length === 0) return;
        const at = points.findIndex((mark) => mark.ref === desk.selectedPoints[0]);
        const next = points[at < 0 ? (by > 0 ? 0 : points.length - 1) : (at + by + points.length) % points.length];
        if (next) desk.selectPoints([next.ref]);
    }

    function nudge([x, y]: [number, number], by: number, now: number): void {
        if (desk.selected.length === 0) return;
        const run = presses(desk.selected.map((item) => item.id).join(), now);
        const rail = railOf(desk.selected, desk.items);
        if (rail) {
            inRail(rail.direction === 'row' ? [x, y] : [y, x], by, run);
            return;
        }
        void desk.run('move-by', { dx: x * by, dy: y * by }, desk.selection, { run });
    }

    let shifted = { run: '', to: 0 };

    /** What lies in a rail goes one place on along it, or is shifted aside. */
    function inRail([along, across]: [number, number], by: number, run: string): void {
        if (along !== 0) void desk.run('order', { to: along > 0 ? 'forward' : 'backward' });
        const aside = commonOf(desk.selected, (item) => item.fields.berth?.aside ?? 0);
        if (across === 0) return;
        if (aside === undefined) {
            desk.say('They are shifted aside unlike each other: type one number for all.', 'note');
            return;
        }
        // The press before this one may not be answered yet.
        shifted = { run, to: (shifted.run === run ? shifted.to : aside) + across * by };
        void desk.run('set-berth', { aside: shifted.to }, desk.selection, { run });
    }

    onMounted(() => window.addEventListener('keydown', onKey));
    onBeforeUnmount(() => window.removeEventListener('keydown', onKey));

    return { listOpen };
}
