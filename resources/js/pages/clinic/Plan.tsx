import { dayList, sayDate } from "@/lib/words";
import AddExercise from "@/parts/AddExercise";
import DraftAnew from "@/parts/plan/DraftAnew";
import Exercises from "@/parts/plan/Exercises";
import type { Change, Send } from "@/parts/plan/change";
import BlockStrip from "@/parts/plan/BlockStrip";
import Compare from "@/parts/plan/Compare";
import PlanFiles from "@/parts/plan/PlanFiles";
import SessionParts from "@/parts/plan/SessionParts";
import Templates from "@/parts/plan/Templates";
import WeekStrip from "@/parts/plan/WeekStrip";
import Button from "@/parts/Button";
import ClientShell from "@/parts/ClientShell";
import Field, { FieldError, inputClass } from "@/parts/Field";
import NextToBuy from "@/parts/NextToBuy";
import type { PlanProps } from "@/types/props";
import { Link, router, usePage } from "@inertiajs/react";
import { useState } from "react";

/** What a plan may be issued in spite of, and how its reason is asked for. */
const ISSUE_REASONS: [string, string][] = [
    ["clearance_reason", "Why the plan is issued without that clearance"],
    ["issue_reason", "Why so long a session is issued all the same"],
];

export default function Plan({ client, plan, revision, undo, redo, clearance, ready, wishes, versions }: PlanProps) {
    const errors = usePage().props.errors as Record<string, string | undefined>;
    // By what an exercise keeps when the plan on the desk becomes another one.
    const [open, setOpen] = useState<string | null>(null);
    const [why, setWhy] = useState<string | null>(null);
    const [busy, setBusy] = useState(false);
    const [drafting, setDrafting] = useState(false);
    const [building, setBuilding] = useState(false);
    const [last, setLast] = useState<Change | null>(null);
    const [reasons, setReasons] = useState<Record<string, string>>({});
    const send: Send = (verb, path, data = {}, says = "", saved = () => undefined) => {
        setLast({ verb, path, data, says, saved });
        router[verb === "delete" ? "post" : verb](
            `/clients/${client.id}/plan${path}`,
            { ...data, revision, ...(verb === "delete" ? { _method: "delete" } : {}) },
            {
                preserveScroll: true,
                onStart: () => setBusy(true),
                onFinish: () => setBusy(false),
                onSuccess: () => {
                    setLast(null);
                    setReasons({});
                    saved();
                },
            },
        );
    };
    const again = errors.revision && last && (
        <div className="mt-1.5 flex flex-wrap items-center gap-2">
            {last.says !== "" && <span className="text-ink w-full">Yours, not saved: {last.says}.</span>}
            <Button small disabled={busy} onClick={() => send(last.verb, last.path, last.data, last.says, last.saved)}>
                Make my change on the plan as it is now
            </Button>
            <Button small disabled={busy} onClick={() => router.reload()}>
                Leave it
            </Button>
        </div>
    );
    const short = (says: string) => (says.length > 34 ? `${says.slice(0, 32)}…` : says.replace(/\.$/, ""));
    const takeBack = (
        <>
            {undo !== null && (
                <Button small disabled={busy} title={undo} onClick={() => send("post", "/undo")}>
                    Take back: {short(undo)}
                </Button>
            )}
            {redo !== null && (
                <Button small disabled={busy} title={redo} onClick={() => send("post", "/redo")}>
                    Make again: {short(redo)}
                </Button>
            )}
        </>
    );
    const stopper =
        errors.plan ??
        errors.clearance ??
        errors.stop ??
        errors.revision ??
        errors.family ??
        (open === null ? errors.rung : undefined);
    const draftAnew = (isFirst: boolean) => (
        <DraftAnew
            key={`draft.${revision}`}
            clientId={client.id}
            wishes={wishes}
            isFirst={isFirst}
            busy={busy}
            errors={errors}
            onDraft={(chosen, keep) =>
                send("post", "", { wishes: chosen, keep }, "drafted anew", () => setDrafting(false))
            }
            {...(isFirst ? {} : { onClose: () => setDrafting(false) })}
        />
    );
    if (plan === null) {
        return (
            <ClientShell client={client} stage="plan">
                <h2 className="text-lg font-bold">No plan yet</h2>
                <ul className="mt-2 space-y-1">
                    {!ready.measured && (
                        <li>
                            <span aria-hidden="true">■ </span>
                            <Link className="underline" href={`/clients/${client.id}/measure`}>
                                Measure
                            </Link>{" "}
                            first, or the draft starts at the easiest rungs.
                        </li>
                    )}
                    {!ready.kit && (
                        <li>
                            <span aria-hidden="true">■ </span>
                            <Link className="underline" href={`/clients/${client.id}/kit`}>
                                Enter the kit
                            </Link>{" "}
                            first, or nothing can be loaded.
                        </li>
                    )}
                </ul>
                <div className="mt-3">{draftAnew(true)}</div>
                {takeBack}
                <FieldError error={stopper} />
            </ClientShell>
        );
    }
    const over = plan.minutes > plan.budget;
    return (
        <ClientShell client={client} stage="plan">
            <div className="bg-beach mb-2 flex flex-wrap items-center gap-x-5 gap-y-2 rounded-lg px-3.5 py-2">
                <span>
                    <strong className={`num ${over ? "text-hold" : ""}`}>{plan.minutes}</strong> of {plan.budget} min
                </span>
                <span>{dayList(plan.days)}</span>
                <button
                    type="button"
                    aria-expanded={building}
                    onClick={() => setBuilding(!building)}
                    className="min-h-8 rounded underline decoration-dotted underline-offset-4 first-letter:uppercase"
                >
                    {plan.structures.find(([code]) => code === plan.structure)?.[1]}
                </button>
                <span>
                    Version {plan.version},{" "}
                    {plan.status === "draft"
                        ? "draft"
                        : `issued ${plan.issued_on === null ? "" : sayDate(plan.issued_on)}`}
                </span>
                <span className="ml-auto flex flex-wrap gap-2">
                    {takeBack}
                    <Button small disabled={busy} aria-expanded={drafting} onClick={() => setDrafting(!drafting)}>
                        Draft anew…
                    </Button>
                    {plan.status === "draft" && (
                        <Button small disabled={busy} onClick={() => send("post", "/discard")}>
                            Throw the draft away
                        </Button>
                    )}
                    {plan.status === "draft" ? (
                        <Button
                            small
                            tone="main"
                            data-next
                            disabled={busy || plan.items.length === 0}
                            onClick={() => send("post", "/issue", reasons)}
                        >
                            Issue version {plan.version}
                        </Button>
                    ) : (
                        <Link
                            href={`/clients/${client.id}/sheet`}
                            className="border-water/60 bg-card inline-flex min-h-8 items-center rounded-lg border px-2.5 text-sm font-medium"
                        >
                            Print the sheet
                        </Link>
                    )}
                </span>
                <ul className="flex w-full flex-wrap gap-1.5" aria-label="Patterns covered">
                    {plan.covers.map((c) => (
                        <li key={c} className="bg-shallow rounded px-2 text-sm">
                            {c}
                        </li>
                    ))}
                </ul>
                {plan.left.length > 0 && (
                    <div className="flex w-full flex-wrap items-center gap-1.5 text-sm">
                        <span className="text-hold">Left out:</span>
                        {plan.left.map((l) => (
                            <button
                                key={l.what}
                                type="button"
                                aria-expanded={why === l.what}
                                onClick={() => setWhy(why === l.what ? null : l.what)}
                                className="border-hold text-hold min-h-6 rounded border border-dashed px-2"
                            >
                                {l.what}
                            </button>
                        ))}
                        {why !== null && (
                            <p className="w-full" role="status">
                                <strong className="first-letter:uppercase">{why}</strong>:{" "}
                                {plan.left.find((l) => l.what === why)?.says}
                            </p>
                        )}
                    </div>
                )}
            </div>
            {building && (
                <SessionParts
                    key={`parts.${plan.id}.${revision}`}
                    plan={plan}
                    busy={busy}
                    errors={errors}
                    onSave={(shape) =>
                        send("put", "/session", { ...shape }, "parts of the session", () => setBuilding(false))
                    }
                />
            )}
            {drafting && draftAnew(false)}
            {stopper && (
                <div role="alert" className="border-stop text-stop bg-card mb-2 rounded-md border-l-4 p-2.5">
                    <span aria-hidden="true">◆ </span>
                    {stopper}
                    {again}
                </div>
            )}
            {(errors.issue_reason || errors.clearance_reason) && (
                <form
                    noValidate
                    className="border-hold bg-card mb-2 flex flex-wrap items-start gap-3 rounded-md border-l-4 p-2.5"
                    onSubmit={(event) => {
                        event.preventDefault();
                        send("post", "/issue", reasons);
                    }}
                >
                    {ISSUE_REASONS.filter(([key]) => errors[key]).map(([key, label]) => (
                        <Field key={key} label={label} error={errors[key]} className="min-w-64 flex-1">
                            <input
                                className={inputClass}
                                value={reasons[key] ?? ""}
                                onChange={(e) => setReasons({ ...reasons, [key]: e.target.value })}
                            />
                        </Field>
                    ))}
                    <Button type="submit" disabled={busy} className="mt-6">
                        Issue with this reason
                    </Button>
                </form>
            )}
            {clearance && plan.status === "draft" && !errors.clearance && !errors.clearance_reason && (
                <p className="text-hold mb-2 text-sm">■ {clearance}</p>
            )}
            {plan.ahead && (
                <section className="border-hold bg-card mb-2 rounded-md border-l-4 p-2.5" aria-label="A date ahead">
                    <div className="flex flex-wrap items-start gap-3">
                        <div className="min-w-0 flex-1">
                            <h2 className="font-bold">
                                <span aria-hidden="true">■ </span>From {plan.ahead.date} this plan will not fit
                            </h2>
                            <ul className="text-sm">
                                {plan.ahead.breaches.map((b) => (
                                    <li key={b}>{b}</li>
                                ))}
                            </ul>
                        </div>
                        <Button small disabled={busy} onClick={() => send("post", "/ahead")}>
                            Prepare the plan for that day
                        </Button>
                    </div>
                </section>
            )}
            <WeekStrip week={plan.week} asks={plan.asks} clientId={client.id} />
            <BlockStrip block={plan.block} clientId={client.id} revision={revision} />
            {plan.trims.length > 0 && <p className="text-soft mb-1 text-sm">{plan.trims.join(" ")}</p>}
            <Exercises
                plan={plan}
                clientId={client.id}
                busy={busy}
                errors={errors}
                open={open}
                onOpen={setOpen}
                send={send}
            />
            <AddExercise
                clientId={client.id}
                used={plan.items.map((i) => ({ family: i.family, rung: i.rung }))}
                busy={busy}
                onAdd={(family, rung, name) => send("post", "/items", { family, rung }, `added: ${name}`)}
            />
            <Compare
                clientId={client.id}
                version={plan.version}
                versions={versions}
                revision={revision}
                busy={busy}
                onTake={(version, family, rung) =>
                    send("post", "/items/from", { version, family, rung }, `taken over from version ${version}`)
                }
            />
            <Templates
                templates={wishes.templates}
                busy={busy}
                error={errors.name}
                onKeep={(name, saved) => send("post", "/templates", { name }, `template ${name}`, saved)}
                onDiscard={(id, name) => send("delete", `/templates/${id}`, {}, `template ${name} thrown away`)}
            />
            <PlanFiles
                clientId={client.id}
                busy={busy}
                error={errors.file}
                onFile={(file) => send("post", "/file", { file }, `a plan from ${file.name}`)}
            />
            <NextToBuy clientId={client.id} key={`buy.${plan.id}.${revision}`} />
        </ClientShell>
    );
}
