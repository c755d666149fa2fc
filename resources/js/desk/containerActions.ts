import type { Action } from '@/desk/actions';
import { holderOf, isTray } from '@/sheet/containers';
import { is } from '@/sheet/kinds';
import { useDesk } from '@/stores/desk';

/** What is done with trays, rails and masks, and with what runs on every sheet or is there at several widths. */
export function useContainerActions() {
    const desk = useDesk();
    const plain = { icon: '', keys: '' };
    const some = () => desk.selection.length > 0;
    /** Those that are selected, or the one that what is selected lies in. */
    const trays = () => {
        const holder = holderOf(desk.selected, desk.items);
        const own = desk.selected.filter(isTray);
        return own.length > 0 ? own : holder && isTray(holder) ? [holder] : [];
    };
    const zoneOf = (id: string) => desk.items.get(id)?.fields.twin?.zone;
    const all = (of: (id: string) => boolean) => some() && desk.selection.every(of);
    const runs = () => all((id) => ['head', 'foot'].includes(zoneOf(id) ?? ''));
    const isAtWidths = () => all((id) => zoneOf(id) === 'page');
    /** What runs along the head and the foot of this sheet. */
    const running = () =>
        desk.tree.children(null).filter((item) => item.fields.twin && item.fields.twin.zone !== 'page');
    const goesWithout = () => running().length > 0 && running().every((item) => item.hidden);

    return {
        tray: {
            ...plain,
            words: 'Put into a tray',
            keys: 'Shift B',
            possible: some,
            run: () => void desk.run('make-tray', {}),
        },
        clip: {
            ...plain,
            get words() {
                return trays().every((item) => item.fields.clip) && trays().length > 0
                    ? 'Show what reaches past it'
                    : 'Cut off what reaches past it';
            },
            keys: 'Shift X',
            possible: () => trays().length > 0,
            run: () =>
                void desk.run(
                    'set',
                    { clip: !trays().every((item) => item.fields.clip) },
                    trays().map((item) => item.id),
                ),
        },
        rail: {
            ...plain,
            words: 'Make a rail',
            keys: 'w',
            possible: () => some() && !(desk.selected.length === 1 && desk.selected[0]?.fields.rail),
            run: () => void desk.run('make-rail', {}),
        },
        table: {
            ...plain,
            words: 'Make a table of them',
            possible: () => desk.selection.length > 0 && !desk.selected.every((item) => is(item, 'has-cells')),
            run: () => void desk.run('make-table', {}),
        },
        apart: {
            ...plain,
            words: 'Take the table apart',
            possible: () => desk.selected.some((item) => is(item, 'has-cells')),
            run: () => void desk.run('take-apart', {}),
        },
        mask: {
            ...plain,
            words: 'Mask by the foremost',
            keys: 'Shift M',
            possible: () => desk.selection.length > 1,
            run: () => void desk.run('mask', {}),
        },
        running: {
            ...plain,
            get words() {
                return runs() ? 'Keep on this sheet alone' : 'Show on every sheet';
            },
            possible: () => all((id) => desk.items.get(id)?.parent === null),
            run: () => void (runs() ? desk.run('end-running', {}) : desk.run('make-running', {})),
        },
        without: {
            ...plain,
            get words() {
                return goesWithout() ? 'Show head and foot here' : 'Go without head and foot here';
            },
            possible: () => running().length > 0,
            run: () =>
                void desk.run(
                    'set',
                    { hidden: !goesWithout() },
                    running().map((item) => item.id),
                ),
        },
        atWidths: {
            ...plain,
            get words() {
                return isAtWidths() ? 'Keep at this width alone' : 'Show at the other widths';
            },
            possible: () => some() && desk.sheet?.page != null && !runs(),
            run: () => void (isAtWidths() ? desk.run('keep-at-width', {}) : desk.run('show-at-widths', {})),
        },
    } satisfies Record<string, Action>;
}
