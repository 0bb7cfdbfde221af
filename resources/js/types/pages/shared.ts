/* What several pages receive. */

export interface Me {
    name: string;
    role: string;
    clinic: string;
    today: string;
}

export interface Shared {
    me: Me | null;
    unit: string;
    said: string | null;
}

export interface Reason {
    from: string;
    rule: string;
    says: string;
    source: string;
}

export interface Stage {
    key: string;
    label: string;
    path: string;
    state: string;
}

export interface LimitLine {
    key: string;
    field: string;
    title: string;
    by: string;
    says: string;
}

export interface Crossing {
    date: string;
    days: number;
    says: string;
    tightens: boolean;
}

export interface ClientFrame {
    id: number;
    name: string;
    age: number;
    home: string;
    facts: string[];
    stages: Stage[];
    limits: LimitLine[];
    crossings: Crossing[];
    clearance: string | null;
}

export type MarkName = "stop" | "look" | "up" | "ease" | "quiet";

export interface Reading {
    id: number;
    label: string;
    values: Record<string, number>;
    minutes: number;
    usable: boolean;
    note: string | null;
}

export interface FigureShape {
    kind: string;
    role: string;
    points: number[][];
    radius: number;
}

export interface FigureData {
    left: number;
    bottom: number;
    width: number;
    height: number;
    frames: FigureShape[][];
    arrow: number[][] | null;
}

export interface Dose {
    sets: number;
    kind: string;
    amount_lo: number;
    amount_hi: number;
    effort_lo: number;
    effort_hi: number;
    load_g: number | null;
    load_kg: string;
    per: string;
    rest_s: number;
    tempo: string;
    amount: string;
    unit: string;
    load: string | null;
    effort: string;
    effort_says: string;
}

export interface ProblemProps {
    status: number;
}
