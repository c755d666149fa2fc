import { api, Problem } from '@/api/client';
import type { Commands, Fields } from '@/api/commands.gen';
import type { Box, Item, Painting } from '@/api/types';
import { kindOf } from '@/sheet/kinds';
import type { Line } from '@/sheet/writing';
import { drawnIn } from '@/sheet/trays';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';

/** How the server set the words. */
export interface Setting {
    frame: Box;
    fields: Fields;
    painting: Painting;
    lines: Line[];
    overflow: { lines: number; words: number } | null;
    missing_characters: string[];
}

export type Styles = Commands['set-words']['styles'];

interface Step {
    words?: string;
    caret?: number;
    styled?: Commands['set-words'];
    fields?: Partial<Fields>;
}

/** What a text has besides its letters and paragraphs. */
const OF_TEXT = ['grow', 'padding', 'stand'];
const WAIT = 800;

/**
 * A text that is being written where it stands. The server sets what was typed, and what is shown is what it set; nothing is stored
 * before the end, which is one change.
 */
export const useWriting = defineStore('writing', () => {
    const desk = useDesk();
    const view = useView();
    const words = ref('');
    const selected = ref<[number, number]>([0, 0]);
    const setting = shallowRef<Setting | null>(null);
    /** what the next letter is set in, where nothing is selected */
    const pending = shallowRef<{ at: number; styles: Styles } | null>(null);
    let steps: Step[] = [];
    let running: Promise<void> | null = null;
    let begun = '';

    const target = computed(() => view.editing);
    const item = computed(() => (target.value?.item ? desk.items.get(target.value.item) : undefined));
    const isOn = computed(() => target.value !== null && setting.value !== null);
    const kind = computed(() => (item.value ? kindOf(item.value) : view.drawn));
    /** the names of all that says how words are set */
    const names = computed(() =>
        (kind.value?.fields ?? []).filter((one) => one.group === 'words' && one.set).map((one) => one.name),
    );

    const wordFields = (fields: Fields): Partial<Fields> =>
        Object.fromEntries(names.value.flatMap((name) => (fields[name] === undefined ? [] : [[name, fields[name]]])));

    async function begin(): Promise<void> {
        words.value = item.value?.fields.text ?? '';
        selected.value = [0, [...words.value].length];
        pending.value = null;
        setting.value = null;
        begun = JSON.stringify(item.value ? wordFields(item.value.fields) : {});
        steps = [{}];
        await settled();
    }

    /** All that was typed has been set. */
    function settled(): Promise<void> {
        running ??= work().finally(() => (running = null));
        return running;
    }

    async function work(): Promise<void> {
        while (steps.length > 0 && target.value) {
            const step = joined();
            try {
                const fields = {
                    ...(item.value && !setting.value ? {} : wordFields(setting.value?.fields ?? {})),
                    ...step.fields,
                };
                const answer = await api.setting<Setting>(desk.sheet?.id ?? '', {
                    ...(item.value
                        ? { item: item.value.id }
                        : { kind: kind.value?.name, at: { ...target.value.at, h: 0 } }),
                    fields,
                    ...(step.words === undefined ? {} : { words: step.words, caret: step.caret }),
                    ...(step.styled ? { styled: step.styled } : {}),
                });
                setting.value = answer;
            } catch (error) {
                if (error instanceof Problem && error.status < 500) desk.say(error.message, 'refused');
                else {
                    // Nothing is lost: what was typed stays here until it can be set.
                    desk.say(`${(error as Error).message} What you type is kept on this page.`, 'refused');
                    steps.unshift(step);
                    await new Promise((done) => setTimeout(done, WAIT));
                }
            }
        }
    }

    /** What was typed letter by letter while the server worked is one step. */
    function joined(): Step {
        const step = steps.shift() ?? {};
        while (step.words !== undefined && !step.styled && steps[0]?.words !== undefined && !step.fields)
            Object.assign(step, steps.shift());
        return step;
    }

    /** @param at the selection behind it, in characters */
    function type(text: string, at: [number, number]): void {
        const grown = [...text].length - [...words.value].length;
        const from = pending.value?.at ?? -1;
        words.value = text;
        selected.value = at;
        const isTyped = pending.value && grown > 0 && at[0] === from + grown;
        steps.push({
            words: text,
            caret: at[0],
            ...(isTyped && pending.value ? { styled: { from, to: at[0], styles: pending.value.styles } } : {}),
        });
        pending.value = null;
        void settled();
    }

    function select(from: number, to: number): void {
        if (from === selected.value[0] && to === selected.value[1]) return;
        selected.value = [from, to];
        if (pending.value?.at !== from || from !== to) pending.value = null;
    }

    /** Sets what is selected otherwise, or what is typed next; paragraphs always whole. */
    function style(styles: Styles | Partial<Fields>): void {
        const entries = Object.entries(styles);
        const ofText = Object.fromEntries(entries.filter(([name]) => OF_TEXT.includes(name)));
        const ofWords = Object.fromEntries(entries.filter(([name]) => !OF_TEXT.includes(name))) as Styles;
        const [from, to] = selected.value;
        if (Object.keys(ofText).length > 0) steps.push({ fields: ofText });
        if (Object.keys(ofWords).length > 0) {
            if (from === to && words.value !== '' && !isOfParagraphs(ofWords))
                pending.value = { at: from, styles: { ...pending.value?.styles, ...ofWords } };
            else steps.push({ styled: { from, to, styles: ofWords } });
        }
        void settled();
    }

    const isOfParagraphs = (styles: Styles): boolean =>
        Object.keys(styles).every(
            (name) => kind.value?.fields.find((field) => field.name === name)?.heading === 'Paragraphs',
        );

    /** What is selected, piece by piece as it is set, as if each were a text of its own. */
    const parts = computed((): Item[] => {
        const fields = setting.value?.fields;
        if (!fields || !target.value) return [];
        const [from, to] = selected.value;
        const end = Math.max(to, from + 1);
        const base = { ...blank.value, fields: fields as Item['fields'] };
        const cuts = new Set([from, end]);
        for (const run of fields.runs ?? []) [run.from, run.to].forEach((at) => at > from && at < end && cuts.add(at));
        const characters = [...words.value];
        characters.slice(from, end).forEach((character, i) => character === '\n' && cuts.add(from + i + 1));
        return [...cuts]
            .filter((at) => at < end)
            .map((at) => {
                // A caret has the style of the letter before it.
                const character = from === to ? Math.max(0, from - 1) : at;
                const run = (fields.runs ?? []).find((one) => one.from <= character && one.to > character);
                const line = characters.slice(0, at).filter((one) => one === '\n').length;
                const paragraph = (fields.paragraphs ?? []).find((one) => one.at === line);
                return {
                    ...base,
                    fields: { ...base.fields, ...run, ...paragraph, ...(from === to ? pending.value?.styles : {}) },
                };
            });
    });

    const blank = computed(
        (): Item =>
            item.value ??
            ({
                id: '',
                kind: kind.value?.name ?? '',
                name: 'the new text',
                frame: target.value?.at,
                fields: {},
            } as unknown as Item),
    );

    /** Ends the writing: what was written is one change. */
    async function end(): Promise<void> {
        const [place, of, was] = [target.value, item.value, begun];
        if (!place || !setting.value) {
            view.editing = null;
            return;
        }
        await settled();
        if (target.value !== place) return;
        const fields = wordFields(setting.value.fields);
        const text = words.value;
        const said = kind.value;
        view.editing = null;
        setting.value = null;
        if (of) {
            const before = JSON.parse(was) as Record<string, unknown>;
            const changed = Object.fromEntries(
                Object.entries(fields).filter(
                    ([name, value]) => JSON.stringify(value) !== JSON.stringify(before[name]),
                ),
            );
            // A text without words would be nothing that could be seen or taken hold of.
            if (text.trim() === '' && !of.fields.box_fill) void desk.run('delete', {}, [of.id]);
            else if (Object.keys(changed).length > 0) void desk.run('set', changed, [of.id]);
        } else if (text.trim() !== '' && said) {
            const { x, y, w } = place.at;
            const kindOfNew = said.name as Commands['add-item']['kind'];
            const at = { x, y, ...drawnIn(desk.tree, { x, y }, { x, y }) };
            void desk.run('add-item', { kind: kindOfNew, ...at, ...(w > 0 ? { w } : {}), ...fields }, []);
        }
    }

    return { words, selected, setting, pending, item, blank, isOn, parts, begin, type, select, style, settled, end };
});
