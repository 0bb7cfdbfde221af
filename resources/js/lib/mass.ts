import { usePage } from "@inertiajs/react";

/** Exact by definition. */
const KG_PER_LB = 0.45359237;

const trim = (decimal: string): string => (decimal.includes(".") ? decimal.replace(/\.?0+$/, "") : decimal);

/** "2,5" as "2.5": a comma is the decimal sign of half the world. */
const pointed = (typed: string): string => typed.replace(/^(\s*[+-]?\d{1,9}),(\d{1,6}\s*)$/, "$1.$2");

const converted = (typed: string, factor: number, decimals: number): string => {
    const number = Number(pointed(typed));
    // What is no number goes through as typed: the server says what is wrong with it.
    return typed.trim() === "" || Number.isNaN(number) ? typed : trim((number * factor).toFixed(decimals));
};

export interface MassUnit {
    name: "kg" | "lb";
    /** Grams for the eye. */
    say: (grams: number) => string;
    /** A value in kilograms as this reader types it. Three decimals of a pound come back as the same gram. */
    shown: (kilograms: string) => string;
    /** What this reader typed, in kilograms. */
    read: (typed: string) => string;
}

const KILOGRAM: MassUnit = {
    name: "kg",
    say: (g) => (g < 1000 ? `${Math.round(g)} g` : `${trim((g / 1000).toFixed(2))} kg`),
    shown: (kilograms) => kilograms,
    read: (typed) => typed,
};

const POUND: MassUnit = {
    name: "lb",
    say: (g) => `${trim((g / 1000 / KG_PER_LB).toFixed(2))} lb`,
    shown: (kilograms) => converted(kilograms, 1 / KG_PER_LB, 3),
    read: (typed) => converted(typed, KG_PER_LB, 6),
};

/** The unit that this page's masses are shown and typed in. Everything that is sent stays in kilograms. */
export function useMassUnit(): MassUnit {
    return (usePage().props as { unit?: string }).unit === "lb" ? POUND : KILOGRAM;
}
