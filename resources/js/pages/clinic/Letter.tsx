import { useKept } from "@/lib/kept";
import { sayMoment } from "@/lib/words";
import Button from "@/parts/Button";
import ClientShell from "@/parts/ClientShell";
import Field, { inputClass } from "@/parts/Field";
import KeptOffer from "@/parts/KeptOffer";
import type { LetterProps } from "@/types/props";
import { Link, router, usePage } from "@inertiajs/react";
import { useState } from "react";

/** One letter: the text on the left, on the right where each of its statements comes from. */
export default function Letter({ client, letter }: LetterProps) {
    const errors = usePage().props.errors as Record<string, string | undefined>;
    const [body, setBody] = useState(letter.body);
    const [recipient, setRecipient] = useState(letter.recipient);
    const [busy, setBusy] = useState(false);
    const [copied, setCopied] = useState("");
    const changed = body !== letter.body || recipient !== letter.recipient;
    const kept = useKept(`${client.id}.letter.${letter.id}`, `Letter: ${letter.kind}`, { body, recipient }, changed);
    const at = `/clients/${client.id}/letters/${letter.id}`;
    const options = {
        preserveScroll: true,
        onStart: () => setBusy(true),
        onFinish: () => setBusy(false),
    };
    const isKept = letter.kept_at !== null;
    return (
        <ClientShell client={client} stage="letters">
            <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
                <h2 className="text-lg font-bold first-letter:uppercase">{letter.kind}</h2>
                <span className="text-soft num text-sm">
                    {isKept ? `kept as sent, ${sayMoment(letter.kept_at ?? "")}` : `draft of ${letter.by}`}
                </span>
                <Link href={`/clients/${client.id}/letters`} className="text-water min-h-6 text-sm underline">
                    all notes and letters
                </Link>
            </div>
            <form
                noValidate
                className="mt-2"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.put(at, { body, recipient, seen: letter.revision }, { ...options, onSuccess: kept.saved });
                }}
            >
                <KeptOffer
                    kept={kept}
                    onTake={(data) => {
                        setBody(data.body);
                        setRecipient(data.recipient);
                    }}
                />
                <Field label="To" error={errors.recipient} className="max-w-xl">
                    <input
                        className={inputClass}
                        readOnly={isKept}
                        value={recipient}
                        onChange={(e) => setRecipient(e.target.value)}
                    />
                </Field>
                <Field label="Text" error={errors.body} className="mt-2" hint="A line that begins with # is a heading.">
                    <textarea
                        rows={24}
                        readOnly={isKept}
                        className={`${inputClass} leading-relaxed`}
                        value={body}
                        onChange={(e) => setBody(e.target.value)}
                    />
                </Field>
                <div className="mt-3 flex flex-wrap items-center gap-3">
                    {!isKept && (
                        <>
                            <Button type="submit" tone="main" disabled={busy || !changed} data-save>
                                Save
                            </Button>
                            <Button
                                disabled={busy || changed}
                                data-next
                                onClick={() => router.post(`${at}/keep`, { seen: letter.revision }, options)}
                            >
                                Keep as sent
                            </Button>
                        </>
                    )}
                    <a className="text-water min-h-6 underline" href={`${at}.pdf`}>
                        PDF
                    </a>
                    <Button
                        tone="quiet"
                        onClick={() =>
                            navigator.clipboard.writeText(body).then(
                                () => setCopied("Copied."),
                                () => setCopied("The browser did not let us: select the text and copy it."),
                            )
                        }
                    >
                        Copy the text
                    </Button>
                    {!isKept && (
                        <Button
                            tone="quiet"
                            disabled={busy}
                            onClick={() => router.post(`${at}/discard`, { seen: letter.revision }, options)}
                        >
                            Throw the draft away
                        </Button>
                    )}
                    <span role="status" className="text-sm">
                        {copied}
                    </span>
                </div>
                {!isKept && changed && (
                    <p className="text-soft mt-1 text-sm">Save it first; what is kept as sent is what is saved.</p>
                )}
            </form>
            <section className="mt-5">
                <h3 className="font-bold">Where each statement comes from</h3>
                <p className="text-soft text-sm">
                    The record on the day it was drafted. What you add yourself stands on your word.
                </p>
                <ul className="border-sand mt-1 border-t text-sm">
                    {letter.facts.map((fact, i) => (
                        <li key={i} className="border-sand grid grid-cols-[1fr_6rem] gap-3 border-b py-1">
                            <span>{fact.says}</span>
                            <Link
                                href={`/clients/${client.id}/${fact.path}`}
                                className="text-water inline-block min-h-6 underline"
                            >
                                {fact.at}
                                <span className="sr-only">: {fact.says}</span>
                            </Link>
                        </li>
                    ))}
                </ul>
            </section>
        </ClientShell>
    );
}
