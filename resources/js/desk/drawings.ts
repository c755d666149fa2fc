import { api } from '@/api/client';
import type { Commands } from '@/api/commands.gen';
import type { Point } from '@/api/types';
import { rounded } from '@/sheet/geometry';
import { useDesk } from '@/stores/desk';
import { usePictures } from '@/stores/pictures';
import { useView } from '@/stores/view';

type Excerpt = Commands['paste']['file'];
type Read = { excerpt: Excerpt; width: number; height: number };

const GAP = 16;

/** Puts drawings in SVG on the sheet, as things that can be edited: several in rows, in one step. What was not taken over is said. */
export function useDrawings() {
    const desk = useDesk();
    const view = useView();
    const pictures = usePictures();

    async function put(drawings: { svg: Blob; name: string }[], at?: Point): Promise<void> {
        const read: Read[] = [];
        const said: string[] = [];
        const failed: string[] = [];
        for (const [done, { svg, name }] of drawings.entries()) {
            if (drawings.length > 1) pictures.under = { done, of: drawings.length, name };
            const of = drawings.length > 1 ? `${name}: ` : '';
            try {
                const answer = await api.readDrawing(svg, name);
                if (answer.excerpt) read.push({ ...answer, excerpt: answer.excerpt });
                else failed.push(`There is nothing to be seen in ${name || 'this SVG'}. ${answer.said}`.trim());
                if (answer.excerpt && answer.said) said.push(of + answer.said);
            } catch (error) {
                failed.push(`${name ? `${name}: ` : ''}${(error as Error).message}`);
            }
        }
        pictures.under = null;
        const to = at ?? view.middle;
        if (read.length > 0) {
            const file = inRows(read, desk.sheet?.unit_of_spacing ?? GAP);
            const done = await desk.run('paste', { file, at: { x: rounded(to.x), y: rounded(to.y) } }, []);
            if (!done) return;
        }
        if (failed.length > 0) desk.say(failed.join(' '), 'refused');
        else if (said.length > 0) desk.say(`${desk.status.text}. ${said.join(' ')}`, 'note');
    }

    return { put };
}

/** As many rows as columns, each drawing in the middle of a place that the largest of them fits into. */
function inRows(read: Read[], gap: number): Excerpt {
    const across = Math.ceil(Math.sqrt(read.length));
    const width = Math.max(...read.map((one) => one.width)) + gap;
    const height = Math.max(...read.map((one) => one.height)) + gap;
    const items = read.flatMap(({ excerpt, width: w, height: h }, i) => {
        const dx = (i % across) * width + (width - gap - w) / 2;
        const dy = Math.floor(i / across) * height + (height - gap - h) / 2;
        return excerpt.items.map((item) => ({
            ...item,
            id: `${i}-${item.id}`,
            parent: item.parent ? `${i}-${item.parent}` : null,
            frame: item.parent ? item.frame : { ...item.frame, x: item.frame.x + dx, y: item.frame.y + dy },
        }));
    });
    return { ...(read[0] as Read).excerpt, items: items as Excerpt['items'] };
}
