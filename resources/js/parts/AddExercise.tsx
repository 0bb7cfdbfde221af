import type { Found } from "@/lib/find";
import { ask } from "@/lib/ask";
import type { FigureData, StairStep } from "@/types/props";
import { useEffect, useState } from "react";
import Button from "./Button";
import Figure from "./Figure";
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
    used: string[];
    busy: boolean;
    onAdd: (family: string) => void;
}) {
    const [chosen, setChosen] = useState<Found | null>(null);
    const [looked, setLooked] = useState<Looked | null>(null);

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
    const seed = stair?.stair.find((s) => s.seed) ?? null;
    const inPlan = chosen !== null && used.includes(chosen.code);
    return (
        <section aria-label="Add an exercise" className="mt-4">
            <FamilyCombobox
                clientId={clientId}
                label="Add an exercise: name, pattern, muscle or gym machine"
                placeholder="Add an exercise: a name, a pattern, a muscle or a gym machine"
                used={used}
                usedSays="in the plan"
                value={chosen}
                onChange={setChosen}
            />
            {stair && (
                <div className="bg-card border-sand mt-2 rounded-lg border p-3">
                    <div className="flex flex-wrap items-start gap-4">
                        <div className="min-w-0 flex-1">
                            <h3 className="font-bold">{stair.name}</h3>
                            <p className="text-soft text-sm">{stair.purpose}</p>
                            {seed?.notes.map((n) => (
                                <p key={n} className="text-sm">
                                    {n}
                                </p>
                            ))}
                        </div>
                        {seed && (
                            <Figure
                                data={
                                    stair.figures.find((f) => f.code === seed.code)?.figure ??
                                    (stair.figures[0]?.figure as FigureData)
                                }
                                label={seed.name}
                                className="h-24 w-56"
                            />
                        )}
                        <Button
                            tone="main"
                            disabled={busy || seed === null || inPlan}
                            onClick={() => {
                                onAdd(stair.code);
                                setChosen(null);
                            }}
                        >
                            {inPlan ? "In the plan" : seed === null ? "No rung is open" : `Add: ${seed.name}`}
                        </Button>
                    </div>
                    <div className="mt-2">
                        <Steps steps={stair.stair} current={null} />
                    </div>
                </div>
            )}
        </section>
    );
}
