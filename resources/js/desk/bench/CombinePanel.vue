<script setup lang="ts">
import type { Commands } from '@/api/commands.gen';
import { usePanelFocus } from '@/parts/focus';
import { is } from '@/sheet/kinds';
import { useBench, type Order } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { pressed, vRehearse } from '@/stores/rehearsal';
import { useView } from '@/stores/view';
import Popover from 'primevue/popover';
import { computed, ref, watch } from 'vue';

/** Combining what is selected into one shape: the anchor is chosen and shown, and each way is seen before it is pressed. */
type How = Commands['combine']['how'];
const desk = useDesk();
const view = useView();
const bench = useBench();
const panel = ref<InstanceType<typeof Popover> | null>(null);
const wanted = ref<string | null>(null);
const isOpen = ref(false);
const { opened, closed } = usePanelFocus();

const WAYS: { how: How; words: string; icon: string }[] = [
    { how: 'join', words: 'Join', icon: 'M2 2h9v4h5v9H7v-4H2z' },
    { how: 'cut', words: 'Cut out', icon: 'M2 2h9v4H7v5H2z' },
    { how: 'overlap', words: 'Overlap', icon: 'M7 6h4v5H7z' },
    { how: 'difference', words: 'Difference', icon: 'M2 2h9v4H7v5H2zM11 6h5v9H7v-4h4z' },
];

const shapes = computed(() => bench.free);
const combined = computed(() => desk.selected.filter((item) => is(item, 'shows-as-one')));
/** The rearmost, unless another was chosen. */
const anchor = computed(
    () =>
        shapes.value.find((item) => item.id === wanted.value) ?? [...shapes.value].sort((a, b) => a.order - b.order)[0],
);

watch(
    () => [anchor.value?.id, isOpen.value] as const,
    () => (view.anchorShown = isOpen.value ? (anchor.value?.id ?? null) : null),
);

function order(how: How): Order<'combine'> | null {
    return shapes.value.length > 1 && anchor.value
        ? { command: 'combine', params: { how, anchor: anchor.value.id } }
        : null;
}

const choose = (event: Event) => (wanted.value = (event.target as HTMLSelectElement).value);

async function make(how: How): Promise<void> {
    const made = order(how);
    if (made && (await pressed(made))) panel.value?.hide();
}

function release(): void {
    panel.value?.hide();
    void desk.run('release', {});
}

const toggle = (event: Event) => panel.value?.toggle(event);
const possible = computed(() => (shapes.value.length > 1 || combined.value.length > 0) && desk.selection.length > 0);
defineExpose({ toggle, possible });
</script>

<template>
    <Popover
        ref="panel"
        class="combine-panel"
        @show="
            isOpen = true;
            opened('.combine-panel');
        "
        @hide="
            isOpen = false;
            closed();
        "
    >
        <div class="combine" role="dialog" aria-label="Combine shapes">
            <template v-if="shapes.length > 1">
                <label>
                    <span>The anchor, which gives name, look and turn</span>
                    <select :value="anchor?.id" aria-label="Anchor" @change="choose">
                        <option v-for="item in shapes" :key="item.id" :value="item.id">{{ item.name }}</option>
                    </select>
                </label>
                <div class="ways">
                    <button
                        v-for="way in WAYS"
                        :key="way.how"
                        v-rehearse="() => order(way.how)"
                        class="btn"
                        type="button"
                        @click="make(way.how)"
                    >
                        <svg width="18" height="18" aria-hidden="true">
                            <path class="both" d="M2 2h9v9H2zM7 6h9v9H7z" />
                            <path class="left" fill-rule="evenodd" :d="way.icon" />
                        </svg>
                        {{ way.words }}
                    </button>
                </div>
            </template>
            <button v-if="combined.length" class="btn" type="button" @click="release">Release the shapes</button>
        </div>
    </Popover>
</template>

<style scoped>
.combine {
    display: grid;
    gap: 10px;
    width: 264px;
}
label {
    display: grid;
    gap: 4px;
    font-size: 12px;
    color: var(--soft);
}
select {
    height: 28px;
    border: 1px solid var(--line);
    border-radius: 4px;
    background: var(--card);
    color: var(--ink);
    font: 12px var(--words);
    padding: 0 6px;
}
.ways {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
}
.ways .btn {
    display: flex;
    align-items: center;
    gap: 8px;
    height: 34px;
    padding: 0 10px;
}
.both {
    fill: none;
    stroke: var(--line-strong, var(--soft));
    stroke-width: 1;
}
.left {
    fill: var(--spruce);
}
</style>
