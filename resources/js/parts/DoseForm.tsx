import { useMassUnit } from "@/lib/mass";
import MassInput from "./MassInput";
import type { Dose } from "@/types/props";
import { useState } from "react";
import Button from "./Button";
import Field, { FieldError, inputClass } from "./Field";

export type DoseValues = Record<
    "sets" | "amount_lo" | "amount_hi" | "effort_lo" | "effort_hi" | "rest_s" | "load_kg",
    string
>;

/** The numbers of a dose, to type. The server says whether they may be given, at the field. */
export default function DoseForm({
    dose,
    errors,
    busy,
    submit,
    onSubmit,
}: {
    dose: Dose;
    errors: Record<string, string | undefined>;
    busy: boolean;
    submit: string;
    onSubmit: (values: DoseValues) => void;
}) {
    const unit = useMassUnit();
    const [values, setValues] = useState<DoseValues>({
        sets: String(dose.sets),
        amount_lo: String(dose.amount_lo),
        amount_hi: String(dose.amount_hi),
        effort_lo: String(dose.effort_lo),
        effort_hi: String(dose.effort_hi),
        rest_s: String(dose.rest_s),
        load_kg: dose.load_kg,
    });
    const fields: [keyof DoseValues, string][] = [
        ["sets", "Sets"],
        ["amount_lo", `From, ${dose.unit}`],
        ["amount_hi", `To, ${dose.unit}`],
        ["effort_lo", "Effort from"],
        ["effort_hi", "Effort to"],
        ["rest_s", "Rest, s"],
    ];
    if (dose.load_g !== null) {
        fields.push(["load_kg", `${dose.per === "hand" ? "Load a hand" : "Load"}, ${unit.name}`]);
    }
    return (
        <form
            noValidate
            className="flex flex-wrap items-start gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                onSubmit(values);
            }}
        >
            {fields.map(([key, label]) => (
                <Field
                    key={key}
                    label={label}
                    className="w-24"
                    error={errors[key] ?? (key === "load_kg" ? errors.load : undefined)}
                >
                    {key === "load_kg" ? (
                        <MassInput value={values.load_kg} onValue={(load_kg) => setValues({ ...values, load_kg })} />
                    ) : (
                        <input
                            className={inputClass}
                            inputMode="decimal"
                            value={values[key]}
                            onChange={(e) => setValues({ ...values, [key]: e.target.value })}
                        />
                    )}
                </Field>
            ))}
            <Button type="submit" disabled={busy} className="mt-6">
                {submit}
            </Button>
            <FieldError error={dose.load_g === null ? errors.load : undefined} />
            <FieldError error={errors.rung} />
        </form>
    );
}
