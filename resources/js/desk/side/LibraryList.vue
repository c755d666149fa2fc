<script setup lang="ts">
import { api } from '@/api/client';
import type { LibraryPicture } from '@/api/kits';
import { restingQuestion } from '@/api/restingQuestion';
import { counted } from '@/sheet/words';
import { usePutting } from '@/desk/putting';
import { useRoving } from '@/parts/roving';
import { usePictures } from '@/stores/pictures';
import { computed, onBeforeUnmount, ref, watch } from 'vue';

/** Pictures of the library, each with who made it. One that is pressed comes into the frames that are selected, else onto the sheet. */
const props = defineProps<{ words: string }>();
const putting = usePutting();
const pictures = usePictures();
const list = ref<HTMLElement | null>(null);
const { at, to, focused } = useRoving(list);
const found = ref<LibraryPicture[] | null>(null);
const trouble = ref('');
const isLooking = ref(false);
const where = computed(() => {
    const frames = putting.frames();
    return frames.length > 0 ? `into ${counted(frames)}` : 'on the sheet';
});
const question = restingQuestion(200);

function fail(error: Error): void {
    isLooking.value = false;
    trouble.value = error.message;
}

function look(): void {
    isLooking.value = true;
    question.ask(
        (signal) => api.pictureLibrary(props.words, signal),
        (answer) => {
            isLooking.value = false;
            trouble.value = '';
            found.value = answer;
            at.value = 0;
        },
        fail,
        fail,
    );
}
watch(() => props.words, look, { immediate: true });
onBeforeUnmount(question.drop);
</script>

<template>
    <div ref="list" class="pictures" :aria-busy="isLooking" @keydown="to" @focusin="focused">
        <p v-if="trouble" class="note" role="alert">
            {{ trouble }}
            <button class="link" type="button" :disabled="isLooking" @click="look">Try again</button>
        </p>
        <template v-else-if="found === null">
            <span v-for="i in 6" :key="i" class="waiting" aria-hidden="true" />
            <p class="note" role="status">Looking in the library …</p>
        </template>
        <p v-else-if="found.length === 0" class="note">Nothing in the library goes by that. Try another word.</p>
        <template v-else>
            <p class="note">A press puts one {{ where }}.</p>
            <button
                v-for="(picture, i) in found"
                :key="picture.id"
                type="button"
                data-cell
                draggable="true"
                :tabindex="at === i ? 0 : -1"
                :disabled="pictures.under !== null"
                :title="`${picture.name}, by ${picture.credit}`"
                @click="putting.put({ put: 'picture', picture: picture.id, name: picture.name })"
                @dragstart="putting.drag($event, { put: 'picture', picture: picture.id, name: picture.name })"
            >
                <img :src="`/api/picture-library/${picture.id}.svg`" alt="" loading="lazy" draggable="false" />
                <span class="name">{{ picture.name }}</span>
                <span class="credit">by {{ picture.credit }}</span>
            </button>
        </template>
    </div>
</template>

<style scoped>
.pictures {
    flex: 1;
    min-height: 0;
    overflow-y: auto;
    padding: 0 9px 12px;
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 9px 7px;
    align-content: start;
}
.pictures > button[data-cell] {
    border: 0;
    background: none;
    padding: 0;
    min-width: 0;
    display: grid;
    text-align: left;
    cursor: grab;
    border-radius: 3px;
}
.pictures > button:disabled {
    opacity: 0.6;
    cursor: default;
}
img,
.waiting {
    display: block;
    width: 100%;
    aspect-ratio: 8 / 5;
    border-radius: 3px;
    background: var(--line);
}
[data-cell]:hover img {
    outline: 2px solid var(--spruce);
}
.waiting {
    opacity: 0.5;
}
.name,
.credit {
    font-size: 11.5px;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.credit {
    font-size: 11px;
    color: var(--soft);
}
.note {
    grid-column: 1 / -1;
    font-size: 12px;
    color: var(--soft);
}
</style>
