import type { Box, Item } from '@/api/types';

/** px of the longer side of the smaller ones that are made of each, as app/Pictures/PictureStore has them. */
const SIZES = [256, 1024, 2048];

const REFERENCE = 'picture:';

/** What a painting names a picture by. */
export const isPicture = (href: string | undefined): href is string => href?.startsWith(REFERENCE) ?? false;

export const keyOf = (href: string): string => href.slice(REFERENCE.length);

/** The sides of a picture, px, as its key says them. */
export function sidesOf(key: string): { width: number; height: number } {
    const [width = 0, height = 0] = (key.split('-')[0] ?? '').split('x').map(Number);
    return { width, height };
}

/** @param pixels how many px of the screen its longer side has; without them, the whole picture */
export function addressOf(key: string, pixels = Infinity): string {
    const { width, height } = sidesOf(key);
    const size = SIZES.find((one) => one >= pixels && one < Math.max(width, height));
    return `/api/pictures/${key}${size ? `?size=${size}` : ''}`;
}

/** A picture by its address, which may come from another document. */
export function keyFrom(text: string): string | null {
    return /\/api\/pictures\/([1-9]\d{0,4}x[1-9]\d{0,4}-[0-9a-f]{40})/.exec(text)?.[1] ?? null;
}

/** Where the whole picture lies in its frame, as it is painted. */
export function placedIn(item: Item): Box | null {
    const find = (drawn: unknown): Box | null => {
        if (!Array.isArray(drawn)) return null;
        const [name, attributes, inside] = drawn as [string, Record<string, string>, unknown[]?];
        if (name === 'image' && isPicture(attributes.href)) {
            const [x, y, w, h] = ['x', 'y', 'width', 'height'].map((one) => Number(attributes[one]));
            return { x: x ?? 0, y: y ?? 0, w: w ?? 0, h: h ?? 0 };
        }
        for (const one of inside ?? []) {
            const found = find(one);
            if (found) return found;
        }
        return null;
    };
    for (const one of item.painting?.body ?? []) {
        const found = find(one);
        if (found) return found;
    }
    return null;
}

/** px of the sheet to each px of the picture; the larger of both directions where it is stretched. */
export function magnificationOf(item: Item): number | null {
    const [key, at] = [item.fields.picture, placedIn(item)];
    if (!key || !at) return null;
    if (item.fields.fit === 'hand') return item.fields.scale ?? 1;
    const { width, height } = sidesOf(key);
    const { w, h } = item.frame;
    return item.fields.fit === 'contain' ? Math.min(w / width, h / height) : Math.max(at.w / width, at.h / height);
}
