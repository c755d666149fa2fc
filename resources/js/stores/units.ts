import type { Axis, Box, Point, SheetSettings, UnitName } from '@/api/types';
import { figure, rounded } from '@/sheet/geometry';
import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { kept } from './kept';

export const UNITS: UnitName[] = ['px', 'pt', 'pc', 'mm', 'cm', 'in'];

/** How many of each make an inch (RULES 2). */
const TO_INCH: Record<Exclude<UnitName, 'px'>, number> = { pt: 72, pc: 6, mm: 25.4, cm: 2.54, in: 1 };

/** The unit in which the desk shows lengths and reads bare numbers; the sheet's own, until another is chosen here. */
export const useUnits = defineStore('units', () => {
    const chosen = kept<Record<string, UnitName>>('allsquare-units', {});
    const sheet = shallowRef<{ id: string; unit: UnitName; ppi: number; zero: Point } | null>(null);
    const unit = computed<UnitName>(() => (sheet.value ? (chosen.value[sheet.value.id] ?? sheet.value.unit) : 'px'));
    /** px of the sheet to one of the unit */
    const pixels = computed(() => (unit.value === 'px' ? 1 : (sheet.value?.ppi ?? 96) / TO_INCH[unit.value]));

    function show({ id, unit: own, ppi, zero }: SheetSettings): void {
        sheet.value = { id, unit: own, ppi, zero };
    }

    function choose(next: UnitName): void {
        if (!sheet.value) return;
        chosen.value = { ...chosen.value, [sheet.value.id]: next };
    }

    /** A copy of a sheet is read in the unit that was chosen for the sheet. */
    function take(sheet: string, copy: string): void {
        const unit = chosen.value[sheet];
        if (unit) chosen.value = { ...chosen.value, [copy]: unit };
    }

    /** A length, as it is read in the unit. */
    const text = (px: number) => figure(px / pixels.value);
    /** A place, from the zero. */
    const place = (px: number, axis: Axis) => text(rounded(px - (sheet.value?.zero[axis] ?? 0)));

    /** A place and a size, as they stand beside the pointer. */
    const boxText = (box: Box) => `x ${place(box.x, 'x')}  y ${place(box.y, 'y')}  ${text(box.w)} × ${text(box.h)}`;

    /** What is typed as a place, counted from the zero, for what takes places of the sheet itself. */
    function fromZero(typed: string, axis: Axis): string {
        const zero = sheet.value?.zero[axis] ?? 0;
        return zero === 0 ? typed : `(${typed}) + ${figure(zero)}px`;
    }

    return { unit, pixels, show, choose, take, text, place, boxText, fromZero };
});
