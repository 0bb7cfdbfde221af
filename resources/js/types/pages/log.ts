import type { ClientFrame, Dose, LightDays, Option, Reason } from "./shared";

/* What Log and Review receive. */

export interface LogItemForm {
    item: number;
    done: boolean;
    effort: string;
    /** Reps left, where it was told instead of the RPE or beside it. */
    left: string;
    load_kg: string;
    left_load_kg: string;
    right_load_kg: string;
    /** As on a light day. */
    light: boolean;
    /** From the anchor of a band; empty where it was not told. */
    stood_cm: string;
    pain_during: string;
    broken: string;
    /** Codes of what was ticked in the check-list of the exercise. */
    seen: string[];
    /** The most that was held on to; empty where it was as planned. */
    support: string;
    pauses: string;
    /** What was done in its place; then it was not done itself. */
    instead: string;
    /** With an effort of its own, or reps left, where not all sets were alike. */
    sets: { amount: string; side: string; effort: string; left: string }[];
}

/** A session as the form holds it, to be corrected. */
export interface CorrectingForm {
    id: number;
    plan_id: number;
    key: string;
    corrects: number;
    done_on: string;
    pain_before: string;
    pain_next_morning: string;
    pain_where: string;
    stop_sign: string;
    skipped: string;
    note: string;
    items: LogItemForm[];
}

/** What follows from what was seen last time; the family of the exercise to try, where there is one. */
export interface FormAdvice {
    says: string;
    family: string | null;
}

export interface LogProps {
    client: ClientFrame;
    plan: {
        id: number;
        version: number;
        /** First and last day of each easier week. */
        easier: [string, string][];
        items: {
            id: number;
            name: string;
            dose: Dose;
            light: LightDays | null;
            off_days: number[];
            /** Of all sides together, in an easier week. */
            easier_sets: number;
            /** Does one walk away from the anchor of a band? */
            stood: boolean;
            /** What it is planned to be done holding on to, in words. */
            support: string;
            sides: string;
            sets: { n: number; side: string }[];
            /** What to look for while the client does it. */
            looks: { code: string; sees: string; cue: string }[];
            advice: FormAdvice[];
        }[];
    } | null;
    /** Red flags that may be noted, in words. */
    /** The client's red flags, their own first. */
    signs: Option[];
    supports: Option[];
    /** Loads near the plan's, by exercise: as typed, and with the recipe. */
    recipes: Record<string, [string, string][]>;
    logs: {
        id: number;
        on: string;
        skipped: string | null;
        stop_sign: string | null;
        stop_open: boolean;
        pain_before: number | null;
        pain_next_morning: number | null;
        pain_where: string | null;
        note: string | null;
        /** It came from elsewhere, and nobody has looked at it. */
        to_see: boolean;
        /** How often it was corrected, and how many late resends were set aside. */
        corrected: number;
        set_aside: number;
        earlier: { id: number; at: string; counted: boolean; says: string }[];
        items: { name: string; says: string; pain: number | null; seen: string[] }[];
    }[];
    correcting: CorrectingForm | null;
}

export interface ProposalRow {
    id: number;
    /** The row of the plan on which a typed dose is tried out; null where the rung changes. */
    item: number | null;
    name: string;
    to: string | null;
    decision: "step_up" | "stay" | "ease" | "stop" | "retest";
    label: string;
    lever: string | null;
    now: Dose;
    next: Dose;
    because: Reason[];
    /** What else could move, in words. */
    offers: string[];
    otherwise: string;
    form: FormAdvice[];
    review: boolean;
}

/** The last session as a whole. */
export interface ReviewSession {
    id: number;
    on: string;
    pain_before: number | null;
    pain_during: number | null;
    pain_where: string | null;
    pain_next_morning: number | null;
    skipped: string | null;
    exercises: number;
    sets: number;
    sets_asked: number;
    hardest: number;
    form_broke: number;
    note: string | null;
    to_see: boolean;
}

export interface ReviewProps {
    client: ClientFrame;
    proposals: ProposalRow[];
    session: ReviewSession | null;
    stop: { on: string; says: string | null } | null;
    /** The stop sign that was cleared last, which can be opened again. */
    cleared: { id: number; on: string; says: string | null } | null;
    decided: { id: number; name: string; label: string; status: string }[];
    /** The version that waits to be issued. */
    draft: number | null;
    /** What only counts a little more is accepted by itself. */
    small_steps: boolean;
    revision: number;
    record: { id: number; at: string; says: string; reason: string | null }[];
}

export interface PaperProps {
    client: ClientFrame;
    plan: {
        id: number;
        version: number;
        items: {
            id: number;
            name: string;
            amount: string;
            load: string | null;
            takes_load: boolean;
            sides: number;
            example: string;
        }[];
    } | null;
    /** Of a file with sessions. */
    columns: string;
}
