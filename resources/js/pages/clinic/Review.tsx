import { useKeys } from "@/lib/keys";
import { sayDate, sayMoment } from "@/lib/words";
import Button from "@/parts/Button";
import ClientShell from "@/parts/ClientShell";
import { FieldError } from "@/parts/Field";
import KeysHint from "@/parts/KeysHint";
import NextToBuy from "@/parts/NextToBuy";
import ProposalLine from "@/parts/ProposalLine";
import NextMorning from "@/parts/review/NextMorning";
import SessionAsAWhole from "@/parts/review/SessionAsAWhole";
import StopSign from "@/parts/review/StopSign";
import type { ProposalRow, ReviewProps } from "@/types/props";
import { Link, router, usePage } from "@inertiajs/react";
import { useState } from "react";

export default function Review({
    client,
    proposals,
    session,
    stop,
    cleared,
    decided,
    draft,
    small_steps: smallSteps,
    revision,
    record,
}: ReviewProps) {
    const errors = usePage().props.errors as Record<string, string | undefined>;
    const open = proposals.filter((p) => p.decision !== "stop" && (p.decision !== "stay" || p.review));
    const steps = open.filter((p) => p.decision === "step_up" && !p.review);
    const staying = proposals.filter((p) => p.decision === "stay" && !p.review);
    const [at, setAt] = useState(0);
    const [mode, setMode] = useState<{ id: number; kind: "edit" | "refuse" } | null>(null);
    const [busy, setBusy] = useState(false);
    const send = (
        verb: "post" | "put",
        path: string,
        data: Record<string, string | number | boolean> = {},
        done: () => void = () => undefined,
    ) =>
        router[verb](`/clients/${client.id}${path}`, data, {
            preserveScroll: true,
            onStart: () => setBusy(true),
            onFinish: () => setBusy(false),
            onSuccess: () => {
                setMode(null);
                done();
            },
        });
    const heading = stop
        ? "Nothing is decided until the red flag is cleared"
        : open.length === 0
          ? "Nothing to decide"
          : `${open.length} to decide`;
    // A letter acts on the line that has the focus, and on no other.
    const current = (): ProposalRow | undefined => {
        const line = document.activeElement?.closest("li[id^='proposal-']");
        return open.find((p) => line?.id === `proposal-${p.id}`);
    };
    const move = (by: number) => () => {
        // The first press chooses a line; only then is there one to move from.
        const next = Math.min(Math.max(current() ? at + by : at, 0), open.length - 1);
        setAt(next);
        document.getElementById(`proposal-${open[next]?.id ?? 0}`)?.focus();
    };
    useKeys({
        j: move(1),
        k: move(-1),
        a: () => {
            const line = current();
            if (line && !busy) {
                send("post", `/review/${line.id}/accept`);
            }
        },
        A: () => {
            if (steps.length > 0 && !busy && !stop) {
                send("post", "/review/accept-steps");
            }
        },
        e: () => setMode((now) => withMode(current(), "edit") ?? now),
        r: () => setMode((now) => withMode(current(), "refuse") ?? now),
    });
    const line = (proposal: ProposalRow, i: number) => (
        <ProposalLine
            key={proposal.id}
            proposal={proposal}
            busy={busy}
            mode={mode?.id === proposal.id ? mode.kind : null}
            errors={mode?.id === proposal.id ? errors : {}}
            onFocus={() => proposal.decision !== "stay" && setAt(i)}
            onMode={(kind) => setMode(kind === null ? null : { id: proposal.id, kind })}
            onAccept={() => send("post", `/review/${proposal.id}/accept`)}
            clientId={client.id}
            onEdit={(values, saved) => send("put", `/review/${proposal.id}`, values, saved)}
            onRefuse={(reason, saved) => send("post", `/review/${proposal.id}/refuse`, { reason }, saved)}
        />
    );
    return (
        <ClientShell client={client} stage="review">
            {stop && (
                <StopSign
                    stop={stop}
                    clientId={client.id}
                    busy={busy}
                    error={errors.reason}
                    onClear={(reason, saved) => send("post", "/review/clear-stop", { reason }, saved)}
                />
            )}
            {cleared && !stop && (
                <p className="text-soft mb-3 flex flex-wrap items-center gap-3 text-sm">
                    Red flag of {sayDate(cleared.on)} cleared: {cleared.says}.
                    <Button small disabled={busy} onClick={() => send("post", `/review/reopen-stop/${cleared.id}`)}>
                        Open it again
                    </Button>
                </p>
            )}
            {session && session.pain_next_morning === null && session.skipped === null && (
                <NextMorning
                    on={session.on}
                    error={errors.pain_next_morning}
                    onSave={(pain) => send("put", `/log/${session.id}/next-morning`, { pain_next_morning: pain })}
                />
            )}
            <div className="flex items-baseline gap-4">
                <h2 className="text-lg font-bold">
                    {heading}
                    {session && !stop && (
                        <span className="text-soft text-sm font-normal">
                            {" "}
                            after the session of {sayDate(session.on)}
                        </span>
                    )}
                </h2>
                <Link href={`/clients/${client.id}/course`} className="text-water min-h-6 text-sm underline">
                    over time
                </Link>
                {steps.length > 1 && !stop && (
                    <Button
                        small
                        className="ml-auto"
                        disabled={busy}
                        onClick={() => send("post", "/review/accept-steps")}
                    >
                        Accept all {steps.length} that step up
                    </Button>
                )}
                {draft !== null && (
                    <Button
                        small
                        tone="main"
                        data-next
                        className={steps.length > 1 ? "" : "ml-auto"}
                        disabled={busy || stop !== null}
                        onClick={() => send("post", "/plan/issue", { revision })}
                    >
                        Issue version {draft}
                    </Button>
                )}
            </div>
            {session && !stop && <SessionAsAWhole session={session} clientId={client.id} />}
            <FieldError
                error={
                    errors.plan ??
                    errors.clearance ??
                    errors.stop ??
                    errors.proposal ??
                    (errors.issue_reason || errors.clearance_reason
                        ? `${errors.clearance_reason ?? errors.issue_reason} Issue it on Plan.`
                        : undefined) ??
                    errors.revision ??
                    (mode === null ? (errors.load ?? errors.rung) : undefined)
                }
            />
            <ol className="border-sand mt-2 border-t">{open.map(line)}</ol>
            {open.length > 0 && (
                <KeysHint says="j and k choose a line; then a accepts it, e edits it, r refuses it. A accepts all that step up, w goes to Issue." />
            )}
            <label className="mt-2 flex min-h-8 items-center gap-2 text-sm">
                <input
                    type="checkbox"
                    className="accent-water size-5"
                    checked={smallSteps}
                    disabled={busy}
                    onChange={(e) => send("put", "/review/small-steps", { on: e.target.checked })}
                />
                Small steps of {client.name} accept themselves once the next morning is known: more reps, seconds or
                steps, never after a brake; you still issue the version.
            </label>
            {decided.length > 0 && (
                <section className="mt-5">
                    <h2 className="text-lg font-bold">Decided after this session</h2>
                    <ul className="border-sand mt-1 border-t text-sm">
                        {decided.map((d) => (
                            <li key={d.id} className="border-sand flex flex-wrap items-center gap-3 border-b py-1.5">
                                <span className="min-w-0 flex-1">
                                    <strong>{d.name}</strong>: {d.label}, {d.status}
                                </span>
                                <Button small disabled={busy} onClick={() => send("post", `/review/${d.id}/undo`)}>
                                    Take back<span className="sr-only">: {d.name}</span>
                                </Button>
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            {staying.length > 0 && (
                <section className="mt-5">
                    <h2 className="text-lg font-bold">
                        Stay as they are <span className="text-soft text-sm font-normal">no decision needed</span>
                    </h2>
                    <ol className="border-sand mt-1 border-t">{staying.map(line)}</ol>
                </section>
            )}
            {open.length + staying.length > 0 && <NextToBuy clientId={client.id} key={String(decided.length)} />}
            <section className="mt-6">
                <h2 className="text-lg font-bold">Record of decisions</h2>
                {record.length === 0 && <p className="text-soft text-sm">Nothing decided yet.</p>}
                <ol className="text-sm">
                    {record.map((d) => (
                        <li key={d.id} className="border-sand grid grid-cols-[12rem_1fr] border-t py-1">
                            <span className="text-soft num">{sayMoment(d.at)}</span>
                            <span>
                                {d.says} {d.reason && <span className="text-soft">“{d.reason}”</span>}
                            </span>
                        </li>
                    ))}
                </ol>
            </section>
        </ClientShell>
    );
}

const withMode = (line: ProposalRow | undefined, kind: "edit" | "refuse") => (line ? { id: line.id, kind } : null);
