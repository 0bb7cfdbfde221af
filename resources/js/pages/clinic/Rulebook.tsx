import { useKept } from "@/lib/kept";
import Button from "@/parts/Button";
import Choice from "@/parts/Choice";
import ClinicProfile from "@/parts/ClinicProfile";
import Field, { inputClass } from "@/parts/Field";
import KeptOffer from "@/parts/KeptOffer";
import Shell from "@/parts/Shell";
import type { RulebookProps, RulebookRow } from "@/types/props";
import { router, useForm, usePage } from "@inertiajs/react";
import { useState } from "react";

/** Every rule in force in the clinic: searchable by condition, field, words and source; figures set by the lead. */
export default function Rulebook({
    schools,
    rows,
    can_set,
    mass_unit,
    mass_units,
    profile,
    zones,
    locales,
    words_read,
}: RulebookProps) {
    const errors = usePage().props.errors as Record<string, string | undefined>;
    const [query, setQuery] = useState("");
    const [asked, setAsked] = useState<string | null>(null);
    const words = query.trim().toLowerCase().split(/\s+/).filter(Boolean);
    const shown = rows.filter((r) => {
        const text = `${r.label} ${r.field_label} ${r.value} ${r.says} ${r.source}`.toLowerCase();
        return words.every((w) => text.includes(w));
    });
    const set = rows.filter((r) => r.clinic !== null).length;
    return (
        <Shell title="Rulebook">
            <main id="work" className="mx-auto max-w-6xl px-5 pt-5 pb-10">
                <h1 className="text-2xl font-bold">Rulebook</h1>
                <p className="text-soft">
                    {rows.length} rules, {set} set by this clinic.{" "}
                    {can_set
                        ? "A tighter figure holds at once for every client; a looser one needs a reason and is marked wherever it acts."
                        : "Figures are set by the clinic's lead."}
                </p>
                {can_set && (
                    <ClinicProfile
                        key={JSON.stringify(profile)}
                        profile={profile}
                        zones={zones}
                        locales={locales}
                        wordsRead={words_read}
                    />
                )}
                <section className="mt-4" aria-label="Schools of thought">
                    <h2 className="text-lg font-bold">Where practitioners disagree</h2>
                    <div className="grid gap-4 md:grid-cols-3">
                        {schools.map((school) => (
                            <div key={school.code}>
                                {can_set ? (
                                    <SetChoice
                                        key={school.chosen ?? ""}
                                        label={school.ask}
                                        now={school.chosen ?? ""}
                                        options={[
                                            ["", `default: ${school.default}`],
                                            ...school.choices.map((c): [string, string] => [c.code, c.text]),
                                        ]}
                                        onSet={(choice, seen) => {
                                            setAsked(school.code);
                                            router.put(
                                                "/rulebook/school",
                                                { school: school.code, choice, seen },
                                                { preserveScroll: true, preserveState: true },
                                            );
                                        }}
                                        error={asked === school.code ? errors.choice : undefined}
                                    />
                                ) : (
                                    <p className="text-sm">
                                        <strong>{school.ask}</strong>:{" "}
                                        {school.choices.find((c) => c.code === school.chosen)?.text ?? school.default}
                                    </p>
                                )}
                                <p className="text-soft mt-1 text-xs">{school.reason}</p>
                            </div>
                        ))}
                    </div>
                </section>
                <section className="mt-4" aria-label="Unit of mass">
                    {can_set ? (
                        <SetChoice
                            key={mass_unit}
                            label="Masses shown and typed in"
                            now={mass_unit}
                            options={mass_units}
                            onSet={(choice, seen) =>
                                router.put(
                                    "/rulebook/unit",
                                    { mass_unit: choice, seen },
                                    { preserveScroll: true, preserveState: true },
                                )
                            }
                            error={errors.mass_unit}
                            hint="a client's own unit, set on Screen, wins; rules keep the units of their sources"
                        />
                    ) : (
                        <p className="text-sm">
                            <strong>Masses shown and typed in</strong>: {mass_unit}
                        </p>
                    )}
                </section>
                <Field label="Find by condition, field, words or source" className="mt-3 max-w-md">
                    <input
                        className={inputClass}
                        value={query}
                        placeholder="for example RPE pregnancy"
                        onChange={(e) => setQuery(e.target.value)}
                    />
                </Field>
                <p role="status" className="text-soft mt-1 text-sm">
                    {shown.length} shown
                </p>
                <table className="mt-2 w-full text-sm">
                    <thead className="text-soft text-left">
                        <tr>
                            <th className="w-52 py-1 font-medium">Rule</th>
                            <th className="w-44 font-medium">Field</th>
                            <th className="w-32 font-medium">Value</th>
                            <th className="font-medium">Why, and from where</th>
                            <th className="w-52 font-medium">Clinic</th>
                        </tr>
                    </thead>
                    <tbody>
                        {shown.map((row) => (
                            <tr key={row.key} className="border-sand border-t align-top">
                                <td className="py-1 pr-2 font-medium">{row.label}</td>
                                <td className="py-1 pr-2">
                                    {row.field_label}
                                    {row.part && <span className="text-soft block">{row.part}</span>}
                                </td>
                                <td className="num py-1 pr-2">
                                    {row.field === "notes" || row.field === "stop_signs" ? "" : row.value}
                                </td>
                                <td className="py-1 pr-2">
                                    {row.says} <span className="text-soft text-xs">{row.source}</span>
                                </td>
                                <td>
                                    <Figure row={row} canSet={can_set} />
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </main>
        </Shell>
    );
}

/** A choice for the whole clinic: looked at first, set by a button of its own. An arrow key only looks. */
function SetChoice({
    label,
    now,
    options,
    onSet,
    error,
    hint,
}: {
    label: string;
    now: string;
    options: [string, string][];
    onSet: (choice: string, seen: string) => void;
    error?: string | undefined;
    hint?: string;
}) {
    const [choice, setChoice] = useState(now);
    return (
        <>
            <Choice
                label={label}
                value={choice}
                options={options}
                onChange={setChoice}
                error={error}
                {...(hint ? { hint } : {})}
            />
            {choice !== now && (
                <span className="mt-1.5 flex gap-2">
                    <Button small tone="main" onClick={() => onSet(choice, now)}>
                        Set for every client<span className="sr-only">: {label}</span>
                    </Button>
                    <Button small onClick={() => setChoice(now)}>
                        Leave as it is
                    </Button>
                </span>
            )}
        </>
    );
}

function Figure({ row, canSet }: { row: RulebookRow; canSet: boolean }) {
    const [open, setOpen] = useState(false);
    const form = useForm({
        rule: row.rule,
        field: row.field,
        value: String(row.clinic?.value ?? ""),
        reason: row.clinic?.reason ?? "",
    });
    const kept = useKept(
        open ? `clinic.rulebook.${row.key}` : null,
        `Rulebook: ${row.label}`,
        { value: form.data.value, reason: form.data.reason },
        form.isDirty,
    );
    const errors = form.errors as Record<string, string | undefined>;
    return (
        <>
            {row.clinic && (
                <p className={row.clinic.loosens ? "text-hold font-medium" : "font-medium"}>
                    {row.clinic.loosens ? "■ loosened to " : "tightened to "}
                    <span className="num">
                        {row.clinic.value}
                        {row.field === "lift_max_g" ? " g" : ""}
                    </span>
                    {row.clinic.reason && <span className="text-soft block font-normal">{row.clinic.reason}</span>}
                </p>
            )}
            {row.can_set && canSet && !open && (
                <Button small tone="quiet" onClick={() => setOpen(true)}>
                    {row.clinic ? "change" : "set"}
                    <span className="sr-only">
                        {" "}
                        {row.field_label} of {row.label}
                    </span>
                </Button>
            )}
            {open && (
                <form
                    noValidate
                    className="space-y-1.5 pb-2"
                    onSubmit={(event) => {
                        event.preventDefault();
                        form.transform((data) => ({ ...data, seen: row.clinic?.value ?? null }));
                        form.put("/rulebook", {
                            preserveScroll: true,
                            preserveState: true,
                            onSuccess: () => {
                                kept.saved();
                                setOpen(false);
                            },
                        });
                    }}
                >
                    <KeptOffer kept={kept} onTake={(was) => form.setData({ ...form.data, ...was })} />
                    <Field
                        label={row.field === "lift_max_g" ? "Figure, g" : "Figure"}
                        error={errors.value ?? errors.field}
                        hint="empty: back to the default"
                    >
                        <input
                            className={inputClass}
                            inputMode="numeric"
                            value={form.data.value}
                            onChange={(e) => form.setData("value", e.target.value)}
                        />
                    </Field>
                    <Field label="Reason" error={errors.reason}>
                        <input
                            className={inputClass}
                            value={form.data.reason}
                            onChange={(e) => form.setData("reason", e.target.value)}
                        />
                    </Field>
                    <Button small type="submit" disabled={form.processing}>
                        Set for the clinic
                    </Button>
                </form>
            )}
        </>
    );
}
