/**
 * Follows the pointer from a press until it is let go, wherever it goes; Escape, or the browser taking the pointer, calls it off.
 *
 * @param ended with null when it was called off
 */
export function followPointer(move: (event: PointerEvent) => void, ended: (event: PointerEvent | null) => void): void {
    const end = (event: PointerEvent | null) => {
        window.removeEventListener('pointermove', move);
        window.removeEventListener('pointerup', end);
        window.removeEventListener('pointercancel', callOff);
        window.removeEventListener('keydown', onKey, true);
        ended(event);
    };
    const callOff = () => end(null);
    const onKey = (event: KeyboardEvent) => {
        if (event.key !== 'Escape') return;
        event.stopPropagation();
        callOff();
    };
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', end);
    window.addEventListener('pointercancel', callOff);
    window.addEventListener('keydown', onKey, true);
}
