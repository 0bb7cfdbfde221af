import { useKept } from "@/lib/kept";
import Button from "@/parts/Button";
import ClientShell from "@/parts/ClientShell";
import Field, { inputClass } from "@/parts/Field";
import KeptOffer from "@/parts/KeptOffer";
import OwnLimits from "@/parts/OwnLimits";
import type { LimitBecause, LimitsProps } from "@/types/props";
import { useForm } from "@inertiajs/react";

export default function Limits({ client, fields, waiting, crossings, own, own_fields, own_parts }: LimitsProps) {
    return (
        <ClientShell client={client} stage="limits">
            {waiting.map((w) => (
                <Confirm key={w.rule} clientId={client.id} waiting={w} />
            ))}
            {crossings.length > 0 && (
                <section className="mb-4">
                    <h2 className="text-lg font-bold">Dates ahead</h2>
                    <ul className="mt-1 space-y-1">
                        {crossings.map((c) => (
                            <li key={c.date + c.says} className="grid gap-x-3 md:grid-cols-[11rem_1fr]">
                                <span className="num">
                                    {c.date} <span className="text-soft text-sm">in {c.days} d</span>
                                </span>
                                <span>
                                    {c.says}{" "}
                                    <span className="text-soft text-sm">
                                        {c.tightens ? "Tightens by itself." : "Waits for your word."}
                                    </span>
                                </span>
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            <OwnLimits clientId={client.id} own={own} fields={own_fields} parts={own_parts} />
            <h2 className="text-lg font-bold">The envelope</h2>
            <p className="text-soft text-sm">
                The tightest value of each field wins. Every rule that asked for one is listed; ● marks the one in
                force.
            </p>
            <div className="border-sand mt-2 border-t">
                {fields.map((f) => (
                    <section
                        key={f.field}
                        id={f.field}
                        className="border-sand target:bg-shallow grid scroll-mt-4 gap-x-4 md:grid-cols-[12rem_1fr] border-b py-2"
                    >
                        <h3 className="font-medium">{f.label}</h3>
                        <div>
                            <Value value={f.value} because={f.because} hideValue={f.field === "notes"} />
                            {f.scoped.map((s) => (
                                <div key={s.part} className="border-water mt-1.5 border-l-2 pl-2">
                                    <span className="text-water text-sm font-medium">{s.part}</span>
                                    <Value value={s.value} because={s.because} />
                                </div>
                            ))}
                        </div>
                    </section>
                ))}
            </div>
        </ClientShell>
    );
}

/** What may loosen waits here for a clinician's word and reason. */
function Confirm({ clientId, waiting }: { clientId: number; waiting: LimitsProps["waiting"][number] }) {
    const form = useForm({ rule: waiting.rule, reason: "" });
    const kept = useKept(`${clientId}.limits.${waiting.rule}`, "Limits: a finding", form.data.reason, form.isDirty);
    return (
        <form
            noValidate
            className="border-hold bg-card mb-4 rounded-md border-l-4 p-3"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(`/clients/${clientId}/limits/confirm`, { preserveScroll: true, onSuccess: kept.saved });
            }}
        >
            <KeptOffer kept={kept} onTake={(reason) => form.setData("reason", reason)} />
            <p className="font-medium">
                <span aria-hidden="true">■ </span>
                {waiting.says} <span className="text-soft font-normal">Since {waiting.date}.</span>
            </p>
            <div className="mt-1.5 flex items-start gap-3">
                <Field label="What you found" error={form.errors.reason ?? form.errors.rule} className="flex-1">
                    <input
                        className={inputClass}
                        value={form.data.reason}
                        onChange={(e) => form.setData("reason", e.target.value)}
                    />
                </Field>
                <Button type="submit" disabled={form.processing} className="mt-6">
                    Confirm
                </Button>
            </div>
        </form>
    );
}

function Value({ value, because, hideValue = false }: { value: string; because: LimitBecause[]; hideValue?: boolean }) {
    const shown = because.filter((b) => b.rule !== "default" || because.every((o) => o.rule === "default"));
    // One rule may ask for several words of a list with one sentence: said once.
    const unique = shown.filter((b, i) => shown.findIndex((o) => o.says === b.says && o.rule === b.rule) === i);
    return (
        <>
            {!hideValue && <p className="font-bold">{value === "" ? "none" : value}</p>}
            <ul className="text-sm">
                {unique.map((b, i) => (
                    <li key={i} className={b.wins ? "" : "text-soft"}>
                        <span aria-hidden="true">{b.wins ? "● " : "○ "}</span>
                        {b.wins && <span className="sr-only">In force: </span>}
                        <span className="font-medium">{b.label}</span>: {b.says}{" "}
                        <span className="text-soft text-xs">{b.source}</span>
                    </li>
                ))}
            </ul>
        </>
    );
}
