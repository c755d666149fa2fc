<script setup lang="ts">
import LengthField from '@/parts/LengthField.vue';
import { useDesk } from '@/stores/desk';

/** The sheet itself, while nothing is selected: its size inside, its four margins where clearances stand otherwise. */
const desk = useDesk();
const SIDES = ['left', 'right', 'top', 'bottom'] as const;
const size = (side: 'width' | 'height') => (typed: string, _: string[], run?: string) =>
    desk.run('set-sheet', { [side]: typed }, [], { run });
const margin = (side: (typeof SIDES)[number]) => (typed: string, _: string[], run?: string) =>
    desk.run('set-sheet', { margins: { [side]: typed } }, [], { run });
</script>

<template>
    <div v-if="desk.sheet" class="figure sheet">
        <svg class="drawing" viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
            <path d="M0 0H100V100H0Z" vector-effect="non-scaling-stroke" />
        </svg>
        <LengthField
            v-for="side in SIDES"
            :key="side"
            :class="['clearance', side]"
            label=""
            :name="`margin ${side}`"
            hint="margin of the sheet"
            :value="desk.sheet.margins[side]"
            :apply="margin(side)"
        />
        <div class="item">
            <LengthField
                label="w"
                name="sheet w"
                hint="width of the sheet"
                :value="desk.sheet.width"
                :apply="size('width')"
            />
            <LengthField
                label="h"
                name="sheet h"
                hint="height of the sheet"
                :value="desk.sheet.height"
                :apply="size('height')"
            />
            <small>margins all round</small>
        </div>
    </div>
</template>
