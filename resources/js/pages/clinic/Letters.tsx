import { sayMoment } from "@/lib/words";
import Button from "@/parts/Button";
import ClientShell from "@/parts/ClientShell";
import Field, { inputClass } from "@/parts/Field";
import Options from "@/parts/Options";
import type { LettersProps } from "@/types/props";
import { Link, router, usePage } from "@inertiajs/react";
import { useState } from "react";

/** Notes and letters of one client: drafted from the record, kept as sent. */
export default function Letters({ client, letters, kinds, recipient: usual }: LettersProps) {
    const errors = usePage().props.errors as Record<string, string | undefined>;
    const [kind, setKind] = useState(kinds[0]?.[0] ?? "");
    const [recipient, setRecipient] = useState(usual);
    const [busy, setBusy] = useState(false);
    return (
        <ClientShell client={client} stage="letters">
            <h2 className="text-lg font-bold">Notes and letters</h2>
            <form
                noValidate
                className="bg-beach mt-2 flex flex-wrap items-start gap-3 rounded-md p-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.post(
                        `/clients/${client.id}/letters`,
                        { kind, recipient },
                        { onStart: () => setBusy(true), onFinish: () => setBusy(false) },
                    );
                }}
            >
                <Field label="Write a" error={errors.kind} className="min-w-56">
                    <select className={inputClass} value={kind} onChange={(e) => setKind(e.target.value)}>
                        <Options of={kinds} />
                    </select>
                </Field>
                <Field label="To" error={errors.recipient} className="min-w-56 flex-1">
                    <input className={inputClass} value={recipient} onChange={(e) => setRecipient(e.target.value)} />
                </Field>
                <Button type="submit" tone="main" disabled={busy} className="mt-6" data-next>
                    Draft it from the record
                </Button>
            </form>
            {letters.length === 0 && <p className="mt-4">Nothing written yet.</p>}
            <ol className="border-sand mt-4 border-t">
                {letters.map((letter) => (
                    <li key={letter.id} className="border-sand border-b py-2">
                        <Link
                            href={`/clients/${client.id}/letters/${letter.id}`}
                            className="text-water inline-block min-h-6 font-bold underline first-letter:uppercase"
                        >
                            {letter.kind}
                        </Link>
                        {letter.recipient && <> to {letter.recipient}</>}{" "}
                        <span className="text-soft num text-sm">
                            {letter.kept_at === null
                                ? `draft, ${sayMoment(letter.at)}`
                                : `kept as sent, ${sayMoment(letter.kept_at)}`}
                            , {letter.by}
                        </span>
                    </li>
                ))}
            </ol>
            <p className="mt-4 text-sm">
                <Link href="/letters" className="text-water inline-block min-h-6 underline">
                    The clinic's words for letters
                </Link>
            </p>
        </ClientShell>
    );
}
