/** What each page receives from the server. Checked against real answers: see tests/Feature/PropsTest.php. */

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

export interface TodayRow {
    id: number;
    name: string;
    age: number;
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

export interface ConditionAbout {
    code: string;
    label: string;
    sided: boolean;
    details: { code: string; label: string }[];
    numbers: { name: string; label: string; example: number }[];
    since_label: string | null;
    group: string;
}

export interface ConditionForm {
    code: string;
    side: string;
    since: string;
    until: string;
    details: string[];
    /** Ordered figures and counts, as typed; masses in kilograms. */
    numbers: Record<string, string>;
}

export interface ScreenForm {
    given_name: string;
    family_name: string;
    birth_date: string;
    sex: string;
    mass_unit: string;
    body_mass_kg: string;
    height_cm: string;
    due_date: string;
    birth_given_on: string;
    birth_kind: string;
    birth_symptoms: string[];
    medicines: string[];
    insensate: string[];
    usual: { sbp: string; dbp: string; heart_rate: string; spo2: string; weight_kg: string };
    conditions: ConditionForm[];
    grip_left: string;
    grip_right: string;
    standing: string;
    floor_transfer: string;
    home: string;
    training_level: string;
    training_since: string;
    usual_pain: string;
    pain_where: string;
    pain_school: string;
    supine_school: string;
    bone_school: string;
    days: number[];
    minutes: string;
    aim: string;
    structure: string;
    wants: string;
    clearance: { given_by: string; given_on: string; until: string; restrictions: string };
}

export interface FromHomeData {
    id: number;
    submitted: boolean;
    rows: { field: string; ask: string; answer: string; now: string; decided: string | null }[];
}

export interface IntakeAtHomeProps {
    given_name: string;
    done: boolean;
    questions: { field: string; ask: string; options: { code: string; text: string }[] | null }[];
    path: string;
}

export interface ScreenProps {
    client: ClientFrame | null;
    from_home: FromHomeData | null;
    form: ScreenForm;
    known: ConditionAbout[];
}

export interface Symmetry {
    percent: number;
    weaker: string | null;
    acts: boolean;
    says: string;
}

export interface MeasureTest {
    code: string;
    label: string;
    unit: string;
    sides: boolean;
    safety: string | null;
    clock: "stopwatch" | "count30" | "none";
    core: boolean;
    takes_load: boolean;
    second: string | null;
    series: {
        points: { on: string; side: string | null; value: number }[];
        norm: number | null;
        less_is_better: boolean;
    };
    script: string;
    source: string;
    latest: {
        side: string | null;
        value: number | null;
        on: string | null;
        norm: string;
        flag: string | null;
        derived: string | null;
        source: string;
        change: string | null;
    }[];
    symmetry: Symmetry | null;
}

export interface MeasureProps {
    client: ClientFrame;
    readings: Reading[];
    tests: MeasureTest[];
    easy_sets: {
        family: string;
        on: string | null;
        e1rm: string | null;
        confidence: string;
        says: string;
        load: string;
    }[];
    families: { code: string; name: string }[];
    effort_cap: number;
    history: { id: number; on: string; test: string; side: string | null; says: string; family: string | null }[];
}

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

export interface PieceForm {
    label: string;
    mass_kg: string;
    count: string;
    grip: string;
    holdable: boolean;
    packable: boolean;
    plate: boolean;
    weighed: boolean;
}

export interface CarrierForm {
    label: string;
    mass_kg: string;
    count: string;
    grip: string;
    max_mass_kg: string;
    max_pieces: string;
    plates: boolean;
}

export interface BandForm {
    id: number | null;
    label: string;
    rest_cm: string;
    form: string;
    material: string;
    max_pct: string;
    pulls: { cm: string; kgf: string }[];
    curve: { pct: number; kgf: number }[];
}

export interface ThingHere {
    code: string;
    name: string;
    or: string | null;
    room: string;
    here: boolean;
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

export interface LadderLoad {
    g: number;
    label: string;
    recipe: string;
    step: number | null;
    too_far: boolean;
}

export interface KitProps {
    client: ClientFrame;
    pieces: PieceForm[];
    carriers: CarrierForm[];
    bands: BandForm[];
    band_rungs: { code: string; name: string }[];
    things: ThingHere[];
    place: { gone_through: boolean; floor: string | null; door: string | null; chair_at_wall: boolean | null };
    anchors: { name: string; serves: string; open: boolean; why: string }[];
    aids: { left: string[]; right: string[]; known: { code: string; name: string }[] };
    findings: string[];
    readings: Reading[];
    starter: {
        pieces: {
            room: string;
            label: string;
            mass_g: number;
            grip: string;
            holdable: boolean;
            packable: boolean;
            plate?: boolean;
        }[];
        carriers: {
            room: string;
            label: string;
            mass_g: number;
            max_mass_g: number;
            max_pieces: number;
            grip: string;
            plates?: boolean;
        }[];
    };
    ladders: { holding: string; label: string; loads: LadderLoad[]; step_max: number }[];
    grip: { left: string; right: string };
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
    label: string;
    text: string;
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
    family_name: string;
    pattern: string;
    rung: string;
    name: string;
    set_up: string;
    figure: FigureData;
    equipment: string[];
    lever_notes: string[];
    goal: string;
    dose: Dose;
    sides: string;
    recipe: string | null;
    changes: string[];
    because: Reason[];
    findings: string[];
    breaches: string[];
    channel: ChannelData;
    stair: StairStep[];
    shaped_by: string[];
    seconds: number;
}

export interface PlanProps {
    client: ClientFrame;
    plan: {
        id: number;
        version: number;
        status: "draft" | "issued";
        revision: number;
        aim: string;
        structure: string;
        days: number[];
        budget: number;
        minutes: number;
        left: { pattern: string; says: string }[];
        trims: string[];
        issued_on: string | null;
        items: PlanItem[];
        covers: string[];
    } | null;
    clearance: string | null;
    ready: { measured: boolean; kit: boolean };
}

export interface SheetProps {
    client: ClientFrame;
    sheet: {
        version: number;
        status: string;
        issued_on: string | null;
        /** What of it no longer fits the limits of today. */
        breaches: string[];
        days: number[];
        structure: string;
        watches: string[];
        breathe_out: boolean;
        stop_signs: string[];
        items: {
            id: number;
            name: string;
            equipment: string[];
            figure: FigureData;
            set_up: string;
            cues: string[];
            mistakes: string[];
            feel: string;
            changes: string[];
            dose: Dose;
            sides: string;
            recipe: string | null;
            too_hard_if: string;
            easier: string | null;
        }[];
    } | null;
}

export interface LogProps {
    client: ClientFrame;
    plan: {
        id: number;
        version: number;
        items: { id: number; name: string; dose: Dose; sides: string; sets: { n: number; side: string }[] }[];
    } | null;
    logs: {
        id: number;
        on: string;
        skipped: string | null;
        stop_sign: string | null;
        stop_open: boolean;
        pain_before: number | null;
        pain_next_morning: number | null;
        note: string | null;
        items: { name: string; says: string; pain: number | null }[];
    }[];
}

export interface ProposalRow {
    id: number;
    name: string;
    to: string | null;
    decision: "step_up" | "stay" | "ease" | "stop" | "retest";
    label: string;
    lever: string | null;
    now: Dose;
    next: Dose;
    because: Reason[];
    otherwise: string;
    review: boolean;
}

export interface ReviewProps {
    client: ClientFrame;
    proposals: ProposalRow[];
    session: {
        id: number;
        on: string;
        pain_before: number | null;
        pain_next_morning: number | null;
        skipped: string | null;
    } | null;
    stop: { on: string; says: string | null } | null;
    draft: { version: number; revision: number } | null;
    record: { id: number; at: string; says: string; reason: string | null }[];
}

export interface GateCheck {
    id: number;
    at: string;
    today: boolean;
    verdict: "go" | "lighter" | "wait" | "not_today" | "stop_and_call";
    label: string;
    because: { rule: string; says: string; source: string; verdict: string }[];
    actions: string[];
    unknown: string[];
    again_in_minutes: number | null;
    again_at: string | null;
    readings: string;
}

export interface Reading {
    id: number;
    label: string;
    values: Record<string, number>;
    minutes: number;
    usable: boolean;
    note: string | null;
}

export interface BenchProps {
    clients: { id: number; name: string }[];
    devices: { kind: string; label: string; fields: string[] }[];
    faults: string[];
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

export interface ProblemProps {
    status: number;
}

export interface FamilyHeading {
    code: string;
    name: string;
    pattern: string;
    purpose: string;
    loaded: boolean;
    rungs: number;
    gym: string[];
}

export interface ExercisesProps {
    families: FamilyHeading[];
}

export interface FamilyProps {
    family: {
        code: string;
        name: string;
        pattern: string;
        purpose: string;
        gym: string[];
        seated: { code: string; name: string } | null;
        rungs: {
            code: string;
            name: string;
            step: string;
            axes: string;
            figure: FigureData;
            equipment: { name: string; or: string | null }[];
            set_up: string;
            cues: string[];
            mistakes: string[];
            feel: string;
            too_hard_if: string;
            too_easy_if: string;
            muscles: string[];
            counts: string;
            seconds: number;
            set_up_seconds: number;
            alone: boolean;
            demands: string[];
            changes: string[];
            opens: string[];
        }[];
    };
}

export interface FiguresProps {
    pattern: string;
    patterns: { code: string; name: string }[];
    families: { code: string; name: string; rungs: { code: string; name: string; figure: FigureData }[] }[];
}

export interface BandAnswer {
    says: string;
    start: string | null;
    middle: string | null;
    end: string | null;
    mean: string | null;
    start_pct: number;
    end_pct: number;
    stand_cm: number | null;
    free_cm: number | null;
    top_view: { anchor: string; hand_start: number; hand_end: number; body: number } | null;
    notes: string[];
    kgf: string;
    target_says: string;
    out: string | null;
    figure: FigureData;
}
