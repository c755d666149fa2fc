import type { Box, Point } from '@/api/types';
import type { DrawnKind } from '@/sheet/kinds';
import { boxBetween, figure, rounded } from '@/sheet/geometry';
import { beginSnapping, point } from '@/desk/snap/snapper';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { drawnIn } from '@/sheet/trays';
import { DRAG, ghost, type Gesture } from './gesture';

const STEP = 15;

/** Draws a new item by dragging, from a corner that snaps to one that does. Shift makes squares, circles, and lines in steps of 15 degrees. */
export function drawGesture(drawn: DrawnKind | 'slice', start: Point): Gesture {
    const shape = drawn === 'slice' ? 'frame' : drawn.tool.ghost;
    const desk = useDesk();
    const view = useView();
    const units = useUnits();
    const isWhole = desk.sheet?.whole_pixels ?? false;
    const snapping = beginSnapping({ mode: 'draw' }, point({ x: 0, y: 0 }, isWhole));
    let from = snapping.at(start, false, false);
    let to: Point | null = null;
    let begun = false;

    return {
        move(at, keys) {
            if (!to && Math.hypot(at.x - start.x, at.y - start.y) * view.zoom < DRAG) return;
            // The first corner snaps as soon as it is known what to, also where the pointer has gone on meanwhile.
            if (!begun) from = snapping.at(start, keys.ctrl, false);
            begun = snapping.isKnown();
            const end = snapping.at(at, keys.ctrl || keys.shift, (corner) => boxBetween(from, corner));
            to = keys.shift ? regular(end) : end;
            const box = boxBetween(from, to);
            ghost.value =
                shape === 'line'
                    ? { shape, box, from, to, label: `${units.text(length())} long, ${figure(angle())}°` }
                    : {
                          shape: shape === 'ellipse' ? shape : 'frame',
                          box,
                          label: units.boxText(box),
                      };
        },
        end() {
            ghost.value = null;
            snapping.end();
            view.tool = 'select';
            if (shape === 'typed') {
                view.editing = { item: null, at: to ? boxBetween(from, to) : { ...from, w: 0, h: 0 } };
            } else if (shape === 'line') {
                if (to) drawLine();
            } else if (to) {
                const box = boxBetween(from, to);
                if (drawn === 'slice') void desk.run('add-slice', { ...box }, []);
                else void desk.run('add-item', { kind: drawn.name, ...box, ...drawnIn(desk.tree, start, box) }, []);
            } else {
                desk.say('Drag from corner to corner to draw.', 'note');
                if (drawn === 'slice') view.tool = drawn;
                else view.draw(drawn);
            }
        },
        cancel() {
            ghost.value = null;
            snapping.end();
            view.tool = 'select';
        },
    };

    function length(): number {
        return to ? rounded(Math.hypot(to.x - from.x, to.y - from.y)) : 0;
    }

    function angle(): number {
        return to ? rounded((Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI) : 0;
    }

    /** A line's frame lies about its middle, before it is turned. */
    function drawLine(): void {
        if (!to) return;
        const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
        const w = length();
        const at = { x: rounded(middle.x - w / 2), y: middle.y };
        if (drawn !== 'slice')
            void desk.run(
                'add-item',
                { kind: drawn.name, ...at, w, angle: angle(), ...drawnIn(desk.tree, start, at) },
                [],
            );
    }

    function regular(end: Point): Point {
        const [dx, dy] = [end.x - from.x, end.y - from.y];
        if (shape !== 'line') {
            const side: Box['w'] = Math.max(Math.abs(dx), Math.abs(dy));
            return { x: from.x + Math.sign(dx || 1) * side, y: from.y + Math.sign(dy || 1) * side };
        }
        const turn = (Math.round((Math.atan2(dy, dx) * 180) / Math.PI / STEP) * STEP * Math.PI) / 180;
        const far = Math.hypot(dx, dy);
        return { x: rounded(from.x + far * Math.cos(turn)), y: rounded(from.y + far * Math.sin(turn)) };
    }
}
