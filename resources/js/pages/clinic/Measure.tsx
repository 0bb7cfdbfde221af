import { newId } from "@/lib/id";
import { useMassUnit } from "@/lib/mass";
import MassInput from "@/parts/MassInput";
import { sayDate } from "@/lib/words";
import { useConflict } from "@/lib/conflict";
import { useKept } from "@/lib/kept";
import Button from "@/parts/Button";
import ClientShell from "@/parts/ClientShell";
import ConflictView from "@/parts/ConflictView";
import { useArrows } from "@/lib/keys";
import KeptOffer from "@/parts/KeptOffer";
import TestRow, { type Row } from "@/parts/TestRow";
import Field, { FieldError, inputClass } from "@/parts/Field";
import type { MeasureProps } from "@/types/props";
import { useForm, usePage } from "@inertiajs/react";
import { useState } from "react";

const empty = (test: string, side: string | null = null): Row => ({
    test,
    side,
    value: "",
    second_value: "",
    family: "",
    load_kg: "",
    reps: "",
    rir: "",
    not_tested: "",
});

const filled = (row: Row, isSet: boolean): boolean =>
    (isSet ? [row.load_kg, row.reps, row.rir, row.not_tested] : [row.value, row.second_value, row.not_tested]).some(
        (v) => v.trim() !== "",
    );

export default function Measure({
    client,
    seen: shown,
    readings,
    tests,
    easy_sets,
    families,
    effort_cap,
    history,
}: MeasureProps) {
    const unit = useMassUnit();
    const { me } = usePage().props as unknown as { me: { today: string } };
    const easy = tests.find((t) => t.easy_set);
    const isSet = (row: Row): boolean => row.test === easy?.code;
    const blank = () => [
        ...tests
            .filter((t) => !t.easy_set)
            .flatMap((t) => (t.sides ? [empty(t.code, "left"), empty(t.code, "right")] : [empty(t.code)])),
        ...(easy ? [empty(easy.code)] : []),
    ];
    const [rows, setRows] = useState<Row[]>(blank);
    const form = useForm<{ measured_on: string; results: Row[] }>({ measured_on: me.today, results: [] });
    const [seen, setSeen] = useState(shown);
    const [key, setKey] = useState(() => newId());
    const errors = form.errors as Record<string, string | undefined>;
    const conflict = useConflict((met) => setSeen(met.version));
    // The server numbers only the rows that were sent; an error goes back to the row it came from.
    const sent = rows.filter((row) => filled(row, isSet(row)));
    const errorOf = (row: Row, key: string): string | undefined =>
        sent.includes(row) ? errors[`results.${sent.indexOf(row)}.${key}`] : undefined;
    const set = (row: Row, part: Partial<Row>) =>
        setRows((now) =>
            now.map((r) =>
                r.test === row.test && r.side === row.side && (r === row || !isSet(r)) ? { ...r, ...part } : r,
            ),
        );
    const kept = useKept(
        `${client.id}.measure`,
        `Measure: ${client.name}`,
        { rows, measured_on: form.data.measured_on },
        sent.length > 0,
    );
    const sets = rows.filter(isSet);

    useArrows();
    return (
        <ClientShell client={client} stage="measure">
            <form
                noValidate
                onSubmit={(event) => {
                    event.preventDefault();
                    form.transform((data) => ({ ...data, results: sent, seen, key }));
                    form.post(`/clients/${client.id}/measure`, {
                        preserveScroll: true,
                        onSuccess: (page) => {
                            kept.saved();
                            setSeen((page.props as unknown as MeasureProps).seen);
                            setKey(newId());
                            setRows(blank());
                        },
                    });
                }}
            >
                <KeptOffer
                    kept={kept}
                    onTake={(was) => {
                        setRows(was.rows);
                        form.setData("measured_on", was.measured_on);
                    }}
                />
                <ConflictView conflict={conflict} save="Save results" />
                {readings.map((r) => (
                    <p
                        key={r.id}
                        className="border-water bg-card mb-2 flex flex-wrap items-center gap-2 rounded-md border px-3 py-1.5 text-sm"
                    >
                        <strong>{r.label}</strong> <span className="num">{r.values.grip_kg} kg</span>{" "}
                        <span className="text-soft">{r.minutes} min ago</span>
                        {["left", "right"].map((side) => (
                            <Button
                                key={side}
                                small
                                onClick={() => {
                                    const row = rows.find((x) => x.test === "grip" && x.side === side);
                                    if (row) {
                                        set(row, { value: r.values.grip_kg ?? "" });
                                    }
                                }}
                            >
                                use for the {side} hand
                            </Button>
                        ))}
                    </p>
                ))}
                <div className="border-sand border-t">
                    {tests
                        .filter((t) => t.core)
                        .map((test) => (
                            <TestRow
                                key={test.code}
                                test={test}
                                rows={rows.filter((r) => r.test === test.code)}
                                set={set}
                                errorOf={errorOf}
                            />
                        ))}
                    <details
                        className="border-sand border-b py-2"
                        open={sent.some((r) => !tests.find((t) => t.code === r.test)?.core && !isSet(r))}
                    >
                        <summary className="min-h-8 cursor-pointer font-bold">More tests</summary>
                        {tests
                            .filter((t) => !t.core && !t.easy_set)
                            .map((test) => (
                                <TestRow
                                    key={test.code}
                                    test={test}
                                    rows={rows.filter((r) => r.test === test.code)}
                                    set={set}
                                    errorOf={errorOf}
                                />
                            ))}
                    </details>
                </div>
                <section className="mt-4">
                    <h2 className="text-lg font-bold">Easy sets</h2>
                    <p className="text-soft text-sm">
                        {easy?.script} <strong className="text-ink">Stop at RPE {Math.min(effort_cap, 8)} here.</strong>
                    </p>
                    {easy_sets.length > 0 && (
                        <ul className="mt-2 flex flex-wrap gap-2">
                            {easy_sets.map((s) => (
                                <li
                                    key={`${s.family}.${s.side}`}
                                    className="border-sand bg-card rounded-md border px-3 py-1.5 text-sm"
                                >
                                    <strong>
                                        {s.family}
                                        {s.side === "" ? "" : `, ${s.side}`}
                                    </strong>
                                    : {s.e1rm ? `estimated 1RM ${s.e1rm}` : "no estimate"}{" "}
                                    <span className="text-soft">({s.confidence})</span>
                                    <span className="text-soft block">
                                        {s.load}. {s.says} {s.on && sayDate(s.on)}
                                    </span>
                                </li>
                            ))}
                        </ul>
                    )}
                    {sets.map((row, i) => (
                        <div
                            key={i}
                            className="mt-2 grid grid-cols-2 md:grid-cols-[minmax(10rem,1.6fr)_7rem_1fr_1fr_1fr] items-start gap-3"
                        >
                            <Field label="Exercise" error={errorOf(row, "family")}>
                                <select
                                    className={inputClass}
                                    value={row.family}
                                    onChange={(e) => set(row, { family: e.target.value })}
                                >
                                    <option value="">choose</option>
                                    {families.map((f) => (
                                        <option key={f.code} value={f.code}>
                                            {f.name}
                                        </option>
                                    ))}
                                </select>
                            </Field>
                            <Field label="Side" error={errorOf(row, "side")}>
                                <select
                                    className={inputClass}
                                    value={row.side ?? ""}
                                    onChange={(e) => set(row, { side: e.target.value === "" ? null : e.target.value })}
                                >
                                    <option value="">both</option>
                                    <option value="left">left</option>
                                    <option value="right">right</option>
                                </select>
                            </Field>
                            <Field label={`Load, ${unit}`} error={errorOf(row, "load_kg")}>
                                <MassInput value={row.load_kg} onValue={(load_kg) => set(row, { load_kg })} />
                            </Field>
                            <Field label="Reps done" error={errorOf(row, "reps")}>
                                <input
                                    className={inputClass}
                                    inputMode="numeric"
                                    value={row.reps}
                                    onChange={(e) => set(row, { reps: e.target.value })}
                                />
                            </Field>
                            <Field label="Reps left" error={errorOf(row, "rir")}>
                                <input
                                    className={inputClass}
                                    inputMode="numeric"
                                    value={row.rir}
                                    onChange={(e) => set(row, { rir: e.target.value })}
                                />
                            </Field>
                        </div>
                    ))}
                    <Button
                        tone="quiet"
                        small
                        className="mt-1"
                        onClick={() => easy && setRows([...rows, empty(easy.code)])}
                    >
                        Another easy set
                    </Button>
                </section>
                <div className="border-sand bg-paper sticky bottom-0 mt-4 flex items-end gap-4 border-t py-3">
                    <Field label="Measured on" error={errors.measured_on} className="w-40">
                        <input
                            className={inputClass}
                            value={form.data.measured_on}
                            onChange={(e) => form.setData("measured_on", e.target.value)}
                        />
                    </Field>
                    <Button tone="main" type="submit" data-save disabled={form.processing || sent.length === 0}>
                        {sent.length === 0
                            ? "Enter a result to save"
                            : `Save ${sent.length} ${sent.length === 1 ? "result" : "results"}`}
                    </Button>
                    <FieldError error={errors.results} />
                </div>
            </form>
            {history.length > 0 && (
                <section className="mt-4">
                    <h2 className="text-lg font-bold">Results so far</h2>
                    <table className="mt-1 w-full text-sm">
                        <thead className="text-soft text-left">
                            <tr>
                                <th className="py-1 font-medium">Day</th>
                                <th className="font-medium">Test</th>
                                <th className="font-medium">Side</th>
                                <th className="font-medium">Result</th>
                            </tr>
                        </thead>
                        <tbody>
                            {history.map((h) => (
                                <tr key={h.id} className="border-sand border-t">
                                    <td className="py-1">{sayDate(h.on)}</td>
                                    <td>
                                        {h.test}
                                        {h.family ? `, ${h.family}` : ""}
                                    </td>
                                    <td>{h.side ?? ""}</td>
                                    <td>{h.says}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </section>
            )}
        </ClientShell>
    );
}
