import type { Box } from '@/api/types';
import { useView } from '@/stores/view';
import { lift } from './gestures/gesture';

/** px of the screen round what a layer holds, for brackets and outlines that reach past it. */
const ROOM = 40;

/**
 * The part of the canvas that a moving layer covers, in px of the screen: what is on it and a little more, within
 * one screen on every side. A layer of the size of its contents moves at little cost even where there is no GPU.
 */
export function layerFor(contents: Box): Box | null {
    const { w, h } = useView().size;
    const left = Math.max(-w, Math.floor(contents.x) - ROOM);
    const top = Math.max(-h, Math.floor(contents.y) - ROOM);
    const right = Math.min(2 * w, Math.ceil(contents.x + contents.w) + ROOM);
    const bottom = Math.min(2 * h, Math.ceil(contents.y + contents.h) + ROOM);
    return right > left && bottom > top ? { x: left, y: top, w: right - left, h: bottom - top } : null;
}

/** Where that layer lies, moved by what is dragged. */
export function layerStyle(area: Box): Record<string, string | undefined> {
    return {
        left: `${area.x}px`,
        top: `${area.y}px`,
        transform: lift.value ? `translate(${lift.value.dx}px, ${lift.value.dy}px)` : undefined,
    };
}
