<script setup lang="ts">
import type { Box } from '@/api/types';
import { useCompare } from '@/stores/compare';
import { computed } from 'vue';

/** One of the two sheets as it is painted, with the place of the difference that is pointed at. */
const props = defineProps<{
    name: string;
    address: string;
    width: number;
    height: number;
    lit: Box | null;
    /** what is seen of it: CSS of a clip path */
    clip?: string;
}>();
const compare = useCompare();
const place = computed(() => ({
    transform: `translate(${compare.seen.x}px, ${compare.seen.y}px)`,
    width: `${props.width * compare.seen.zoom}px`,
    height: `${props.height * compare.seen.zoom}px`,
}));
const mark = computed(() =>
    props.lit
        ? {
              left: `${props.lit.x * compare.seen.zoom - 3}px`,
              top: `${props.lit.y * compare.seen.zoom - 3}px`,
              width: `${props.lit.w * compare.seen.zoom + 6}px`,
              height: `${props.lit.h * compare.seen.zoom + 6}px`,
          }
        : null,
);
</script>

<template>
    <div class="clip" :style="{ clipPath: clip }">
        <div class="picture" :style="place">
            <img :src="address" :alt="`The sheet ${name}`" draggable="false" />
            <i v-if="mark" class="mark" :style="mark" />
        </div>
    </div>
</template>

<style scoped>
.clip {
    position: absolute;
    inset: 0;
    overflow: hidden;
}
.picture {
    position: absolute;
    left: 0;
    top: 0;
}
img {
    display: block;
    width: 100%;
    height: 100%;
    background: #fff;
    outline: 1px solid var(--edge);
    user-select: none;
}
.mark {
    position: absolute;
    border: 2px solid var(--mark-brick);
    background: rgb(168 58 36 / 10%);
    border-radius: 2px;
}
</style>
