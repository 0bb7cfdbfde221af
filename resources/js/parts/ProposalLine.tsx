import { FormAdvice } from "./log/SeenList";
import type { Dose, ProposalRow } from "@/types/props";
import { useKept } from "@/lib/kept";
import { useEffect, useRef, useState } from "react";
import Because from "./Because";
import Button from "./Button";
import DoseForm, { type DoseValues } from "./DoseForm";
import Field, { inputClass } from "./Field";
import KeptOffer from "./KeptOffer";
import Mark, { markOf } from "./Mark";

const say = (dose: Dose, tempo: boolean): string =>
    `${dose.amount}${dose.held ? `, ${dose.held}` : ""}${dose.load ? `, ${dose.load}` : ""}, RPE ${dose.effort}${tempo ? `, ${dose.tempo_says}` : ""}`;

/** One decision a line: what is proposed, from what, why, and three answers. */
export default function ProposalLine({
    proposal,
    busy,
    mode,
    errors,
    onFocus,
    onMode,
    onAccept,
    onEdit,
    onRefuse,
    clientId,
}: {
    proposal: ProposalRow;
    busy: boolean;
    mode: "edit" | "refuse" | null;
    errors: Record<string, string | undefined>;
    onFocus: () => void;
    onMode: (mode: "edit" | "refuse" | null) => void;
    onAccept: () => void;
    onEdit: (values: DoseValues, saved: () => void) => void;
    onRefuse: (reason: string, saved: () => void) => void;
    clientId: number;
}) {
    const [reason, setReason] = useState("");
    const kept = useKept(`${clientId}.review.${proposal.id}.why`, `Review: ${proposal.name}`, reason, reason !== "");
    const why = useRef<HTMLInputElement>(null);
    // The key r opens the box; whoever pressed it is about to type.
    useEffect(() => {
        if (mode === "refuse") {
            why.current?.focus();
        }
    }, [mode]);
    // The tempo is only said where it is what changes.
    const tempo = proposal.now.tempo !== proposal.next.tempo && proposal.to === null;
    const changed = say(proposal.now, tempo) !== say(proposal.next, tempo) || proposal.to !== null;
    const main = proposal.because.at(-1)?.says ?? "";
    const decides = proposal.decision !== "stay" || proposal.review;
    return (
        // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- focus only tells j and k where they are
        <li id={`proposal-${proposal.id}`} tabIndex={-1} onFocus={onFocus} className="border-sand border-b py-2.5">
            <div className="grid grid-cols-[1.4rem_minmax(0,1fr)] md:grid-cols-[1.4rem_minmax(0,14rem)_minmax(0,1fr)_auto] items-start gap-x-3">
                <Mark name={markOf(proposal.decision, proposal.review)} />
                <span>
                    <strong>{proposal.name}</strong>
                    <span className="block text-sm font-medium">
                        {proposal.label}
                        {proposal.lever ? `: ${proposal.lever}` : ""}
                    </span>
                </span>
                <span className="col-start-2 text-sm md:col-start-auto">
                    <span className="num block">
                        {changed && <span className="text-soft">{say(proposal.now, tempo)} → </span>}
                        <Because
                            reasons={proposal.because}
                            side="left"
                            about={`${proposal.label} for ${proposal.name}`}
                            extra={
                                proposal.otherwise ? (
                                    <p className="text-soft mt-2 text-sm">What would change it: {proposal.otherwise}</p>
                                ) : undefined
                            }
                        >
                            <strong>
                                {proposal.to ? `${proposal.to}: ` : ""}
                                {say(proposal.next, tempo)}
                            </strong>
                        </Because>
                    </span>
                    <span className="text-soft block">{main}</span>
                    <FormAdvice advice={proposal.form} />
                    {proposal.offers.length > 0 && (
                        <ul aria-label={`What else could move for ${proposal.name}`} className="list-disc pl-5">
                            {proposal.offers.map((says) => (
                                <li key={says}>{says}</li>
                            ))}
                        </ul>
                    )}
                </span>
                <span className="col-start-2 flex gap-1.5 md:col-start-auto">
                    {decides && (
                        <Button small tone="main" disabled={busy} onClick={onAccept}>
                            Accept<span className="sr-only"> for {proposal.name}</span>
                        </Button>
                    )}
                    <Button
                        small
                        disabled={busy}
                        onClick={() => onMode(mode === "edit" ? null : "edit")}
                        aria-expanded={mode === "edit"}
                    >
                        Edit<span className="sr-only"> {proposal.name}</span>
                    </Button>
                    {decides && (
                        <Button
                            small
                            disabled={busy}
                            onClick={() => onMode(mode === "refuse" ? null : "refuse")}
                            aria-expanded={mode === "refuse"}
                        >
                            Refuse<span className="sr-only"> {proposal.name}</span>
                        </Button>
                    )}
                </span>
            </div>
            {mode === "edit" && (
                <div className="mt-2 ml-8">
                    <DoseForm
                        dose={proposal.next}
                        tryAt={
                            proposal.item === null ? undefined : `/clients/${clientId}/plan/items/${proposal.item}/try`
                        }
                        place={`${clientId}.review.${proposal.id}`}
                        title={`Review: ${proposal.name}`}
                        errors={errors}
                        busy={busy}
                        submit="Change and accept"
                        onSubmit={onEdit}
                    />
                </div>
            )}
            {mode === "refuse" && (
                <form
                    noValidate
                    className="mt-2 ml-8 flex flex-wrap items-start gap-3"
                    onSubmit={(event) => {
                        event.preventDefault();
                        onRefuse(reason, kept.saved);
                    }}
                >
                    <KeptOffer kept={kept} onTake={setReason} />
                    <Field label="Why not" error={errors.reason} className="flex-1">
                        <input
                            ref={why}
                            className={inputClass}
                            value={reason}
                            onChange={(e) => setReason(e.target.value)}
                        />
                    </Field>
                    <Button type="submit" disabled={busy} className="mt-6">
                        Refuse, keep the dose
                    </Button>
                </form>
            )}
        </li>
    );
}
