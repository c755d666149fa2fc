<script setup lang="ts">
import { useView } from '@/stores/view';
import InputText from 'primevue/inputtext';
import { storeToRefs } from 'pinia';
import IconList from './IconList.vue';
import KitList from './KitList.vue';
import LibraryList from './LibraryList.vue';

/** What is put on the sheet ready-made: kits, icons, and pictures of the library; found by words, dragged or put in the middle of what is seen. */
const { offered, wanted } = storeToRefs(useView());
const SORTS = [
    { sort: 'kits' as const, words: 'Kits', search: 'card, button, legend' },
    { sort: 'icons' as const, words: 'Icons', search: 'ferry, arrow, ticket' },
    { sort: 'pictures' as const, words: 'Pictures', search: 'harbour, night, boat' },
];
const placeholder = (sort: string) => SORTS.find((one) => one.sort === sort)?.search;
</script>

<template>
    <div class="kits">
        <div class="sorts" role="group" aria-label="What is offered">
            <button
                v-for="one in SORTS"
                :key="one.sort"
                class="btn"
                type="button"
                :aria-pressed="offered === one.sort"
                @click="offered = one.sort"
            >
                {{ one.words }}
            </button>
        </div>
        <div class="search">
            <svg width="13" height="13" aria-hidden="true">
                <path d="M9 9l3 3M10 5.500a4.500 4.500 0 1 1-9 0a4.500 4.500 0 0 1 9 0Z" />
            </svg>
            <InputText
                v-model="wanted"
                type="search"
                size="small"
                maxlength="100"
                :aria-label="`Search ${offered}`"
                :placeholder="placeholder(offered)"
                @keydown.stop.escape="wanted = ''"
            />
        </div>
        <KitList v-if="offered === 'kits'" :words="wanted" />
        <IconList v-else-if="offered === 'icons'" :words="wanted" />
        <LibraryList v-else :words="wanted" />
    </div>
</template>

<style scoped>
.kits {
    flex: 1;
    min-height: 0;
    display: flex;
    flex-direction: column;
    gap: 8px;
    padding: 9px 0 0;
}
.sorts {
    display: grid;
    grid-template-columns: auto auto auto;
    padding: 0 9px;
}
.sorts .btn {
    padding: 0 4px;
    font-weight: 400;
    border-radius: 0;
    margin-left: -1px;
}
.sorts .btn:first-child {
    border-radius: 4px 0 0 4px;
    margin-left: 0;
}
.sorts .btn:last-child {
    border-radius: 0 4px 4px 0;
}
.sorts .btn[aria-pressed='true'] {
    position: relative;
    font-weight: 600;
}
.search {
    position: relative;
    padding: 0 9px;
}
.search svg {
    position: absolute;
    left: 16px;
    top: 7px;
    fill: none;
    stroke: var(--soft);
    stroke-width: 1.4;
}
.search :deep(input) {
    width: 100%;
    height: 27px;
    font-size: 12.5px;
    padding: 0 7px 0 25px;
}
</style>
