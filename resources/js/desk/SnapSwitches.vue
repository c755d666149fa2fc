<script setup lang="ts">
import { usePanelFocus } from '@/parts/focus';
import { useSnap } from '@/stores/snap';
import { useView } from '@/stores/view';
import Popover from 'primevue/popover';
import { ref } from 'vue';
import { KINDS } from '@/sheet/snap/candidates';

/** Snapping on or off, each kind by itself, and the grid. */
const snap = useSnap();
const view = useView();
const { opened, closed } = usePanelFocus();
const panel = ref<InstanceType<typeof Popover> | null>(null);
</script>

<template>
    <span class="switches">
        <button
            class="quiet"
            type="button"
            :aria-pressed="snap.on"
            v-tooltip.top="'Things snap while they are dragged; Ctrl held suspends it'"
            @click="snap.on = !snap.on"
        >
            snapping {{ snap.on ? 'on' : 'off' }}
        </button>
        <button
            class="quiet"
            type="button"
            aria-label="What things snap to"
            v-tooltip.top="'What things snap to, and from how far'"
            @click="panel?.toggle($event)"
        >
            ▾
        </button>
        <button
            class="quiet"
            type="button"
            :aria-pressed="view.showGrid"
            v-tooltip.top="'Columns, rows, module and baselines (c)'"
            @click="view.showGrid = !view.showGrid"
        >
            grid {{ view.showGrid ? 'shown' : 'hidden' }}
        </button>
        <Popover ref="panel" class="snap-panel" @show="opened('.snap-panel')" @hide="closed">
            <fieldset class="kinds">
                <legend>Things snap to</legend>
                <label v-for="kind in KINDS" :key="kind.key">
                    <input type="checkbox" :checked="!snap.off.includes(kind.key)" @change="snap.toggle(kind.key)" />
                    {{ kind.words }}
                </label>
            </fieldset>
        </Popover>
    </span>
</template>

<style scoped>
.switches {
    display: flex;
    align-items: center;
}
.kinds {
    border: 0;
    margin: 0;
    padding: 0;
    display: grid;
    gap: 6px;
    font-size: 12px;
}
.kinds legend {
    font-weight: 600;
    margin-bottom: 6px;
}
.kinds label {
    display: flex;
    gap: 7px;
    align-items: center;
}
.kinds input {
    accent-color: var(--spruce);
    margin: 0;
}
</style>
