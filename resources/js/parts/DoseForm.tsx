import { useMassUnit } from "@/lib/mass";
import MassInput from "./MassInput";
import { useKept } from "@/lib/kept";
import type { Dose } from "@/types/props";
import { useState } from "react";
import Button from "./Button";
import Field, { FieldError, inputClass } from "./Field";
import KeptOffer from "./KeptOffer";

export type DoseValues = Record<
    | "sets"
    | "amount_lo"
    | "amount_hi"
    | "effort_lo"
    | "effort_hi"
    | "rest_s"
    | "load_kg"
    | "tempo"
    | "hold_s"
    | "pause_s",
    string
> & {
    /** An unusual dose was looked at twice. */
    confirmed: boolean;
};

/** The numbers of a dose, to type. The server says whether they may be given, at the field. */
export default function DoseForm({
    dose,
    place,
    title,
    errors,
    busy,
    submit,
    onSubmit,
}: {
    dose: Dose;
    /** Which page, client and exercise, for what is typed and not sent. */
    place: string;
    title: string;
    errors: Record<string, string | undefined>;
    busy: boolean;
    submit: string;
    onSubmit: (values: DoseValues, saved: () => void) => void;
}) {
    const unit = useMassUnit();
    const [start] = useState<DoseValues>({
        sets: String(dose.sets),
        amount_lo: String(dose.amount_lo),
        amount_hi: String(dose.amount_hi),
        effort_lo: String(dose.effort_lo),
        effort_hi: String(dose.effort_hi),
        rest_s: String(dose.rest_s),
        load_kg: dose.load_kg,
        tempo: dose.tempo,
        hold_s: dose.hold_s === null ? "" : String(dose.hold_s),
        pause_s: dose.pause_s === null ? "" : String(dose.pause_s),
        confirmed: false,
    });
    const [values, setValues] = useState(start);
    const kept = useKept(place, title, values, JSON.stringify(values) !== JSON.stringify(start));
    const fields: [Exclude<keyof DoseValues, "confirmed">, string][] = [
        ["sets", "Sets"],
        ["amount_lo", `From, ${dose.unit}`],
        ["amount_hi", `To, ${dose.unit}`],
        ["effort_lo", "RPE from"],
        ["effort_hi", "RPE to"],
        ["rest_s", "Rest, s"],
    ];
    if (dose.load_g !== null) {
        fields.push(["load_kg", `${dose.per === "hand" ? "Load a hand" : "Load"}, ${unit}`]);
    }
    if (dose.kind === "reps") {
        fields.push(["tempo", "Tempo, s"], ["hold_s", "Hold a rep, s"], ["pause_s", "Rest in set, s"]);
    }
    return (
        <form
            noValidate
            className="flex flex-wrap items-start gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                onSubmit(values, kept.saved);
            }}
        >
            <KeptOffer kept={kept} onTake={setValues} />
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
                            inputMode={key === "tempo" ? "text" : "decimal"}
                            placeholder={key === "tempo" ? "3-0-2-0" : undefined}
                            value={values[key]}
                            onChange={(e) => setValues({ ...values, [key]: e.target.value })}
                        />
                    )}
                </Field>
            ))}
            {errors.confirm && (
                <div role="alert" className="border-hold bg-card w-full rounded-md border-l-4 p-2 text-sm">
                    <p>
                        <span aria-hidden="true">■ </span>
                        {errors.confirm}
                    </p>
                    <label className="mt-1 flex min-h-8 items-center gap-2 font-medium">
                        <input
                            type="checkbox"
                            className="accent-water size-5"
                            checked={values.confirmed}
                            onChange={(e) => setValues({ ...values, confirmed: e.target.checked })}
                        />
                        It is meant
                    </label>
                </div>
            )}
            <Button type="submit" disabled={busy} className="mt-6">
                {submit}
            </Button>
            <FieldError error={dose.load_g === null ? errors.load : undefined} />
            <FieldError error={errors.rung} />
        </form>
    );
}
