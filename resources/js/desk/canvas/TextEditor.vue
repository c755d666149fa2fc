<script setup lang="ts">
import type { Item } from '@/api/types';
import { BESIDE_WRITING, useFocusBack } from '@/parts/focus';
import { applied, chained, inverse, mirrored, mirrorTransform, svgTransform, toParent } from '@/sheet/geometry';
import { caretAt, lineEnd, nearest, selectionBoxes, stepped, toCharacters, toUnits } from '@/sheet/writing';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { useWriting } from '@/stores/writing';
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { group, leaf } from './elements';
import { fetchGlyphs } from './glyphs';
import { useTextPressing } from './textPressing';

/**
 * A text written where it stands: the browser's own field takes the keys and stays unseen; letters, caret and selection are shown as
 * the server set them. Whatever ends it, the words are kept; undo takes them back.
 */
const MOST = 60_000;
const desk = useDesk();
const view = useView();
const writing = useWriting();
const field = ref<HTMLTextAreaElement | null>(null);
const paper = ref<SVGGElement | null>(null);
/** where a way up or down began, px of the item */
let column: number | null = null;
useFocusBack();
const press = useTextPressing(
    (event) => pointed(event),
    (from, to, backwards) => {
        column = null;
        field.value?.focus({ preventScroll: true });
        mark(from, to, backwards);
    },
);

/** The text as it is set now. */
const shown = computed((): Item | null => {
    const { setting, blank } = writing;
    if (!setting) return null;
    return {
        ...blank,
        flip: blank.flip ?? 'none',
        angle: blank.angle ?? 0,
        frame: setting.frame,
        painting: setting.painting,
    };
});
const place = computed(() =>
    shown.value ? chained(desk.tree.toSheet(shown.value.parent ?? null), toParent(shown.value)) : null,
);
const camera = computed(() => `matrix(${view.zoom} 0 0 ${view.zoom} ${view.pan.x} ${view.pan.y})`);
const lines = computed(() => writing.setting?.lines ?? []);
const caret = computed(() => caretAt(lines.value, writing.selected[1]));
const isCollapsed = computed(() => writing.selected[0] === writing.selected[1]);
const boxes = computed(() => selectionBoxes(lines.value, ...writing.selected));
const mirror = computed(() => (shown.value ? mirrorTransform(shown.value) : ''));
/** The field stands at the caret, so that what helps to write appears there. */
const at = computed(() => {
    if (!caret.value || !place.value || !shown.value) return { x: 0, y: 0 };
    const { x, y } = view.toScreen(
        applied(place.value, mirrored(shown.value, { x: caret.value.x, y: caret.value.top })),
    );
    return { x: Math.min(Math.max(x, 0), view.size.w - 4), y: Math.min(Math.max(y, 0), view.size.h - 20) };
});

watch(
    [shown, paper],
    async () => {
        if (!shown.value || !paper.value) return;
        await fetchGlyphs([shown.value]).catch(() => undefined);
        if (shown.value && paper.value) paper.value.replaceChildren(leaf(group(), shown.value));
    },
    { flush: 'post' },
);

function mark(from: number, to: number, backwards = false): void {
    const element = field.value;
    if (!element) return;
    element.setSelectionRange(
        toUnits(element.value, from),
        toUnits(element.value, to),
        backwards ? 'backward' : 'forward',
    );
    writing.select(from, to);
}

function read(): void {
    const element = field.value;
    if (!element || document.activeElement !== element) return;
    writing.select(
        toCharacters(element.value, element.selectionStart),
        toCharacters(element.value, element.selectionEnd),
    );
}

function onInput(): void {
    const element = field.value;
    if (!element) return;
    column = null;
    const text = element.value;
    writing.type(text, [toCharacters(text, element.selectionStart), toCharacters(text, element.selectionEnd)]);
}

/** More than a text holds is said, not cut off without a word. */
function onPaste(event: ClipboardEvent): void {
    const pasted = event.clipboardData?.getData('text/plain') ?? '';
    const length = [...pasted].length + [...writing.words].length - (writing.selected[1] - writing.selected[0]);
    if (length <= MOST) return;
    event.preventDefault();
    desk.say(
        `A text holds ${MOST.toLocaleString('en')} characters at most; with what was pasted it would have ${length.toLocaleString('en')}. Nothing was pasted.`,
        'refused',
    );
}

const WAYS: Record<string, 1 | -1> = { ArrowUp: -1, ArrowDown: 1 };

function onKey(event: KeyboardEvent): void {
    event.stopPropagation();
    const held = event.ctrlKey || event.metaKey;
    if (event.key === 'Escape' || (event.key === 'Enter' && held)) {
        event.preventDefault();
        void writing.end();
        return;
    }
    const way = WAYS[event.key];
    if (way && !event.altKey && !held)
        return go(event, (from) => stepped(lines.value, from, way, (column ??= xOf(from))));
    column = null;
    if ((event.key === 'Home' || event.key === 'End') && !held)
        return go(event, (from) => lineEnd(lines.value, from, event.key === 'End'));
    if (held && !event.altKey && ['b', 'i', 'u'].includes(event.key.toLowerCase())) {
        event.preventDefault();
        toggle(event.key.toLowerCase());
    }
}

const xOf = (index: number) => caretAt(lines.value, index)?.x ?? 0;

/** Moves the caret, or with Shift the end of the selection. */
function go(event: KeyboardEvent, to: (from: number) => number): void {
    event.preventDefault();
    const element = field.value;
    if (!element) return;
    const [from, end] = writing.selected;
    const isBackwards = element.selectionDirection === 'backward';
    const [fixed, moving] = isBackwards ? [end, from] : [from, end];
    const next = to(moving);
    if (event.shiftKey) mark(Math.min(fixed, next), Math.max(fixed, next), next < fixed);
    else mark(next, next);
}

/** Bold, italic and underline, for what is selected or typed next: on, unless all of it is. */
function toggle(key: string): void {
    const all = (has: (fields: Item['fields']) => boolean) => writing.parts.every((part) => has(part.fields));
    if (key === 'b') writing.style({ weight: all((fields) => (fields.weight ?? 400) >= 600) ? 400 : 700 });
    else if (key === 'i') writing.style({ italic: !all((fields) => fields.italic === true) });
    else writing.style({ underline: !all((fields) => fields.underline === true) });
}

/** The place between two letters that is nearest to the pointer. */
function pointed(event: PointerEvent): number {
    const box = field.value?.closest('.plane')?.getBoundingClientRect();
    const sheet = view.toSheet({ x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) });
    return place.value && shown.value
        ? nearest(lines.value, mirrored(shown.value, applied(inverse(place.value), sheet)))
        : 0;
}

/** Focus that goes to where letters are set stays with the writing; any other ends it, also when it comes from there. */
function onBlur(event: FocusEvent): void {
    if (!isBeside(event.relatedTarget)) void writing.end();
}

function onFocus(event: FocusEvent): void {
    if (event.target !== field.value && !isBeside(event.target)) void writing.end();
}

const isBeside = (target: EventTarget | null) => target instanceof Element && target.closest(BESIDE_WRITING) !== null;

onMounted(() => {
    document.addEventListener('selectionchange', read);
    document.addEventListener('focusin', onFocus);
    void writing.begin();
    // What is typed at once is meant for the text already.
    if (!field.value) return;
    field.value.value = writing.words;
    field.value.focus({ preventScroll: true });
    field.value.select();
});
onBeforeUnmount(() => {
    document.removeEventListener('selectionchange', read);
    document.removeEventListener('focusin', onFocus);
});
</script>

<template>
    <div class="writing">
        <svg v-if="shown && place" class="paper" :width="view.size.w" :height="view.size.h" aria-hidden="true">
            <g :transform="camera">
                <g :transform="svgTransform(place)">
                    <rect
                        class="frame"
                        :width="shown.frame.w"
                        :height="shown.frame.h"
                        @pointerdown="press"
                        @dblclick.stop
                    />
                    <g :transform="mirror">
                        <rect
                            v-for="(box, i) in boxes"
                            :key="i"
                            class="selected"
                            :x="box.x"
                            :y="box.y"
                            :width="box.w"
                            :height="box.h"
                        />
                    </g>
                    <g ref="paper" class="letters" />
                    <g :transform="mirror">
                        <line
                            v-if="caret && isCollapsed"
                            class="caret"
                            :x1="caret.x"
                            :x2="caret.x"
                            :y1="caret.top"
                            :y2="caret.top + caret.height"
                        />
                    </g>
                </g>
            </g>
        </svg>
        <textarea
            ref="field"
            class="editor"
            :style="{ left: `${at.x}px`, top: `${at.y}px` }"
            rows="1"
            wrap="off"
            aria-label="Words of the text"
            spellcheck="false"
            @input="onInput"
            @paste="onPaste"
            @blur="onBlur"
            @keydown="onKey"
            @pointerdown.stop
            @wheel.stop
        />
    </div>
</template>

<style scoped>
.writing {
    position: absolute;
    inset: 0;
    pointer-events: none;
}
.paper {
    position: absolute;
    inset: 0;
}
.frame {
    fill: transparent;
    stroke: var(--mark);
    stroke-width: 1;
    stroke-dasharray: 3 3;
    vector-effect: non-scaling-stroke;
    pointer-events: all;
    cursor: text;
}
.letters {
    pointer-events: none;
}
.selected {
    fill: var(--spruce);
    opacity: 0.22;
}
.caret {
    stroke: var(--ink);
    stroke-width: 1.5;
    vector-effect: non-scaling-stroke;
    animation: blink 1.1s steps(2, jump-none) infinite;
}
@keyframes blink {
    50%,
    to {
        opacity: 0;
    }
}
@media (prefers-reduced-motion: reduce) {
    .caret {
        animation: none;
    }
}
.editor {
    position: absolute;
    margin: 0;
    padding: 0;
    border: 0;
    width: 2px;
    height: 18px;
    background: transparent;
    color: transparent;
    caret-color: transparent;
    outline: 0;
    resize: none;
    overflow: hidden;
    white-space: pre;
    pointer-events: none;
}
.editor::selection {
    background: transparent;
}
</style>
