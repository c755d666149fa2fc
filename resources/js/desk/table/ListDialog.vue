<script setup lang="ts">
import type { Commands } from '@/api/commands.gen';
import type { ListForm } from '@/api/tables';
import { rounded, whole } from '@/sheet/geometry';
import { useDesk } from '@/stores/desk';
import { useTable } from '@/stores/table';
import { useView } from '@/stores/view';
import Dialog from 'primevue/dialog';
import { computed, ref, watch } from 'vue';

/** What was recognised of a list, to be put right before it becomes a table. */
const desk = useDesk();
const view = useView();
const table = useTable();

const ROWS = 7;
const SEPARATORS = { ',': 'commas', ';': 'semicolons', '\t': 'tabs', '|': 'bars' } as const;
const QUOTES = { '"': 'double quotes', "'": 'single quotes' } as const;
const ENCODINGS = ['UTF-8', 'UTF-8 with a mark', 'UTF-16 (little end first)', 'UTF-16 (big end first)', 'windows-1252'];
const DECIMALS = { '.': 'point', ',': 'comma' } as const;

const list = computed(() => table.list);
const form = computed(() => list.value?.read.form);
const open = computed({ get: () => list.value !== null, set: (on) => !on && (table.list = null) });
const total = ref(false);
watch(
    () => list.value?.file,
    () => {
        const last = list.value?.read.words.at(-1)?.[0] ?? '';
        total.value = /^(total|sum|together)\b/i.test(last);
    },
);
const rows = computed(() => list.value?.read.words.slice(0, ROWS) ?? []);
const count = computed(() => list.value?.read.words.length ?? 0);

/** Looks again, with what is known now. */
function know(change: Partial<ListForm>): void {
    const of = list.value;
    if (!of || !form.value) return;
    const { separator, quote, encoding, decimal, header } = { ...form.value, ...change };
    // What follows from how it is cut into values is recognised anew.
    const isCut = 'separator' in change || 'quote' in change || 'encoding' in change;
    const wish: Record<string, string> = { separator, quote, encoding };
    void table.recognise(of.file, of.name, isCut ? wish : { ...wish, decimal, header: header ? '1' : '0' });
}

async function make(): Promise<void> {
    const of = list.value;
    if (!of) return;
    table.list = null;
    const { middle } = view;
    const name = of.name.replace(/\.\w+$/, '').slice(0, 200);
    const params = {
        words: of.read.words,
        form: of.read.form,
        header: of.read.form.header ? 1 : 0,
        total: total.value && of.read.words.length > 2 ? 1 : 0,
        ...(name ? { name } : {}),
    } as Commands['make-table'];
    const done = await desk.run('make-table', params, []);
    // In the middle of what is seen, or from its top on where it is higher.
    const made = desk.selected[0];
    if (!done || !made) return;
    const { x, y, h } = view.visible;
    const settled = desk.sheet?.whole_pixels ? whole : rounded;
    const to = {
        x: settled(middle.x - made.frame.w / 2),
        y: settled(made.frame.h < h ? middle.y - made.frame.h / 2 : y + 24 / view.zoom),
    };
    const isSeen = made.frame.x + made.frame.w > x && made.frame.x < x + view.visible.w && made.frame.y < y + h;
    if (!isSeen)
        void desk.run('place', { x: to.x - (desk.sheet?.zero.x ?? 0), y: to.y - (desk.sheet?.zero.y ?? 0) }, [made.id]);
}
</script>

<template>
    <Dialog v-model:visible="open" modal header="A table of a list" :style="{ width: '640px' }" :draggable="false">
        <form v-if="list && form" class="list" @submit.prevent="make">
            <p>
                <b>{{ list.name || 'What was pasted' }}</b>:
                <span class="num">{{ count.toLocaleString('en') }}</span> rows of
                <span class="num">{{ list.read.words[0]?.length }}</span> values. This is how it was read:
            </p>
            <div class="known">
                <label
                    >Values apart by
                    <select
                        class="choose"
                        :value="form.separator"
                        @change="
                            know({ separator: ($event.target as HTMLSelectElement).value as ListForm['separator'] })
                        "
                    >
                        <option v-for="(words, key) in SEPARATORS" :key="key" :value="key">{{ words }}</option>
                    </select>
                </label>
                <label
                    >In
                    <select
                        class="choose"
                        :value="form.quote"
                        @change="know({ quote: ($event.target as HTMLSelectElement).value as ListForm['quote'] })"
                    >
                        <option v-for="(words, key) in QUOTES" :key="key" :value="key">{{ words }}</option>
                    </select>
                </label>
                <label
                    >Letters as
                    <select
                        class="choose"
                        :value="form.encoding"
                        @change="know({ encoding: ($event.target as HTMLSelectElement).value as ListForm['encoding'] })"
                    >
                        <option v-for="one in ENCODINGS" :key="one" :value="one">{{ one }}</option>
                    </select>
                </label>
                <label
                    >Decimal sign
                    <select
                        class="choose"
                        :value="form.decimal"
                        @change="know({ decimal: ($event.target as HTMLSelectElement).value as ListForm['decimal'] })"
                    >
                        <option v-for="(words, key) in DECIMALS" :key="key" :value="key">{{ words }}</option>
                    </select>
                </label>
            </div>
            <div class="parts">
                <label
                    ><input
                        type="checkbox"
                        :checked="form.header"
                        @change="know({ header: ($event.target as HTMLInputElement).checked })"
                    />
                    The first row is a header</label
                >
                <label><input v-model="total" type="checkbox" /> The last row holds the totals</label>
            </div>
            <div class="preview" tabindex="0" role="region" aria-label="The first rows">
                <table>
                    <tbody>
                        <tr v-for="(row, r) in rows" :key="r" :class="{ header: form.header && r === 0 }">
                            <td v-for="(value, c) in row" :key="c" :class="{ number: list.read.numeric[c] }">
                                {{ value }}
                            </td>
                        </tr>
                    </tbody>
                </table>
            </div>
            <p v-if="count > ROWS" class="rest">and {{ (count - ROWS).toLocaleString('en') }} more rows</p>
            <div class="actions">
                <button class="btn" type="button" @click="open = false">Cancel</button>
                <button class="btn main" type="submit">Make the table</button>
            </div>
        </form>
    </Dialog>
</template>

<style scoped>
.list {
    display: grid;
    gap: 12px;
    min-width: 0;
}
.known {
    display: grid;
    grid-template-columns: repeat(4, minmax(0, 1fr));
    gap: 8px;
}
.known label {
    display: grid;
    gap: 4px;
    font-size: 12px;
    color: var(--soft);
    font-weight: 600;
}
.parts {
    display: flex;
    gap: 18px;
}
.parts label {
    display: flex;
    align-items: center;
    gap: 5px;
}
.preview {
    overflow: auto;
    max-height: 220px;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
}
table {
    border-collapse: collapse;
    font-size: 12px;
}
td {
    padding: 4px 10px;
    border-right: 1px solid var(--line);
    border-bottom: 1px solid var(--line);
    white-space: nowrap;
    max-width: 220px;
    overflow: hidden;
    text-overflow: ellipsis;
}
.header td {
    font-weight: 600;
    background: var(--well);
}
.number {
    text-align: right;
    font-family: var(--figures);
}
.rest {
    color: var(--soft);
    font-size: 12px;
}
.actions {
    display: flex;
    justify-content: flex-end;
    gap: 8px;
}
.actions .btn {
    height: 31px;
    padding: 0 14px;
}
</style>
