import { newId } from "@/lib/id";
import type { Answers, Card, DaySession, HomeItem, Plan, Step } from "@/home/card";

export interface DoneSet {
    amount: number;
    side: Step["side"];
    how: string | null;
}

export interface DoneItem {
    sets: DoneSet[];
    pain: number | null;
    where: string;
    instead: string | null;
    left_out: boolean;
    easy: boolean;
}

/** A session that is being done, whole in itself: a plan that changes meanwhile does not touch it. */
export interface Draft {
    key: string;
    plan_id: number;
    on: string;
    lighter: boolean;
    pain_before: number | null;
    pain_where: string;
    session: DaySession;
    items: Record<string, HomeItem>;
    pain: Plan["pain"];
    /** What stops it, in words: also where the clinic has meanwhile taken the card away. */
    signs: Plan["check"]["signs"];
    at: number;
    done: Record<string, DoneItem>;
    over: boolean;
    stop_sign: string | null;
}

const nothing = (): DoneItem => ({ sets: [], pain: null, where: "", instead: null, left_out: false, easy: false });

export function begin(card: Card & Plan, session: string, on: string, lighter: boolean, answers: Answers): Draft {
    const both = card.sessions[session];
    if (both === undefined) {
        throw new Error("The card has no such session.");
    }
    return {
        key: newId(),
        plan_id: card.plan.id,
        on,
        lighter,
        pain_before: typeof answers.pain === "number" ? answers.pain : null,
        pain_where: typeof answers.pain_where === "string" ? answers.pain_where : "",
        session: lighter ? both.lighter : both.whole,
        items: card.items,
        pain: card.pain,
        signs: card.check.signs.filter((sign) => sign.stops),
        at: 0,
        done: {},
        over: false,
        stop_sign: null,
    };
}

export const stepOf = (draft: Draft): Step | undefined => draft.session.steps[draft.at];

export const itemOf = (draft: Draft, step: Step | undefined): HomeItem | undefined =>
    step?.item === null || step === undefined ? undefined : draft.items[String(step.item)];

export const doneOf = (draft: Draft, id: number): DoneItem => draft.done[String(id)] ?? nothing();

export const withDone = (draft: Draft, id: number, part: Partial<DoneItem>): Draft => ({
    ...draft,
    done: { ...draft.done, [String(id)]: { ...doneOf(draft, id), ...part } },
});

/** Is this step the last set of its exercise, on its last side? */
export function isLastOf(draft: Draft, at: number): boolean {
    const step = draft.session.steps[at];
    return (
        step?.kind === "set" && !draft.session.steps.slice(at + 1).some((s) => s.kind === "set" && s.item === step.item)
    );
}

/** The next step that is not left out; where there is none, the session is over. */
export function onwards(draft: Draft): Draft {
    const steps = draft.session.steps;
    let at = draft.at + 1;
    while (at < steps.length) {
        const item = steps[at]?.item;
        if (item === null || item === undefined || !doneOf(draft, item).left_out) {
            break;
        }
        at += 1;
    }
    return at >= steps.length ? { ...draft, at: steps.length, over: true } : { ...draft, at };
}

/** A set as it was done; what only warms up is not written down. */
export function recorded(draft: Draft, amount: number): Draft {
    const step = stepOf(draft);
    if (step?.kind !== "set" || step.item === null) {
        return draft;
    }
    const done = doneOf(draft, step.item);
    return done.instead === null
        ? withDone(draft, step.item, { sets: [...done.sets, { amount, side: step.side, how: null }] })
        : draft;
}

/** The amount of the last set put right, or how hard the sets of an exercise were. */
export function corrected(draft: Draft, id: number, amount: number): Draft {
    const sets = doneOf(draft, id).sets;
    return withDone(draft, id, { sets: sets.map((s, i) => (i === sets.length - 1 ? { ...s, amount } : s)) });
}

export const rated = (draft: Draft, id: number, how: string): Draft =>
    withDone(draft, id, { sets: doneOf(draft, id).sets.map((s) => ({ ...s, how: s.how ?? how })) });

/** Exercises that were done and of which nobody has said how hard they were. */
export const unrated = (draft: Draft): HomeItem[] =>
    Object.entries(draft.done)
        .filter(([, done]) => done.sets.some((s) => s.how === null))
        .flatMap(([id]) => draft.items[id] ?? []);

export interface Ending {
    whole: string | null;
    pain_after: number | null;
    note: string;
    skipped: string | null;
}

/** Of a session that nobody was asked about. */
export const UNSAID: Ending = { whole: null, pain_after: null, note: "", skipped: null };

/** As it is sent. */
export function sent(draft: Draft, ending: Ending): Record<string, unknown> {
    return {
        plan_id: draft.plan_id,
        done_on: draft.on,
        lighter: draft.lighter,
        pain_before: draft.pain_before,
        pain_where: draft.pain_where,
        pain_after: ending.pain_after,
        whole: ending.whole,
        note: ending.note,
        stop_sign: draft.stop_sign,
        skipped: ending.skipped,
        items: Object.entries(draft.done).map(([item, done]) => ({ item: Number(item), ...done })),
    };
}
