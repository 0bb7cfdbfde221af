import type { ClientFrame, Crossing, Reading } from "./shared";

/* What Limits, the rulebook, the gate and the device bench receive. */

export interface LimitBecause {
    rule: string;
    label: string;
    says: string;
    source: string;
    wins: boolean;
}

export interface LimitsProps {
    client: ClientFrame;
    fields: {
        field: string;
        value: string;
        because: LimitBecause[];
        scoped: { part: string; value: string; because: LimitBecause[] }[];
    }[];
    waiting: { rule: string; date: string; says: string }[];
    crossings: (Crossing & { label: string })[];
}

export interface RulebookRow {
    key: string;
    rule: string;
    label: string;
    field: string;
    part: string;
    value: string;
    says: string;
    source: string;
    can_set: boolean;
    clinic: { value: number; loosens: boolean; reason: string | null } | null;
}

export interface RulebookProps {
    schools: {
        code: string;
        ask: string;
        choices: { code: string; text: string }[];
        default: string;
        reason: string;
        chosen: string | null;
    }[];
    rows: RulebookRow[];
    can_set: boolean;
    mass_unit: string;
}

export interface GateCheck {
    id: number;
    at: string;
    /** The newest check, and its verdict still stands. */
    holds: boolean;
    verdict: "go" | "lighter" | "wait" | "not_today" | "stop_and_call";
    label: string;
    because: { rule: string; says: string; source: string; verdict: string }[];
    actions: string[];
    unknown: string[];
    again_in_minutes: number | null;
    again_at: string | null;
    readings: string;
}

export interface GateProps {
    client: ClientFrame;
    watches: string[];
    readings: Reading[];
    usual: {
        sbp: number | null;
        dbp: number | null;
        heart_rate: number | null;
        spo2: number | null;
        weight_kg: number | null;
        pain: number | null;
    };
    symptoms: { code: string; label: string; stops: boolean }[];
    checks: GateCheck[];
}

export interface BenchProps {
    clients: { id: number; name: string }[];
    devices: { kind: string; label: string; fields: string[] }[];
    faults: string[];
}
