import type { Commands } from '@/api/commands.gen';
import type { Item } from '@/api/types';
import { kindOf, type Field } from '@/sheet/kinds';
import { withTodaysColours } from '@/sheet/looks';
import { useDesk } from '@/stores/desk';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import { kept } from './kept';

type Look = Partial<Record<Field['name'], unknown>>;

/** How a thing looks, taken from one and given to others, also on other sheets. */
export const useLooks = defineStore('looks', () => {
    const desk = useDesk();
    const taken = kept<Look | null>('allsquare-look', null);

    const free = computed(() => desk.selected.filter((item) => !desk.tree.isLocked(item.id)));

    /** What is selected and all of it can take over. */
    const fitting = computed((): Look => {
        const look = taken.value ?? {};
        const [first, ...others] = free.value.map((item) => fieldsOf(item));
        const common = (first ?? []).filter((field) =>
            others.every((fields) => fields.some(({ name }) => name === field.name)),
        );
        return Object.fromEntries(
            common
                .filter(({ name }) => name in look)
                .filter((field) => look[field.name] !== null || mayBeNone(field))
                .map(({ name }) => [name, look[name]]),
        );
    });

    const canPaste = computed(() => Object.keys(fitting.value).length > 0);

    /** Of several, that of the first. */
    function copy(): void {
        const [item] = desk.selected;
        if (!item) return;
        taken.value = withTodaysColours(
            Object.fromEntries(fieldsOf(item).map(({ name }) => [name, item.fields[name] ?? null])),
            desk.swatches,
        );
        desk.say(`Copied the look of "${item.name}"`, 'note');
    }

    function paste(): void {
        if (canPaste.value) void desk.run('set', fitting.value as Commands['set']);
    }

    return { canPaste, copy, paste };
});

/** How it is painted and its letters are set: not what it says, nor what shape it has. */
function fieldsOf(item: Item): Field[] {
    return kindOf(item).fields.filter(
        (field) => field.set && !field.own && field.group !== 'geometry' && !['words', 'hidden'].includes(field.type),
    );
}

const mayBeNone = (field: Field) => field.type === 'outline' || field.none === true;
