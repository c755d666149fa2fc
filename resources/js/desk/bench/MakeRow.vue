<script setup lang="ts">
import { useActions } from '@/desk/actions';
import { useBench } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { pressed, vRehearse } from '@/stores/rehearsal';
import { useSquaring } from '@/stores/squaring';
import { useUnits } from '@/stores/units';
import { computed, ref } from 'vue';
import CombinePanel from './CombinePanel.vue';
import { dividing } from './gaps';
import RepeatPanel from './RepeatPanel.vue';
import SquarePanel from './SquarePanel.vue';

/** What is done with all that is selected at once: squaring up, doing it again, repeating, combining; with their panels. */
const props = defineProps<{ shown: boolean; along: 'x' | 'y' }>();
const desk = useDesk();
const bench = useBench();
const units = useUnits();
const { actions } = useActions();
const square = ref<HTMLElement | null>(null);
const squaring = useSquaring();
const combine = ref<InstanceType<typeof CombinePanel> | null>(null);
const repeat = ref<InstanceType<typeof RepeatPanel> | null>(null);
const free = computed(() => bench.free);

const offers = computed(() =>
    desk.sheet?.whole_pixels && bench.mode === 'gaps' && free.value.length > 2
        ? dividing(free.value, props.along).map((one) => ({
              ...one,
              order: () => bench.distribute(props.along, one.extent),
          }))
        : [],
);
</script>

<template>
    <div v-if="shown" class="row">
        <button
            ref="square"
            v-rehearse="squaring.order"
            class="btn strong"
            type="button"
            :disabled="!squaring.possible"
            :aria-expanded="squaring.isOpen"
            v-tooltip.top="{
                value: `Find the lines and gaps that were meant, and make them exact (q)`,
                showDelay: 400,
            }"
            @click="squaring.press()"
        >
            Square up
        </button>
        <button
            class="btn"
            type="button"
            :disabled="!actions.again.possible()"
            v-tooltip.top="{ value: 'Do the last one again, on what is selected now (.)', showDelay: 400 }"
            @click="actions.again.run()"
        >
            Again
        </button>
        <button
            class="btn"
            type="button"
            :disabled="free.length === 0 || desk.selection.length === 0"
            v-tooltip.top="{ value: 'Copies in rows and columns, in a ring, or in steps', showDelay: 400 }"
            @click="repeat?.toggle($event)"
        >
            Repeat…
        </button>
        <button
            class="btn"
            type="button"
            :disabled="!combine?.possible"
            v-tooltip.top="{
                value: 'Join shapes, cut them out of one another, or take them apart again',
                showDelay: 400,
            }"
            @click="combine?.toggle($event)"
        >
            Combine…
        </button>
        <button
            v-for="offer in offers"
            :key="offer.extent"
            v-rehearse="offer.order"
            class="offer num"
            type="button"
            v-tooltip.top="{ value: `Divides without a remainder: ${offer.words}`, showDelay: 400 }"
            @click="pressed(offer.order())"
        >
            {{ units.text(offer.extent) }} {{ along === 'x' ? 'wide' : 'high' }}: {{ offer.short }}
        </button>
    </div>
    <RepeatPanel ref="repeat" />
    <CombinePanel ref="combine" />
    <SquarePanel :button="square" />
</template>

<style scoped src="./row.css"></style>

<style scoped>
.strong:not(:disabled) {
    background: var(--spruce);
    border-color: var(--spruce);
    color: var(--on-spruce);
}
.strong:hover:not(:disabled) {
    background: var(--spruce-deep);
}
.offer {
    border: 0;
    background: none;
    color: var(--spruce);
    font-size: 11.5px;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    padding: 2px 3px;
    cursor: pointer;
    min-width: 0;
}
.offer:hover {
    text-decoration: underline;
}
.offer:focus-visible {
    outline-offset: -2px;
}
</style>
