import { is } from '@/sheet/kinds';
import type { Item } from '@/api/types';
import { useDesk } from '@/stores/desk';
import { shallowRef } from 'vue';

export type Mark = 'above' | 'below' | 'into';

/** The part of a group's row, at its top and bottom, that means beside it rather than into it. */
const EDGE = 0.28;

/** Dragging rows of Contents: among their siblings, into groups, and out of them. Rows stand front to back, ranks run back to front. */
export function useReordering(height: number) {
    const desk = useDesk();
    const dragged = shallowRef<string[]>([]);
    const target = shallowRef<{ item: Item; mark: Mark } | null>(null);

    function start(event: DragEvent, item: Item): void {
        const all = desk.selection.includes(item.id) ? desk.selection : [item.id];
        dragged.value = all.filter((id) => !desk.tree.ancestors(id).some((group) => all.includes(group.id)));
        event.dataTransfer?.setData('text/plain', item.name);
        if (event.dataTransfer) event.dataTransfer.effectAllowed = 'move';
    }

    function over(event: DragEvent, item: Item): void {
        const inItself = [item, ...desk.tree.ancestors(item.id)].some((one) => dragged.value.includes(one.id));
        if (dragged.value.length === 0 || inItself) {
            target.value = null;
            return;
        }
        event.preventDefault();
        const row = (event.currentTarget as HTMLElement).getBoundingClientRect();
        const along = (event.clientY - row.top) / height;
        const edge = is(item, 'holds-items') ? EDGE : 0.5;
        target.value = { item, mark: along < edge ? 'above' : along > 1 - edge ? 'below' : 'into' };
    }

    function drop(event: DragEvent): void {
        event.preventDefault();
        const place = target.value;
        const moving = dragged.value;
        end();
        if (!place) return;
        const parent = place.mark === 'into' ? place.item.id : place.item.parent;
        const others = desk.tree.children(parent).filter((sibling) => !moving.includes(sibling.id));
        const at = others.findIndex((sibling) => sibling.id === place.item.id);
        const index = place.mark === 'into' ? others.length : place.mark === 'above' ? at + 1 : at;
        const amongSiblings = moving.every((id) => desk.items.get(id)?.parent === parent);
        void (amongSiblings
            ? desk.run('order', { to: index }, moving)
            : desk.run('move-into', { parent, index }, moving));
    }

    function end(): void {
        dragged.value = [];
        target.value = null;
    }

    return {
        start,
        over,
        drop,
        end,
        mark: (id: string) => (target.value?.item.id === id ? target.value.mark : null),
    };
}
