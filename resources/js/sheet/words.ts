import type { Item } from '@/api/types';
import { is, kindOf } from './kinds';

/** Items in words with their count, as the history says them: "4 cards" where all names begin "Card, ". */
export function counted(items: Item[]): string {
    const [first] = items;
    if (!first) return 'nothing';
    if (items.length === 1) return first.name;
    const stems = new Set(items.map((item) => /^(\p{L}+),\s/u.exec(item.name)?.[1]?.toLowerCase() ?? ''));
    const [stem] = stems;
    if (stems.size === 1 && stem && !is(first, 'named-after-others'))
        return `${items.length} ${stem}${/(s|x|ch|sh)$/.test(stem) ? 'es' : 's'}`;
    const kinds = new Set(items.map((item) => item.kind));
    return `${items.length} ${kinds.size === 1 ? kindOf(first).nouns : 'items'}`;
}
