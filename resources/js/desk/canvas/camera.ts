import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { useWidths } from '@/stores/widths';
import { onBeforeUnmount, onMounted, watch, type Ref } from 'vue';

/** the sheet that is about to come onto the desk without being fitted anew */
let awaited: string | null = null;

/**
 * The next sheet is one that is shown beside this one: it comes onto the desk where it lies now.
 *
 * @param x where it lies, in px of this sheet
 */
export function keepCamera(sheet: string, x: number): void {
    const view = useView();
    awaited = sheet;
    view.fitted = false;
    shift = Math.round(x * view.zoom);
}

let shift = 0;

/** Whether the sheet comes from beside the last one, and stays where it was. */
function cameFromBeside(sheet: string): boolean {
    if (awaited !== sheet) return false;
    const view = useView();
    awaited = null;
    view.pan = { x: view.pan.x + shift, y: view.pan.y };
    return true;
}

/** Keeps the sheet fitted into the room that there is, as long as it was not moved. */
export function useCamera(plane: Ref<HTMLElement | null>): void {
    const desk = useDesk();
    const view = useView();
    const widths = useWidths();

    const observer = new ResizeObserver(([entry]) => {
        if (!entry) return;
        const first = view.size.w === 0;
        view.size = { w: Math.round(entry.contentRect.width), h: Math.round(entry.contentRect.height) };
        if (desk.sheet && (first || view.fitted)) fitSheet();
    });

    function fitSheet(): void {
        if (!desk.sheet) return;
        view.fit(widths.extent ?? { x: 0, y: 0, w: desk.sheet.width, h: desk.sheet.height });
        view.fitted = true;
    }
    watch(
        () => widths.others.size,
        () => view.fitted && fitSheet(),
    );

    watch(
        () => desk.sheet?.id,
        (id) => id && !cameFromBeside(id) && fitSheet(),
        { flush: 'post' },
    );

    onMounted(() => plane.value && observer.observe(plane.value));
    onBeforeUnmount(() => {
        observer.disconnect();
        view.size = { w: 0, h: 0 };
    });
}
