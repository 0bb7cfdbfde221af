import type { ClientFrame, Reading } from "./shared";

/* What Measure receives. */

export interface Symmetry {
    percent: number;
    weaker: string | null;
    acts: boolean;
    says: string;
}

export interface MeasureTest {
    code: string;
    label: string;
    unit: string;
    sides: boolean;
    safety: string | null;
    clock: "stopwatch" | "count30" | "none";
    core: boolean;
    takes_load: boolean;
    /** Not one of the tests with a row: it is entered below them, as often as wanted. */
    easy_set: boolean;
    second: string | null;
    series: {
        points: { on: string; side: string | null; value: number }[];
        norm: number | null;
        less_is_better: boolean;
    };
    script: string;
    source: string;
    latest: {
        side: string | null;
        value: number | null;
        on: string | null;
        norm: string;
        flag: string | null;
        derived: string | null;
        source: string;
        change: string | null;
    }[];
    symmetry: Symmetry | null;
}

export interface MeasureProps {
    client: ClientFrame;
    /** The newest result that this page shows. */
    seen: number;
    readings: Reading[];
    tests: MeasureTest[];
    easy_sets: {
        family: string;
        /** Empty where both did it. */
        side: string;
        on: string | null;
        e1rm: string | null;
        confidence: string;
        says: string;
        load: string;
    }[];
    families: { code: string; name: string }[];
    effort_cap: number;
    history: { id: number; on: string; test: string; side: string | null; says: string; family: string | null }[];
}
