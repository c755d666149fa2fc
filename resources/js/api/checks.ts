import type { Box } from './types';

/** Something on a sheet that is not right. */
export interface Finding {
    key: string;
    kind: string;
    items: string[];
    /** px of the sheet */
    place: Box;
    says: string;
    detail: string;
    measured: number | null;
    expected: number | null;
    /** whether it can be put right by itself */
    fixable: boolean;
}

export interface CheckKind {
    kind: string;
    heading: string;
    on: boolean;
    /** whether its fixes are made along with all others */
    plain: boolean;
    limit: { label: string; value: number; default: number; least: number; most: number; unit: string } | null;
    findings: Finding[];
}

/** What is ignored, as long as its things stay as they are. */
export interface Ignored {
    id: string;
    kind: string;
    reason: string;
    says: string;
    items: string[];
    place: Box;
}

export interface Checked {
    revision: number;
    count: number;
    kinds: CheckKind[];
    ignored: Ignored[];
    looked: { items: number; gaps: number; families: number };
}
