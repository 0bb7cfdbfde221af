import type { ClientFrame, Dose, FigureData, LightDays, Option, Reason } from "./shared";

/* What Plan, its stair and the sheet receive. */

/** Something to choose inside an exercise, with the ways that are open for this client here. */
export interface WayChoice {
    code: string;
    label: string;
    value: string;
    options: Option[];
}

export interface ChannelData {
    unit: string;
    top: number;
    goal_lo: number | null;
    goal_hi: number | null;
    cap: number | null;
    cap_says: string | null;
    ticks: number[];
    float: number;
    last: number | null;
    next: number | null;
    /** The figures in words, with their unit. */
    says: { goal: string; cap: string; last: string; next: string };
    label: string;
    text: string;
    /** What is really lifted, where the body is lifted with the load. */
    moves: string | null;
}

export interface StairStep {
    code: string;
    name: string;
    step: string;
    state: "open" | "changes" | "under";
    says: string;
    not_yet: string | null;
    axes: string;
    seed: boolean;
    notes: string[];
}

export interface PlanItem {
    id: number;
    family: string;
    /** Which of several of its family; with the family it stays from version to version. */
    nth: number;
    family_name: string;
    pattern: string;
    rung: string;
    name: string;
    set_up: string;
    /** For this client: distances, cushions, heights; empty where nothing is said. */
    own_set_up: string;
    /** From the clinician to the client; empty where there is none. */
    note: string;
    figure: FigureData;
    equipment: string[];
    lever_notes: string[];
    goal: string;
    dose: Dose;
    /** Empty where the clinic's decides. */
    school: string;
    schools: Option[];
    ways: WayChoice[];
    light: LightDays | null;
    /** Of the plan, on which it is left out. */
    off_days: number[];
    sides: string;
    recipe: string | null;
    changes: string[];
    /** What it is in the plan for. */
    for: string[];
    because: Reason[];
    findings: string[];
    breaches: string[];
    channel: ChannelData;
    stair: StairStep[];
    shaped_by: string[];
    seconds: number;
}

/** A stretch of a session: how it is gone through, and how long it takes. */
export interface SessionPart {
    part: string;
    label: string;
    minutes: number;
    says: string[];
    items: number[];
}

/** The session of all days that hold the same, in the order of its stretches. */
export interface DaySession {
    days: number[];
    minutes: number;
    parts: SessionPart[];
}

/** What a draft goes by; code and words. */
export interface PlanWishes {
    goals: string[];
    /** The words of the screen that the goals were read from; null once they were chosen. */
    from_words: string | null;
    pin: Option[];
    exclude: Option[];
    max_exercises: string;
    /** What the clinic starts plans from. */
    templates: { id: number; name: string; pin: Option[] }[];
    /** Exercises that have been logged, and stay. */
    done: string[];
    offers: { goals: Option[]; exclude: Option[] };
}

export interface PlanProps {
    client: ClientFrame;
    plan: {
        id: number;
        version: number;
        status: "draft" | "issued";
        aim: string;
        structure: string;
        days: number[];
        budget: number;
        minutes: number;
        left: { what: string; says: string }[];
        trims: string[];
        issued_on: string | null;
        items: PlanItem[];
        /** What a date within a week will no longer allow. */
        ahead: { date: string; breaches: string[] } | null;
        covers: string[];
        /** One where every day holds the same. */
        sessions: DaySession[];
        session: { activation: boolean; ramp: boolean; aerobic_minutes: number; cool_down: boolean; week: string };
        /** What its days can hold. */
        weeks: Option[];
        /** What the week depends on and the screen does not say. */
        asks: string[];
        structures: Option[];
        block: {
            weeks: {
                n: number;
                from: string;
                now: boolean;
                easier: boolean;
                dates: { on: string; says: string; tightens: boolean }[];
            }[];
            retest: string;
            over: boolean;
            /** Is every fourth week an easier one? */
            easier: boolean;
        };
        week: {
            days: number[];
            treatment: number[];
            /** For each region the seven days: full, light, or nothing of it. */
            regions: { name: string; sets: number; days: string[] }[];
            pull: number;
            push: number;
            findings: string[];
        };
    } | null;
    revision: number;
    /** The newest change, which can be taken back. */
    undo: string | null;
    /** The newest change that was taken back, and can be made again. */
    redo: string | null;
    /** Other versions that can be compared with this one, the newest first: its number, and what it is. */
    versions: [number, string][];
    clearance: string | null;
    ready: { measured: boolean; kit: boolean };
    wishes: PlanWishes;
}

export interface SheetItem {
    id: number;
    name: string;
    equipment: string[];
    figure: FigureData;
    set_up: string;
    own_set_up: string | null;
    note: string | null;
    cues: string[];
    helper: string | null;
    picture: string | null;
    target: string | null;
    fade: string | null;
    mistakes: string[];
    feel: string;
    changes: string[];
    dose: Dose;
    /** What is done on its light days; empty where every day is the same. */
    light_says: string;
    off_days: number[];
    sides: string;
    recipe: string | null;
    too_hard_if: string;
    /** The easier step that is open here, or to rest. */
    then_do: string;
    too_easy_if: string;
    /** The harder step that is open here; empty where there is none. */
    then_ask: string;
    /** Between its sets, where they follow each other. */
    rest_says: string;
    hard_says: string;
    tempo_says: string;
    pause_says: string;
    goal: string;
}

/** The client's page at home, as the sheet prints it. */
export interface HomePage {
    address: string;
    code: string;
    letters: string;
    own_pin: boolean;
    locked: boolean;
    line: string;
    phones: number;
    seen: string | null;
    expires: string | null;
    title: string;
    says: string;
}

export interface SheetProps {
    client: ClientFrame;
    home: HomePage | null;
    sheet: {
        title: string;
        version: number;
        version_says: string;
        status: string;
        issued_on: string | null;
        /** What may not be handed out says so on the paper: the mark, and why. */
        marks: [string, string][];
        /** Open stop signs, in words. */
        stopped: string[];
        /** What of it no longer fits the limits of today. */
        breaches: string[];
        days: number[];
        days_says: string;
        day_names: string[];
        /** The easier weeks that are not over. */
        easier: string[];
        clinic: { name: string; address: string | null; phone: string | null; emergency: string | null };
        words: Record<string, string>;
        before: string[];
        during: string[];
        after: string[];
        pain: string;
        stop: { says: string; signs: string[] };
        refer: { says: string; signs: string[] };
        sessions: (DaySession & { says: string })[];
        items: SheetItem[];
    } | null;
}
