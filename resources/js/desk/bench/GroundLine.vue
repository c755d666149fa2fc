<script setup lang="ts">
import { useBench } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { computed } from 'vue';
import { mixedOf, type Ref, type Side } from './measures';

/** What the selection lies on; and, where sizes or places of several differ, how often each occurs, with a click to the odd one. */
const props = defineProps<{ reference: Ref }>();
const desk = useDesk();
const bench = useBench();

/** More different values than this are just different. */
const MOST = 3;

const differing = computed(() => {
    if (desk.selected.length < 2) return [];
    const sides: Side[] = ['w', 'h', 'x', 'y'];
    return sides
        .map((side) => ({ side, values: mixedOf(desk.selected, side, props.reference).values }))
        .filter(({ values }) => values.length > 1 && values.length <= MOST && (values[0]?.ids.length ?? 0) > 1)
        .slice(0, 2);
});
</script>

<template>
    <p v-if="desk.selected.length" class="line">
        <span class="ground">on {{ bench.groundWords }}</span>
        <span v-for="one in differing" :key="one.side" class="num"
            >{{ one.side
            }}<button
                v-for="value in one.values"
                :key="value.value"
                type="button"
                v-tooltip.top="{
                    value: `Select the ${value.ids.length} with ${one.side} ${value.value}`,
                    showDelay: 300,
                }"
                @click="desk.select(value.ids)"
            >
                {{ value.words }}
            </button></span
        >
    </p>
</template>

<style scoped>
/* What does not fit goes to a second line, which is not shown: nothing is cut off in the middle. */
.line {
    display: flex;
    flex-wrap: wrap;
    height: 17px;
    gap: 0 10px;
    margin-top: 3px;
    font-size: 11.5px;
    color: var(--soft);
    white-space: nowrap;
    overflow: hidden;
    line-height: 17px;
}
.ground {
    max-width: 50%;
    overflow: hidden;
    text-overflow: ellipsis;
}
button {
    border: 0;
    background: none;
    padding: 0 3px;
    color: var(--spruce);
    cursor: pointer;
    font: inherit;
}
button:hover {
    text-decoration: underline;
}
button:focus-visible {
    outline-offset: -2px;
}
</style>
