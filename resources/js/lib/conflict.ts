import type { Conflict, Shared } from "@/types/props";
import { usePage } from "@inertiajs/react";
import { useEffect, useRef } from "react";

/** The conflict that the last save met, handed on once; null when there is none. */
export function useConflict(onMeet: (conflict: Conflict) => void): Conflict | null {
    const { conflict } = usePage().props as unknown as Shared;
    const met = useRef<string | null>(null);
    const meet = useRef(onMeet);
    useEffect(() => {
        meet.current = onMeet;
    });
    useEffect(() => {
        if (conflict && conflict.id !== met.current) {
            met.current = conflict.id;
            meet.current(conflict);
        }
    }, [conflict]);
    return conflict;
}

type Values = Record<string, unknown>;

/** A form with the other one's value in one of its fields: a row by its name, a field of a group, or a field. */
export function withTheirs<T>(form: T, field: string, value: unknown, rowKeys: Record<string, string>): T {
    const [top = "", ...rest] = field.split(".");
    const values = form as Values;
    const inner = rest.join(".");
    const key = rowKeys[top];
    if (key !== undefined) {
        const rows = (values[top] as Values[]).map((row, i, all) => {
            const name = String(row[key]);
            const before = all.slice(0, i).filter((other) => other[key] === row[key]).length;
            return [before === 0 ? name : `${name} #${before + 1}`, row] as const;
        });
        const kept = rows.some(([name]) => name === inner)
            ? rows.map(([name, row]) => (name === inner ? (value as Values | null) : row))
            : [...rows.map(([, row]) => row), value as Values | null];
        return { ...form, [top]: kept.filter((row) => row !== null) };
    }
    return { ...form, [top]: inner === "" ? value : { ...(values[top] as Values), [inner]: value } };
}
