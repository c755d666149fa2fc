import { api } from '@/api/client';
import type { Item } from '@/api/types';

/** Outlines by glyph id, as the painter names them; each font is fetched once, by its hash. */
const outlines = new Map<string, string>();
const fetched = new Map<string, Promise<void>>();
let hashes: Promise<Record<string, string>> | null = null;

const USE = /<use href='#([^']+)' x='([^']+)'\/>/g;
const LINE = /<g transform='([^']+)'>((?:<use [^>]+>)+)<\/g>/g;

/** Fetches the outlines of all fonts that these items are set in. */
export async function fetchGlyphs(items: Iterable<Item>): Promise<void> {
    const fonts = new Set<string>();
    for (const item of items) {
        for (const [, glyph = ''] of (item.svg ?? '').matchAll(USE)) fonts.add(glyph.slice(0, glyph.lastIndexOf('-')));
    }
    await Promise.all([...fonts].map(fetchFont));
}

function fetchFont(font: string): Promise<void> {
    let promise = fetched.get(font);
    if (!promise) {
        promise = load(font).catch((error: unknown) => {
            fetched.delete(font);
            throw error;
        });
        fetched.set(font, promise);
    }
    return promise;
}

async function load(font: string): Promise<void> {
    hashes ??= api.fonts().then((fonts) => fonts.hashes);
    hashes.catch(() => (hashes = null));
    const paths = await api.outlines(font, (await hashes)[font] ?? '');
    for (const [codePoint, path] of Object.entries(paths)) {
        outlines.set(`${font}-${Number(codePoint).toString(16)}`, path);
    }
}

/**
 * A painting with its glyphs written out: every set line becomes one path, so that a page of letters is a page of
 * few nodes. Outlines begin with a relative move, so they can be strung together.
 */
export function withGlyphs(svg: string): string {
    return svg.replace(LINE, (_, transform: string, uses: string) => {
        let path = '';
        for (const [, glyph = '', x] of uses.matchAll(USE)) path += `M${x} 0${outlines.get(glyph) ?? ''}`;
        return `<path transform='${transform}' d='${path}'/>`;
    });
}
