import type { Point } from '@/api/types';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { ghost, type Gesture } from './gesture';

/** Fits what is selected to the part of the grid that the pointer is dragged over. */
export function fitGesture(start: Point): Gesture {
    const desk = useDesk();
    const view = useView();
    let spans: { columns?: [number, number]; rows?: [number, number] } | null = null;

    function over(axis: 'x' | 'y', at: Point): { range: [number, number]; from: number; to: number } | null {
        const edges = desk.sheet?.grid.spans[axis] ?? [];
        if (edges.length === 0) return null;
        const near = (place: number) => {
            const past = edges.findIndex(([, end]) => place <= end);
            return past < 0 ? edges.length - 1 : past;
        };
        const [a, b] = [near(start[axis]), near(at[axis])].sort((one, two) => one - two) as [number, number];
        return { range: [a + 1, b + 1], from: edges[a]?.[0] ?? 0, to: edges[b]?.[1] ?? 0 };
    }

    return {
        move(at) {
            const [x, y] = [over('x', at), over('y', at)];
            const box = desk.selectedBox ?? { x: 0, y: 0, w: 0, h: 0 };
            spans = { ...(x ? { columns: x.range } : {}), ...(y ? { rows: y.range } : {}) };
            const said = (what: string, range?: [number, number]) =>
                range ? `${what} ${range[0] === range[1] ? range[0] : `${range[0]}-${range[1]}`}` : '';
            ghost.value = {
                shape: 'frame',
                box: {
                    x: x?.from ?? box.x,
                    w: x ? x.to - x.from : box.w,
                    y: y?.from ?? box.y,
                    h: y ? y.to - y.from : box.h,
                },
                label: [said('columns', x?.range), said('rows', y?.range)].filter(Boolean).join(', '),
            };
        },
        end() {
            ghost.value = null;
            view.tool = 'select';
            if (spans && (spans.columns || spans.rows)) void desk.run('fit-to-grid', spans);
            else desk.say('Drag over the columns and rows that it is to fill.', 'note');
        },
        cancel() {
            ghost.value = null;
            view.tool = 'select';
        },
    };
}
