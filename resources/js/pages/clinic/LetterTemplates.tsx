import Button from "@/parts/Button";
import Field, { inputClass } from "@/parts/Field";
import Shell from "@/parts/Shell";
import type { LetterTemplatesProps } from "@/types/props";
import { router, usePage } from "@inertiajs/react";
import { useState } from "react";

/** The clinic's own words around what the record says. A lead changes them. */
export default function LetterTemplates({ templates, fields, may_change: mayChange }: LetterTemplatesProps) {
    const [open, setOpen] = useState<string | null>(null);
    return (
        <Shell title="Words for letters">
            <main id="work" className="mx-auto max-w-5xl px-5 pt-5 pb-10">
                <h1 className="text-2xl font-bold">Words for notes and letters</h1>
                <p className="mt-1">
                    What stands in braces is filled from the record; a line with nothing but a field that the record
                    leaves empty goes, and so does a heading with nothing below it.
                    {mayChange ? "" : " A clinic lead changes them."}
                </p>
                <div className="mt-4 grid gap-6 lg:grid-cols-[1fr_18rem]">
                    <ul className="border-sand border-t">
                        {templates.map((t) => (
                            <li key={t.kind} className="border-sand border-b py-2">
                                <h2>
                                    <button
                                        type="button"
                                        aria-expanded={open === t.kind}
                                        className="min-h-8 font-bold first-letter:uppercase"
                                        onClick={() => setOpen(open === t.kind ? null : t.kind)}
                                    >
                                        {t.label}
                                    </button>{" "}
                                    <span className="text-soft text-sm">
                                        {t.own ? "the clinic's own words" : "as it came"}
                                    </span>
                                </h2>
                                {open === t.kind && <Template key={t.body} template={t} mayChange={mayChange} />}
                            </li>
                        ))}
                    </ul>
                    <section>
                        <h2 className="font-bold">Fields</h2>
                        <dl className="text-sm">
                            {fields.map(([field, says]) => (
                                <div key={field} className="border-sand border-t py-1">
                                    <dt className="font-medium">{`{${field}}`}</dt>
                                    <dd className="text-soft">{says}</dd>
                                </div>
                            ))}
                        </dl>
                    </section>
                </div>
            </main>
        </Shell>
    );
}

function Template({
    template,
    mayChange,
}: {
    template: LetterTemplatesProps["templates"][number];
    mayChange: boolean;
}) {
    const errors = usePage().props.errors as Record<string, string | undefined>;
    const [body, setBody] = useState(template.body);
    const [busy, setBusy] = useState(false);
    const send = (words: string) =>
        router.put(
            "/letters",
            { kind: template.kind, body: words },
            {
                preserveScroll: true,
                preserveState: true,
                onStart: () => setBusy(true),
                onFinish: () => setBusy(false),
            },
        );
    return (
        <form
            noValidate
            className="mt-1"
            onSubmit={(event) => {
                event.preventDefault();
                send(body);
            }}
        >
            <Field label={`Words of the ${template.label}`} error={errors.body}>
                <textarea
                    rows={18}
                    readOnly={!mayChange}
                    className={inputClass}
                    value={body}
                    onChange={(e) => setBody(e.target.value)}
                />
            </Field>
            {mayChange && (
                <div className="mt-2 flex gap-3">
                    <Button type="submit" tone="main" disabled={busy || body === template.body}>
                        Keep these words
                    </Button>
                    {template.own && (
                        <Button disabled={busy} onClick={() => send("")}>
                            Back to the words it came with
                        </Button>
                    )}
                </div>
            )}
        </form>
    );
}
