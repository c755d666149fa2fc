import { api } from '@/api/client';
import type { Commands } from '@/api/commands.gen';
import type { Icon } from '@/api/kits';
import type { Item, Point } from '@/api/types';
import { rounded } from '@/sheet/geometry';
import { is } from '@/sheet/kinds';
import { useDesk } from '@/stores/desk';
import { usePictures } from '@/stores/pictures';
import { useView } from '@/stores/view';
import { shallowRef } from 'vue';
import { usePicturePlacing } from './pictures';

/** What is dragged from the panel of kits onto the sheet. */
export type Dragged =
    | { put: 'kit'; kit: string }
    | { put: 'kept'; kit: string }
    | { put: 'icons'; icons: Icon[]; how: IconWish }
    | { put: 'picture'; picture: string; name: string };

/** How large icons are, and how heavy their lines, as it was typed. */
export interface IconWish {
    size?: string;
    weight?: number;
}

const TYPE = 'application/x-allsquare-put';

/** What was put on the sheet last: the next one stands beside it, and does not take its place. */
const justPut = shallowRef<readonly string[]>([]);

/** Puts kits, icons and pictures of the library on the sheet: at a point, or at the middle of what is seen. */
export function usePutting() {
    const desk = useDesk();
    const view = useView();
    const pictures = usePictures();
    const placing = usePicturePlacing();

    const middle = (): Point => ({ x: rounded(view.middle.x), y: rounded(view.middle.y) });

    /** What icons come into the middle of: the closed shapes that are selected. */
    const grounds = (): Item[] =>
        desk.selected.filter((item) => is(item, 'closed') && !is(item, 'has-points') && !desk.tree.isLocked(item.id));

    const drag = (event: DragEvent, what: Dragged): void => {
        event.dataTransfer?.setData(TYPE, JSON.stringify(what));
        if (event.dataTransfer) event.dataTransfer.effectAllowed = 'copy';
    };

    const isDragged = (event: DragEvent): boolean => event.dataTransfer?.types.includes(TYPE) === true;

    const dragged = (event: DragEvent): Dragged | null => {
        const text = event.dataTransfer?.getData(TYPE);
        return text ? (JSON.parse(text) as Dragged) : null;
    };

    /** @param at the point that it was dropped on; without one, where there is room for it in what is seen */
    async function put(what: Dragged, at?: Point, frame?: Item): Promise<void> {
        try {
            if (what.put === 'kit') await desk.run('add-kit', { kit: what.kit, ...(at ?? middle()) }, []);
            else if (what.put === 'kept') await putKept(what.kit, at ?? middle());
            else if (what.put === 'icons') await putIcons(what, at);
            else await putPicture(what, at, frame);
        } catch (error) {
            desk.say((error as Error).message, 'refused');
        }
    }

    /** One that another document keeps. */
    async function putKept(kit: string, at: Point): Promise<void> {
        const { file } = await api.kit(kit);
        await desk.run('paste', { file, at }, []);
    }

    async function putIcons({ icons, how }: { icons: Icon[]; how: IconWish }, at?: Point): Promise<void> {
        const params = { icons, ...how } as Commands['add-icons'];
        const into = at ? [] : grounds();
        if (into.length > 0)
            await desk.run(
                'add-icons',
                params,
                into.map(({ id }) => id),
            );
        else await desk.run('add-icons', { ...params, at: at ?? middle() }, []);
    }

    /** What a picture comes into: the frames that are selected, except where they were put there just now. */
    const frames = (): Item[] => placing.frames().filter((item) => !justPut.value.includes(item.id));

    async function putPicture(what: { picture: string; name: string }, at?: Point, frame?: Item): Promise<void> {
        const taken = await pictures.take(what.picture, what.name);
        const into = frame ? [frame] : at ? [] : frames();
        if (!taken) return;
        await placing.show([taken], into, at);
        if (into.length === 0) justPut.value = desk.selection;
    }

    return { put, grounds, frames, drag, isDragged, dragged };
}
