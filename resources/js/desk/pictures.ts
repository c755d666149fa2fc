import type { Commands } from '@/api/commands.gen';
import type { Item, Point } from '@/api/types';
import { is } from '@/sheet/kinds';
import { rounded, whole } from '@/sheet/geometry';
import { sidesOf } from '@/sheet/pictures';
import { useDesk } from '@/stores/desk';
import { usePictures, type Brought } from '@/stores/pictures';
import { useView } from '@/stores/view';

/** The part of the sheet that a picture covers at most when it is put there. */
const SHARE = 0.8;
const GAP = 16;

export const PICTURE_TYPES = 'image/png,image/jpeg,image/webp,image/svg+xml';

export const isPictureFile = (file: File): boolean =>
    /^image\/(png|jpeg|webp|svg\+xml)$/.test(file.type) || /\.(png|jpe?g|webp|svg)$/i.test(file.name);

export const isDrawing = (file: File): boolean => file.type === 'image/svg+xml' || /\.svg$/i.test(file.name);

type Shown = Pick<Brought, 'picture' | 'name'>;

/** Puts pictures on the sheet: into frames, or as they are. */
export function usePicturePlacing() {
    const desk = useDesk();
    const view = useView();
    const pictures = usePictures();

    /** Pixel for pixel where there is room for that on the sheet, else as large as fits well. */
    function sizeOf(picture: string): { w: number; h: number } {
        const { width, height } = sidesOf(picture);
        const sheet = desk.sheet;
        if (!sheet || (width <= sheet.width && height <= sheet.height)) return { w: width, h: height };
        const scale = Math.min((sheet.width * SHARE) / width, (sheet.height * SHARE) / height);
        const kept = sheet.whole_pixels ? whole : rounded;
        return { w: Math.max(1, kept(width * scale)), h: Math.max(1, kept(height * scale)) };
    }

    /** In a row about a point, in one step. */
    async function put(shown: Shown[], at: Point = view.middle): Promise<void> {
        const gap = desk.sheet?.unit_of_spacing ?? GAP;
        const sizes = shown.map(({ picture }) => sizeOf(picture));
        const total = sizes.reduce((sum, { w }) => sum + w, 0) + gap * (shown.length - 1);
        const kept = desk.sheet?.whole_pixels ? whole : rounded;
        let left = kept(at.x - total / 2);
        const items = shown.map(({ picture, name }, i) => {
            const { w, h } = sizes[i] ?? { w: 0, h: 0 };
            const frame = { x: left, y: kept(at.y - h / 2), w, h };
            left += w + gap;
            return {
                id: `picture-${i}`,
                kind: 'picture' as const,
                name,
                parent: null,
                frame,
                angle: 0,
                fields: { picture },
            };
        });
        const [first] = items;
        if (!first) return;
        if (items.length === 1) {
            const { name, frame, fields } = first;
            await desk.run('add-item', { kind: 'picture', name, ...frame, ...fields }, []);
        } else {
            const file = { format: 'allsquare-excerpt', version: 2, items } as unknown as Commands['paste']['file'];
            await desk.run('paste', { file }, []);
        }
    }

    /** Into frames, one into each, and what there are no frames for beside them. */
    async function show(shown: Shown[], frames: Item[], at?: Point): Promise<void> {
        if (shown.length === 0) return;
        const filled = shown.length === 1 ? frames : frames.slice(0, shown.length);
        if (filled.length > 0) {
            const into = shown.length === 1 ? shown : shown.slice(0, filled.length);
            const keys = into.map(({ picture }) => picture) as [string, ...string[]];
            await desk.run(
                'swap-picture',
                { pictures: keys },
                filled.map(({ id }) => id),
            );
            if (shown.length > into.length) await put(shown.slice(into.length), at);
        } else await put(shown, at);
    }

    /** The frames that are selected. */
    const frames = (): Item[] =>
        desk.selected.filter((item) => is(item, 'has-picture') && !desk.tree.isLocked(item.id));

    async function bringAndShow(files: File[], into: Item[], at?: Point): Promise<void> {
        await show(await pictures.bring(files), into, at);
    }

    return { put, show, frames, bringAndShow };
}
