<script setup lang="ts">
import { useActions } from '@/desk/actions';
import LengthField from '@/parts/LengthField.vue';
import { readSum, relative } from '@/sheet/sums';
import type { Order } from '@/stores/bench';
import { useBench } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { pressed, vRehearse } from '@/stores/rehearsal';
import { computed, ref } from 'vue';
import type { Ref } from './measures';

/** Turning by number about a point, mirroring, and a place that is taken from one thing and given to another. */
const props = defineProps<{ asEach: boolean; reference: Ref }>();
const desk = useDesk();
const bench = useBench();
const { actions } = useActions();
const about = ref<'centre' | 'point' | 'zero'>('centre');
// Slices stand upright.
const nothing = computed(() => desk.selection.length === 0);

const ABOUT = { centre: 'at centre', point: 'at point', zero: 'at zero' } as const;

const angle = computed(() => {
    if (!props.asEach) return 0;
    const values = new Set(desk.selected.map((item) => item.angle));
    const [only] = values;
    return values.size === 1 && only !== undefined ? only : null;
});

function turn(typed: string, ids: string[], run?: string): Promise<boolean> {
    const degrees = readSum(relative(typed.replace('°', ''), String(angle.value ?? 0)));
    if (degrees === null) {
        desk.say(`"${typed}" cannot be read as an angle. Type degrees, such as 15, -90 or 360/7.`, 'refused');
        return Promise.resolve(false);
    }
    const point =
        about.value === 'centre' ? {} : { about: about.value === 'zero' ? ('zero' as const) : props.reference };
    return desk.run('turn', props.asEach ? { angle: degrees, ...point } : { by: degrees, as: 'one', ...point }, ids, {
        run,
    });
}

const mirror = (axis: 'x' | 'y') => (): Order<'mirror'> => ({
    command: 'mirror',
    params: { axis, as: props.asEach ? 'each' : 'one' },
});

const MIRRORS = [
    { axis: 'x' as const, words: 'Mirror across', path: 'M9 2v14M7 5v8L2 13zM11 5v8l5 0z' },
    { axis: 'y' as const, words: 'Mirror down', path: 'M2 9h14M5 7h8L13 2zM5 11h8l0 5z' },
];
</script>

<template>
    <div class="turn">
        <LengthField
            :label="asEach ? 'turn' : 'by'"
            name="angle"
            plain
            unit="°"
            :value="nothing ? null : angle"
            :blank="nothing"
            :disabled="nothing"
            :apply="turn"
        />
        <select
            v-model="about"
            :disabled="nothing"
            aria-label="Turn about"
            v-tooltip.top="{ value: 'The point that stays where it is when things are turned', showDelay: 400 }"
        >
            <option v-for="(words, key) in ABOUT" :key="key" :value="key">{{ words }}</option>
        </select>
        <div class="pair">
            <button
                v-for="one in MIRRORS"
                :key="one.axis"
                v-rehearse="mirror(one.axis)"
                class="btn"
                type="button"
                :disabled="nothing"
                :aria-label="one.words"
                v-tooltip.top="{ value: one.words, showDelay: 400 }"
                @click="pressed(mirror(one.axis)())"
            >
                <svg width="18" height="18" aria-hidden="true"><path :d="one.path" /></svg>
            </button>
        </div>
        <button
            class="btn"
            type="button"
            :disabled="nothing"
            v-tooltip.top="{
                value: `Copy the place, to paste it elsewhere (${actions.copyPlace.keys})`,
                showDelay: 400,
            }"
            @click="actions.copyPlace.run()"
        >
            Copy place
        </button>
        <button
            class="btn"
            type="button"
            :disabled="!actions.pastePlace.possible()"
            v-tooltip.top="{
                value: `Paste the place copied: ${bench.placeWords} (${actions.pastePlace.keys})`,
                showDelay: 400,
            }"
            @click="actions.pastePlace.run()"
        >
            Paste place
        </button>
    </div>
</template>

<style scoped>
.turn {
    width: 82px;
    flex: none;
    display: flex;
    flex-direction: column;
    gap: 5px;
}
.turn > :deep(.field) {
    padding-left: 5px;
}
.turn > :deep(.field input) {
    padding: 0 1px;
}
.turn > :deep(.field em) {
    padding-right: 4px;
}
select {
    min-width: 0;
    height: 26px;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    color: var(--ink);
    font: 11.5px var(--words);
}
select:disabled {
    background: transparent;
    color: var(--off);
}
.pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 4px;
}
.btn {
    padding: 0;
    height: 25px;
}
.btn path {
    fill: none;
    stroke: currentColor;
    stroke-width: 1.3;
    stroke-linejoin: round;
}
</style>
