import { nextTick, onBeforeUnmount, onMounted, onUnmounted } from 'vue';

/** Where someone may be in the middle of something that a press elsewhere must not end. */
export const OVER = '[role=dialog], [role=menu], [role=menubar], [role=listbox], .p-popover';

/** The sheet, where the single letters count. Every way of doing something ends here, unless it leads somewhere else. */
export function focusStage(): void {
    document.querySelector<HTMLElement>('.plane')?.focus({ preventScroll: true });
}

/** Whether the keys of the desk are meant: the sheet has the focus, or nothing has. */
export function isDesk(target: EventTarget | null): boolean {
    return target === document.body || (target instanceof Element && target.matches('.plane'));
}

/** What is written on the sheet, and what may be used beside it without ending that. */
export const WRITING = '.writing textarea';
export const BESIDE_WRITING = '.type-drawer, .p-select-overlay, .p-popover';

/** Puts the focus back to what had it, or to the sheet, when what has it now is gone. */
export function useFocusBack(): void {
    const before = document.activeElement;
    onUnmounted(() => void nextTick(() => focusBack(before)));
}

export function focusBack(before: Element | null): void {
    if (document.activeElement && document.activeElement !== document.body) return;
    if (before instanceof HTMLElement && before !== document.body && before.isConnected) before.focus();
    else focusStage();
}

/**
 * A button that is pressed with the pointer does not take the focus from the sheet: what was typed in a field is kept, and
 * the next arrow moves what is selected. With the keyboard, the focus stays where it is.
 */
function leaveFocus(event: MouseEvent): void {
    const target = event.target instanceof Element ? event.target.closest('button') : null;
    if (!target || target.closest(OVER)) return;
    event.preventDefault();
    const writing = target.closest(BESIDE_WRITING) && document.querySelector<HTMLElement>(WRITING);
    if (writing) {
        // What was typed in a field beside it is kept, and the words go on being written.
        writing.focus({ preventScroll: true });
        return;
    }
    if (document.activeElement instanceof HTMLElement && document.activeElement !== document.body) {
        document.activeElement.blur();
        focusStage();
    }
}

/** Focus that falls to the page, because what had it was disabled or is gone, comes back to the sheet. */
function catchFocus(event: FocusEvent): void {
    if (event.relatedTarget) return;
    requestAnimationFrame(() => {
        if (document.activeElement === document.body && document.hasFocus() && !document.querySelector(OVER))
            focusStage();
    });
}

/** Keeps the focus of the desk where the keyboard is of use. */
export function useDeskFocus(): void {
    onMounted(() => {
        document.addEventListener('mousedown', leaveFocus);
        document.addEventListener('focusout', catchFocus);
    });
    onBeforeUnmount(() => {
        document.removeEventListener('mousedown', leaveFocus);
        document.removeEventListener('focusout', catchFocus);
    });
}

/** Panels that open beside what opened them: the first field gets the focus, and gives it back. */
export function usePanelFocus() {
    let opener: Element | null = null;
    return {
        opened(selector: string): void {
            opener = document.activeElement;
            void nextTick(() => {
                const panel = document.querySelector(selector);
                panel?.querySelector<HTMLElement>('input:not(:disabled), select, textarea, button')?.focus();
            });
        },
        closed: () => void nextTick(() => focusBack(opener)),
    };
}
