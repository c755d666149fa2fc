import type { Commands, Fields } from '@/api/commands.gen';
import type { Item } from '@/api/types';
import { commonOf, tallied } from '@/sheet/common';
import { figure } from '@/sheet/geometry';
import { is, kindOf } from '@/sheet/kinds';
import { useDesk } from '@/stores/desk';
import { useWriting, type Styles } from '@/stores/writing';
import { computed } from 'vue';

type Name = keyof Fields;

/**
 * How the words of what is selected are set: of whole texts, or while one is written, of what is selected in it. Everything that is set
 * here is set for all of it.
 */
export function useTypeValues() {
    const desk = useDesk();
    const writing = useWriting();

    const texts = computed(() => desk.selected.filter((item) => is(item, 'has-words')));
    const parts = computed<Item[]>(() => (writing.isOn ? writing.parts : texts.value));

    const read = (item: Item, name: Name): unknown => item.fields[name] ?? null;
    const common = <T>(name: Name): T | undefined => commonOf(parts.value, (item) => read(item, name)) as T | undefined;
    const number = (name: Name): number | undefined => common<number>(name);
    const has = (name: Name): boolean =>
        parts.value.length > 0 && parts.value.every((item) => kindOf(item).fields.some((one) => one.name === name));

    /** Where they differ, how often each value occurs. */
    function mixed(name: Name, said: (value: unknown) => string = plain): string {
        return common(name) === undefined ? tallied(parts.value.map((item) => said(read(item, name)))) : '';
    }

    function plain(value: unknown): string {
        if (typeof value === 'number') return figure(value);
        if (typeof value === 'boolean') return value ? 'on' : 'off';
        return String(value ?? 'none');
    }

    function set(values: Partial<Fields>, run?: string): void {
        if (writing.isOn) writing.style(values as Styles);
        else
            void desk.run(
                'set',
                values as Commands['set'],
                texts.value.map((item) => item.id),
                { run },
            );
    }

    return { texts, parts, common, number, has, mixed, set };
}
