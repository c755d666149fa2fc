<script setup lang="ts">
import { usePanelFocus } from '@/parts/focus';
import { counted } from '@/sheet/words';
import { useDesk } from '@/stores/desk';
import { useRehearsal } from '@/stores/rehearsal';
import { useSquaring } from '@/stores/squaring';
import { useUnits } from '@/stores/units';
import Popover from 'primevue/popover';
import { computed, ref, watch } from 'vue';
import SumField from './SumField.vue';

/** What squaring up would do is shown on the sheet for as long as this is open: how far things may go, and what may change. */
const props = defineProps<{ button: HTMLElement | null }>();
const desk = useDesk();
const rehearsal = useRehearsal();
const squaring = useSquaring();
const units = useUnits();
const panel = ref<InstanceType<typeof Popover> | null>(null);
const { opened, closed } = usePanelFocus();

const tolerance = computed({
    get: () => squaring.wish.tolerance || squaring.first,
    set: (typed) => (squaring.wish.tolerance = typed),
});

/** The sentence without what the heading says already. */
const understood = computed(() => (rehearsal.refused ? rehearsal.words : rehearsal.words.replace(/^[^:]*: /, '')));

/** More names than this are counted. */
const MOST = 3;
const alone = computed(() => (rehearsal.report?.alone ?? []).flatMap((id) => desk.items.get(id) ?? []));

watch(
    () => squaring.isOpen,
    (isOpen) => {
        if (isOpen && props.button) panel.value?.show(new MouseEvent('click'), props.button);
        else panel.value?.hide();
    },
);
watch(
    () => squaring.possible,
    (possible) => (squaring.isOpen = squaring.isOpen && possible),
);
watch(
    () => JSON.stringify([squaring.isOpen, squaring.order(), desk.selection, desk.revision]),
    () => rehearsal.hold(squaring.isOpen ? squaring.order() : null),
);

function hide(): void {
    squaring.isOpen = false;
    closed();
}
</script>

<template>
    <Popover ref="panel" class="square-panel" :dismissable="false" @show="opened('.square-panel')" @hide="hide">
        <form
            class="square"
            aria-label="Square up"
            @submit.prevent="squaring.act"
            @keydown.q.exact.prevent.stop="squaring.act()"
        >
            <h3>Square up {{ counted(desk.selected) }}</h3>
            <SumField
                v-model="tolerance"
                :label="`move by at most, ${units.unit}`"
                name="tolerance"
                stretch
                @enter="squaring.act()"
            />
            <p class="hint">The wheel over the sheet changes it by 1 px.</p>
            <label class="tick"
                ><input v-model="squaring.wish.sizes" type="checkbox" /> sizes may change by half of that</label
            >
            <label class="tick"
                ><input v-model="squaring.wish.extent" type="checkbox" /> both ends stay where they are</label
            >
            <p v-if="rehearsal.words" class="said" :class="{ refused: rehearsal.refused }">{{ understood }}</p>
            <p v-if="alone.length" class="alone">
                <button
                    v-for="item in alone.slice(0, MOST)"
                    :key="item.id"
                    type="button"
                    :aria-label="`Leave ${item.name} out of the selection`"
                    v-tooltip.top="{ value: 'Leave it out of the selection', showDelay: 400 }"
                    @click="squaring.leaveOut([item.id])"
                >
                    {{ item.name }} <i>×</i>
                </button>
                <button v-if="alone.length > 1" type="button" @click="squaring.leaveOut(alone.map((item) => item.id))">
                    leave out all {{ alone.length }} that fit nothing
                </button>
            </p>
            <div class="do">
                <button class="btn" type="button" @click="squaring.isOpen = false">Leave it</button>
                <button class="btn strong" type="submit" :disabled="rehearsal.refused">Square up</button>
            </div>
        </form>
    </Popover>
</template>

<style scoped>
.square {
    width: 268px;
    display: grid;
    gap: 7px;
    font-size: 12.5px;
}
h3 {
    margin: 0;
    font-size: 13px;
}
.do {
    display: flex;
    justify-content: flex-end;
    gap: 6px;
}
.tick {
    display: flex;
    gap: 6px;
    align-items: center;
}
.tick input {
    accent-color: var(--spruce);
    margin: 0;
}
.hint {
    margin: -3px 0 2px;
    color: var(--soft);
    font-size: 12px;
}
.said {
    margin: 0;
    color: var(--soft);
    line-height: 1.4;
    max-height: 7em;
    overflow: auto;
}
.refused {
    color: var(--brick);
}
.alone {
    margin: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
}
.alone button {
    border: 1px dashed var(--line);
    border-radius: 3px;
    background: none;
    color: var(--ink);
    font: 12px var(--words);
    padding: 2px 6px;
    cursor: pointer;
    max-width: 100%;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.alone i {
    font-style: normal;
    color: var(--soft);
}
.strong {
    background: var(--spruce);
    border-color: var(--spruce);
    color: var(--on-spruce);
}
</style>
