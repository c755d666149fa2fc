import type { Commands } from '@/api/commands.gen';
import type { Item } from '@/api/types';
import { applied, rounded } from '@/sheet/geometry';
import { withTodaysColours } from '@/sheet/looks';
import { keyFrom } from '@/sheet/pictures';
import { counted } from '@/sheet/words';
import { useDesk } from '@/stores/desk';
import { useTable } from '@/stores/table';
import { useView } from '@/stores/view';
import { onBeforeUnmount, onMounted } from 'vue';
import { useDrawings } from './drawings';
import { useDropping } from './dropping';
import { usePicturePlacing } from './pictures';

type File = Commands['paste']['file'];
type Cut = File['items'][number];

/** What the sheet says besides what an excerpt keeps. */
const LEFT_OUT = ['order', 'bounds', 'ink', 'painted', 'locked', 'painting'] as const;

/** A drawing in SVG, with what may stand before it. */
const DRAWING = /^\s*(<\?xml[^>]*>\s*)?(<!--[\s\S]*?-->\s*)*(<!DOCTYPE[^>]*>\s*)?<svg[\s>]/;

/** A list of values: two at least, apart by tabs, commas or semicolons, or in several lines. */
const LIST = /\t|\S[,;|]|\S[\r\n]+\S/;

/** Copy, cut and paste as the browser asks for them, between sheets, documents and windows. */
export function useClipboard() {
    const desk = useDesk();
    const view = useView();
    const dropping = useDropping();
    const placing = usePicturePlacing();
    const drawn = useDrawings();
    const table = useTable();

    function excerpt(): File | null {
        const chosen = new Set(desk.selection);
        const roots = (desk.selection.length > 0 ? desk.selected : []).filter(
            (item) => !desk.tree.ancestors(item.id).some((group) => chosen.has(group.id)),
        );
        const order = new Map([...desk.items.keys()].map((id, i) => [id, i]));
        const items = roots
            .sort((a, b) => (order.get(a.id) ?? 0) - (order.get(b.id) ?? 0))
            .flatMap((root) => [onSheet(root), ...inside(root.id)]);
        return items.length ? { format: 'allsquare-excerpt', version: 2, items: items as File['items'] } : null;
    }

    function inside(id: string): Cut[] {
        return desk.tree.children(id).flatMap((child) => [stripped(child), ...inside(child.id)]);
    }

    /** In the space of the sheet, whatever group it lies in. */
    function onSheet(item: Item): Cut {
        if (item.parent === null) return stripped(item);
        const placement = desk.tree.toSheet(item.parent);
        const { x, y, w, h } = item.frame;
        const centre = applied(placement, { x: x + w / 2, y: y + h / 2 });
        const frame = { x: rounded(centre.x - w / 2), y: rounded(centre.y - h / 2), w, h };
        return { ...stripped(item), parent: null, frame, angle: item.angle + placement.angle };
    }

    function stripped(item: Item): Cut {
        const cut: Record<string, unknown> = { ...item, fields: withTodaysColours(item.fields, desk.swatches) };
        LEFT_OUT.forEach((name) => delete cut[name]);
        return cut as unknown as Cut;
    }

    function put(event: ClipboardEvent): boolean {
        const file = isElsewhere(event) ? null : excerpt();
        if (!file || !event.clipboardData) return false;
        event.preventDefault();
        event.clipboardData.setData('text/plain', JSON.stringify(file));
        return true;
    }

    function copy(event: ClipboardEvent): void {
        if (put(event)) desk.say(`${counted(desk.selected)} on the clipboard`, 'note');
    }

    function cut(event: ClipboardEvent): void {
        if (put(event)) void desk.run('delete', {});
    }

    let atPlace = false;

    /** Ctrl V puts it where the pointer is, with Shift where it was. */
    function watchShift(event: KeyboardEvent): void {
        if (event.key.toLowerCase() === 'v') atPlace = event.shiftKey;
    }

    function paste(event: ClipboardEvent): void {
        if (isElsewhere(event)) return;
        const text = event.clipboardData?.getData('text/plain') ?? '';
        const hasFiles = (event.clipboardData?.files.length ?? 0) > 0;
        if (event.clipboardData && (hasFiles || (keyFrom(text) && !read(text)))) {
            event.preventDefault();
            const at = view.pointer ? view.toSheet(view.pointer) : undefined;
            void dropping.take(event.clipboardData, placing.frames(), at);
            return;
        }
        if (!text) return;
        event.preventDefault();
        if (DRAWING.test(text)) {
            void drawn.put(
                [{ svg: new Blob([text]), name: '' }],
                view.pointer ? view.toSheet(view.pointer) : undefined,
            );
            return;
        }
        const file = read(text);
        if (!file && LIST.test(text)) {
            void table.recognise(new Blob([text]), '', text.includes('\t') ? { separator: '\t' } : {});
            return;
        }
        if (!file) {
            desk.say(
                'What is on the clipboard was not copied from a sheet of this program, and is no list of values.',
                'refused',
            );
            return;
        }
        const at = !atPlace && view.pointer ? view.toSheet(view.pointer) : null;
        void desk.run('paste', at ? { file, at: { x: rounded(at.x), y: rounded(at.y) } } : { file }, []);
    }

    function read(text: string): File | null {
        try {
            const file = JSON.parse(text) as File;
            return file.format === 'allsquare-excerpt' ? file : null;
        } catch {
            return null;
        }
    }

    /** Fields keep their own copying and pasting. */
    function isElsewhere(event: ClipboardEvent): boolean {
        const target = event.target instanceof HTMLElement ? event.target : null;
        return target?.closest('input, textarea, [contenteditable=true], [role=dialog]') !== null && target !== null;
    }

    onMounted(() => {
        document.addEventListener('copy', copy);
        document.addEventListener('cut', cut);
        document.addEventListener('paste', paste);
        window.addEventListener('keydown', watchShift, true);
    });
    onBeforeUnmount(() => {
        document.removeEventListener('copy', copy);
        document.removeEventListener('cut', cut);
        document.removeEventListener('paste', paste);
        window.removeEventListener('keydown', watchShift, true);
    });
}
