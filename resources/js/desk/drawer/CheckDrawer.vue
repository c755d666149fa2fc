<script setup lang="ts">
import { useCheck } from '@/stores/check';
import { useDesk } from '@/stores/desk';
import { pressed, vRehearse } from '@/stores/rehearsal';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { computed, nextTick, onMounted, ref, watch } from 'vue';
import CheckSettings from './CheckSettings.vue';

/** What is not right on the sheet, kind by kind: why, where, and put right by a press. What is meant to be so is ignored. */
const desk = useDesk();
const check = useCheck();
const view = useView();
const units = useUnits();
/** the finding that is about to be ignored, and why */
const ignoring = ref<string | null>(null);
const reason = ref('');
const settings = ref(false);

const count = computed(() => check.findings.length);
const looked = computed(() => check.checked?.looked);
const numbers = computed(() => new Map(check.findings.map((one, i) => [one.key, i + 1])));

async function ask(key: string): Promise<void> {
    ignoring.value = ignoring.value === key ? null : key;
    reason.value = '';
    await nextTick();
    document.querySelector<HTMLInputElement>('.check .why input')?.focus();
}

async function ignore(key: string): Promise<void> {
    if (await desk.run('ignore-finding', { finding: key, reason: reason.value.trim() }, [])) ignoring.value = null;
}

/** What was gone to by keys is put right by Enter. */
async function takeFocus(): Promise<void> {
    await nextTick();
    document.querySelector<HTMLElement>(`[data-finding="${check.lit}"] :is(.fix, .link)`)?.focus();
}
watch(() => check.stepped, takeFocus);
onMounted(() => check.stepped > 0 && check.lit && takeFocus());

watch(
    () => check.lit,
    async (key) => {
        await nextTick();
        if (key) document.querySelector(`[data-finding="${key}"]`)?.scrollIntoView({ block: 'nearest' });
    },
);
</script>

<template>
    <div class="check">
        <header>
            <h2>{{ check.checked ? (count === 0 ? 'All square' : `${count} out of square`) : 'Looking' }}</h2>
            <p v-if="looked">
                {{ looked.items }} items, {{ looked.gaps }} gaps and {{ looked.families }}
                {{ looked.families === 1 ? 'family' : 'families' }} looked at.
            </p>
            <label v-if="count > 0"><input v-model="view.showFindings" type="checkbox" /> Marks on the sheet</label>
            <p v-if="check.failed" role="status">
                The sheet could not be looked through. It is tried again after the next change.
            </p>
        </header>
        <div class="kinds">
            <section v-for="kind in check.kinds" :key="kind.kind">
                <h3>
                    <span>{{ kind.heading }}</span>
                    <button
                        v-if="kind.findings.length > 1 && kind.findings.some((one) => one.fixable)"
                        v-rehearse="() => check.mendKind(kind.kind)"
                        class="link"
                        type="button"
                        @click="pressed(check.mendKind(kind.kind))"
                    >
                        Fix all {{ kind.findings.length }}
                    </button>
                </h3>
                <div
                    v-for="one in kind.findings"
                    :key="one.key"
                    class="finding"
                    :class="{ lit: check.lit === one.key }"
                    :data-finding="one.key"
                    @pointerenter="check.lit = one.key"
                >
                    <button class="says" type="button" @click="check.goTo(one)">
                        <i class="num">{{ numbers.get(one.key) }}</i>
                        <b>{{ one.says }}</b>
                        <span>{{ one.detail }}</span>
                    </button>
                    <div class="acts">
                        <button
                            v-if="one.fixable"
                            v-rehearse="() => check.mend([one.key])"
                            class="btn fix"
                            type="button"
                            :aria-label="`Fix: ${one.says}`"
                            @click="pressed(check.mend([one.key]))"
                        >
                            Fix
                        </button>
                        <button
                            class="link"
                            type="button"
                            :aria-expanded="ignoring === one.key"
                            :aria-label="`Ignore: ${one.says}`"
                            @click="ask(one.key)"
                        >
                            Ignore
                        </button>
                    </div>
                    <form v-if="ignoring === one.key" class="why" @submit.prevent="ignore(one.key)">
                        <label>
                            Why
                            <input
                                v-model="reason"
                                maxlength="200"
                                placeholder="on purpose"
                                @keydown.escape="ignoring = null"
                            />
                        </label>
                        <button class="btn" type="submit">Ignore</button>
                    </form>
                </div>
            </section>
            <section v-if="check.checked?.ignored.length">
                <h3>
                    <span>Ignored</span><span class="num">{{ check.checked.ignored.length }}</span>
                </h3>
                <div v-for="one in check.checked.ignored" :key="one.id" class="ignored">
                    <span>{{ one.says }}{{ one.reason ? `: “${one.reason}”` : '' }}</span>
                    <button class="link" type="button" @click="desk.run('look-again', { ignored: one.id }, [])">
                        Look again
                    </button>
                </div>
            </section>
            <p v-if="check.checked && count === 0" class="empty">
                Lines, gaps, sizes, words and colours are as they were meant to be, as far as this can tell.
            </p>
            <p v-if="desk.sheet && count > 0" class="report">
                Report:
                <a :href="`/api/sheets/${desk.sheet.id}/findings.html?unit=${units.unit}`" target="_blank">page</a>
                <a :href="`/api/sheets/${desk.sheet.id}/findings.pdf?unit=${units.unit}`" download>PDF</a>
            </p>
            <button class="link more" type="button" :aria-expanded="settings" @click="settings = !settings">
                {{ settings ? 'Hide' : 'Show' }} what is looked for
            </button>
            <CheckSettings v-if="settings && check.checked" :kinds="check.checked.kinds" />
        </div>
        <footer v-if="check.plain.length > 1">
            <p>One step in the history; it can be undone.</p>
            <button v-rehearse="check.mendAll" class="btn main" type="button" @click="pressed(check.mendAll())">
                Put {{ check.plain.length === count ? `all ${count}` : `${check.plain.length} of ${count}` }} right
            </button>
        </footer>
    </div>
</template>

<style scoped>
.check {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr) auto;
    height: 100%;
}
header {
    padding: 11px 12px 8px;
    display: grid;
    gap: 3px;
}
h2 {
    font-size: 14px;
    font-weight: 700;
}
header p,
header label,
footer p,
.empty {
    font-size: 12px;
    color: var(--soft);
    line-height: 1.45;
}
.kinds {
    overflow: auto;
    min-height: 0;
}
h3 {
    display: flex;
    justify-content: space-between;
    align-items: center;
    min-height: 28px;
    padding: 0 12px;
    font: 600 12px var(--words);
    color: var(--soft);
    background: var(--well);
    border-top: 1px solid var(--line);
}
.finding {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 6px;
    padding: 7px 10px 7px 8px;
    border-top: 1px solid var(--line);
    font-size: 12px;
}
.finding.lit {
    background: var(--spruce-wash);
}
.says {
    display: grid;
    grid-template-columns: 18px minmax(0, 1fr);
    gap: 2px;
    padding: 0;
    border: 0;
    background: none;
    text-align: left;
    cursor: pointer;
    line-height: 1.35;
}
.says i {
    grid-row: span 2;
    font-style: normal;
    color: var(--brick);
}
.says b {
    font-weight: 600;
    overflow-wrap: anywhere;
}
.says span {
    color: var(--soft);
}
.acts {
    display: grid;
    justify-items: end;
    align-content: start;
    gap: 2px;
}
.why {
    grid-column: 1 / -1;
    display: flex;
    gap: 6px;
    align-items: end;
}
.why label {
    flex: 1;
    display: grid;
    gap: 2px;
    color: var(--soft);
    min-width: 0;
}
.why input {
    height: 27px;
    min-width: 0;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    color: var(--ink);
    padding: 0 6px;
    font: 12px var(--words);
}
.ignored {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    padding: 6px 12px;
    border-top: 1px solid var(--line);
    font-size: 12px;
    color: var(--soft);
}
.ignored .link {
    flex: none;
}
.empty,
.report {
    padding: 8px 12px 0;
    font-size: 12px;
}
.report a {
    color: var(--spruce);
    margin-left: 6px;
}
.more {
    margin: 8px 12px;
}
header label {
    display: flex;
    align-items: center;
    gap: 5px;
}
footer {
    display: grid;
    gap: 6px;
    padding: 8px 12px 9px;
    border-top: 1px solid var(--line);
}
footer .btn {
    width: 100%;
    height: 31px;
}
</style>
