import type { FigureData } from "@/types/props";

/** A condition of a row, as the core sends it: kind, field, and what it is held against. */
export type When =
    | ["within", string, number, number]
    | ["is", string, boolean]
    | ["open", string]
    | ["told", string]
    | ["any", string, ...string[]]
    | ["none", string, ...string[]]
    | ["below", string, string, number];

export type VerdictCode = "go" | "lighter" | "wait" | "not_today" | "stop_and_call";

export interface Row {
    if: When[];
    verdict: VerdictCode;
    rule: string;
    again: number | null;
    says: string;
    urgency: "call_now" | "refer";
}

export interface Answers {
    [field: string]: number | boolean | string | string[] | null | undefined;
}

export interface HomeNumber {
    key: string;
    ask: string;
    unit: string;
    hint: string;
    min: number;
    max: number;
    tenths: boolean;
    optional: boolean;
}

export interface Beat {
    says: string;
    seconds: number;
}

export interface Counted {
    kind: string;
    beat: Beat[];
    hard: string[];
}

export interface Easier extends Counted {
    name: string;
    figure: FigureData;
    set_up: string;
    cues: string[];
    changes: string[];
    amount: string;
    load: string | null;
    held: string | null;
    once: string;
    lo: number;
    hi: number;
    recipe: string | null;
}

export interface HomeItem extends Counted {
    id: number;
    name: string;
    equipment: string[];
    figure: FigureData;
    set_up: string;
    own_set_up: string | null;
    note: string | null;
    helper: string | null;
    picture: string | null;
    target: string | null;
    fade: string | null;
    cues: string[];
    mistakes: string[];
    feel: string;
    changes: string[];
    too_hard_if: string;
    too_easy_if: string;
    tempo_says: string;
    pause_says: string;
    goal: string;
    looks: { code: string; sees: string; cue: string }[];
    easier: Easier | null;
}

export interface DayDose {
    amount: string;
    load: string | null;
    held: string | null;
    recipe: string | null;
    effort: string;
}

export interface Step {
    kind: "set" | "ramp" | "easy" | "march";
    item: number | null;
    /** How much of it, in words: "10-12", "3-5 min". */
    says: string;
    part: string;
    lo: number;
    hi: number;
    rest: number;
    set: number;
    of: number;
    side: "left" | "right" | "both";
    piece: number | null;
    load: string | null;
}

export interface DaySession {
    minutes: number;
    items: Record<string, DayDose>;
    steps: Step[];
}

export interface Plan {
    plan: { id: number; version: number; days: string };
    closes: { on: string; for: string };
    check: {
        numbers: HomeNumber[];
        seen: { key: string; ask: string }[];
        signs: { code: string; says: string; stops: boolean }[];
        rows: Row[];
    };
    pain: ("carry_on" | "ease" | "leave_out")[];
    pain_says: string;
    around: { before: string[]; during: string[]; after: string[] };
    stop: { says: string; signs: string[] };
    refer: { says: string; signs: string[] };
    items: Record<string, HomeItem>;
    days: { on: string; name: string; session: string; planned: boolean; easier: boolean }[];
    sessions: Record<string, { whole: DaySession; lighter: DaySession }>;
}

export interface CardFrame {
    version: number;
    /** Whose it is: what is done with it is sent as this client's alone. */
    whose: number;
    now: string;
    today: string;
    zone: string;
    name: string;
    line: string | null;
    clinic: { name: string; phone: string | null; emergency: string | null };
    own_pin: boolean;
    /** That nobody of the clinic has read these words yet, where it is so. */
    unread: string | null;
    words: Record<string, string>;
    kinds: [string, string][];
    messages: { says: string; on: string; answer: string | null }[];
    week: { on: string; name: string; state: "done" | "planned" | "rest" }[];
    last: { key: string; on: string; pain: number | null; ask: boolean } | null;
}

export type Card = CardFrame & (({ shut: null } & Plan) | { shut: string });

const ORDER: VerdictCode[] = ["go", "lighter", "wait", "not_today", "stop_and_call"];

function holds(when: When, answers: Answers): boolean {
    const answer = answers[when[1]];
    switch (when[0]) {
        case "within":
            return typeof answer === "number" && answer >= when[2] && answer <= when[3];
        case "is":
            return answer === when[2];
        case "open":
            return answer === undefined || answer === null;
        case "told":
            return answer !== undefined && answer !== null;
        case "any":
            return Array.isArray(answer) && when.slice(2).some((sign) => answer.includes(String(sign)));
        case "none":
            return !Array.isArray(answer) || !when.slice(2).some((sign) => answer.includes(String(sign)));
        case "below": {
            const other = answers[when[2]];
            return typeof answer === "number" && typeof other === "number" && other - answer >= when[3];
        }
    }
}

/** The rows that speak to these answers, the most cautious first. */
export function lookUp(rows: Row[], answers: Answers): Row[] {
    return rows
        .filter((row) => row.if.every((when) => holds(when, answers)))
        .sort((a, b) => ORDER.indexOf(b.verdict) - ORDER.indexOf(a.verdict));
}

export const verdictOf = (rows: Row[]): VerdictCode => rows[0]?.verdict ?? "go";

/** Minutes until the next look: the longest that any row asks for. */
export const againIn = (rows: Row[]): number | null => {
    const minutes = rows.flatMap((row) => (row.verdict === "wait" && row.again !== null ? [row.again] : []));
    return minutes.length === 0 ? null : Math.max(...minutes);
};
