import type { ClientFrame, Crossing, Option, Reading } from "./shared";

/* What Limits, the rulebook, the gate and the device bench receive. */

export interface LimitBecause {
    rule: string;
    label: string;
    says: string;
    source: string;
    wins: boolean;
}

/** What can be limited by hand for one client. */
export interface OwnField {
    code: string;
    label: string;
    mass: boolean;
    words: Option[];
}

/** One limit as it is typed; the part is a region and a side. */
export interface TypedLimit {
    field: string;
    value: string;
    part: string;
}

export interface LimitsProps {
    client: ClientFrame;
    fields: {
        field: string;
        label: string;
        value: string;
        because: LimitBecause[];
        scoped: { part: string; value: string; because: LimitBecause[] }[];
    }[];
    waiting: { rule: string; date: string; says: string }[];
    crossings: (Crossing & { label: string })[];
    /** Set for this client alone, and what can be set. */
    own: { id: number; says: string; by: string; why: string; until: string | null }[];
    own_fields: OwnField[];
    own_parts: Option[];
}

export interface RulebookRow {
    key: string;
    rule: string;
    label: string;
    field: string;
    field_label: string;
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
    mass_units: Option[];
    profile: ClinicProfileData;
    zones: string[];
    locales: string[];
    /** What clients read in this language was read by a clinician first. */
    words_read: boolean;
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
    numbers: {
        key: string;
        label: string;
        unit: string;
        /** Typed in the reader's own unit. */
        mass: boolean;
        asked: boolean;
        usual: number | string | null;
    }[];
    answers: { key: string; label: string; asked: boolean }[];
    readings: Reading[];
    symptoms: { code: string; label: string; stops: boolean }[];
    checks: GateCheck[];
}

export interface BenchProps {
    clients: { id: number; name: string }[];
    devices: { kind: string; label: string; fields: { key: string; label: string; start: string }[] }[];
    faults: Option[];
}

/** Who the clinic is, as it stands on what it hands out. */
export interface ClinicProfileData {
    name: string;
    address: string;
    phone: string;
    emergency_phone: string;
    timezone: string;
    locale: string;
}
