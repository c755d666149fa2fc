<script setup lang="ts">
import type { UnitName } from '@/api/types';
import { useActions } from '@/desk/actions';
import { useDesk } from '@/stores/desk';
import { usePictures } from '@/stores/pictures';
import { useRehearsal } from '@/stores/rehearsal';
import { useSending } from '@/stores/sending';
import { THEMES, useTheme } from '@/stores/theme';
import { UNITS, useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { computed } from 'vue';
import SnapSwitches from './SnapSwitches.vue';

/** What the last action did, in numbers; and how the sheet is looked at. */
const emit = defineEmits<{ keys: [] }>();
const desk = useDesk();
const view = useView();
const sending = useSending();
const units = useUnits();
const { actions } = useActions();
const pictures = usePictures();
const rehearsal = useRehearsal();
const theme = useTheme();

/** The words before the first colon are what was done, the rest are the figures. */
const said = computed(() => {
    if (rehearsal.words) return { first: rehearsal.refused ? 'Not possible: ' : 'If pressed: ', rest: rehearsal.words };
    const [, first = '', rest = ''] = /^([^:]*:)?(.*)$/s.exec(desk.status.text) ?? [];
    return desk.status.kind === 'done' && first ? { first, rest } : { first: '', rest: desk.status.text };
});

const saved = computed(() => {
    if (sending.unreachable) return `not saved: ${sending.waiting} waiting. ${sending.unreachable}`;
    return sending.waiting > 0 ? 'saving' : 'saved';
});

const percent = computed(() => `${Math.round(view.zoom * 1000) / 10} %`);
</script>

<template>
    <footer class="status">
        <span class="said" :class="rehearsal.words ? 'ahead' : desk.status.kind" role="status" aria-live="polite"
            ><b v-if="said.first">{{ said.first }}</b
            >{{ said.rest }}</span
        >
        <span v-if="pictures.under" class="bringing" role="status">
            <progress :value="pictures.under.done" :max="pictures.under.of" aria-label="Pictures brought along" />
            {{ pictures.under.done + 1 }} of {{ pictures.under.of }}: {{ pictures.under.name }}
        </span>
        <span class="saved" :class="{ lost: sending.unreachable }" role="status" :title="saved">{{ saved }}</span>
        <button
            v-if="sending.unreachable"
            class="quiet"
            type="button"
            v-tooltip.top="'Send what is waiting, without waiting longer'"
            @click="sending.tryNow()"
        >
            Try now
        </button>
        <button
            class="quiet"
            type="button"
            :aria-pressed="desk.sheet?.whole_pixels"
            v-tooltip.top="'Places and sizes are brought to whole pixels'"
            @click="desk.run('set-sheet', { whole_pixels: !desk.sheet?.whole_pixels }, [])"
        >
            whole pixels {{ desk.sheet?.whole_pixels ? 'on' : 'off' }}
        </button>
        <SnapSwitches />
        <label class="unit" v-tooltip.top="'In what lengths are shown and typed'">
            <select
                :value="units.unit"
                aria-label="Unit"
                @change="units.choose(($event.target as HTMLSelectElement).value as UnitName)"
            >
                <option v-for="unit in UNITS" :key="unit" :value="unit">{{ unit }}</option>
            </select>
        </label>
        <span class="zoom">
            <button
                class="quiet"
                type="button"
                aria-label="Zoom out"
                v-tooltip.top="'Further off (-)'"
                @click="view.zoomTo(view.zoom / 1.25)"
            >
                −
            </button>
            <button
                class="quiet num"
                type="button"
                :aria-label="`${percent}, zoom to 100 %`"
                v-tooltip.top="'Zoom to 100 %'"
                @click="view.zoomTo(1)"
            >
                {{ percent }}
            </button>
            <button
                class="quiet"
                type="button"
                aria-label="Zoom in"
                v-tooltip.top="'Closer (+)'"
                @click="view.zoomTo(view.zoom * 1.25)"
            >
                +
            </button>
            <button class="quiet" type="button" v-tooltip.top="'Fit the sheet (0)'" @click="actions.fit.run()">
                fit
            </button>
        </span>
        <button
            class="quiet"
            type="button"
            :aria-label="`Desk: ${THEMES[theme.chosen]}`"
            v-tooltip.top="`Light or dark: ${THEMES[theme.chosen]}`"
            @click="desk.say(`Light or dark: ${THEMES[theme.turn()]}`, 'note')"
        >
            <svg width="14" height="14" aria-hidden="true">
                <circle cx="7" cy="7" r="5" fill="none" stroke="currentColor" stroke-width="1.4" />
                <path d="M7 2a5 5 0 0 1 0 10z" fill="currentColor" />
            </svg>
        </button>
        <button
            class="quiet"
            type="button"
            aria-label="List of keys"
            v-tooltip.top="'All keys (?)'"
            @click="emit('keys')"
        >
            keys ?
        </button>
    </footer>
</template>

<style scoped>
.status {
    display: flex;
    align-items: center;
    gap: 14px;
    height: 27px;
    padding: 0 12px;
    background: var(--paper);
    border-top: 1px solid var(--line);
    font-size: 12px;
    color: var(--soft);
    min-width: 0;
    white-space: nowrap;
}
.said {
    flex: 1;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    color: var(--ink);
}
.bringing {
    display: flex;
    align-items: center;
    gap: 8px;
    max-width: 320px;
    overflow: hidden;
    text-overflow: ellipsis;
}
.bringing progress {
    width: 90px;
    height: 8px;
    accent-color: var(--spruce);
}
.said b {
    font-weight: 600;
}
.said.refused {
    color: var(--brick);
    font-weight: 600;
}
.said.ahead {
    color: var(--spruce);
}
.said.note {
    color: var(--soft);
}
.saved {
    overflow: hidden;
    text-overflow: ellipsis;
    max-width: 45%;
}
.saved.lost {
    color: var(--brick);
    font-weight: 600;
}
.unit select {
    border: 0;
    background: none;
    color: inherit;
    font: 12px var(--words);
    cursor: pointer;
}
.zoom {
    display: flex;
    align-items: center;
    gap: 1px;
}
.zoom .num {
    min-width: 54px;
    text-align: center;
}
</style>
