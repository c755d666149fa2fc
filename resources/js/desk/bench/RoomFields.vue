<script setup lang="ts">
import { counted } from '@/sheet/words';
import { vRehearse } from '@/stores/rehearsal';
import { useRoom } from '@/stores/room';
import { useUnits } from '@/stores/units';
import { computed } from 'vue';
import Choice from './Choice.vue';
import SumField from './SumField.vue';

/** Room at a line: how much, and what becomes of what lies on both sides of it. */
const room = useRoom();
const units = useUnits();

const STRADDLING = [
    { key: 'stay' as const, words: 'stays' },
    { key: 'move' as const, words: 'moves' },
    { key: 'stretch' as const, words: 'is stretched' },
];
const words = computed(() => {
    if (room.at === null) return 'Point at where there is to be room. Press l again for an upright line.';
    const past = room.met.past.length === 0 ? 'nothing' : counted(room.met.past);
    return `At ${units.place(room.at, room.axis)}, past it ${past}.`;
});
</script>

<template>
    <div class="room">
        <p>{{ words }}</p>
        <div class="row">
            <SumField v-model="room.by" label="room" name="room" @enter="room.make(room.by)" />
            <button
                v-rehearse="() => room.order(room.by)"
                class="btn"
                type="button"
                :disabled="room.at === null"
                @click="room.make(room.by)"
            >
                Make room
            </button>
            <button
                v-rehearse="() => room.order(`-(${room.by})`)"
                class="btn"
                type="button"
                :disabled="room.at === null"
                @click="room.make(`-(${room.by})`)"
            >
                Close up
            </button>
        </div>
        <Choice v-model="room.straddling" word="on both sides" label="What lies on both sides" :options="STRADDLING" />
        <div class="row">
            <label><input v-model="room.withSheet" type="checkbox" /> the sheet goes along</label>
            <button class="btn" type="button" :disabled="room.met.past.length === 0" @click="room.selectPast">
                Select what is past it
            </button>
        </div>
    </div>
</template>

<style scoped src="./row.css"></style>

<style scoped>
.room {
    display: grid;
    gap: 8px;
}
.row {
    margin: 0;
    align-items: center;
}
p {
    font-size: 12px;
    color: var(--soft);
}
label {
    display: flex;
    gap: 5px;
    align-items: center;
    font-size: 12px;
}
input[type='checkbox'] {
    accent-color: var(--spruce);
    margin: 0;
}
</style>
