import { type Found, useFind } from "@/lib/find";
import { ask } from "@/lib/ask";
import type { FigureData, StairStep } from "@/types/props";
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from "@headlessui/react";
import { useEffect, useState } from "react";
import Button from "./Button";
import Figure from "./Figure";
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
    const [query, setQuery] = useState("");
    const { families, nearest, searched } = useFind(`/clients/${clientId}/exercises`, query);
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

    const shown = families.length > 0 ? families : nearest;
    const stair = chosen !== null && looked?.code === chosen.code ? looked : null;
    const seed = stair?.stair.find((s) => s.seed) ?? null;
    const inPlan = chosen !== null && used.includes(chosen.code);
    return (
        <section aria-label="Add an exercise" className="mt-4">
            <Combobox value={chosen} onChange={setChosen} by="code">
                <div className="relative max-w-xl">
                    <ComboboxInput
                        aria-label="Add an exercise: name, pattern, muscle or gym machine"
                        placeholder="Add an exercise: a name, a pattern, a muscle or a gym machine"
                        className="border-soft/60 bg-card min-h-10 w-full rounded-md border px-3"
                        displayValue={(f: Found | null) => f?.name ?? ""}
                        onChange={(event) => setQuery(event.target.value)}
                        autoComplete="off"
                    />
                    <ComboboxOptions
                        anchor="bottom start"
                        className="bg-card border-sand z-40 w-(--input-width) rounded-md border shadow-lg empty:hidden"
                    >
                        {searched && families.length === 0 && (
                            <p className="text-soft border-sand border-b px-3 py-1.5 text-sm">
                                Nothing goes by that name{nearest.length > 0 && "; the nearest"}
                            </p>
                        )}
                        {shown.map((f) => (
                            <ComboboxOption
                                key={f.code}
                                value={f}
                                className="data-focus:bg-shallow flex cursor-pointer items-baseline justify-between gap-3 px-3 py-1.5"
                            >
                                <span>
                                    {f.name}
                                    {f.why && <span className="text-soft text-sm">, {f.why}</span>}
                                </span>
                                <span className="text-soft shrink-0 text-sm">
                                    {used.includes(f.code) ? "in the plan" : state(f)}
                                </span>
                            </ComboboxOption>
                        ))}
                    </ComboboxOptions>
                </div>
            </Combobox>
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
                                setQuery("");
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

/** How much of it is open for this client, in words. */
function state(f: Found): string {
    const open = f.rungs.filter((r) => r.open).length;
    if (open === 0) {
        return "out for now";
    }
    return open === f.rungs.length ? f.pattern : `${open} of ${f.rungs.length} steps open`;
}
