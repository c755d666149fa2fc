<script setup lang="ts">
import type { Colour } from '@/api/types';
import { usePanelFocus } from '@/parts/focus';
import { hexOf } from '@/sheet/looks';
import { useDesk } from '@/stores/desk';
import Popover from 'primevue/popover';
import { computed, ref } from 'vue';

/** The swatches of the document, to take one; and the colour that is shown, to keep it as one. */
const props = defineProps<{ label: string; value: Colour | null | undefined }>();
const emit = defineEmits<{ set: [colour: Colour] }>();
const desk = useDesk();
const panel = ref<InstanceType<typeof Popover> | null>(null);
const naming = ref('');
const { opened, closed } = usePanelFocus();

const offered = computed(() => desk.swatches.filter(({ gone }) => !gone));
const isOf = (key: string) => typeof props.value === 'object' && props.value?.swatch === key;
const plain = computed(() => (typeof props.value === 'string' ? props.value : null));

function take(key: string, colour: string): void {
    emit('set', { swatch: key, colour });
    panel.value?.hide();
}

/** What was kept is taken at once, so that it follows from now on. */
async function keep(): Promise<void> {
    const colour = plain.value;
    const name = naming.value.trim();
    if (!colour || !(await desk.run('keep-swatch', name ? { name, colour } : { colour }, []))) return;
    naming.value = '';
    const made = desk.swatches.at(-1);
    if (made) take(made.key, made.colour);
}

function release(): void {
    if (props.value) emit('set', hexOf(props.value, desk.swatches));
    panel.value?.hide();
}
</script>

<template>
    <button
        class="open"
        type="button"
        :aria-label="`${label}: swatches`"
        v-tooltip.top="{ value: 'Swatches of the document', showDelay: 400 }"
        @click="panel?.toggle($event)"
    >
        <svg width="14" height="14" aria-hidden="true">
            <path d="M1.500 1.500h5v5h-5zM7.500 1.500h5v5h-5zM1.500 7.500h5v5h-5zM7.500 7.500h5v5h-5z" />
        </svg>
    </button>
    <Popover ref="panel" class="swatch-panel" @show="opened('.swatch-panel')" @hide="closed">
        <div class="picker" role="dialog" :aria-label="`Swatches for ${label.toLowerCase()}`">
            <ul v-if="offered.length">
                <li v-for="swatch in offered" :key="swatch.id">
                    <button type="button" :aria-pressed="isOf(swatch.key)" @click="take(swatch.key, swatch.colour)">
                        <i :style="{ background: swatch.colour }" /><span>{{ swatch.name }}</span
                        ><b class="num">{{ swatch.colour }}</b>
                    </button>
                </li>
            </ul>
            <p v-else>No swatches yet. A colour that is kept as one can be changed everywhere at once.</p>
            <form v-if="plain" @submit.prevent="keep">
                <i :style="{ background: plain }" />
                <input v-model="naming" aria-label="Name of the new swatch" placeholder="name" autocomplete="off" />
                <button class="btn" type="submit">Keep as a swatch</button>
            </form>
            <button v-else-if="value" class="btn" type="button" @click="release">No longer follow the swatch</button>
        </div>
    </Popover>
</template>

<style scoped>
.open {
    flex: none;
    width: 26px;
    height: 28px;
    border: 1px solid var(--line);
    border-radius: 4px;
    background: var(--card);
    cursor: pointer;
    display: grid;
    place-items: center;
}
.open path {
    fill: none;
    stroke: var(--soft);
    stroke-width: 1.2;
}
.open:hover path {
    stroke: var(--spruce);
}
.picker {
    display: grid;
    gap: 8px;
    width: 244px;
}
ul {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    gap: 1px;
    max-height: 220px;
    overflow: auto;
}
li button {
    display: flex;
    align-items: center;
    gap: 8px;
    width: 100%;
    padding: 4px 6px;
    border: 0;
    border-radius: 3px;
    background: none;
    color: var(--ink);
    font: 12px var(--words);
    text-align: left;
    cursor: pointer;
}
li button:hover {
    background: var(--well);
}
li button[aria-pressed='true'] {
    background: var(--spruce-wash);
}
li span {
    flex: 1;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
li b {
    font-weight: 400;
    font-size: 11px;
    color: var(--soft);
}
i {
    flex: none;
    width: 18px;
    height: 18px;
    border: 1px solid var(--line);
    border-radius: 3px;
}
p {
    margin: 0;
    font-size: 12px;
    color: var(--soft);
}
form {
    display: flex;
    align-items: center;
    gap: 6px;
}
input {
    flex: 1;
    min-width: 0;
    height: 26px;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    color: var(--ink);
    font: 12px var(--words);
    padding: 0 6px;
}
.btn {
    flex: none;
    padding: 0 8px;
}
</style>
