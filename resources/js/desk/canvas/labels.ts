import type { Point } from '@/api/types';

/** A number beside a mark on the sheet, in px of the screen. */
export interface Label {
    key: string;
    at: Point;
    anchor: 'start' | 'middle' | 'end';
    text: string;
}

/** px of the screen: about what a figure takes, and a line of them */
const FIGURE = 7;
const LINE = 13;

/** Those that lie on no other that comes before them. */
export function withRoom(labels: Label[]): Label[] {
    const taken: { left: number; right: number; bottom: number }[] = [];
    return labels.filter(({ at, anchor, text }) => {
        const width = FIGURE * text.length;
        const left = at.x - (anchor === 'start' ? 0 : anchor === 'middle' ? width / 2 : width);
        const isFree = taken.every(
            (one) => left > one.right || left + width < one.left || Math.abs(at.y - one.bottom) > LINE,
        );
        if (isFree) taken.push({ left, right: left + width, bottom: at.y });
        return isFree;
    });
}
