import type { Item } from '@/api/types';
import { rounded } from '@/sheet/geometry';
import { kindOf } from '@/sheet/kinds';
import { useDesk } from '@/stores/desk';

export type Alike = 'kind' | 'size' | 'look';

/** Ways of selecting besides pointing. */
export function useSelecting() {
    const desk = useDesk();

    /** What can be selected now: the things of the sheet, or of the group that is entered. */
    const around = () =>
        desk.tree.children(desk.entered).filter((item) => !item.hidden && !desk.tree.isLocked(item.id));

    function all(): void {
        if (desk.edited.length > 0) {
            desk.selectPoints(desk.marks.filter((mark) => mark.control === null).map((mark) => mark.ref));
            return;
        }
        desk.select(around().map((item) => item.id));
    }

    function inverse(): void {
        const chosen = new Set(desk.selection);
        desk.select(
            around()
                .map((item) => item.id)
                .filter((id) => !chosen.has(id)),
        );
    }

    /** Everything on the sheet, at any depth, that is alike to what is selected. */
    function alike(by: Alike): void {
        const models = new Set(desk.selected.map((item) => sign(item, by)));
        const kinds = new Set(desk.selected.map((item) => item.kind));
        const found = [...desk.items.values()].filter(
            (item) =>
                !desk.tree.isHidden(item.id) &&
                !desk.tree.isLocked(item.id) &&
                (by === 'size' || kinds.has(item.kind)) &&
                models.has(sign(item, by)),
        );
        desk.select(found.map((item) => item.id));
        desk.say(`Selected ${found.length} of the same ${by}`, 'note');
    }

    /** What was copied last, with its copies. */
    function withOriginals(): void {
        desk.select([...desk.copied.originals, ...desk.copied.copies]);
    }

    return { all, inverse, alike, withOriginals };
}

function sign(item: Item, by: Alike): string {
    if (by === 'kind') return item.kind;
    if (by === 'size') return `${rounded(item.frame.w)} ${rounded(item.frame.h)}`;
    const looks = kindOf(item).fields.filter((field) => !field.own && field.set);
    return JSON.stringify([item.kind, ...looks.map((field) => item.fields[field.name])]);
}
