<script setup lang="ts">
import type { Fields } from '@/api/commands.gen';
import type { TypeStyle } from '@/api/fonts';
import { usePanelFocus } from '@/parts/focus';
import { commonOf, tallied } from '@/sheet/common';
import { useDesk } from '@/stores/desk';
import Popover from 'primevue/popover';
import Select from 'primevue/select';
import { computed, ref } from 'vue';
import { useTypeValues } from './typeValues';

/** The style that texts are set in, what they have otherwise, and what can be made of it. */
const desk = useDesk();
const { texts } = useTypeValues();
const panel = ref<InstanceType<typeof Popover> | null>(null);
const naming = ref('');
const { opened, closed } = usePanelFocus();
const NONE = { id: 'none', name: 'No style' };

const ids = computed(() => texts.value.map((item) => item.id));
const options = computed(() => [NONE, ...desk.styles]);
const styleOf = (key: string | null | undefined) => desk.styles.find((style) => style.key === key);
const chosen = computed(() => commonOf(texts.value, (item) => styleOf(item.fields.style)?.id ?? NONE.id));
const style = computed(() => desk.styles.find((one) => one.id === chosen.value));
const mixed = computed(() =>
    chosen.value === undefined
        ? tallied(texts.value.map((item) => styleOf(item.fields.style)?.name ?? 'no style'))
        : '',
);

/** The names of what the texts have otherwise than their style. */
const others = computed(() => {
    const of = style.value;
    if (!of) return [];
    const names = Object.keys(of.styles) as (keyof Fields)[];
    return names.filter((name) =>
        texts.value.some((item) => item.fields[name] !== undefined && differs(of, name, item.fields[name])),
    );
});
const differs = (of: TypeStyle, name: keyof Fields, value: unknown) =>
    JSON.stringify(of.styles[name]) !== JSON.stringify(value);
const WORDS: Partial<Record<keyof Fields, string>> = {
    line_height: 'line height',
    space_before: 'space before',
    space_after: 'space after',
    indent: 'first indent',
    align: 'alignment',
    even_figures: 'figures',
    italic: 'slant',
};
const said = computed(() => others.value.map((name) => WORDS[name] ?? name).join(', '));

const use = (id: string) => desk.run('use-style', { style: id === NONE.id ? null : id }, ids.value);

function change(): void {
    const [first] = texts.value;
    if (!style.value || !first) return;
    const styles = Object.fromEntries(others.value.map((name) => [name, first.fields[name]]));
    void desk.run('set-style', { style: style.value.id, styles }, ids.value);
}

async function keep(): Promise<void> {
    const name = naming.value.trim();
    if (!(await desk.run('keep-style', name ? { name } : {}, ids.value))) return;
    naming.value = '';
    panel.value?.hide();
}
</script>

<template>
    <section>
        <h3>Style</h3>
        <Select
            class="wide"
            :model-value="chosen"
            :options="options"
            option-label="name"
            option-value="id"
            size="small"
            placeholder="mixed"
            aria-label="Style"
            @update:model-value="use($event)"
        />
        <button class="btn narrow" type="button" @click="panel?.toggle($event)">Keep…</button>
        <p v-if="mixed" class="mixed">{{ mixed }}</p>
        <template v-if="style && others.length">
            <p class="note">Differs from its style in {{ said }}.</p>
            <button
                class="btn half"
                type="button"
                v-tooltip.top="{ value: `Set as the style \u201c${style.name}\u201d is`, showDelay: 400 }"
                @click="use(style.id)"
            >
                Back to it
            </button>
            <button
                class="btn half"
                type="button"
                v-tooltip.top="{
                    value: 'Change the style to this: all texts of it, on every sheet, follow',
                    showDelay: 400,
                }"
                @click="change"
            >
                Change the style
            </button>
        </template>
        <Popover ref="panel" class="style-panel" @show="opened('.style-panel')" @hide="closed">
            <form class="naming" role="dialog" aria-label="Keep as a style" @submit.prevent="keep">
                <label for="style-name">Keep how this is set as a style of the document, called</label>
                <input
                    id="style-name"
                    v-model="naming"
                    maxlength="200"
                    autocomplete="off"
                    :placeholder="texts[0]?.name"
                />
                <button class="btn main" type="submit">Keep</button>
            </form>
        </Popover>
    </section>
</template>

<style scoped src="./type.css"></style>

<style scoped>
section > .wide {
    grid-column: span 4;
}
section > .narrow {
    grid-column: span 2;
}
.naming {
    display: grid;
    gap: 8px;
    width: 220px;
    font-size: 12px;
}
.naming input {
    height: 28px;
    border: 1px solid var(--line);
    border-radius: 4px;
    background: var(--card);
    color: var(--ink);
    padding: 0 8px;
    font: 12px var(--words);
}
</style>
