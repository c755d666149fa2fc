import { onBeforeUnmount, onMounted, type ComponentPublicInstance, type Ref } from 'vue';

/**
 * Tells how large something is, at first and whenever that changes: before the next picture, so that what follows from it is not laid
 * out in the midst of a layout.
 *
 * @param target the element, or the component whose element it is
 * @param tell px of its content box
 */
export function useSize(
    target: Readonly<Ref<HTMLElement | ComponentPublicInstance | null>>,
    tell: (width: number, height: number) => void,
): void {
    let frame = 0;
    const observer = new ResizeObserver(([entry]) => {
        if (!entry) return;
        const { width, height } = entry.contentRect;
        cancelAnimationFrame(frame);
        frame = requestAnimationFrame(() => tell(width, height));
    });
    onMounted(() => {
        const element = target.value && '$el' in target.value ? (target.value.$el as HTMLElement) : target.value;
        if (element) observer.observe(element);
    });
    onBeforeUnmount(() => {
        cancelAnimationFrame(frame);
        observer.disconnect();
    });
}
