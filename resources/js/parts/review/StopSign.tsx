import { useKept } from "@/lib/kept";
import { sayDate } from "@/lib/words";
import Button from "@/parts/Button";
import Field, { inputClass } from "@/parts/Field";
import KeptOffer from "@/parts/KeptOffer";
import type { ReviewProps } from "@/types/props";
import { useState } from "react";

/** An open red flag: what it was, and who cleared it. */
export default function StopSign({
    stop,
    clientId,
    busy,
    error,
    onClear,
}: {
    stop: NonNullable<ReviewProps["stop"]>;
    clientId: number;
    busy: boolean;
    error: string | undefined;
    onClear: (reason: string, saved: () => void) => void;
}) {
    const [reason, setReason] = useState("");
    const kept = useKept(`${clientId}.review.stop`, "Review: red flag", reason, reason !== "");
    return (
        <form
            noValidate
            className="border-stop bg-card mb-4 rounded-md border-l-4 p-3"
            onSubmit={(event) => {
                event.preventDefault();
                onClear(reason, kept.saved);
            }}
        >
            <KeptOffer kept={kept} onTake={setReason} />
            <p className="text-stop font-bold">
                <span aria-hidden="true">◆ </span>Red flag on {sayDate(stop.on)}: {stop.says}
            </p>
            <p className="text-sm">
                Call the client, follow your local rules, and refer. Nothing resumes until a clinician has cleared it.
            </p>
            <div className="mt-2 flex items-start gap-3">
                <Field label="Cleared by whom, and what was found" error={error} className="flex-1">
                    <input
                        data-next
                        className={inputClass}
                        value={reason}
                        onChange={(e) => setReason(e.target.value)}
                    />
                </Field>
                <Button tone="stop" type="submit" disabled={busy} className="mt-6">
                    Clear the red flag
                </Button>
            </div>
        </form>
    );
}
