<script setup lang="ts">
import { api } from '@/api/client';
import type { Icon } from '@/api/kits';
import { restingQuestion } from '@/api/restingQuestion';
import { usePutting, type IconWish } from '@/desk/putting';
import { useRoving } from '@/parts/roving';
import { counted } from '@/sheet/words';
import { computed, onBeforeUnmount, ref, watch } from 'vue';

/** Icons by what they are called and by other words for it. A press puts one; with Shift, several are chosen and put at once. */
const props = defineProps<{ words: string }>();
const putting = usePutting();
const question = restingQuestion(120);
const list = ref<HTMLElement | null>(null);
const { at, to, focused } = useRoving(list);
const found = ref<{ icons: Icon[]; count: number } | null>(null);
const trouble = ref('');
const chosen = ref<Icon[]>([]);
const size = ref('');
const weight = ref('');

const fail = (error: Error) => (trouble.value = error.message);

function ask(): void {
    trouble.value = '';
    question.ask(
        (signal) => api.icons(props.words, signal),
        (answer) => {
            found.value = answer;
            at.value = 0;
        },
        fail,
        fail,
    );
}
watch(() => props.words, ask, { immediate: true });
onBeforeUnmount(question.drop);

const grounds = computed(() => putting.grounds());
const where = computed(() => (grounds.value.length > 0 ? `into ${counted(grounds.value)}` : 'on the sheet'));

const how = computed<IconWish>(() => ({
    ...(size.value.trim() ? { size: size.value.trim() } : {}),
    ...(Number(weight.value) > 0 ? { weight: Number(weight.value) } : {}),
}));

const placeOf = (icon: Icon) => chosen.value.findIndex(({ name }) => name === icon.name) + 1;

function press(event: MouseEvent, icon: Icon): void {
    if (event.shiftKey || event.ctrlKey || event.metaKey || chosen.value.length > 0) {
        const others = chosen.value.filter(({ name }) => name !== icon.name);
        chosen.value = others.length < chosen.value.length ? others : [...others, icon];
    } else void putting.put({ put: 'icons', icons: [icon], how: how.value });
}

async function putChosen(): Promise<void> {
    await putting.put({ put: 'icons', icons: chosen.value, how: how.value });
    chosen.value = [];
}

function drag(event: DragEvent, icon: Icon): void {
    const icons = placeOf(icon) > 0 ? chosen.value : [icon];
    putting.drag(event, { put: 'icons', icons, how: how.value });
}

const said = (icon: Icon) => icon.name.replaceAll('-', ' ');
</script>

<template>
    <div class="how">
        <label>
            size
            <input v-model="size" class="num" aria-label="Size of icons, px" placeholder="auto" @keydown.stop />
        </label>
        <label>
            lines
            <input
                v-model="weight"
                class="num"
                aria-label="Weight of the lines of icons, px"
                placeholder="auto"
                @keydown.stop
            />
        </label>
    </div>
    <div ref="list" class="icons" role="group" aria-label="Icons" @keydown="to" @focusin="focused">
        <button
            v-for="(icon, i) in found?.icons ?? []"
            :key="icon.name"
            type="button"
            data-cell
            draggable="true"
            :tabindex="at === i ? 0 : -1"
            :aria-label="placeOf(icon) ? `${said(icon)}, ${placeOf(icon)}` : said(icon)"
            :aria-pressed="placeOf(icon) > 0"
            :title="said(icon)"
            @click="press($event, icon)"
            @dragstart="drag($event, icon)"
        >
            <svg viewBox="0 0 24 24" width="24" height="24" aria-hidden="true"><path :d="icon.path" /></svg>
            <i v-if="placeOf(icon)" class="num">{{ placeOf(icon) }}</i>
        </button>
        <p v-if="trouble" class="note wide" role="alert">
            {{ trouble }} <button class="link" type="button" @click="ask">Try again</button>
        </p>
        <p v-else-if="found && found.count === 0" class="note wide">
            No icon goes by that. Try another word, or fewer.
        </p>
        <p v-else-if="found && found.count > found.icons.length" class="note wide num">
            {{ found.icons.length }} of {{ found.count.toLocaleString('en') }}. Search for the others.
        </p>
    </div>
    <div class="foot">
        <template v-if="chosen.length">
            <button class="btn main" type="button" @click="putChosen">
                Put {{ chosen.length === 1 ? '1 icon' : `${chosen.length} icons` }} {{ where }}
            </button>
            <button class="link" type="button" @click="chosen = []">Choose none</button>
        </template>
        <p v-else class="note">A press puts one {{ where }}. Shift and press to choose several, one for each.</p>
    </div>
</template>

<style scoped>
.how {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px;
    padding: 0 9px;
}
.how label {
    display: flex;
    align-items: center;
    gap: 6px;
    font-size: 12px;
    color: var(--soft);
}
.how input {
    width: 0;
    flex: 1;
    min-width: 0;
    height: 25px;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    color: var(--ink);
    padding: 0 6px;
    font-size: 12px;
}
.icons {
    flex: 1;
    min-height: 0;
    overflow-y: auto;
    padding: 0 9px;
    display: grid;
    grid-template-columns: repeat(5, 1fr);
    align-content: start;
    gap: 3px;
}
.icons > button {
    position: relative;
    height: 36px;
    padding: 0;
    border: 1px solid transparent;
    border-radius: 4px;
    background: none;
    cursor: grab;
    display: grid;
    place-items: center;
}
.icons > button:hover {
    background: var(--card);
    border-color: var(--line);
}
.icons > button[aria-pressed='true'] {
    background: var(--spruce-wash);
    border-color: var(--spruce);
}
.icons svg {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.6;
    stroke-linecap: round;
    stroke-linejoin: round;
}
.icons i {
    position: absolute;
    right: 2px;
    bottom: 0;
    font-style: normal;
    font-size: 11px;
    color: var(--spruce);
    font-weight: 600;
}
.wide {
    grid-column: 1 / -1;
    padding: 6px 0;
}
.note {
    font-size: 12px;
    color: var(--soft);
}
.foot {
    display: grid;
    gap: 2px;
    padding: 8px 9px 9px;
    border-top: 1px solid var(--line);
}
.foot .link {
    justify-self: start;
}
</style>
