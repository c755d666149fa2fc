import type { Item } from '@/api/types';
import { is, kindOf, type Field } from '@/sheet/kinds';
import { useDesk } from '@/stores/desk';
import { computed } from 'vue';

export interface Row {
    field: Field;
    /** those selected that have it */
    items: Item[];
    /** whether all of them can be without it */
    none: boolean;
}

/** What is worked out by shape comes first, then looks; type has a drawer of its own. */
const GROUPS: Field['group'][] = ['geometry', 'look'];

/** The rows of the Look drawer: what kinds say about their fields, for what is selected. */
export function useLookFields() {
    const desk = useDesk();

    const sections = computed(() => {
        const rows = new Map<string, Row>();
        const headings = new Map<string, Set<string>>();
        for (const item of desk.selected) {
            for (const field of kindOf(item).fields) {
                if (!field.set || field.type === 'hidden' || field.group === 'words') continue;
                // What stands on a circle has its numbers in the Space well.
                if (field.group === 'geometry' && is(item, 'on-circle')) continue;
                const row = rows.get(field.name);
                if (row) {
                    row.items.push(item);
                    row.none &&= field.none ?? false;
                } else rows.set(field.name, { field, items: [item], none: field.none ?? false });
                headings.set(field.name, (headings.get(field.name) ?? new Set()).add(field.heading));
            }
        }
        for (const { field, items } of [...rows.values()]) {
            const other = field.instead_of && rows.get(field.instead_of);
            const says = other?.items.some(
                (item) => !items.includes(item) || (item.fields[field.name] ?? null) === null,
            );
            if (other && !says) rows.delete(other.field.name);
        }
        const found = new Map<string, Row[]>();
        for (const row of [...rows.values()].sort((a, b) => rank(a.field) - rank(b.field))) {
            const heading =
                (headings.get(row.field.name)?.size ?? 0) > 1 ? capital(row.field.label) : row.field.heading;
            const before = found.get(heading);
            if (before) {
                before.push(row);
            } else found.set(heading, [row]);
        }
        return [...found].map(([heading, of]) => ({ heading, rows: of }));
    });

    return { sections };
}

const rank = (field: Field) => GROUPS.indexOf(field.group) * 2 + (field.unit === '%' && field.group === 'look' ? 1 : 0);
const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);
