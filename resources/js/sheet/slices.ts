import { COMMAND_TRAITS, type Commands } from '@/api/commands.gen';
import type { Box, Item, Point, Slice } from '@/api/types';

/** px of the screen beside the edge of a slice within which it is taken hold of. */
const GRASP = 4;
/** px of the screen: of a tag, of one of its letters, and of a slice that is large enough for one. */
const TAG = { h: 15, letter: 6.4, air: 12, leastW: 64, leastH: 44 };

/** A slice as something that is arranged: a plain box on the sheet. */
export function asItem(slice: Slice): Item {
    const box = { x: slice.x, y: slice.y, w: slice.w, h: slice.h };
    return {
        id: slice.id,
        kind: 'slice',
        name: slice.name,
        parent: null,
        order: 0,
        frame: box,
        angle: 0,
        bounds: box,
        ink: box,
        locked: false,
        hidden: false,
        reference: false,
        flip: 'none',
        fields: {},
    };
}

/** What is sent for a command: of slices or points, when no item is meant, the command that arranges them by it. */
export function addressed(
    command: keyof Commands,
    params: unknown,
    items: string[],
    { slices, points }: { slices: string[]; points: string[] },
) {
    const arranges = (COMMAND_TRAITS['arranges-boxes'] as readonly string[]).includes(command);
    if (items.length > 0 || !arranges) return { command, items, params };
    if (points.length > 0)
        return { command: 'arrange-points' as const, items: [], params: { points, command, params } };
    return slices.length > 0
        ? { command: 'arrange-slices' as const, items: [], params: { slices, command, params } }
        : { command, items, params };
}

/** The slice whose edge or tag lies under a point, the one in front of several. */
export function sliceAt(slices: Slice[], at: Point, zoom: number): Slice | undefined {
    const near = GRASP / zoom;
    return [...slices].reverse().find((slice) => {
        const inside = grown(slice, near, at);
        const within = slice.w > 2 * near && slice.h > 2 * near && grown(slice, -near, at);
        return (inside && !within) || onTag(slice, at, zoom);
    });
}

function grown(box: Box, by: number, at: Point): boolean {
    return at.x > box.x - by && at.x < box.x + box.w + by && at.y > box.y - by && at.y < box.y + box.h + by;
}

/** What stands on a slice's tag, as far as it fits; nothing where the tag would hide what is cut. */
export function tagOf(slice: Slice, zoom: number): string {
    const [w, h] = [slice.w * zoom, slice.h * zoom];
    const name = slice.name.split('/').pop() ?? '';
    return w > TAG.leastW && h > TAG.leastH ? name.slice(0, Math.max(1, Math.floor((w - TAG.air) / TAG.letter))) : '';
}

export const tagWidth = (tag: string) => tag.length * TAG.letter + TAG.air;

/** The tag stands in the lower right corner. */
function onTag(slice: Slice, at: Point, zoom: number): boolean {
    const tag = tagOf(slice, zoom);
    if (!tag) return false;
    const [right, bottom] = [slice.x + slice.w, slice.y + slice.h];
    return at.x > right - tagWidth(tag) / zoom && at.x < right && at.y > bottom - TAG.h / zoom && at.y < bottom;
}
