import type { Item } from '@/api/types';
import { is } from '@/sheet/kinds';
import { useView } from '@/stores/view';
import { nextTick } from 'vue';

/** Begins to write an item's words: where they stand if they stand in lines, else in their field in the Space well. */
export async function write(item: Item): Promise<void> {
    const view = useView();
    if (is(item, 'sets-lines')) {
        view.editing = { item: item.id, at: item.frame };
        return;
    }
    view.benchOpen = true;
    view.wellShown = 'space';
    await nextTick();
    const field = document.querySelector<HTMLInputElement>('.well.space input.words');
    field?.focus();
    field?.select();
}
