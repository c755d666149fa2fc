import type { Slice } from '@/api/types';
import { figure, whole } from '@/desk/geometry';

export interface SliceFile {
    slice: string;
    name: string;
    w: number;
    h: number;
}

/** One part of a path that every system takes, as core/Slice/FileNames makes it. */
function part(text: string): string {
    const clean = text
        .replace(/[\x00-\x1f\x7f<>:"|?*@]+/g, '-')
        .replace(/\s+/g, ' ')
        .replace(/^[ .\u00a0]+|[ .\u00a0]+$/g, '');
    const safe = /^(con|prn|aux|nul|com\d|lpt\d)(\..*)?$/i.test(clean) ? `_${clean}` : clean;
    return [...safe]
        .slice(0, 80)
        .join('')
        .replace(/^[ .]+|[ .]+$/g, '');
}

/** The files that an archive will hold, in their order. */
export function filesOf(slices: Slice[], scales: number[]): SliceFile[] {
    const taken = new Set<string>();
    return slices.flatMap((slice) => {
        const parts = slice.name.replaceAll('\\', '/').split('/').map(part).filter(Boolean);
        const stem = parts.slice(-4).join('/') || 'slice';
        let free = stem;
        for (let n = 2; taken.has(free.toLowerCase()); n++) free = `${stem}-${n}`;
        taken.add(free.toLowerCase());
        return scales.map((scale) => ({
            slice: slice.id,
            name: `${free}${scale === 1 ? '' : `@${figure(scale)}x`}.png`,
            w: Math.max(1, whole(slice.w * scale)),
            h: Math.max(1, whole(slice.h * scale)),
        }));
    });
}
