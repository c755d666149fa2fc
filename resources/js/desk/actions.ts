import { is } from '@/sheet/kinds';
import { useSelecting, type Alike } from '@/desk/selecting';
import { useContainerActions } from '@/desk/containerActions';
import { useBench, type Order } from '@/stores/bench';
import { useSquaring } from '@/stores/squaring';
import { useDesk } from '@/stores/desk';
import { useLooks } from '@/stores/looks';
import { usePictures } from '@/stores/pictures';
import { useView } from '@/stores/view';
import { useWidths } from '@/stores/widths';
import { useRouter } from 'vue-router';

export interface Action {
    words: string;
    /** as it is shown to the person */
    keys: string;
    icon: string;
    /** what it would run, for trying it before */
    order?: () => Order;
    possible: () => boolean;
    run: () => void;
}

const plain = { icon: '' };

/** What can be done with what is selected, in one place for keys, menu and buttons. */
export function useActions() {
    const desk = useDesk();
    const router = useRouter();
    const view = useView();
    const bench = useBench();
    const squaring = useSquaring();
    const looks = useLooks();
    const selecting = useSelecting();
    const pictures = usePictures();
    const widths = useWidths();
    const pictured = () =>
        desk.selected.filter((item) => is(item, 'has-picture') && item.fields.picture && !desk.tree.isLocked(item.id));
    const some = () => desk.selection.length > 0;
    const flagged = (flag: 'locked' | 'hidden' | 'reference') =>
        desk.selected.length > 0 && desk.selected.every((item) => item[flag]);
    const flaggedAnywhere = (flag: 'locked' | 'hidden' | 'reference') =>
        [...desk.items.values()].filter((item) => item[flag]).map((item) => item.id);
    const any = () => desk.items.size > 0;
    const alike = (by: Alike, words: string, keys: string) => ({
        ...plain,
        words,
        keys,
        possible: some,
        run: () => selecting.alike(by),
    });

    const actions = {
        group: {
            words: 'Group',
            keys: 'Ctrl G',
            icon: 'M2 5V2h3M13 2h3v3M16 13v3h-3M5 16H2v-3M5 5h5v5H5zM8 8h5v5H8z',
            possible: some,
            run: () => void desk.run('group', {}),
        },
        ungroup: {
            words: 'Ungroup',
            keys: 'Ctrl Shift G',
            icon: 'M2 3h6v6H2zM10 9h6v6h-6zM11 2l4 0 0 4M7 16l-4 0 0-4',
            possible: () => desk.selected.some((item) => is(item, 'holds-items') && !is(item, 'shows-as-one')),
            run: () => void desk.run('ungroup', {}),
        },
        ...useContainerActions(),
        release: {
            ...plain,
            words: 'Release the shapes',
            keys: 'Shift U',
            possible: () => desk.selected.some((item) => is(item, 'shows-as-one')),
            run: () => void desk.run('release', {}),
        },
        onCircle: {
            ...plain,
            words: 'Text on this circle',
            keys: 'Shift T',
            possible: () => desk.selected.length > 0 && desk.selected.every((item) => is(item, 'closed')),
            run: () => void desk.run('text-on-circle', {}),
        },
        toPath: {
            ...plain,
            words: 'Turn into a path',
            keys: 'Shift P',
            possible: () =>
                desk.selection.length > 0 &&
                desk.selected.some(
                    (item) => !is(item, 'has-points') && (!is(item, 'holds-items') || is(item, 'shows-as-one')),
                ),
            run: () => void desk.run('to-path', {}),
        },
        editPoints: {
            ...plain,
            words: 'Edit the points',
            keys: 'Enter',
            possible: () =>
                desk.selection.length > 0 &&
                desk.edited.length === 0 &&
                desk.selected.every((item) => is(item, 'has-points') && !desk.tree.isLocked(item.id)),
            run: () => desk.editPoints(desk.selection),
        },
        movePicture: {
            ...plain,
            words: 'Move the picture in its frame',
            keys: 'Enter',
            possible: () => pictured().length === 1 && desk.selected.length === 1,
            run: () => (pictures.moved = pictured()[0]?.id ?? null),
        },
        realPixels: {
            ...plain,
            words: 'Real pixels',
            keys: 'Shift N',
            possible: () => pictured().length > 0,
            run: () => void desk.run('fit-picture', { fit: 'hand', scale: 1 }),
        },
        coverSheet: {
            ...plain,
            words: 'Cover the sheet',
            keys: '',
            possible: () => desk.selected.length === 1 && desk.selected.some((item) => is(item, 'has-picture')),
            run: () => void desk.run('cover-sheet', {}),
        },
        forward: {
            words: 'Forward',
            keys: 'Ctrl ↑',
            icon: 'M2 10h9v6H2zM9 7V2M6.500 4.500 9 2l2.500 2.500M14 8v6',
            possible: some,
            run: () => void desk.run('order', { to: 'forward' }),
        },
        backward: {
            words: 'Backward',
            keys: 'Ctrl ↓',
            icon: 'M2 2h9v6H2zM9 11v5M6.500 13.500 9 16l2.500-2.500M14 4v6',
            possible: some,
            run: () => void desk.run('order', { to: 'backward' }),
        },
        front: {
            words: 'To the front',
            keys: 'Ctrl Shift ↑',
            icon: '',
            possible: some,
            run: () => void desk.run('order', { to: 'front' }),
        },
        back: {
            words: 'To the back',
            keys: 'Ctrl Shift ↓',
            icon: '',
            possible: some,
            run: () => void desk.run('order', { to: 'back' }),
        },
        duplicate: {
            words: 'Duplicate',
            keys: 'Ctrl D',
            icon: 'M2 2h9v9H2zM7 14v2h9V7h-2',
            possible: some,
            run: () => void desk.run('duplicate', {}),
        },
        delete: {
            words: 'Delete',
            keys: 'Delete',
            icon: 'M4 4l10 10M14 4 4 14',
            possible: () => some() || desk.selectedSlices.length > 0 || desk.selectedPoints.length > 0,
            run: () =>
                void (some()
                    ? desk.run('delete', {})
                    : desk.selectedPoints.length > 0
                      ? desk.run('delete-points', { points: desk.selectedPoints as [string, ...string[]] }, [])
                      : desk.run('delete-slice', { slices: desk.selectedSlices as [string, ...string[]] })),
        },
        lock: {
            get words() {
                return flagged('locked') ? 'Unlock' : 'Lock';
            },
            keys: 'Ctrl L',
            icon: '',
            possible: some,
            run: () => void desk.run('set', { locked: !flagged('locked') }),
        },
        reference: {
            get words() {
                return flagged('reference') ? 'Make an item again' : 'Make a reference';
            },
            keys: 'Shift R',
            icon: '',
            possible: some,
            run: () => void desk.run('set', { reference: !flagged('reference') }),
        },
        hide: {
            get words() {
                return flagged('hidden') ? 'Show' : 'Hide';
            },
            keys: 'Ctrl Shift H',
            icon: '',
            possible: some,
            run: () => void desk.run('set', { hidden: !flagged('hidden') }),
        },
        slice: {
            get words() {
                return desk.selection.length > 1 ? `Cut ${desk.selection.length} slices` : 'Cut a slice';
            },
            keys: 'Ctrl K',
            icon: '',
            possible: some,
            run: () => void desk.run('add-slice', { follow: true }),
        },
        all: { ...plain, words: 'Select all', keys: 'Ctrl A', possible: any, run: selecting.all },
        inverse: { ...plain, words: 'Select everything else', keys: 'Ctrl I', possible: any, run: selecting.inverse },
        alikeKind: alike('kind', 'Select all of this kind', 'Shift K'),
        alikeSize: alike('size', 'Select all of this size', 'Shift S'),
        alikeLook: alike('look', 'Select all of this look', 'Shift L'),
        originals: {
            ...plain,
            words: 'Select copies with their originals',
            keys: 'Ctrl Shift D',
            possible: () => desk.copied.copies.length > 0,
            run: selecting.withOriginals,
        },
        squareUp: {
            ...plain,
            words: 'Square up',
            keys: 'q',
            possible: () => squaring.possible,
            run: squaring.press,
        },
        again: { ...plain, words: 'Again', keys: '.', possible: some, run: () => void desk.run('again', {}) },
        copyPlace: {
            ...plain,
            words: 'Copy place',
            keys: 'Shift C',
            possible: some,
            run: () => {
                bench.placeTaken = desk.selectedBox;
                desk.say(`Copied the place ${bench.placeWords}`, 'note');
            },
        },
        pastePlace: {
            ...plain,
            words: 'Paste place',
            keys: 'Shift V',
            possible: () => some() && bench.placeTaken !== null,
            run: () => {
                const zero = desk.sheet?.zero ?? { x: 0, y: 0 };
                const taken = bench.placeTaken;
                const as = bench.placesEach ? 'each' : 'one';
                if (taken) void desk.run('place', { x: taken.x - zero.x, y: taken.y - zero.y, as });
            },
        },
        copyLook: { ...plain, words: 'Copy look', keys: 'y', possible: some, run: looks.copy },
        pasteLook: { ...plain, words: 'Paste look', keys: 'Shift Y', possible: () => looks.canPaste, run: looks.paste },
        showAll: {
            ...plain,
            words: 'Show everything hidden',
            keys: '',
            possible: () => flaggedAnywhere('hidden').length > 0,
            run: () => void desk.run('set', { hidden: false }, flaggedAnywhere('hidden')),
        },
        unlockAll: {
            ...plain,
            words: 'Unlock everything',
            keys: '',
            possible: () => flaggedAnywhere('locked').length > 0,
            run: () => void desk.run('set', { locked: false }, flaggedAnywhere('locked')),
        },
        handOver: {
            ...plain,
            words: 'Hand over',
            keys: 'Ctrl Enter',
            possible: () => desk.sheet !== null,
            run: () =>
                void router.push({
                    name: 'hand-over',
                    params: { document: desk.document?.id, sheet: desk.sheet?.id },
                }),
        },
        undo: { words: 'Undo', keys: 'Ctrl Z', icon: '', possible: () => true, run: () => desk.travel('undo') },
        redo: { words: 'Redo', keys: 'Ctrl Shift Z', icon: '', possible: () => true, run: () => desk.travel('redo') },
        fit: {
            words: 'Fit the sheet',
            keys: '0',
            icon: '',
            possible: () => true,
            run: () => {
                if (!desk.sheet) return;
                view.fit(widths.extent ?? { x: 0, y: 0, w: desk.sheet.width, h: desk.sheet.height });
                view.fitted = true;
            },
        },
        fitSelection: {
            words: 'Fit what is selected',
            keys: 'f',
            icon: '',
            possible: some,
            run: () => {
                if (desk.selectedBox) view.fit(desk.selectedBox, 8, 80);
            },
        },
    } satisfies Record<string, Action>;

    return { actions };
}
