import { useKept } from "@/lib/kept";
import { sayMoment } from "@/lib/words";
import Button from "@/parts/Button";
import ClientShell from "@/parts/ClientShell";
import Field, { FieldError, inputClass } from "@/parts/Field";
import KeptOffer from "@/parts/KeptOffer";
import Options from "@/parts/Options";
import type { MessageRow, MessagesProps } from "@/types/props";
import { Link, router, usePage } from "@inertiajs/react";
import { useState } from "react";

/** What the client told between two visits, and the answers: one of each, no chat. */
export default function Messages({ client, messages, kinds }: MessagesProps) {
    const errors = usePage().props.errors as Record<string, string | undefined>;
    const [kind, setKind] = useState("");
    const [says, setSays] = useState("");
    const [busy, setBusy] = useState(false);
    const kept = useKept(`${client.id}.message`, "Messages", { kind, says }, says !== "");
    return (
        <ClientShell client={client} stage="messages">
            <h2 className="text-lg font-bold">Questions and changes</h2>
            <p className="text-soft text-sm">
                What {client.name} says on the telephone or writes on the sheet. Short questions and short answers; a
                red flag belongs on Log, and into a call.
            </p>
            <form
                noValidate
                className="bg-beach mt-3 flex flex-wrap items-start gap-3 rounded-md p-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.post(
                        `/clients/${client.id}/messages`,
                        { kind, says },
                        {
                            preserveScroll: true,
                            onStart: () => setBusy(true),
                            onFinish: () => setBusy(false),
                            onSuccess: () => {
                                kept.saved();
                                setKind("");
                                setSays("");
                            },
                        },
                    );
                }}
            >
                <KeptOffer
                    kept={kept}
                    onTake={(data) => {
                        setKind(data.kind);
                        setSays(data.says);
                    }}
                />
                <Field label="Tells of" error={errors.kind} className="min-w-48">
                    <select className={inputClass} value={kind} onChange={(e) => setKind(e.target.value)}>
                        <option value="">choose</option>
                        <Options of={kinds} />
                    </select>
                </Field>
                <Field label="In the client's words" error={errors.says} className="min-w-64 flex-1">
                    <textarea
                        rows={2}
                        maxLength={1000}
                        className={inputClass}
                        value={says}
                        onChange={(e) => setSays(e.target.value)}
                    />
                </Field>
                <Button type="submit" tone="main" disabled={busy} className="mt-6" data-save>
                    Keep
                </Button>
            </form>
            {messages.length === 0 && <p className="mt-4">Nothing was told yet.</p>}
            <ol className="border-sand mt-4 border-t">
                {messages.map((message) => (
                    <Line key={message.id} message={message} clientId={client.id} error={errors.answer} />
                ))}
            </ol>
        </ClientShell>
    );
}

function Line({ message, clientId, error }: { message: MessageRow; clientId: number; error: string | undefined }) {
    const [answer, setAnswer] = useState("");
    const [busy, setBusy] = useState(false);
    const kept = useKept(`${clientId}.answer.${message.id}`, "Messages: answer", answer, answer !== "");
    return (
        <li className="border-sand grid gap-x-4 border-b py-2.5 md:grid-cols-[11rem_1fr]">
            <span className="text-sm">
                <strong className="block first-letter:uppercase">{message.kind}</strong>
                <span className="text-soft num block">{sayMoment(message.at)}</span>
                <span className="text-soft block">{message.by ?? "from home"}</span>
            </span>
            <div>
                <p>“{message.says}”</p>
                {message.answer !== null ? (
                    <p className="border-water mt-1 border-l-4 pl-3 text-sm">
                        {message.answer}{" "}
                        <span className="text-soft">
                            {message.answered_by}
                            {message.answered_at === null ? "" : `, ${sayMoment(message.answered_at)}`}
                        </span>
                    </p>
                ) : (
                    <form
                        noValidate
                        className="mt-2 flex flex-wrap items-start gap-3"
                        onSubmit={(event) => {
                            event.preventDefault();
                            router.put(
                                `/clients/${clientId}/messages/${message.id}/answer`,
                                { answer },
                                {
                                    preserveScroll: true,
                                    onStart: () => setBusy(true),
                                    onFinish: () => setBusy(false),
                                    onSuccess: kept.saved,
                                },
                            );
                        }}
                    >
                        <KeptOffer kept={kept} onTake={setAnswer} />
                        <Field label="Answer" className="min-w-64 flex-1">
                            <input
                                className={inputClass}
                                maxLength={1000}
                                data-next
                                value={answer}
                                onChange={(e) => setAnswer(e.target.value)}
                            />
                        </Field>
                        <Button type="submit" disabled={busy} className="mt-6">
                            Answer<span className="sr-only"> {message.kind}</span>
                        </Button>
                        {message.meet && (
                            <Link
                                href={`/clients/${clientId}/${message.meet.stage}`}
                                className="text-water mt-7 min-h-6 text-sm underline"
                            >
                                {message.meet.says}
                            </Link>
                        )}
                        {busy || answer === "" ? <FieldError error={error} /> : null}
                    </form>
                )}
            </div>
        </li>
    );
}
