import { newId } from "@/lib/id";
import { useMassUnit } from "@/lib/mass";
import MassInput from "@/parts/MassInput";
import { sayMoment } from "@/lib/words";
import { useKept } from "@/lib/kept";
import Button from "@/parts/Button";
import Choice from "@/parts/Choice";
import ClientShell from "@/parts/ClientShell";
import Countdown from "@/parts/Countdown";
import Field, { FieldError, inputClass } from "@/parts/Field";
import FromDevices from "@/parts/FromDevices";
import KeptOffer from "@/parts/KeptOffer";
import type { GateCheck, GateProps } from "@/types/props";
import { useForm } from "@inertiajs/react";
import { useEffect, useRef, useState } from "react";

const SIGNS: Record<GateCheck["verdict"], [string, string]> = {
    go: ["○", "border-water"],
    lighter: ["▽", "border-hold"],
    wait: ["■", "border-hold"],
    not_today: ["■", "border-stop"],
    stop_and_call: ["◆", "border-stop"],
};

interface GateForm {
    key: string;
    numbers: Record<string, string>;
    answers: Record<string, string>;
    symptoms: string[];
    no_signs: boolean;
    repeat: boolean;
}

// One key a check: however often it is sent, it is one.
const blank = (): GateForm => ({
    key: newId(),
    numbers: {},
    answers: {},
    symptoms: [],
    no_signs: false,
    repeat: false,
});

/** The check before a session: what the limits ask for first, the client's usual beside each box, one verdict. */
export default function Gate({ client, numbers, answers, readings, symptoms, checks }: GateProps) {
    const form = useForm(blank());
    const errors = form.errors as Record<string, string | undefined>;
    const unit = useMassUnit();
    const latest = checks.find((c) => c.holds);
    const [before] = useState(latest?.id);
    const kept = useKept(`${client.id}.gate`, `Gate: ${client.name}`, form.data, form.isDirty);
    const number = (key: string, value: string) => form.setData("numbers", { ...form.data.numbers, [key]: value });
    return (
        <ClientShell client={client} stage="gate">
            {latest ? <Latest check={latest} fresh={latest.id !== before} /> : null}
            <KeptOffer kept={kept} onTake={(was) => form.setData(was)} />
            <form
                noValidate
                onSubmit={(event) => {
                    event.preventDefault();
                    form.transform(({ numbers, answers, ...rest }) => ({ ...rest, ...numbers, ...answers }));
                    form.post(`/clients/${client.id}/gate`, {
                        // The verdict stands at the head of the page; what is wrong, at its field.
                        preserveScroll: "errors",
                        onSuccess: () => {
                            const fresh = blank();
                            kept.saved();
                            form.setDefaults(fresh);
                            form.setData(fresh);
                        },
                    });
                }}
            >
                <h2 className="text-lg font-bold">Before the session</h2>
                <FromDevices
                    clientId={client.id}
                    first={readings}
                    onUse={(values) =>
                        form.setData("numbers", {
                            ...form.data.numbers,
                            ...Object.fromEntries(
                                numbers.filter((n) => n.key in values).map((n) => [n.key, values[n.key] ?? ""]),
                            ),
                        })
                    }
                />
                <div className="mt-1 grid grid-cols-2 gap-3 md:grid-cols-4">
                    {numbers.map((n) => {
                        const measured = n.mass ? unit : n.unit;
                        const label = measured === "" ? n.label : `${n.label}, ${measured}`;
                        return (
                            <Field
                                key={n.key}
                                label={label}
                                error={errors[n.key]}
                                hint={
                                    (n.asked || n.usual !== null) && (
                                        <>
                                            {n.asked && <span className="text-hold">■ asked for</span>}
                                            {n.usual !== null && `${n.asked ? " · " : ""}usual ${n.usual}`}
                                        </>
                                    )
                                }
                            >
                                {n.mass ? (
                                    <MassInput
                                        aria-label={label}
                                        value={form.data.numbers[n.key] ?? ""}
                                        onValue={(kg) => number(n.key, kg)}
                                    />
                                ) : (
                                    <input
                                        className={inputClass}
                                        inputMode="decimal"
                                        aria-label={label}
                                        value={form.data.numbers[n.key] ?? ""}
                                        onChange={(e) => number(n.key, e.target.value)}
                                    />
                                )}
                            </Field>
                        );
                    })}
                </div>
                <div className="mt-3 grid grid-cols-2 gap-3 md:grid-cols-3">
                    {answers.map((a) => (
                        <Choice
                            key={a.key}
                            label={a.asked ? `${a.label} (asked for)` : a.label}
                            value={form.data.answers[a.key] ?? ""}
                            options={[
                                ["yes", "yes"],
                                ["no", "no"],
                                ["", "not known"],
                            ]}
                            onChange={(value) => form.setData("answers", { ...form.data.answers, [a.key]: value })}
                            error={errors[a.key]}
                        />
                    ))}
                </div>
                <fieldset className="mt-3">
                    <legend className="text-sm font-medium">Signs and symptoms now</legend>
                    <div className="columns-2 md:columns-3">
                        {symptoms.map((s) => (
                            <label key={s.code} className="flex min-h-8 items-center gap-2 py-1 text-sm">
                                <input
                                    type="checkbox"
                                    className="accent-water size-6"
                                    checked={form.data.symptoms.includes(s.code)}
                                    onChange={(e) =>
                                        form.setData(
                                            "symptoms",
                                            e.target.checked
                                                ? [...form.data.symptoms, s.code]
                                                : form.data.symptoms.filter((c) => c !== s.code),
                                        )
                                    }
                                />
                                {s.stops && (
                                    <span className="text-stop" aria-hidden="true">
                                        ◆
                                    </span>
                                )}
                                {s.label}
                            </label>
                        ))}
                        <label className="flex min-h-8 items-center gap-2 py-1 text-sm font-medium">
                            <input
                                type="checkbox"
                                className="accent-water size-6"
                                checked={form.data.no_signs && form.data.symptoms.length === 0}
                                onChange={(e) =>
                                    form.setData((data) => ({
                                        ...data,
                                        no_signs: e.target.checked,
                                        symptoms: e.target.checked ? [] : data.symptoms,
                                    }))
                                }
                            />
                            none of these
                        </label>
                    </div>
                </fieldset>
                <div className="border-sand mt-3 flex flex-wrap items-center gap-4 border-t py-3">
                    <Button tone="main" type="submit" disabled={form.processing}>
                        Check
                    </Button>
                    <label className="flex items-center gap-2 text-sm">
                        <input
                            type="checkbox"
                            className="accent-water size-4.5"
                            checked={form.data.repeat}
                            onChange={(e) => form.setData("repeat", e.target.checked)}
                        />
                        this is the second look
                    </label>
                    <FieldError error={errors.readings ?? errors.dbp} />
                    <p className="text-soft text-sm">What is left empty counts as not known.</p>
                </div>
            </form>
            {checks.length > 0 && (
                <section className="mt-4">
                    <h2 className="text-lg font-bold">Checks so far</h2>
                    <ol className="text-sm">
                        {checks.map((c) => (
                            <li
                                key={c.id}
                                className="border-sand grid gap-x-3 border-t py-1 md:grid-cols-[13rem_12rem_1fr]"
                            >
                                <span className="num text-soft">{sayMoment(c.at)}</span>
                                <span className="font-medium">
                                    <span aria-hidden="true">{SIGNS[c.verdict][0]} </span>
                                    {c.label}
                                </span>
                                <span className="text-soft">{c.readings}</span>
                            </li>
                        ))}
                    </ol>
                </section>
            )}
        </ClientShell>
    );
}

function Latest({ check, fresh }: { check: GateCheck; fresh: boolean }) {
    const [sign, border] = SIGNS[check.verdict];
    const box = useRef<HTMLElement>(null);
    // The answer to a check is brought into view, wherever the page stood when it was asked.
    useEffect(() => {
        if (fresh) {
            box.current?.focus({ preventScroll: true });
            box.current?.scrollIntoView({ block: "nearest" });
        }
    }, [check.id, fresh]);
    return (
        <section
            ref={box}
            tabIndex={-1}
            aria-label="Latest check"
            className={`bg-card mb-4 rounded-md border-l-8 p-3 ${border}`}
        >
            <h2 className="text-2xl font-bold">
                <span aria-hidden="true">{sign} </span>
                {check.label} <span className="text-soft text-sm font-normal">{sayMoment(check.at)}</span>
            </h2>
            {check.actions.map((action) => (
                <p key={action} className="text-lg">
                    {action}
                </p>
            ))}
            {check.again_at && <Countdown key={check.again_at} until={check.again_at} />}
            <ul className="mt-1 text-sm">
                {check.because.map((b, i) => (
                    <li key={i}>
                        {b.says} <span className="text-soft text-xs">{b.source}</span>
                    </li>
                ))}
            </ul>
            {check.unknown.length > 0 && (
                <p className="text-soft mt-1 text-sm">Not known: {check.unknown.join(", ")}.</p>
            )}
        </section>
    );
}
