import type { Commands } from '@/api/commands.gen';
import type { Item, Point } from '@/api/types';
import { applied, inverse } from '@/sheet/geometry';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { closeUp, ghost, way, type Gesture } from './gesture';
import { gapsIn } from '../railGaps';

/**
 * Drags a gap of a rail: that one alone, or with Shift all of them. What follows it goes along.
 *
 * @param rail that it is a gap of
 * @param next what lies behind it
 */
export function gapGesture(start: Point, rail: Item, next: string): Gesture {
    const desk = useDesk();
    const units = useUnits();
    const isRow = rail.fields.rail?.direction === 'row';
    const own = (at: Point) => applied(inverse(desk.tree.toSheet(rail.id)), at)[isRow ? 'x' : 'y'];
    const gaps = gapsIn(desk.tree, rail);
    const place = gaps.findIndex((gap) => gap.next === next);
    const before = desk.items.get(next)?.fields.berth?.before ?? 0;
    const gap = rail.fields.rail?.gap ?? 0;
    let by = 0;

    return {
        move(at, keys) {
            const far = own(at) - own(start);
            by = desk.sheet?.whole_pixels ? Math.round(far) : Math.round(far * 1000) / 1000;
            const lengths = gaps.map((one, i) => ({ one, by: keys.shift ? by * (i + 1) : i < place ? 0 : by }));
            const slid = lengths.filter(({ by: length }) => length !== 0);
            if (slid.length === 0) closeUp();
            else
                way.value = new Map(
                    slid.map(({ one, by: length }) => [one.next, isRow ? { x: length, y: 0 } : { x: 0, y: length }]),
                );
            const box = gaps[place]?.box;
            const length = gap + by + (keys.shift ? 0 : before);
            if (box)
                ghost.value = { shape: 'band', box, label: `${units.text(length)}${keys.shift ? '  every gap' : ''}` };
        },
        end(keys) {
            ghost.value = null;
            if (by === 0) {
                closeUp();
                return;
            }
            const done = keys.shift
                ? desk.run('set-rail', { gap: gap + by } as Commands['set-rail'], [rail.id])
                : desk.run('set-berth', { before: before + by }, [next]);
            void done.finally(closeUp);
        },
        cancel() {
            ghost.value = null;
            closeUp();
        },
    };
}
