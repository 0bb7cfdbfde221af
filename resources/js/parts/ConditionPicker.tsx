import { useMassUnit } from "@/lib/mass";
import { useScreenOptions } from "@/lib/options";
import MassInput from "./MassInput";
import type { ConditionAbout, ConditionForm } from "@/types/props";
import { useState } from "react";
import Choice from "./Choice";
import Field, { inputClass } from "./Field";

/** Tick what applies; only then is asked what matters for it. */
export default function ConditionPicker({
    known,
    value,
    errors,
    onChange,
}: {
    known: ConditionAbout[];
    value: ConditionForm[];
    errors: Record<string, string | undefined>;
    onChange: (value: ConditionForm[]) => void;
}) {
    const change = (code: string, part: Partial<ConditionForm>) =>
        onChange(value.map((c) => (c.code === code ? { ...c, ...part } : c)));
    const unit = useMassUnit();
    const offers = useScreenOptions();
    const [query, setQuery] = useState("");
    const words = query.trim().toLowerCase();
    const ticked = (about: ConditionAbout) => value.some((c) => c.code === about.code);
    // What is ticked stays in view; of the rest, what was asked for, or the whole list by group.
    const shown = [
        ...known.filter(ticked),
        ...known.filter(
            (about) =>
                !ticked(about) &&
                (words === "" ||
                    [about.label, about.group, ...about.words].some((name) => name.toLowerCase().includes(words))),
        ),
    ];
    return (
        <>
            <Field label="Find a condition" hint={`${value.length} ticked, ${known.length} known`}>
                <input
                    className={inputClass}
                    value={query}
                    placeholder="for example knee, COPD, warfarin"
                    onChange={(e) => setQuery(e.target.value)}
                />
            </Field>
            <ul className="mt-2 max-h-[34rem] space-y-1.5 overflow-y-auto pr-1">
                {shown.map((about, n) => {
                    const i = value.findIndex((c) => c.code === about.code);
                    const condition = value[i];
                    const heading = !condition && about.group !== shown[n - 1]?.group ? about.group : null;
                    return (
                        <li
                            key={about.code}
                            className={`rounded-md border px-3 py-2 ${condition ? "border-water bg-card" : "border-sand"}`}
                        >
                            {heading && <p className="text-soft text-xs">{heading}</p>}
                            <label className="flex min-h-6 items-center gap-2.5">
                                <input
                                    type="checkbox"
                                    className="accent-water size-5"
                                    checked={condition !== undefined}
                                    onChange={(e) =>
                                        onChange(
                                            e.target.checked
                                                ? [
                                                      ...value,
                                                      {
                                                          code: about.code,
                                                          side: "",
                                                          since: "",
                                                          until: "",
                                                          details: [],
                                                          numbers: {},
                                                      },
                                                  ]
                                                : value.filter((c) => c.code !== about.code),
                                        )
                                    }
                                />
                                {about.label}
                            </label>
                            {condition && (
                                <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-2 pl-7">
                                    {about.sided && (
                                        <Choice
                                            label="Side"
                                            value={condition.side}
                                            options={offers.side}
                                            onChange={(side) => change(about.code, { side })}
                                            error={errors[`conditions.${i}.side`]}
                                        />
                                    )}
                                    {about.details.length > 0 && (
                                        <fieldset className={about.sided ? "" : "col-span-2"}>
                                            <legend className="text-sm font-medium">Details</legend>
                                            {about.details.map((detail) => (
                                                <label
                                                    key={detail.code}
                                                    className="mt-1 flex min-h-6 items-center gap-2 text-sm"
                                                >
                                                    <input
                                                        type="checkbox"
                                                        className="accent-water size-4.5"
                                                        checked={condition.details.includes(detail.code)}
                                                        onChange={(e) =>
                                                            change(about.code, {
                                                                details: e.target.checked
                                                                    ? [...condition.details, detail.code]
                                                                    : condition.details.filter(
                                                                          (d) => d !== detail.code,
                                                                      ),
                                                            })
                                                        }
                                                    />
                                                    {detail.label}
                                                </label>
                                            ))}
                                        </fieldset>
                                    )}
                                    {about.free && (
                                        <Field
                                            className="col-span-2"
                                            label="In your own words"
                                            hint="no rules are known for it: set its limits yourself"
                                            error={errors[`conditions.${i}.details.0`]}
                                        >
                                            <input
                                                className={inputClass}
                                                maxLength={60}
                                                value={condition.details[0] ?? ""}
                                                onChange={(e) =>
                                                    change(about.code, {
                                                        details: e.target.value === "" ? [] : [e.target.value],
                                                    })
                                                }
                                            />
                                        </Field>
                                    )}
                                    {about.numbers.map(({ field, mass, label, example }) => {
                                        const typed = (value: string) =>
                                            change(about.code, { numbers: { ...condition.numbers, [field]: value } });
                                        return (
                                            <Field
                                                key={field}
                                                className="col-span-2"
                                                label={mass ? `${label}, ${unit}` : label}
                                                hint={`empty when not known; for example ${example}`}
                                                error={errors[`conditions.${i}.numbers.${field}`]}
                                            >
                                                {mass ? (
                                                    <MassInput value={condition.numbers[field] ?? ""} onValue={typed} />
                                                ) : (
                                                    <input
                                                        className={inputClass}
                                                        inputMode="numeric"
                                                        value={condition.numbers[field] ?? ""}
                                                        onChange={(e) => typed(e.target.value)}
                                                    />
                                                )}
                                            </Field>
                                        );
                                    })}
                                    <Field
                                        label={about.since_label ? `Since (${about.since_label})` : "Since"}
                                        error={errors[`conditions.${i}.since`]}
                                    >
                                        <input
                                            className={inputClass}
                                            value={condition.since}
                                            placeholder="year-month-day"
                                            onChange={(e) => change(about.code, { since: e.target.value })}
                                        />
                                    </Field>
                                    <Field label="Until" error={errors[`conditions.${i}.until`]}>
                                        <input
                                            className={inputClass}
                                            value={condition.until}
                                            placeholder="empty: lasting"
                                            onChange={(e) => change(about.code, { until: e.target.value })}
                                        />
                                    </Field>
                                </div>
                            )}
                        </li>
                    );
                })}
            </ul>
        </>
    );
}
