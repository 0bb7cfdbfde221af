import { useMassUnit } from "@/lib/mass";
import MassInput from "./MassInput";
import { useKept } from "@/lib/kept";
import type { Dose } from "@/types/props";
import { useEffect, useState } from "react";
import Button from "./Button";
import Field, { FieldError, inputClass } from "./Field";
import KeptOffer from "./KeptOffer";
import SelectField from "./SelectField";

const SIDES = ["left", "right"] as const;

type Typed =
    | "sets"
    | "kind"
    | "amount_lo"
    | "amount_hi"
    | "effort_lo"
    | "effort_hi"
    | "rest_s"
    | "load_kg"
    | "pull_kg"
    | "tempo"
    | "hold_s"
    | "pause_s"
    | `${(typeof SIDES)[number]}_${"lo" | "hi" | "load_kg"}`;

export type DoseValues = Record<Typed, string> & {
    /** Left and right differ. */
    apart: boolean;
    /** An unusual dose was looked at twice. */
    confirmed: boolean;
};

const isMass = (key: Typed): boolean => key.endsWith("_kg");

const typedIn = (dose: Dose): DoseValues => ({
    sets: String(dose.sets),
    kind: dose.kind,
    amount_lo: String(dose.amount_lo),
    amount_hi: String(dose.amount_hi),
    effort_lo: String(dose.effort_lo),
    effort_hi: String(dose.effort_hi),
    rest_s: String(dose.rest_s),
    load_kg: dose.takes === "load" ? dose.load_kg : "",
    pull_kg: dose.takes === "pull" ? dose.load_kg : "",
    tempo: dose.tempo,
    hold_s: dose.hold_s === null ? "" : String(dose.hold_s),
    pause_s: dose.pause_s === null ? "" : String(dose.pause_s),
    left_lo: String(dose.left.amount_lo),
    left_hi: String(dose.left.amount_hi),
    left_load_kg: dose.left.load_kg,
    right_lo: String(dose.right.amount_lo),
    right_hi: String(dose.right.amount_hi),
    right_load_kg: dose.right.load_kg,
    apart: dose.apart,
    confirmed: false,
});

interface Tried {
    errors: Record<string, string>;
    asks: string;
    minutes: number | null;
    budget: number | null;
    makes: string | null;
}

/** Asks the server, a moment after the last key, what the dose would come to; null until something was typed. */
function useTry(url: string | undefined, values: DoseValues): Tried | null {
    const [tried, setTried] = useState<{ of: string; answer: Tried } | null>(null);
    const sent = new URLSearchParams(
        Object.entries(values).map(([key, value]) => [key, typeof value === "boolean" ? (value ? "1" : "0") : value]),
    ).toString();
    useEffect(() => {
        if (url === undefined) {
            return undefined;
        }
        const stop = new AbortController();
        const wait = setTimeout(() => {
            fetch(`${url}?${sent}`, { signal: stop.signal, headers: { Accept: "application/json" } })
                .then(async (got) => {
                    if (got.ok) {
                        setTried({ of: sent, answer: (await got.json()) as Tried });
                    }
                })
                .catch(() => undefined);
        }, 350);
        return () => {
            clearTimeout(wait);
            stop.abort();
        };
    }, [url, sent]);
    return url !== undefined && tried?.of === sent ? tried.answer : null;
}

function Live({ live }: { live: Tried }) {
    return (
        <p role="status" className="w-full text-sm">
            {Object.keys(live.errors).length === 0 ? "Within the limits. " : "Not as it stands. "}
            {live.minutes !== null && live.budget !== null && (
                <span className={live.minutes > live.budget ? "text-hold font-medium" : ""}>
                    The session would take {live.minutes} of {live.budget} min.
                </span>
            )}{" "}
            {live.makes}
            {live.asks !== "" && ` ${live.asks}`}
        </p>
    );
}

/** The numbers of a dose, to type. The server says whether they may be given, at the field. */
export default function DoseForm({
    dose,
    place,
    title,
    errors,
    busy,
    submit,
    tryAt,
    onSubmit,
}: {
    dose: Dose;
    /** Which page, client and exercise, for what is typed and not sent. */
    place: string;
    title: string;
    errors: Record<string, string | undefined>;
    busy: boolean;
    submit: string;
    /** Where the server says what the dose would come to while it is typed. */
    tryAt?: string;
    onSubmit: (values: DoseValues, saved: () => void) => void;
}) {
    const massUnit = useMassUnit();
    const [start] = useState<DoseValues>(() => typedIn(dose));
    const [values, setValues] = useState(start);
    const changed = JSON.stringify(values) !== JSON.stringify(start);
    const kept = useKept(place, title, values, changed);
    const live = useTry(changed ? tryAt : undefined, values);
    const wrong = { ...live?.errors, ...errors };
    const counted = dose.kinds.find((k) => k.kind === values.kind);
    const unit = counted?.unit ?? dose.unit;
    const resists = dose.takes === "pull" ? "Pull" : dose.per === "hand" ? "Load a hand" : "Load";
    const apart = dose.can_differ && values.apart;
    const fields: [Typed, string][] = [["sets", "Sets"]];
    if (!apart) {
        fields.push(["amount_lo", `From, ${unit}`], ["amount_hi", `To, ${unit}`]);
    }
    fields.push(["effort_lo", "RPE from"], ["effort_hi", "RPE to"], ["rest_s", "Rest, s"]);
    if (!apart && dose.takes !== null) {
        fields.push([dose.takes === "pull" ? "pull_kg" : "load_kg", `${resists}, ${massUnit}`]);
    }
    if (values.kind === "reps") {
        fields.push(["tempo", "Tempo, s"], ["hold_s", "Hold a rep, s"], ["pause_s", "Rest in set, s"]);
    }
    const box = (key: Typed, label: string, name?: string) => (
        <Field key={key} label={label} className="w-24" error={wrong[key] ?? wrong[key.replace("_kg", "")]}>
            {isMass(key) ? (
                <MassInput
                    aria-label={name}
                    value={values[key]}
                    onValue={(typed) => setValues({ ...values, [key]: typed })}
                />
            ) : (
                <input
                    className={inputClass}
                    aria-label={name}
                    inputMode={key === "tempo" ? "text" : "decimal"}
                    placeholder={key === "tempo" ? "3-0-2-0" : undefined}
                    value={values[key]}
                    onChange={(e) => setValues({ ...values, [key]: e.target.value })}
                />
            )}
        </Field>
    );
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
            {dose.kinds.length > 1 && (
                <div className="w-44">
                    <SelectField
                        label="Counted in"
                        value={values.kind}
                        options={dose.kinds.map((k) => [k.kind, k.label] as const)}
                        onChange={(kind) => {
                            const to = dose.kinds.find((k) => k.kind === kind);
                            setValues({
                                ...values,
                                kind,
                                amount_lo: String(to?.lo ?? values.amount_lo),
                                amount_hi: String(to?.hi ?? values.amount_hi),
                                left_lo: String(to?.lo ?? values.left_lo),
                                left_hi: String(to?.hi ?? values.left_hi),
                                right_lo: String(to?.lo ?? values.right_lo),
                                right_hi: String(to?.hi ?? values.right_hi),
                            });
                        }}
                    />
                </div>
            )}
            {fields.map(([key, label]) => box(key, label))}
            {dose.can_differ && (
                <div className="w-full">
                    <label className="flex min-h-8 items-center gap-2 text-sm font-medium">
                        <input
                            type="checkbox"
                            className="accent-water size-5"
                            checked={values.apart}
                            onChange={(e) => setValues({ ...values, apart: e.target.checked })}
                        />
                        Left and right differ
                    </label>
                    {apart &&
                        SIDES.map((side) => (
                            <fieldset key={side} className="mt-1 flex flex-wrap items-start gap-2">
                                <legend className="float-left w-14 pt-8 text-sm font-bold capitalize">{side}</legend>
                                {box(`${side}_lo`, `From, ${unit}`, `${side}, from, ${unit}`)}
                                {box(`${side}_hi`, `To, ${unit}`, `${side}, to, ${unit}`)}
                                {dose.takes !== null &&
                                    box(
                                        `${side}_load_kg`,
                                        `${resists}, ${massUnit}`,
                                        `${side}, ${resists.toLowerCase()}, ${massUnit}`,
                                    )}
                                <FieldError error={wrong[`${side}_pull`]} />
                            </fieldset>
                        ))}
                </div>
            )}
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
            {live && <Live live={live} />}
            <FieldError error={dose.takes === null || apart ? wrong.load : undefined} />
            <FieldError error={errors.kind} />
            <FieldError error={errors.rung} />
        </form>
    );
}
