import type { MarkName } from "./shared";

/* What Today receives. */

export interface TodayRow {
    id: number;
    name: string;
    age: number | null;
    mark: MarkName;
    rank: number;
    needs: { mark: MarkName; says: string; stage: string }[];
    last: string | null;
    plan: number | null;
}

export interface TodayProps {
    rows: TodayRow[];
    quiet: TodayRow[];
}
