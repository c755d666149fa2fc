import type { Fields } from '@/api/commands.gen';
import type { Colour, Swatch } from '@/api/types';

export type Fill = NonNullable<Fields['fill']>;
export type Gradient = Extract<Fill, { gradient: string }>;
export type Pattern = Extract<Fill, { pattern: string }>;
export type Shadow = NonNullable<Fields['shadow']>[number];
export type Stop = Gradient['stops'][number];

/** What a thing can be filled with. */
export const SORTS = [
    { key: 'colour', words: 'one colour' },
    { key: 'linear', words: 'linear gradient' },
    { key: 'radial', words: 'radial gradient' },
    { key: 'stripes', words: 'stripes' },
    { key: 'dots', words: 'dots' },
    { key: 'checks', words: 'checks' },
] as const;

export type Sort = (typeof SORTS)[number]['key'];

export const isColour = (fill: Fill | null | undefined): fill is Colour =>
    typeof fill === 'string' || (typeof fill === 'object' && fill !== null && 'swatch' in fill);

export function sortOf(fill: Fill): Sort {
    if (isColour(fill)) return 'colour';
    return 'gradient' in fill ? fill.gradient : (fill as Pattern).pattern;
}

/** What a colour looks like: that of its swatch where there is such a one. */
export function hexOf(colour: Colour, swatches: Swatch[]): string {
    if (typeof colour === 'string') return colour;
    return swatches.find((swatch) => swatch.key === colour.swatch)?.colour ?? colour.colour;
}

/** The colour that says most about a fill: what another sort of fill begins with. */
export function leading(fill: Fill | null | undefined): Colour {
    if (!fill) return '#b9cfc6';
    if (isColour(fill)) return fill;
    return 'gradient' in fill ? (fill.stops[0]?.colour ?? '#b9cfc6') : (fill as Pattern).colour;
}

/** A fill of another sort that keeps the colour. */
export function turnedInto(sort: Sort, fill: Fill | null | undefined): Fill {
    const colour = leading(fill);
    const stops: Gradient['stops'] =
        fill && !isColour(fill) && 'gradient' in fill
            ? fill.stops
            : [
                  { at: 0, colour },
                  { at: 1, colour: '#fffefb' },
              ];
    if (sort === 'colour') return colour;
    if (sort === 'linear') return { gradient: 'linear', angle: 90, stops };
    if (sort === 'radial') return { gradient: 'radial', centre: { x: 0.5, y: 0.5 }, radius: 0.5, stops };
    const before = fill && !isColour(fill) && 'pattern' in fill ? (fill as Pattern) : null;
    return before
        ? { ...before, pattern: sort }
        : { pattern: sort, pitch: 12, share: 0.5, angle: sort === 'stripes' ? 45 : 0, colour, ground: null };
}

/** As CSS paints it, for a sample. */
export function cssOf(fill: Fill | null | undefined, swatches: Swatch[]): string {
    if (!fill) return 'transparent';
    if (isColour(fill)) return hexOf(fill, swatches);
    if ('gradient' in fill) {
        const stops = [...fill.stops]
            .sort((a, b) => a.at - b.at)
            .map((stop) => `${hexOf(stop.colour, swatches)} ${stop.at * 100}%`)
            .join(', ');
        return fill.gradient === 'linear'
            ? `linear-gradient(${fill.angle ?? 90}deg, ${stops})`
            : `radial-gradient(closest-side, ${stops})`;
    }
    const pattern = fill as Pattern;
    const [mark, ground] = [
        hexOf(pattern.colour, swatches),
        pattern.ground ? hexOf(pattern.ground, swatches) : 'transparent',
    ];
    return `repeating-linear-gradient(${(pattern.angle ?? 0) + 90}deg, ${mark} 0 4px, ${ground} 4px 8px)`;
}

/** As it is said in words. */
export function fillWords(fill: Fill | null | undefined, swatches: Swatch[]): string {
    if (!fill) return 'none';
    if (!isColour(fill)) return SORTS.find(({ key }) => key === sortOf(fill))?.words ?? '';
    const swatch = typeof fill === 'string' ? undefined : swatches.find(({ key }) => key === fill.swatch);
    return swatch?.name ?? hexOf(fill, swatches);
}

/** How much of what lies beneath is seen: 1 for nothing. */
export const opacityOf = (hex: string): number => (hex.length === 9 ? parseInt(hex.slice(7), 16) / 255 : 1);

export function withOpacity(hex: string, share: number): string {
    const part = Math.round(Math.min(1, Math.max(0, share)) * 255)
        .toString(16)
        .padStart(2, '0');
    return part === 'ff' ? hex.slice(0, 7) : hex.slice(0, 7) + part;
}

/** Looks with the colours that their swatches have today: where they are taken to, there may be no such swatch. */
export function withTodaysColours<T>(looks: T, swatches: Swatch[]): T {
    return JSON.parse(
        JSON.stringify(looks, (_, value: unknown) =>
            typeof value === 'object' && value !== null && 'swatch' in value
                ? { ...value, colour: hexOf(value as unknown as Colour, swatches) }
                : value,
        ),
    ) as T;
}
