<script setup lang="ts">
import { is } from '@/sheet/kinds';
import { api, Problem } from '@/api/client';
import type { Measured } from '@/api/handover';
import { restingQuestion } from '@/api/restingQuestion';
import SheetTabs from '@/desk/SheetTabs.vue';
import TopBar from '@/parts/TopBar.vue';
import { BOXES, type By } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { kept } from '@/stores/kept';
import { figure } from '@/sheet/geometry';
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue';
import { useRoute } from 'vue-router';

/** The sheet with its dimensions, for print and for the one who builds it: drawn, listed, and as CSS. */
const desk = useDesk();
const route = useRoute();
const KINDS = [
    { key: 'size', words: 'sizes' },
    { key: 'gap', words: 'gaps' },
    { key: 'margin', words: 'margins' },
    { key: 'grid', words: 'grid' },
];
const show = kept<string[]>('measured-kinds', ['size', 'gap', 'margin']);
const by = ref<By>('frame');
/** the group whose children are measured; null for the sheet, 'chosen' for what is selected */
const level = ref<string | null>(null);
const measured = shallowRef<Measured | null>(null);
const trouble = ref('');
const copied = ref(false);
const question = restingQuestion(60);

watch(
    () => [route.params.document, route.params.sheet],
    async ([document, sheet]) => {
        if (!document || !sheet) return;
        try {
            await desk.open(String(document), String(sheet));
            level.value = desk.selection.length > 0 ? 'chosen' : null;
            globalThis.document.title = `${desk.sheet?.name ?? ''}, measured: All Square`;
        } catch (error) {
            trouble.value = error instanceof Problem ? error.message : 'The server does not answer. Is it running?';
        }
    },
    { immediate: true },
);

const groups = computed(() => [...desk.items.values()].filter((item) => is(item, 'framed-by-items') && !item.hidden));
const query = computed(() => {
    const asked = new URLSearchParams({
        show: KINDS.map((k) => k.key)
            .filter((k) => show.value.includes(k))
            .join(','),
    });
    if (level.value === 'chosen') asked.set('items', desk.selection.join(','));
    else if (level.value) asked.set('level', level.value);
    if (by.value !== 'frame') asked.set('by', by.value);
    asked.set('r', String(desk.revision));
    return asked.toString();
});
const address = (ending: string, more = '') => `/api/sheets/${desk.sheet?.id}/measured${ending}?${query.value}${more}`;

watch(
    [query, () => desk.sheet?.id],
    () =>
        question.ask(
            (signal) => {
                if (!desk.sheet) return null;
                if (show.value.length > 0)
                    return api.look<Measured>(`sheets/${desk.sheet.id}/measured?${query.value}`, signal);
                trouble.value = 'Choose what is to be measured.';
                measured.value = null;
                return null;
            },
            (answer) => {
                measured.value = answer;
                trouble.value = '';
            },
            (problem) => {
                measured.value = null;
                trouble.value = problem.message;
            },
        ),
    { immediate: true },
);
onBeforeUnmount(question.drop);

function toggle(kind: string): void {
    show.value = show.value.includes(kind) ? show.value.filter((other) => other !== kind) : [...show.value, kind];
}

async function copy(): Promise<void> {
    if (!measured.value) return;
    await navigator.clipboard.writeText(measured.value.css).then(
        () => (copied.value = true),
        () => (trouble.value = 'The browser does not let the page copy. Select the text and copy it.'),
    );
    setTimeout(() => (copied.value = false), 2000);
}
</script>

<template>
    <div class="page">
        <TopBar>
            <span class="document">{{ desk.document?.name }}</span>
            <SheetTabs route="measured" fixed />
            <RouterLink class="btn" :to="{ name: 'hand-over', params: route.params }">Hand over</RouterLink>
            <RouterLink class="btn" :to="{ name: 'desk', params: route.params }">Back to the desk</RouterLink>
        </TopBar>
        <main>
            <div class="choices">
                <label
                    >Measured
                    <select class="choose" v-model="level" aria-label="What is measured">
                        <option :value="null">everything on the sheet</option>
                        <option v-if="desk.selection.length" value="chosen">what is selected</option>
                        <option v-for="group in groups" :key="group.id" :value="group.id">in {{ group.name }}</option>
                    </select></label
                >
                <span role="group" aria-label="Which measures">
                    <button
                        v-for="kind in KINDS"
                        :key="kind.key"
                        class="btn"
                        type="button"
                        :aria-pressed="show.includes(kind.key)"
                        @click="toggle(kind.key)"
                    >
                        {{ kind.words }}
                    </button>
                </span>
                <label
                    >by
                    <select class="choose" v-model="by" aria-label="By which box">
                        <option v-for="box in BOXES" :key="box.key" :value="box.key">{{ box.words }}</option>
                    </select></label
                >
                <span class="downloads">
                    <a
                        v-for="ending in ['pdf', 'svg', 'html']"
                        :key="ending"
                        class="btn"
                        :class="{ main: ending === 'pdf' }"
                        :href="measured ? address(`.${ending}`) : undefined"
                        :aria-disabled="!measured"
                        :download="`${desk.sheet?.name}, measured.${ending}`"
                        >{{ ending.toUpperCase() }}</a
                    >
                </span>
            </div>
            <p v-if="trouble" class="trouble" role="status">{{ trouble }}</p>
            <p v-else-if="measured?.left_out" class="note">
                {{ measured.left_out }} measures found no room beside the sheet; they are in the list.
            </p>
            <a v-if="measured" :href="address('.svg', '&list=0')" target="_blank" title="By itself, to look closer">
                <img
                    class="drawing"
                    :src="address('.svg', '&list=0')"
                    :alt="`${desk.sheet?.name} with its dimensions`"
                />
            </a>
        </main>
        <aside v-if="measured" aria-label="Measures">
            <h2>{{ measured.parts.length }} {{ measured.parts.length === 1 ? 'part' : 'parts' }}</h2>
            <table>
                <thead>
                    <tr>
                        <th>No.</th>
                        <th>Name</th>
                        <th>x</th>
                        <th>y</th>
                        <th>w</th>
                        <th>h</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="part in measured.parts" :key="part.id">
                        <td class="num">{{ part.number }}</td>
                        <td :title="part.name">{{ part.name }}</td>
                        <td v-for="side in ['x', 'y', 'w', 'h'] as const" :key="side" class="num">
                            {{ figure(part.box[side]) }}
                        </td>
                    </tr>
                </tbody>
            </table>
            <template v-if="measured.distances.length">
                <h2>Between them</h2>
                <table>
                    <tbody>
                        <tr v-for="(distance, i) in measured.distances" :key="i">
                            <td :title="distance[0]">{{ distance[0] }}</td>
                            <td>{{ distance[1] }}</td>
                            <td class="num">{{ distance[2] }}</td>
                        </tr>
                    </tbody>
                </table>
            </template>
            <h2>
                As CSS
                <button class="link" type="button" @click="copy">{{ copied ? 'copied' : 'copy' }}</button>
            </h2>
            <pre class="num" tabindex="0">{{ measured.css }}</pre>
        </aside>
    </div>
</template>

<style scoped>
.page {
    display: grid;
    grid-template: 46px minmax(0, 1fr) / minmax(0, 1fr) 372px;
    height: 100%;
}
.page > :deep(header) {
    grid-column: 1 / -1;
}
main {
    overflow: auto;
    padding: 16px 24px 24px;
}
.choices {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 18px;
    margin-bottom: 14px;
}
.choices span {
    display: flex;
    gap: 5px;
}
.downloads {
    margin-left: auto;
}
select {
    max-width: 190px;
}
.drawing {
    display: block;
    max-width: 100%;
    outline: 1px solid var(--edge);
}
.trouble,
.note {
    margin-bottom: 10px;
}
.trouble {
    color: var(--brick);
}
.note {
    color: var(--soft);
}
aside {
    overflow: auto;
    background: var(--paper);
    border-left: 1px solid var(--line);
    padding: 14px 16px;
    font-size: 12px;
}
h2 {
    display: flex;
    justify-content: space-between;
    font-size: 13px;
    margin: 14px 0 6px;
}
h2:first-child {
    margin-top: 0;
}
table {
    width: 100%;
    border-collapse: collapse;
    table-layout: fixed;
}
th,
td {
    padding: 3px 4px;
    border-bottom: 1px solid var(--edge);
    text-align: right;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
th {
    color: var(--soft);
    font-weight: 400;
}
th:first-child {
    width: 30px;
}
th:nth-child(2) {
    text-align: left;
    width: 42%;
}
td:nth-child(2),
table:not(:first-of-type) td:first-child {
    text-align: left;
}
table:not(:has(thead)) td:first-child {
    width: 66%;
    white-space: normal;
}
pre {
    margin: 0;
    padding: 10px;
    background: var(--card);
    border: 1px solid var(--edge);
    border-radius: 4px;
    font-size: 11.5px;
    overflow: auto;
    max-height: 340px;
}
</style>
