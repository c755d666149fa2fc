import type { Format } from '@/api/handover';

/** As what slices are written, in the order in which it is shown. */
export const FORMATS: { key: Format; words: string }[] = [
    { key: 'png', words: 'PNG' },
    { key: 'jpeg', words: 'JPEG' },
    { key: 'webp', words: 'WebP' },
    { key: 'svg', words: 'SVG' },
    { key: 'pdf', words: 'PDF' },
];

/** The formats with one more, or without it, in their order. */
export function toggled(formats: Format[], format: Format): Format[] {
    return FORMATS.map((one) => one.key).filter((key) => formats.includes(key) !== (key === format));
}
