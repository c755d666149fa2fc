<script setup lang="ts">
import type { SheetSettings, Slice } from '@/api/types';

/** The sheet as it is painted, with its slices marked on it. */
defineProps<{ sheet: SheetSettings; slices: Slice[]; revision: number; left: string[]; pointed: string | null }>();
const share = (part: number, whole: number) => `${(part / whole) * 100}%`;
</script>

<template>
    <div
        class="sheet"
        :style="{
            aspectRatio: `${sheet.width} / ${sheet.height}`,
            maxWidth: `calc(58vh * ${sheet.width / sheet.height})`,
        }"
    >
        <img :src="`/api/sheets/${sheet.id}/render.svg?r=${revision}`" :alt="`The sheet ${sheet.name}`" />
        <div
            v-for="slice in slices"
            :key="slice.id"
            class="slice"
            :class="{ out: left.includes(slice.id), pointed: pointed === slice.id }"
            :style="{
                left: share(slice.x, sheet.width),
                top: share(slice.y, sheet.height),
                width: share(slice.w, sheet.width),
                height: share(slice.h, sheet.height),
            }"
        >
            <i /><i /><i /><i />
            <span class="num">{{ slice.name }}</span>
        </div>
    </div>
</template>

<style scoped>
.sheet {
    position: relative;
    width: 100%;
}
.sheet img {
    display: block;
    width: 100%;
    height: 100%;
    outline: 1px solid var(--edge);
    background: #fff;
}
.slice {
    position: absolute;
    container-type: size;
}
/* Where it would hide what is cut, a name is shown only when it is pointed at. */
@container (max-width: 110px) or (max-height: 60px) {
    .slice:not(.pointed, :hover) > span {
        display: none;
    }
}
.slice.pointed {
    background: rgb(168 104 12 / 18%);
}
.slice.out {
    opacity: 0.25;
}
.slice i {
    position: absolute;
    width: 9px;
    height: 9px;
    border: solid var(--ochre);
    border-width: 0;
}
.slice i:nth-child(1) {
    left: -3px;
    top: -3px;
    border-width: 2px 0 0 2px;
}
.slice i:nth-child(2) {
    right: -3px;
    top: -3px;
    border-width: 2px 2px 0 0;
}
.slice i:nth-child(3) {
    right: -3px;
    bottom: -3px;
    border-width: 0 2px 2px 0;
}
.slice i:nth-child(4) {
    left: -3px;
    bottom: -3px;
    border-width: 0 0 2px 2px;
}
.slice span {
    position: absolute;
    right: 0;
    bottom: 0;
    max-width: 100%;
    padding: 0 6px;
    font-size: 10.5px;
    line-height: 15px;
    background: var(--tag-ochre);
    color: #fff;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
</style>
