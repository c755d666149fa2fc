import { api } from '@/api/client';
import type { Colour, Point } from '@/api/types';
import { itemsAt } from '@/sheet/hit';
import { hexOf } from '@/sheet/looks';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { ref } from 'vue';

/** How long the pointer rests before the colour under it is asked for. */
const REST = 60;

/** The colour that is read at the pointer, in figures; null off the sheet and where it is clear. */
export const colourRead = ref<string | null>(null);

/** Reads the colour that is painted at a point of the sheet, and gives it to what is selected. */
export function useColourAt() {
    const desk = useDesk();
    const view = useView();
    let timer: ReturnType<typeof setTimeout> | undefined;
    let last = 0;

    async function at(point: Point): Promise<string | null> {
        const sheet = desk.sheet;
        if (!sheet || point.x < 0 || point.y < 0 || point.x > sheet.width || point.y > sheet.height) return null;
        const mine = ++last;
        const path = `sheets/${sheet.id}/colour?x=${point.x}&y=${point.y}`;
        const answer = await api.look<{ colour: string | null }>(path).catch(() => ({ colour: null }));
        if (mine === last) colourRead.value = answer.colour;
        return answer.colour;
    }

    function hover(point: Point): void {
        clearTimeout(timer);
        timer = setTimeout(() => void at(point), REST);
    }

    /** A click gives it to the fill, with Shift to the outline; with nothing selected it is only said. */
    async function take(point: Point, asOutline: boolean): Promise<void> {
        clearTimeout(timer);
        const chosen = desk.selection;
        const read = await at(point);
        const colour = read === null ? null : swatchAt(point, read);
        view.tool = 'select';
        colourRead.value = null;
        if (colour === null) desk.say('There is no colour at that point.', 'note');
        else if (chosen.length === 0) desk.say(`The colour there is ${read}`, 'note');
        else if (!asOutline) void desk.run('set', { fill: colour }, chosen);
        else {
            const before = desk.selected.find((item) => item.fields.outline)?.fields.outline ?? { weight: 1 };
            void desk.run('set', { outline: { ...before, colour } }, chosen);
        }
    }

    /** The swatch that gives a thing there that colour; else the colour itself. */
    function swatchAt(point: Point, read: string): Colour {
        for (const { fields } of itemsAt(desk.tree, point, 1 / view.zoom)) {
            for (const colour of [fields.fill, fields.outline?.colour]) {
                if (colour && typeof colour === 'object' && 'swatch' in colour && hexOf(colour, desk.swatches) === read)
                    return colour;
            }
        }
        return read;
    }

    return { hover, take };
}
