/**
 * Tooltips show for who comes to a control by keyboard, too. The tooltips themselves know the pointer only, so what has
 * got the focus is told that a pointer came, and what lost it, or is typed into, that it went.
 */
export function showTooltipsOnFocus(page: Document): void {
    let byKey = false;
    const tell = (target: EventTarget | null, what: 'mouseenter' | 'mouseleave'): void => {
        const owner = target instanceof Element ? target.closest('[data-pd-tooltip]') : null;
        owner?.dispatchEvent(new MouseEvent(what));
    };
    page.addEventListener('keydown', () => (byKey = true), true);
    page.addEventListener('pointerdown', () => (byKey = false), true);
    page.addEventListener('focusin', (event) => {
        if (byKey) {
            tell(event.target, 'mouseenter');
        }
    });
    page.addEventListener('focusout', (event) => tell(event.target, 'mouseleave'));
    page.addEventListener('input', (event) => tell(event.target, 'mouseleave'));
}
