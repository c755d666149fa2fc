<script setup lang="ts">
import LengthField from '@/parts/LengthField.vue';
import NumberField from '@/desk/drawer/NumberField.vue';
import { rounded } from '@/sheet/geometry';
import { course, readRef, refOf, runsOf } from '@/sheet/points';
import { useDesk } from '@/stores/desk';
import { pressed, vRehearse } from '@/stores/rehearsal';
import type { Order } from '@/stores/bench';
import { computed, reactive } from 'vue';

/** What can be done with points of paths besides arranging them: parts by length and angle, corners and curves, ends. */
const desk = useDesk();

const chosen = computed(() => new Set(desk.selectedPoints.filter((ref) => readRef(ref).control === null)));
const points = computed(() => [...chosen.value] as [string, ...string[]]);

const runOf = (ref: string) => {
    const { item, run } = readRef(ref);
    const found = desk.items.get(item);
    return found ? runsOf(found)[run] : undefined;
};

/** The straight parts both of whose points are selected. */
const parts = computed(() =>
    points.value.filter((ref) => {
        const { item, run, point } = readRef(ref);
        const of = runOf(ref);
        const next = of?.points[point + 1] ? point + 1 : of?.closed ? 0 : -1;
        const [a, b] = [of?.points[point], of?.points[next]];
        return a && b && !a.out && !b.in && chosen.value.has(refOf(item, run, next));
    }),
);

const figures = computed(() => {
    const [ref] = parts.value;
    if (!ref || parts.value.length !== 1) return null;
    const { item, run, point } = readRef(ref);
    const count = runOf(ref)?.points.length ?? 1;
    const at = (of: string) => desk.marks.find((mark) => mark.ref === of)?.at;
    const [from, to] = [at(ref), at(refOf(item, run, (point + 1) % count))];
    return from && to ? course(from, to) : null;
});

/** Ends of open runs, of which two can be joined. */
const ends = computed(() =>
    points.value.filter((ref) => {
        const { point } = readRef(ref);
        const of = runOf(ref);
        return of && !of.closed && (point === 0 || point === of.points.length - 1);
    }),
);
const canOpen = computed(() => {
    const [only] = points.value;
    return points.value.length === 1 && only !== undefined && (runOf(only)?.closed || !ends.value.includes(only));
});

const part = (params: object): Order<'set-part'> => ({
    command: 'set-part',
    params: { parts: parts.value as [string, ...string[]], ...params },
    ids: [],
});

const setLength = (typed: string) => desk.run('set-part', part({ length: typed }).params, []);

/** The others parallel to the first. */
const parallel = (): Order<'set-part'> | null => {
    const [first, ...others] = parts.value;
    return first && others.length > 0
        ? { command: 'set-part', params: { parts: others as [string, ...string[]], parallel: first }, ids: [] }
        : null;
};

const BENDS = ['from', 'to', 'by'] as const;
const bend = reactive({ from: 20, to: 80, by: 24 });

const bent = (): Order<'bend-part'> | null => {
    const [only, more] = parts.value;
    return only && !more ? { command: 'bend-part', params: { part: only, ...bend }, ids: [] } : null;
};

function make(order: Order | null): void {
    if (order) void pressed(order);
}

const smooth = (to: boolean): Order<'smooth-points'> => ({
    command: 'smooth-points',
    params: { points: points.value, smooth: to },
    ids: [],
});
</script>

<template>
    <div class="row">
        <button
            v-for="to in ['level', 'upright']"
            :key="to"
            v-rehearse="() => (parts.length ? part({ to }) : null)"
            class="btn"
            type="button"
            :disabled="parts.length === 0"
            v-tooltip.top="{ value: `Make the selected straight parts ${to}`, showDelay: 400 }"
            @click="pressed(part({ to }))"
        >
            {{ to === 'level' ? 'Level' : 'Upright' }}
        </button>
        <button
            v-rehearse="parallel"
            class="btn"
            type="button"
            :disabled="!parallel()"
            v-tooltip.top="{ value: 'Make the selected parts parallel to the first of them', showDelay: 400 }"
            @click="make(parallel())"
        >
            Parallel
        </button>
        <LengthField
            class="length"
            label="long"
            name="part length"
            :value="figures ? rounded(figures.length) : 0"
            :disabled="!figures"
            :apply="setLength"
        />
        <NumberField
            class="angle"
            label="angle of the part"
            bare
            unit="°"
            :value="figures ? Math.round(figures.angle * 1000) / 1000 : 0"
            :disabled="!figures"
            :min="-360"
            :max="360"
            @set="(angle) => desk.run('set-part', part({ angle }).params, [])"
        />
    </div>
    <div class="row">
        <button class="btn" type="button" :disabled="points.length === 0" @click="pressed(smooth(true))">Smooth</button>
        <button class="btn" type="button" :disabled="points.length === 0" @click="pressed(smooth(false))">
            Corner
        </button>
        <button
            class="btn"
            type="button"
            :disabled="!canOpen"
            v-tooltip.top="{ value: 'Open the path at this point', showDelay: 400 }"
            @click="points[0] && desk.run('open-path', { point: points[0] }, [])"
        >
            Open
        </button>
        <button
            class="btn"
            type="button"
            :disabled="ends.length !== 2 || points.length !== 2"
            v-tooltip.top="{ value: 'Join two ends: of one path, which closes it, or of two', showDelay: 400 }"
            @click="desk.run('join-ends', { points: ends as [string, string] }, [])"
        >
            Join ends
        </button>
        <button
            class="btn"
            type="button"
            :disabled="desk.selectedPoints.length === 0"
            @click="desk.run('delete-points', { points: desk.selectedPoints as [string, ...string[]] }, [])"
        >
            Delete
        </button>
    </div>
    <div class="row">
        <template v-for="one in BENDS" :key="one">
            <NumberField
                class="bend"
                :label="one"
                unit="px"
                :value="bend[one]"
                :disabled="parts.length !== 1"
                :min="-100000"
                :max="100000"
                @set="(length) => (bend[one] = length)"
            />
        </template>
        <button
            v-rehearse="bent"
            class="btn"
            type="button"
            :disabled="!bent()"
            v-tooltip.top="{
                value: 'Bend the part out of the way: between these two places along it, it runs so far to its right',
                showDelay: 400,
            }"
            @click="make(bent())"
        >
            Bend
        </button>
    </div>
</template>

<style scoped src="./row.css"></style>

<style scoped>
.length {
    flex: 1 1 110px;
    min-width: 0;
}
.bend {
    flex: 1 1 70px;
    min-width: 0;
}
.angle {
    flex: 1 1 80px;
    min-width: 0;
}
</style>
