/* What several pages receive. */

export interface Me {
    name: string;
    role: string;
    clinic: string;
    today: string;
    id: number;
    /** Are single letters commands for this person? */
    letter_keys: boolean;
    /** Encrypts what is typed and not saved yet, in this browser. */
    keep: string;
}

/** Somebody else saved the same record meanwhile. */
export interface Conflict {
    id: string;
    by: string;
    at: string;
    /** What the next save is made on. */
    version: number;
    merged?: unknown;
    base?: unknown;
    clashes: { field: string; label: string; mine: string; theirs: string; value: unknown }[];
    taken: string[];
}

/** A stored thing that cannot be read. */
export interface StoredFault {
    part: string;
    id: number;
    where: string;
    says: string;
    take_out: boolean;
}

export interface Shared {
    me: Me | null;
    unit: string;
    said: string | null;
    conflict: Conflict | null;
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
    /** Null when the record cannot be read. */
    age: number | null;
    home: string;
    facts: string[];
    stages: Stage[];
    limits: LimitLine[];
    crossings: Crossing[];
    clearance: string | null;
    /** What asks whether high falls risk belongs on the screen. */
    falls: string[];
    /** False when the record cannot be computed with: then no limit is known. */
    readable: boolean;
    /** Stop signs that nobody has cleared, in words. */
    stops: string[];
}

export interface FaultProps {
    client: ClientFrame;
    faults: StoredFault[];
}

export interface AccountProps {
    email: string;
    letter_keys: boolean;
    least_length: number;
}

export interface SetPasswordProps {
    token: string;
    email: string;
    path: string;
    first: boolean;
    least_length: number;
}

export type MarkName = "stop" | "look" | "up" | "ease" | "quiet";

/** Code and label, as the server offers and takes them. */
export type Option = [string, string];

export interface Reading {
    id: number;
    label: string;
    /** Each as the box of a form takes it. */
    values: Record<string, string>;
    /** The values in words, with their units. */
    says: string;
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
    /** Where something happens that is too small to see. */
    mark: number[] | null;
}

export interface Dose {
    sets: number;
    kind: string;
    amount_lo: number;
    amount_hi: number;
    effort_lo: number;
    effort_hi: number;
    load_g: number | null;
    /** The load, or what a luggage scale shows of the pull. */
    load_kg: string;
    takes: "load" | "pull" | null;
    per: string;
    rest_s: number;
    tempo: string;
    /** In plain words; empty where it has none. */
    tempo_says: string;
    /** Held inside each rep, and rested inside a set, seconds. */
    hold_s: number | null;
    held: string | null;
    pause_s: number | null;
    amount: string;
    unit: string;
    load: string | null;
    effort: string;
    effort_says: string;
    /** May left and right differ here, and do they? */
    can_differ: boolean;
    apart: boolean;
    left: DoseSide;
    right: DoseSide;
    /** What it can be counted in, its own first, with the range of the goal. */
    kinds: { kind: string; label: string; unit: string; lo: number; hi: number }[];
}

/** The days on which an exercise is done lighter, 1 Monday to 7 Sunday, and how. */
export interface LightDays {
    days: number[];
    dose: Dose;
    recipe: string | null;
}

export interface DoseSide {
    amount_lo: number;
    amount_hi: number;
    load_kg: string;
}

export interface ProblemProps {
    status: number;
}
