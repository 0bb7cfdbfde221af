import type { ItemForm, PlanOfLog } from "@/lib/logForm";
import Field, { inputClass } from "@/parts/Field";
import { useState } from "react";

/** The effort of each set by itself, where they were not all alike. */
export default function EachSet({
    item,
    row,
    errors,
    at,
    onSets,
}: {
    item: PlanOfLog["items"][number];
    row: ItemForm;
    errors: Record<string, string | undefined>;
    at: string;
    onSets: (sets: ItemForm["sets"]) => void;
}) {
    const told = row.sets.some((s) => s.effort !== "" || s.left !== "");
    const [open, setOpen] = useState(told);
    const keys = item.dose.kind === "reps" ? (["effort", "left"] as const) : (["effort"] as const);
    return (
        <details open={open} onToggle={(e) => setOpen(e.currentTarget.open)} className="text-sm">
            <summary className="text-water min-h-6 cursor-pointer underline underline-offset-2">
                RPE of each set<span className="sr-only"> of {item.name}</span>
            </summary>
            {open && (
                <div className="mt-1 flex flex-wrap items-start gap-2">
                    {row.sets.map((s, k) =>
                        keys.map((key) => {
                            const name = `set ${item.sets[k]?.n ?? k + 1}${s.side === "both" ? "" : ` ${s.side}`}`;
                            const what = key === "effort" ? "RPE" : "reps left";
                            return (
                                <Field
                                    key={`${k}.${key}`}
                                    className="w-28"
                                    label={`${what}, ${name}`}
                                    error={errors[`${at}.sets.${k}.${key}`]}
                                >
                                    <input
                                        className={inputClass}
                                        inputMode="decimal"
                                        aria-label={`${item.name}, ${name}, ${what}`}
                                        value={s[key]}
                                        onChange={(e) =>
                                            onSets(
                                                row.sets.map((o, i) => (i === k ? { ...o, [key]: e.target.value } : o)),
                                            )
                                        }
                                    />
                                </Field>
                            );
                        }),
                    )}
                </div>
            )}
        </details>
    );
}
