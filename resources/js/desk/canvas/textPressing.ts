import { followPointer } from '@/parts/dragging';
import { paragraphRound, wordRound } from '@/sheet/writing';
import { useWriting } from '@/stores/writing';

const SOON = 400;

/**
 * Selecting letters with the pointer: a press sets the caret, a second one takes the word, a third the paragraph; dragged, it
 * selects, and with Shift it goes on from where the selection begins.
 *
 * @param pointed the place between two letters that is nearest to the pointer
 */
export function useTextPressing(
    pointed: (event: PointerEvent) => number,
    mark: (from: number, to: number, backwards: boolean) => void,
) {
    const writing = useWriting();
    let presses = 0;
    let last = -SOON;

    const rounds: ((at: number) => [number, number])[] = [
        (at) => [at, at],
        (at) => wordRound(writing.words, at),
        (at) => paragraphRound(writing.words, at),
    ];

    return (event: PointerEvent): void => {
        if (event.button !== 0) return;
        event.preventDefault();
        event.stopPropagation();
        presses = event.timeStamp - last < SOON ? presses + 1 : 1;
        last = event.timeStamp;
        const round = rounds[Math.min(presses, rounds.length) - 1] ?? ((at) => [at, at]);
        const goesOn = event.shiftKey && presses === 1;
        const begun = goesOn ? [writing.selected[0], writing.selected[0]] : round(pointed(event));
        const [begin, end] = [begun[0] ?? 0, begun[1] ?? 0];
        const extend = (to: PointerEvent) => {
            const [from, behind] = round(pointed(to));
            mark(Math.min(begin, from), Math.max(end, behind), from < begin);
        };
        extend(event);
        followPointer(extend, () => undefined);
    };
}
