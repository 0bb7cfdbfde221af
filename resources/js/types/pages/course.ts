import type { ClientFrame } from "./shared";

/* What the course of a client receives: panels of points over one time line. */

export interface ChartPoint {
    on: string;
    value: number;
    lo: number | null;
    hi: number | null;
}

export interface ChartSeries {
    name: string;
    mark: "dot" | "open" | "square";
    points: ChartPoint[];
}

export interface ChartPanel {
    key: string;
    title: string;
    unit: string;
    series: ChartSeries[];
    norm: number | null;
    least: number | null;
    most: number | null;
}

export interface ChartEvent {
    on: string;
    kind: "stop" | "flare" | "dose" | "limit";
    says: string;
}

export interface CourseSpan {
    sessions: number;
    load: string | null;
    best: number | null;
    max: string | null;
    effort: number | null;
    pain: number | null;
}

export interface CourseProps {
    client: ClientFrame;
    exercises: [string, string][];
    chosen: string;
    what: string;
    whats: [string, string][];
    panels: ChartPanel[];
    others: ChartPanel[];
    events: ChartEvent[];
    from: string;
    to: string;
    /** 1 for the block and the one before. */
    weeks: number;
    spans: number[];
    /** First days of what is compared: before, and now. */
    compares: [string, string];
    compared: { name: string; unit: string; before: CourseSpan; now: CourseSpan }[];
}
