import { useState } from "react";
import Button from "@/parts/Button";
import Field, { inputClass } from "@/parts/Field";
import KeptOffer from "@/parts/KeptOffer";
import { useKept } from "@/lib/kept";

/** A line of the clinician's own beside an exercise, printed on the sheet: its set-up for this client, or a note. */
export default function OwnLine({
    label,
    button,
    example,
    longest,
    says,
    name,
    place,
    busy,
    error,
    onSave,
}: {
    label: string;
    button: string;
    example: string;
    longest: number;
    says: string;
    name: string;
    /** Which page, client and exercise, for what is typed and not sent. */
    place: string;
    busy: boolean;
    error?: string | undefined;
    onSave: (says: string, saved: () => void) => void;
}) {
    const [typed, setTyped] = useState(says);
    const [stood, setStood] = useState(says);
    // Saved, taken back, or brought back with the rung: the box shows what stands now.
    if (stood !== says) {
        setStood(says);
        setTyped(says);
    }
    const kept = useKept(place, `Plan: ${label.toLowerCase()} of ${name}`, typed, typed !== says);
    return (
        <div>
            <div className="flex flex-wrap items-end gap-2">
                <Field
                    className="min-w-0 flex-1"
                    label={
                        <>
                            {label}
                            <span className="sr-only"> of {name}</span>
                        </>
                    }
                    error={error}
                >
                    <input
                        className={inputClass}
                        value={typed}
                        maxLength={longest}
                        placeholder={`for example: ${example}`}
                        onChange={(e) => setTyped(e.target.value)}
                    />
                </Field>
                <Button small disabled={busy || typed.trim() === says} onClick={() => onSave(typed, kept.saved)}>
                    {button}
                    <span className="sr-only"> of {name}</span>
                </Button>
            </div>
            <KeptOffer kept={kept} onTake={setTyped} />
        </div>
    );
}
