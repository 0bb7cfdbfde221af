import type { LimitsProps } from "@/types/props";
import { useForm } from "@inertiajs/react";
import Button from "./Button";
import Field, { inputClass } from "./Field";
import LimitInputs from "./LimitInputs";

/** Limits set for this client alone: a letter's restrictions, or the clinician's own. They hold until they are ended. */
export default function OwnLimits({
    clientId,
    own,
    fields,
    parts,
}: {
    clientId: number;
    own: LimitsProps["own"];
    fields: LimitsProps["own_fields"];
    parts: LimitsProps["own_parts"];
}) {
    return (
        <section className="mb-4">
            <h2 className="text-lg font-bold">Set for this client</h2>
            {own.length === 0 && <p className="text-soft text-sm">Nothing beyond what the conditions ask for.</p>}
            <ul>
                {own.map((limit) => (
                    <Ended key={limit.id} clientId={clientId} limit={limit} />
                ))}
            </ul>
            <Setting clientId={clientId} fields={fields} parts={parts} />
        </section>
    );
}

function Ended({ clientId, limit }: { clientId: number; limit: LimitsProps["own"][number] }) {
    const form = useForm({ reason: "" });
    return (
        <li className="border-sand border-b py-2">
            <p>
                <strong>{limit.says}</strong> <span className="text-soft text-sm">{limit.by}</span>
            </p>
            <p className="text-sm">
                {limit.why}
                {limit.until && <span className="text-soft"> Until {limit.until}; it holds until you end it.</span>}
            </p>
            <details className="text-sm">
                <summary className="min-h-8 cursor-pointer">End it</summary>
                <form
                    noValidate
                    className="flex items-start gap-3"
                    onSubmit={(event) => {
                        event.preventDefault();
                        form.post(`/clients/${clientId}/limits/own/${limit.id}/end`, { preserveScroll: true });
                    }}
                >
                    <Field label={`Why ${limit.says} may end`} error={form.errors.reason} className="flex-1">
                        <input
                            className={inputClass}
                            value={form.data.reason}
                            onChange={(e) => form.setData("reason", e.target.value)}
                        />
                    </Field>
                    <Button type="submit" disabled={form.processing} className="mt-6">
                        End the limit
                    </Button>
                </form>
            </details>
        </li>
    );
}

function Setting({
    clientId,
    fields,
    parts,
}: {
    clientId: number;
    fields: LimitsProps["own_fields"];
    parts: LimitsProps["own_parts"];
}) {
    const form = useForm({ field: "", value: "", part: parts[0]?.[0] ?? "", set_by: "", why: "", until: "" });
    const errors = form.errors as Record<string, string | undefined>;
    return (
        <details className="mt-1" open={form.isDirty}>
            <summary className="min-h-8 cursor-pointer font-medium">Set a limit</summary>
            <form
                noValidate
                className="grid grid-cols-2 items-start gap-3 md:grid-cols-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.transform(({ part, ...data }) => {
                        const [region = "", side = ""] = part.split("|");
                        return { ...data, region, side };
                    });
                    form.post(`/clients/${clientId}/limits/own`, {
                        preserveScroll: true,
                        onSuccess: () => form.reset(),
                    });
                }}
            >
                <LimitInputs
                    limit={form.data}
                    onLimit={(limit) => form.setData((data) => ({ ...data, ...limit }))}
                    errors={{ field: errors.field, value: errors.value, part: errors.region ?? errors.side }}
                    fields={fields}
                    parts={parts}
                />
                <Field
                    label="Who asks for it"
                    hint="you, or for example: Dr Amari, letter of 3 May"
                    error={errors.set_by}
                >
                    <input
                        className={inputClass}
                        value={form.data.set_by}
                        onChange={(e) => form.setData("set_by", e.target.value)}
                    />
                </Field>
                <Field label="Why" error={errors.why}>
                    <input
                        className={inputClass}
                        value={form.data.why}
                        onChange={(e) => form.setData("why", e.target.value)}
                    />
                </Field>
                <Field label="Until, if ordered" hint="for example 2027-02-01" error={errors.until}>
                    <input
                        className={inputClass}
                        value={form.data.until}
                        onChange={(e) => form.setData("until", e.target.value)}
                    />
                </Field>
                <div className="col-span-full">
                    <Button type="submit" disabled={form.processing}>
                        Set the limit
                    </Button>
                </div>
            </form>
        </details>
    );
}
