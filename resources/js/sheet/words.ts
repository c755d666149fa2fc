import type { Item } from '@/api/types';
import { is, kindOf } from './kinds';

/** What all of several parts belong to, where their names say it: " of Road". */
function whole(parts: Item[]): string {
    const of = new Set(parts.map((part) => / of .+$/.exec(part.name)?.[0] ?? ''));
    const [only = ''] = of;
    return of.size === 1 ? only : '';
}

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
    const noun = kinds.size === 1 ? kindOf(first).nouns : 'items';
    return `${items.length} ${noun}${is(first, 'named-after-others') ? whole(items) : ''}`;
}
