import type { MarkName } from "./shared";

/* What Today and the week receive. */

export interface TodayNeed {
    kind: string;
    mark: MarkName;
    says: string;
    stage: string;
    about: string;
    can_wait: boolean;
    until: string | null;
    because: string | null;
}

export interface TodayRow {
    id: number;
    name: string;
    age: number | null;
    mark: MarkName;
    needs: TodayNeed[];
    /** What can be accepted from the line: all its easings, or all its steps up. */
    accept: { ease: boolean; count: number } | null;
    last: string | null;
    plan: number | null;
    assigned: number | null;
    assigned_name: string | null;
}

export interface TodayFilter {
    kind: string | null;
    whose: string;
    put_off: boolean;
    lines: number;
}

export interface TodayProps {
    rows: TodayRow[];
    count: number;
    all: number;
    quiet: TodayRow[];
    quiet_count: number;
    hidden: string | null;
    put_off: number;
    kinds: [string, string, number][];
    people: [number, string][];
    filter: TodayFilter;
    behind: number;
}

export interface WeekDay {
    on: string;
    label: string;
    count: number;
    trains: { id: number; name: string; done: boolean }[];
    dates: { id: number; name: string; says: string }[];
    more: number;
}

export interface WeekProps {
    days: WeekDay[];
    today: string;
    mine: boolean;
    before: string;
    after: string;
    behind: number;
}
