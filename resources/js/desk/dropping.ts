import type { Item, Point } from '@/api/types';
import { focusStage } from '@/parts/focus';
import { rounded } from '@/sheet/geometry';
import { itemsAt } from '@/sheet/hit';
import { is } from '@/sheet/kinds';
import { keyFrom } from '@/sheet/pictures';
import { useDesk } from '@/stores/desk';
import { useTable } from '@/stores/table';
import { useView } from '@/stores/view';
import { onBeforeUnmount, onMounted } from 'vue';
import { useDrawings } from './drawings';
import { isDrawing, isPictureFile, usePicturePlacing } from './pictures';
import { usePutting } from './putting';
import { isTokenFile, useTokens } from './tokens';

/** Lists of values, by their type or name. */
const isList = (file: File) =>
    /\.(csv|tsv|tab|txt)$/i.test(file.name) || /^text\/(csv|tab-separated-values|plain)$/.test(file.type);

/** Files, and pictures of other documents, that are dropped on the desk or pasted. On a picture, one takes its place. */
export function useDropping() {
    const desk = useDesk();
    const view = useView();
    const placing = usePicturePlacing();
    const putting = usePutting();
    const tokens = useTokens();
    const drawn = useDrawings();
    const table = useTable();

    const plane = () => document.querySelector<HTMLElement>('.plane');

    function onSheet(event: DragEvent): Point {
        const box = plane()?.getBoundingClientRect();
        return view.toSheet({ x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) });
    }

    const carries = (event: DragEvent) =>
        putting.isDragged(event) || ['Files', 'text/uri-list'].some((type) => event.dataTransfer?.types.includes(type));

    const isHere = (event: DragEvent) => event.target instanceof Node && plane()?.contains(event.target) === true;

    /** The frame that the pointer is over, however deep in groups. */
    function frameAt(at: Point): Item | undefined {
        const [first] = itemsAt(desk.tree, at, 1 / view.zoom, null, null);
        return first && is(first, 'has-picture') ? first : undefined;
    }

    function over(event: DragEvent): void {
        if (!carries(event)) return;
        event.preventDefault();
        if (!event.dataTransfer) return;
        event.dataTransfer.dropEffect = isHere(event) ? 'copy' : 'none';
        view.hovered = isHere(event) ? (frameAt(onSheet(event))?.id ?? null) : null;
    }

    function drop(event: DragEvent): void {
        if (!carries(event)) return;
        event.preventDefault();
        view.hovered = null;
        if (!isHere(event) || !event.dataTransfer) return;
        const at = onSheet(event);
        const frame = frameAt(at);
        const put = putting.dragged(event);
        if (put) {
            focusStage();
            void putting.put(put, { x: rounded(at.x), y: rounded(at.y) }, frame);
            return;
        }
        void take(event.dataTransfer, frame ? [frame] : [], at);
    }

    /** @returns whether there was something that can be taken */
    async function take(from: DataTransfer, into: Item[], at?: Point): Promise<boolean> {
        const files = [...from.files];
        const drawings = files.filter(isDrawing);
        const known = files.filter((file) => isPictureFile(file) && !isDrawing(file));
        const link = keyFrom(from.getData('text/uri-list') || from.getData('text/html') || from.getData('text/plain'));
        if (files.length === 0 && link) {
            await placing.show([{ picture: link, name: 'Picture' }], into, at);
            return true;
        }
        if (files.length === 0) return false;
        if (drawings.length > 0)
            await drawn.put(
                drawings.map((file) => ({ svg: file, name: file.name })),
                at,
            );
        for (const file of files.filter(isTokenFile)) await tokens.take(file);
        const [list] = files.filter(isList);
        if (list) await table.recognise(list, list.name);
        const other = files.find(
            (file) => !known.includes(file) && !drawings.includes(file) && !isTokenFile(file) && !isList(file),
        );
        if (other)
            desk.say(
                `${other.name} is nothing that can be used here. PNG, JPEG, WebP and SVG can, and lists in CSV.`,
                'refused',
            );
        if (known.length > 0) await placing.bringAndShow(known, into, at);
        return true;
    }

    onMounted(() => {
        document.addEventListener('dragover', over);
        document.addEventListener('drop', drop);
    });
    onBeforeUnmount(() => {
        document.removeEventListener('dragover', over);
        document.removeEventListener('drop', drop);
    });

    return { take };
}
