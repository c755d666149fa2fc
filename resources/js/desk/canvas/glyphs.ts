import { api } from '@/api/client';
import type { Drawn, Item, Letters } from '@/api/types';

/** Outlines by font and code point; each font is fetched once, by its hash. */
const outlines = new Map<string, Record<string, string>>();
const fetched = new Map<string, Promise<void>>();
let hashes: Promise<Record<string, string>> | null = null;

/** Fetches the outlines of all fonts that these items are set in. */
export async function fetchGlyphs(items: Iterable<Item>): Promise<void> {
    const fonts = new Set<string>();
    const look = (drawn: Drawn): void => {
        if (typeof drawn === 'string') return;
        if (isLetters(drawn)) fonts.add(drawn.font);
        else drawn[2]?.forEach(look);
    };
    for (const { painting } of items) {
        painting?.body?.forEach(look);
        painting?.over?.forEach(look);
    }
    await Promise.all([...fonts].map(fetchFont));
}

export function isLetters(drawn: Drawn): drawn is Letters {
    return typeof drawn === 'object' && 'glyphs' in drawn;
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
    let hash = (await hashes)[font];
    if (!hash) {
        // One that was brought along since they were asked for.
        hashes = api.fonts().then((fonts) => fonts.hashes);
        hash = (await hashes)[font];
    }
    outlines.set(font, await api.outlines(font, hash ?? ''));
}

/**
 * A set line as one path, so that a page of letters is a page of few nodes. Outlines begin with a relative move, so they can
 * be strung together.
 */
export function pathOf(letters: Letters): string {
    const of = outlines.get(letters.font) ?? {};
    let path = '';
    for (let i = 0; i < letters.glyphs.length; i += 2)
        path += `M${letters.glyphs[i + 1]} 0${of[letters.glyphs[i] ?? 0] ?? ''}`;
    return path;
}
