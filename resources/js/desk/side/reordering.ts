import type { Item } from '@/api/types';
import { useDesk } from '@/stores/desk';
import { ref, type Ref } from 'vue';

/** Dragging rows of Contents among their siblings. Rows stand front to back, ranks run back to front. */
export function useReordering(rows: Ref<{ item: Item }[]>, height: number) {
    const desk = useDesk();
    const dragged = ref<Item | null>(null);
    /** the row above whose upper edge the dragged one would come to lie; null for the end of the siblings */
    const before = ref<string | null>(null);
    let target: Item | null = null;
    let below = false;

    function start(event: DragEvent, item: Item): void {
        dragged.value = item;
        event.dataTransfer?.setData('text/plain', item.name);
        if (event.dataTransfer) event.dataTransfer.effectAllowed = 'move';
    }

    function over(event: DragEvent, item: Item): void {
        const sibling = dragged.value ? desk.tree.childOf(dragged.value.parent, item.id) : undefined;
        if (!sibling || !dragged.value) return;
        event.preventDefault();
        target = sibling;
        below = sibling.id === item.id && event.offsetY > height / 2;
        const siblings = [...desk.tree.children(sibling.parent)].reverse();
        const index = siblings.indexOf(sibling) + (below ? 1 : 0);
        const last = rows.value.at(-1)?.item.id ?? null;
        before.value = siblings[index]?.id ?? last;
    }

    function drop(event: DragEvent): void {
        event.preventDefault();
        const item = dragged.value;
        if (item && target && target.id !== item.id) {
            const moving = desk.selection.includes(item.id)
                ? desk.selection.filter((id) => desk.items.get(id)?.parent === item.parent)
                : [item.id];
            const others = desk.tree.children(item.parent).filter((sibling) => !moving.includes(sibling.id));
            const at = others.findIndex((sibling) => sibling.id === target?.id);
            if (at >= 0) void desk.run('order', { to: below ? at : at + 1 }, moving);
        }
        end();
    }

    function end(): void {
        dragged.value = null;
        before.value = null;
        target = null;
    }

    return { start, over, drop, end, mark: (id: string) => dragged.value !== null && before.value === id };
}
