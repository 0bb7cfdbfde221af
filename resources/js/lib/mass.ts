import { usePage } from "@inertiajs/react";

/*
 * The box of a mass holds what was typed, with its unit where that is not kilograms: "4.92 lb", "2.23". So it means the same
 * wherever it is kept, and the server reads it. Nothing is worked out here.
 */

export type MassUnit = "kg" | "lb";

/** The unit that this page's masses are shown and typed in. */
export function useMassUnit(): MassUnit {
    return (usePage().props as { unit?: string }).unit === "lb" ? "lb" : "kg";
}

const saysUnit = (value: string): boolean => /[a-z]\s*$/i.test(value);

/** What stands in a box: without the unit that its label names. */
export const bare = (value: string, unit: MassUnit): string => {
    const whole = saysMass(value);
    return whole.endsWith(` ${unit}`) ? whole.slice(0, -3) : whole;
};

/** What was typed into a box, with its unit. */
export const withUnit = (typed: string, unit: MassUnit): string =>
    typed.trim() === "" || unit === "kg" || saysUnit(typed) ? typed : `${typed} ${unit}`;

/** A typed mass as one reads it: "4.92 lb", "2.23 kg". */
export const saysMass = (value: string): string => (value.trim() === "" || saysUnit(value) ? value : `${value} kg`);
