import { weekday } from "@/lib/words";
import type { LogItemForm, LogProps } from "@/types/props";

export type ItemForm = LogItemForm;

export interface LogForm {
    /** What is odd about it was looked at twice. */
    confirmed: boolean;
    plan_id: number;
    key: string;
    /** The version that a correction is made on; null for a session as it was done. */
    corrects: number | null;
    done_on: string;
    pain_before: string;
    pain_next_morning: string;
    pain_where: string;
    stop_sign: string;
    skipped: string;
    note: string;
    items: ItemForm[];
}

export type PlanOfLog = NonNullable<LogProps["plan"]>;

/** Of what was typed earlier, what belongs to the exercises that are here. */
export const fitting = (was: ItemForm[], now: ItemForm[]): ItemForm[] =>
    now.map((row) => ({
        ...row,
        ...was.find((old) => old.item === row.item && old.sets.length === row.sets.length),
    }));

/** The top of the range, of that side where the sides differ. */
export const topOf = (dose: PlanOfLog["items"][number]["dose"], side: string): number =>
    dose.apart && side === "left"
        ? dose.left.amount_hi
        : dose.apart && side === "right"
          ? dose.right.amount_hi
          : dose.amount_hi;

/** The load, or that of each side, as a dose has it. */
export const loadsOf = (
    dose: PlanOfLog["items"][number]["dose"],
): Pick<ItemForm, "load_kg" | "left_load_kg" | "right_load_kg"> => ({
    load_kg: dose.load_kg,
    left_load_kg: dose.apart ? dose.left.load_kg : "",
    right_load_kg: dose.apart ? dose.right.load_kg : "",
});

/** As the plan has it on that day: a light day is one without being asked, with its loads. */
export const onDay = (
    item: PlanOfLog["items"][number],
    day: string,
): Pick<ItemForm, "light" | "load_kg" | "left_load_kg" | "right_load_kg"> => {
    const light = item.light?.days.includes(weekday(day)) ?? false;
    return { light, ...loadsOf((light && item.light ? item.light : item).dose) };
};

/** Every set that was asked for at the top of its range, with the load of the dose. */
export const atTheTop = (item: PlanOfLog["items"][number], row: ItemForm, easier: boolean): Partial<ItemForm> => ({
    done: true,
    ...loadsOf((row.light && item.light ? item.light : item).dose),
    sets: row.sets.map((s, i) => ({
        ...s,
        amount: easier && i >= item.easier_sets ? "" : String(topOf(item.dose, s.side)),
    })),
});

/** Dates as they are written sort as they follow each other. */
export const isEasier = (plan: PlanOfLog, date: string): boolean =>
    plan.easier.some(([from, to]) => from <= date && date <= to);
