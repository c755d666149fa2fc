import { ref, type Ref } from 'vue';

/**
 * One stop of the Tab key for many buttons side by side, among which the arrows move: the next and the one before, and by what is
 * seen above and below.
 */
export function useRoving(container: Ref<HTMLElement | null>) {
    /** the place of the button that Tab comes to */
    const at = ref(0);

    const cells = () => [...(container.value?.querySelectorAll<HTMLElement>('[data-cell]') ?? [])];

    function to(event: KeyboardEvent): void {
        const all = cells();
        const from = all.indexOf(document.activeElement as HTMLElement);
        const here = all[from];
        if (!here) return;
        const next = {
            ArrowRight: from + 1,
            ArrowLeft: from - 1,
            ArrowDown: beyond(all, from, 1),
            ArrowUp: beyond(all, from, -1),
            Home: 0,
            End: all.length - 1,
        }[event.key];
        if (next === undefined) return;
        event.preventDefault();
        event.stopPropagation();
        all[next]?.focus();
    }

    /** The one in the next row that lies most nearly above or below. */
    function beyond(all: HTMLElement[], from: number, step: 1 | -1): number {
        const here = all[from]?.getBoundingClientRect();
        let best = -1;
        if (!here) return best;
        for (let i = from + step; i >= 0 && i < all.length; i += step) {
            const box = all[i]!.getBoundingClientRect();
            if (Math.abs(box.top - here.top) < 2) continue;
            const held = best < 0 ? null : all[best]!.getBoundingClientRect();
            if (held && Math.abs(held.top - box.top) > 2) break;
            if (!held || Math.abs(box.left - here.left) < Math.abs(held.left - here.left)) best = i;
        }
        return best;
    }

    function focused(event: FocusEvent): void {
        const i = cells().indexOf(event.target as HTMLElement);
        if (i >= 0) at.value = i;
    }

    return { at, to, focused };
}
