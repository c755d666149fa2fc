<script setup lang="ts">
import { counted } from '@/sheet/words';
import { useWriting } from '@/stores/writing';
import { computed } from 'vue';
import LetterFields from './LetterFields.vue';
import ParagraphFields from './ParagraphFields.vue';
import ScaleSettings from './ScaleSettings.vue';
import SpaceBelow from './SpaceBelow.vue';
import StyleList from './StyleList.vue';
import StyleRow from './StyleRow.vue';
import TextFrame from './TextFrame.vue';
import FontList from './FontList.vue';
import { useTypeValues } from './typeValues';

/** How words are set: of the texts that are selected, of the letters that are while one is written; with nothing selected, of the document. */
const writing = useWriting();
const { texts, parts } = useTypeValues();

const heading = computed(() => {
    if (!writing.isOn) return counted(texts.value);
    const count = writing.selected[1] - writing.selected[0];
    return count === 0 ? 'What is typed next' : count === 1 ? '1 letter' : `${count} letters`;
});
</script>

<template>
    <div class="type-drawer">
        <template v-if="parts.length > 0">
            <h2>{{ heading }}</h2>
            <StyleRow v-if="!writing.isOn" />
            <LetterFields />
            <ParagraphFields />
            <template v-if="!writing.isOn">
                <TextFrame />
                <SpaceBelow v-if="texts.length === 1" :key="texts[0]?.id" />
            </template>
        </template>
        <template v-else>
            <h2>Type of the document</h2>
            <StyleList />
            <ScaleSettings />
            <FontList />
        </template>
    </div>
</template>

<style scoped>
.type-drawer {
    padding: 12px;
    overflow: auto;
    display: grid;
    gap: 14px;
    align-content: start;
    grid-auto-rows: max-content;
    height: 100%;
}
h2 {
    font-size: 14px;
    font-weight: 700;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
</style>
