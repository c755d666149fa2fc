<script setup lang="ts">
import { useCompare } from '@/stores/compare';
import { useDesk } from '@/stores/desk';
import { computed } from 'vue';

/** In what the other sheet differs, as what would happen to this one; each taken over by itself. */
const desk = useDesk();
const compare = useCompare();
const emit = defineEmits<{ choose: [sheet: string, over: string] }>();

const count = computed(() => compare.differences.length);
const other = computed(() => compare.otherSheet);
const HEADINGS: Record<string, string> = {
    moved: 'Moved',
    sized: 'Sized',
    turned: 'Turned',
    added: 'Added',
    gone: 'Gone',
    reshaped: 'Shaped otherwise',
    restyled: 'Set otherwise',
    reworded: 'Other words',
    renamed: 'Other names',
    reordered: 'In another order',
    regrouped: 'Lying in something else',
    switched: 'Hidden, shown or locked',
    aid: 'Guides, slices, dimensions',
    sheet: 'The sheet itself',
};
const groups = computed(() =>
    Object.entries(HEADINGS)
        .map(([sort, heading]) => ({ sort, heading, of: compare.differences.filter((one) => one.sort === sort) }))
        .filter((group) => group.of.length > 0),
);
</script>

<template>
    <section class="list" aria-label="Differences">
        <header>
            <h1>
                {{
                    compare.looking
                        ? 'Comparing'
                        : compare.compared
                          ? `${count} ${count === 1 ? 'difference' : 'differences'}`
                          : 'Compare'
                }}
            </h1>
            <p v-if="compare.compared">
                {{ compare.compared.same }} {{ compare.compared.same === 1 ? 'thing is' : 'things are' }} on both.
            </p>
            <p v-if="compare.trouble" role="status">{{ compare.trouble }}</p>
        </header>
        <div class="rows">
            <p v-if="compare.compared && count === 0" class="empty">They are the same, to the thousandth of a pixel.</p>
            <p v-else-if="!compare.compared && !compare.looking && !compare.trouble" class="empty">
                There is nothing to compare with yet. Make a variant of the sheet from the menu of its tab, open a file,
                or choose a line of the history.
            </p>
            <section v-for="group in groups" :key="group.sort">
                <h2>
                    <span>{{ group.heading }}</span>
                    <button
                        v-if="group.of.length > 1"
                        class="link"
                        type="button"
                        @click="compare.take(group.of.map((one) => one.key))"
                    >
                        Take all {{ group.of.length }} over
                    </button>
                </h2>
                <div
                    v-for="one in group.of"
                    :key="one.key"
                    class="row"
                    :class="{ lit: compare.lit === one.key }"
                    @pointerenter="compare.lit = one.key"
                >
                    <button class="says" type="button" @click="compare.goTo(one)" @focus="compare.lit = one.key">
                        {{ one.says }}
                    </button>
                    <button
                        class="btn"
                        type="button"
                        :aria-label="`Take over: ${one.says}`"
                        @click="compare.take([one.key])"
                    >
                        Take over
                    </button>
                </div>
            </section>
        </div>
        <footer v-if="compare.compared && (count > 0 || other)">
            <button v-if="count > 0" class="btn" type="button" @click="compare.take()">
                Take {{ count === 1 ? 'it' : `all ${count}` }} over into "{{ desk.sheet?.name }}"
            </button>
            <template v-if="other && desk.sheet">
                <p>One is chosen, the other put away. Undo brings it back.</p>
                <div class="either">
                    <button class="btn" type="button" @click="emit('choose', desk.sheet.id, other.id)">
                        Choose "{{ desk.sheet.name }}"
                    </button>
                    <button class="btn main" type="button" @click="emit('choose', other.id, desk.sheet.id)">
                        Choose "{{ other.name }}"
                    </button>
                </div>
            </template>
        </footer>
    </section>
</template>

<style scoped>
.list {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr) auto;
    height: 100%;
    min-height: 0;
    background: var(--paper);
    border-left: 1px solid var(--line);
}
header {
    padding: 12px 14px 9px;
    display: grid;
    gap: 3px;
}
h1 {
    font-size: 15px;
    font-weight: 700;
}
header p,
footer p,
.empty {
    font-size: 12px;
    color: var(--soft);
    line-height: 1.45;
}
.rows {
    overflow: auto;
    min-height: 0;
}
.empty {
    padding: 6px 14px;
}
h2 {
    display: flex;
    justify-content: space-between;
    align-items: center;
    min-height: 28px;
    padding: 0 14px;
    font: 600 12px var(--words);
    color: var(--soft);
    background: var(--well);
    border-top: 1px solid var(--line);
}
.row {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 8px;
    align-items: start;
    padding: 7px 14px;
    border-top: 1px solid var(--line);
}
.row.lit {
    background: var(--spruce-wash);
}
.says {
    padding: 4px 0;
    border: 0;
    background: none;
    text-align: left;
    font-size: 12px;
    line-height: 1.35;
    cursor: pointer;
    overflow-wrap: anywhere;
}
footer {
    display: grid;
    gap: 7px;
    padding: 10px 14px 12px;
    border-top: 1px solid var(--line);
}
.either {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 7px;
}
footer .btn {
    height: auto;
    min-height: 31px;
    white-space: normal;
    overflow-wrap: anywhere;
    padding: 4px 8px;
}
</style>
