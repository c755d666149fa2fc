import { settled, whole } from '@/desk/geometry';
import { useDesk } from '@/stores/desk';
import { useView, type Drawn } from '@/stores/view';
import { focusStage } from './focus';

/** The usual sizes of things that are put without being drawn, px. */
const USUAL: Record<'box' | 'round' | 'line', { w: number; h: number }> = {
    box: { w: 160, h: 120 },
    round: { w: 120, h: 120 },
    line: { w: 200, h: 0 },
};

/** Puts a thing of its usual size at the middle of what is seen of the sheet, selected: for whoever has no pointer. */
export function usePlacing() {
    const desk = useDesk();
    const view = useView();

    return async (kind: Exclude<Drawn, 'slice'>): Promise<void> => {
        const { x, y, w, h } = view.visible;
        const middle = { x: x + w / 2, y: y + h / 2 };
        const size = kind === 'text' ? { w: 0, h: 0 } : USUAL[kind];
        const settle = desk.sheet?.whole_pixels ? whole : settled;
        const at = { x: settle(middle.x - size.w / 2), y: settle(middle.y - size.h / 2) };
        view.tool = 'select';
        focusStage();
        if (kind === 'text') view.editing = { item: null, at: { ...at, w: 0, h: 0 } };
        else if (kind === 'line') await desk.run('add-item', { kind, ...at, w: size.w }, []);
        else await desk.run('add-item', { kind, ...at, ...size }, []);
    };
}
