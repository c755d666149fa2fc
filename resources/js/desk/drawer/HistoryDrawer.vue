<script setup lang="ts">
import { api } from '@/api/client';
import type { HistoryEntry } from '@/api/types';
import { useDesk } from '@/stores/desk';
import { useSending } from '@/stores/sending';
import { computed, shallowRef, watch } from 'vue';
import { useRoute } from 'vue-router';

/** What was done, line by line, the latest first; a click goes back to a line, or forward again. */
const desk = useDesk();
const sending = useSending();
const route = useRoute();
const lines = shallowRef<HistoryEntry[] | null>(null);
const failed = shallowRef(false);

async function load(): Promise<void> {
    const id = desk.document?.id;
    if (!id || sending.waiting > 0) return;
    try {
        lines.value = await api.history(id);
        failed.value = false;
    } catch {
        failed.value = true;
    }
}

watch(() => [desk.document?.id, desk.revision, sending.waiting === 0], load, { immediate: true });

/** The last line that is done; 0 when nothing is. */
const current = computed(() => lines.value?.find((line) => !line.undone)?.line ?? 0);

const nameOf = (sheet: string) => desk.document?.sheets.find((one) => one.id === sheet)?.name ?? 'a deleted sheet';
const time = (at: string) =>
    new Date(`${at.replace(' ', 'T')}Z`).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hour12: false });
</script>

<template>
    <div class="history">
        <h3>
            History <span v-if="lines" class="num">{{ lines.length }}</span>
        </h3>
        <p v-if="failed" class="empty">The history could not be read. It is looked at again with the next change.</p>
        <p v-else-if="lines && lines.length === 0" class="empty">
            No changes yet. Every change gets a line here, and you can go back to any of them.
        </p>
        <ol v-else-if="lines">
            <li v-for="line in lines" :key="line.line">
                <button
                    type="button"
                    :class="{ undone: line.undone, current: line.line === current }"
                    :aria-current="line.line === current ? 'step' : undefined"
                    :title="line.label"
                    @click="line.line !== current && desk.goTo(line.line, line.label)"
                >
                    <span>{{ line.label }}</span>
                    <i>
                        <template v-if="line.sheet !== desk.sheet?.id">{{ nameOf(line.sheet) }}, </template
                        >{{ time(line.at) }}
                    </i>
                </button>
                <RouterLink
                    v-if="line.sheet === desk.sheet?.id && line.line !== current && !line.undone"
                    class="link"
                    :to="{ name: 'compare', params: route.params, query: { line: line.line } }"
                    :aria-label="`Compare with: ${line.label}`"
                    >Compare</RouterLink
                >
            </li>
            <li>
                <button type="button" :class="{ current: current === 0 }" @click="current !== 0 && desk.goTo(0)">
                    <span>Before the first change</span>
                </button>
            </li>
        </ol>
    </div>
</template>

<style scoped>
.history {
    display: flex;
    flex-direction: column;
    height: 100%;
    min-height: 0;
}
h3 {
    display: flex;
    justify-content: space-between;
    padding: 11px 12px 8px;
    font: 600 12.5px var(--words);
}
h3 span {
    font-weight: 400;
    color: var(--soft);
}
ol {
    list-style: none;
    margin: 0;
    padding: 0;
    overflow: auto;
    flex: 1;
    min-height: 0;
}
button {
    display: grid;
    gap: 1px;
    width: 100%;
    padding: 6px 12px;
    border: 0;
    border-top: 1px solid var(--well);
    background: none;
    text-align: left;
    font-size: 12px;
    line-height: 1.35;
    cursor: pointer;
}
li {
    position: relative;
}
.link {
    position: absolute;
    right: 10px;
    bottom: 5px;
    padding: 1px 5px;
    border-radius: 3px;
    background: var(--paper);
    color: var(--spruce);
    font-size: 11px;
    opacity: 0;
}
li:hover .link,
.link:focus-visible {
    opacity: 1;
}
button:hover {
    background: var(--well);
}
button.current {
    background: var(--spruce-wash);
    box-shadow: inset 3px 0 var(--spruce);
}
button.undone span {
    color: var(--off);
    text-decoration: line-through;
}
button:focus-visible {
    outline-offset: -2px;
}
i {
    font: 11px var(--words);
    color: var(--soft);
}
.empty {
    padding: 6px 12px;
    color: var(--soft);
    line-height: 1.5;
}
</style>
