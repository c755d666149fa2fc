<script setup lang="ts">
import { READING, STEPS, useFirstSteps } from '@/stores/firstSteps';

/** The guided piece, as a card over a corner of the desk. */
const steps = useFirstSteps();
</script>

<template>
    <aside v-if="steps.isShown" class="first-steps" aria-label="First steps">
        <h2>{{ steps.isOver ? 'That is how it works' : 'Four cards to put right' }}</h2>
        <ol>
            <li
                v-for="(step, i) in STEPS"
                :key="step.words"
                :class="{ done: i < steps.at, now: i === steps.at }"
                :aria-current="i === steps.at ? 'step' : undefined"
            >
                <b>{{ step.words }}<span v-if="i < steps.at" class="tick" role="img" aria-label="done"> ✓</span></b>
                <p v-if="i === steps.at">{{ step.how }}</p>
                <button v-if="i === steps.at && i === READING" class="btn" type="button" @click="steps.next()">
                    I have read it
                </button>
            </li>
        </ol>
        <p v-if="steps.isOver">Everything else works the same way. All keys stand under “keys ?”.</p>
        <button class="btn" :class="{ main: steps.isOver }" type="button" @click="steps.end()">
            {{ steps.isOver ? 'Put this away' : 'Put this away for good' }}
        </button>
    </aside>
</template>

<style scoped>
.first-steps {
    position: absolute;
    right: 12px;
    bottom: 12px;
    z-index: 4;
    width: 216px;
    display: grid;
    gap: 9px;
    justify-items: start;
    padding: 13px 15px;
    border: 1px solid var(--edge);
    border-radius: 4px;
    background: var(--card);
    font-size: 12.5px;
}
h2 {
    font-size: 14px;
}
ol {
    display: grid;
    gap: 6px;
    margin: 0;
    padding-left: 20px;
}
li {
    color: var(--soft);
}
li b {
    font-weight: 400;
}
li.now {
    color: var(--ink);
}
li.now b {
    font-weight: 600;
}
.tick {
    color: var(--spruce);
}
p {
    margin-top: 2px;
    color: var(--soft);
}
li .btn {
    margin-top: 5px;
}
</style>
