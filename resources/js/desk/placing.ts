import { rounded, whole } from '@/sheet/geometry';
import { is, type DrawnKind } from '@/sheet/kinds';
import { focusStage } from '@/parts/focus';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';

/** Puts a thing of its usual size at the middle of what is seen of the sheet, selected: for whoever has no pointer. */
export function usePlacing() {
    const desk = useDesk();
    const view = useView();

    return async (kind: DrawnKind): Promise<void> => {
        const { x, y, w, h } = view.visible;
        const middle = { x: x + w / 2, y: y + h / 2 };
        const { width, height, ghost } = kind.tool;
        const kept = desk.sheet?.whole_pixels ? whole : rounded;
        const at = { x: kept(middle.x - width / 2), y: kept(middle.y - height / 2) };
        view.tool = 'select';
        view.drawn = kind;
        focusStage();
        if (ghost === 'typed') view.editing = { item: null, at: { ...at, w: 0, h: 0 } };
        else if (is({ kind: kind.name }, 'flat')) await desk.run('add-item', { kind: kind.name, ...at, w: width }, []);
        else await desk.run('add-item', { kind: kind.name, ...at, w: width, h: height }, []);
    };
}
