import type { Found } from "@/lib/find";
import { ask } from "@/lib/ask";
import type { FigureData, StairStep } from "@/types/props";
import { useEffect, useState } from "react";
import Button from "./Button";
import Figure from "./Figure";
import SelectField from "./SelectField";
import FamilyCombobox from "./plan/FamilyCombobox";
import Steps from "./Steps";

interface Looked {
    code: string;
    name: string;
    purpose: string;
    stair: StairStep[];
    figures: { code: string; figure: FigureData }[];
}

/**
 * Find a family by its name, a pattern, a muscle or the gym machine that the client is used to; look at its stair for this
 * client; add it.
 */
export default function AddExercise({
    clientId,
    used,
    busy,
    onAdd,
}: {
    clientId: number;
    /** What is in the plan already. */
    used: { family: string; rung: string }[];
    busy: boolean;
    onAdd: (family: string, rung: string, name: string) => void;
}) {
    const [chosen, setChosen] = useState<Found | null>(null);
    const [looked, setLooked] = useState<Looked | null>(null);
    const [rung, setRung] = useState<string | null>(null);

    useEffect(() => {
        if (chosen === null) {
            return;
        }
        const stop = new AbortController();
        ask<Looked>(`/clients/${clientId}/steps?family=${chosen.code}`, stop.signal)
            .then(setLooked)
            .catch(() => undefined);
        return () => stop.abort();
    }, [chosen, clientId]);

    const stair = chosen !== null && looked?.code === chosen.code ? looked : null;
    const isUsed = (rung: string) => used.some((u) => u.family === chosen?.code && u.rung === rung);
    const offered = stair?.stair.filter((s) => s.state !== "under" && s.not_yet === null && !isUsed(s.code)) ?? [];
    // The one to begin with; where that is in the plan, the next easier one.
    const seedAt = stair?.stair.findIndex((s) => s.seed) ?? 0;
    const start = offered.findLast((s) => (stair?.stair.indexOf(s) ?? 0) <= seedAt);
    const step = offered.find((s) => s.code === rung) ?? start ?? offered[0] ?? null;
    return (
        <section aria-label="Add an exercise" className="mt-4">
            <FamilyCombobox
                clientId={clientId}
                label="Add an exercise: name, pattern, muscle or gym machine"
                placeholder="Add an exercise: a name, a pattern, a muscle or a gym machine"
                used={used.map((u) => u.family)}
                usedSays="in the plan"
                value={chosen}
                onChange={(family) => {
                    setChosen(family);
                    setRung(null);
                }}
            />
            {stair && (
                <div className="bg-card border-sand mt-2 rounded-lg border p-3">
                    <div className="flex flex-wrap items-start gap-4">
                        <div className="min-w-0 flex-1">
                            <h3 className="font-bold">{stair.name}</h3>
                            <p className="text-soft text-sm">{stair.purpose}</p>
                            {step?.notes.map((n) => (
                                <p key={n} className="text-sm">
                                    {n}
                                </p>
                            ))}
                        </div>
                        {step && (
                            <Figure
                                data={
                                    stair.figures.find((f) => f.code === step.code)?.figure ??
                                    (stair.figures[0]?.figure as FigureData)
                                }
                                label={step.name}
                                className="h-24 w-56"
                            />
                        )}
                        <div className="grid gap-2">
                            {offered.length > 1 && (
                                <SelectField
                                    label="On the rung"
                                    value={step?.code ?? ""}
                                    options={offered.map((s) => [s.code, s.name])}
                                    onChange={setRung}
                                />
                            )}
                            <Button
                                tone="main"
                                disabled={busy || step === null}
                                onClick={() => {
                                    if (step !== null) {
                                        onAdd(stair.code, step.code, step.name);
                                        setChosen(null);
                                    }
                                }}
                            >
                                {step === null ? "No other rung is open" : `Add: ${step.name}`}
                            </Button>
                        </div>
                    </div>
                    <div className="mt-2">
                        <Steps steps={stair.stair} current={null} />
                    </div>
                </div>
            )}
        </section>
    );
}
