import type { FigureData, StairStep } from "@/types/props";
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from "@headlessui/react";
import { useEffect, useState } from "react";
import Button from "./Button";
import Figure from "./Figure";
import Steps from "./Steps";

interface Found {
    code: string;
    name: string;
    pattern: string;
    why: string;
}

interface Looked {
    code: string;
    name: string;
    purpose: string;
    stair: StairStep[];
    figures: { code: string; figure: FigureData }[];
}

function ask<T>(path: string, signal: AbortSignal): Promise<T> {
    return fetch(path, { signal, headers: { Accept: "application/json" } }).then((answer) =>
        answer.ok ? (answer.json() as Promise<T>) : Promise.reject(new Error("Not found")),
    );
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
    const [found, setFound] = useState<Found[]>([]);
    const [chosen, setChosen] = useState<Found | null>(null);
    const [looked, setLooked] = useState<Looked | null>(null);

    useEffect(() => {
        if (query.trim().length < 2) {
            return;
        }
        const stop = new AbortController();
        const wait = setTimeout(() => {
            ask<{ families: Found[] }>(`/exercises/search?q=${encodeURIComponent(query)}`, stop.signal)
                .then((answer) => setFound(answer.families))
                .catch(() => undefined);
        }, 120);
        return () => {
            clearTimeout(wait);
            stop.abort();
        };
    }, [query]);

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

    const shown = query.trim().length < 2 ? [] : found;
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
                                <span className="text-soft text-sm">
                                    {used.includes(f.code) ? "in the plan" : f.pattern}
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
