import { api } from '@/api/client';
import type { Checked, Finding } from '@/api/checks';
import { restingQuestion } from '@/api/restingQuestion';
import type { Order } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { useSending } from '@/stores/sending';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';

/** How long a sheet has to rest before it is looked through again, in milliseconds. */
const REST = 400;

/** What is not right on the sheet, looked at again a moment after each change. */
export const useCheck = defineStore('check', () => {
    const desk = useDesk();
    const sending = useSending();
    const units = useUnits();
    const view = useView();
    const checked = shallowRef<Checked | null>(null);
    const failed = ref(false);
    /** the finding that is pointed at, or gone to by keys */
    const lit = ref<string | null>(null);
    /** how often a finding was gone to by keys, so that the list takes the focus there */
    const stepped = ref(0);
    const question = restingQuestion(REST);

    function look(): void {
        const sheet = desk.sheet?.id;
        if (!sheet || sending.waiting > 0) return;
        question.ask(
            (signal) =>
                sending.waiting > 0 ? null : api.look<Checked>(`sheets/${sheet}/findings?unit=${units.unit}`, signal),
            (answer) => {
                if (desk.sheet?.id !== sheet) return;
                checked.value = answer;
                failed.value = false;
            },
            () => (failed.value = true),
            () => (failed.value = true),
        );
    }
    watch(() => [desk.sheet?.id, desk.revision, sending.waiting === 0, units.unit], look, { immediate: true });
    watch(
        () => desk.sheet?.id,
        () => (checked.value = null),
    );

    const kinds = computed(() => (checked.value?.kinds ?? []).filter((kind) => kind.findings.length > 0));
    const findings = computed(() => kinds.value.flatMap((kind) => kind.findings));
    /** Those that are put right along with all others. */
    const plain = computed(() =>
        kinds.value.filter((kind) => kind.plain).flatMap((kind) => kind.findings.filter((one) => one.fixable)),
    );
    const current = computed(() => findings.value.find((one) => one.key === lit.value));

    const mend = (keys: string[]): Order => ({ command: 'mend', params: { findings: keys }, ids: [] }) as Order;
    const mendKind = (kind: string): Order => ({ command: 'mend', params: { kinds: [kind] }, ids: [] }) as Order;
    const mendAll = (): Order => ({ command: 'mend', params: {}, ids: [] }) as Order;

    /** Selects what a finding is about, and lights its place. */
    function goTo(finding: Finding): void {
        lit.value = finding.key;
        desk.select(finding.items.filter((id) => desk.items.has(id)));
        const { x, y, w, h } = finding.place;
        const seen = view.visible;
        const isSeen = x >= seen.x && y >= seen.y && x + w <= seen.x + seen.w && y + h <= seen.y + seen.h;
        if (!isSeen) view.fit(finding.place, 8, 80);
    }

    /** To the next finding, or the one before. */
    function step(by: 1 | -1): void {
        const all = findings.value;
        if (all.length === 0) {
            desk.say(checked.value ? 'All square: nothing to go to' : 'The sheet is being looked through', 'note');
            return;
        }
        view.drawer = 'check';
        const at = all.findIndex((one) => one.key === lit.value);
        const next = all[at < 0 ? (by > 0 ? 0 : all.length - 1) : (at + by + all.length) % all.length];
        if (!next) return;
        goTo(next);
        stepped.value++;
    }

    return { checked, failed, lit, stepped, kinds, findings, plain, current, mend, mendKind, mendAll, goTo, step };
});
