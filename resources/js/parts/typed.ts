import { ref } from 'vue';
import { focusStage } from './focus';

/** What is typed into a field until it is kept or given back: null while the field shows what it stands for. */
export function useTyped() {
    const text = ref<string | null>(null);
    const wrong = ref('');

    function type(typed: string | undefined): void {
        text.value = typed ?? '';
        wrong.value = '';
    }

    function giveBack(): void {
        text.value = null;
        wrong.value = '';
    }

    /** What Escape does: gives back what is typed; where nothing is, goes back to the sheet. */
    function leave(): void {
        if (text.value === null) focusStage();
        else giveBack();
    }

    return { text, wrong, type, giveBack, leave };
}

/** Enter keeps what is typed, Escape gives it back or leaves, up and down step by 1, with Shift by 10. */
export function onFieldKey(
    event: KeyboardEvent,
    { keep, leave, step }: { keep: () => void; leave: () => void; step?: (by: number) => void },
): void {
    if (event.key === 'Enter') keep();
    else if (event.key === 'Escape') {
        event.stopPropagation();
        leave();
    } else if (step && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
        event.preventDefault();
        step((event.key === 'ArrowUp' ? 1 : -1) * (event.shiftKey ? 10 : 1));
    }
}
