import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from "@headlessui/react";
import { router } from "@inertiajs/react";
import { useEffect, useRef, useState } from "react";

interface Found {
    key: string;
    label: string;
    hint: string;
    path: string;
}

interface Answer {
    clients: { id: number; name: string; born: string }[];
    exercises: { code: string; name: string }[];
}

const COMMANDS: Found[] = [
    { key: "today", label: "Today", hint: "list", path: "/" },
    { key: "bench", label: "Device bench", hint: "simulated", path: "/bench" },
    { key: "exercises", label: "Exercises", hint: "catalogue", path: "/exercises" },
    { key: "figures", label: "Figures", hint: "all pictures", path: "/exercises/figures" },
    { key: "rulebook", label: "Rulebook", hint: "clinic", path: "/rulebook" },
    { key: "new", label: "Add client", hint: "command", path: "/clients/new" },
];

/** Ctrl+K: clients, exercises and commands from one box. */
export default function Finder() {
    const [query, setQuery] = useState("");
    const [found, setFound] = useState<{ clients: Found[]; exercises: Found[] }>({ clients: [], exercises: [] });
    const input = useRef<HTMLInputElement>(null);

    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            if ((event.ctrlKey || event.metaKey) && event.key === "k") {
                event.preventDefault();
                input.current?.focus();
            }
        };
        window.addEventListener("keydown", onKey);
        return () => window.removeEventListener("keydown", onKey);
    }, []);

    useEffect(() => {
        if (query.trim() === "") {
            return;
        }
        const stop = new AbortController();
        const wait = setTimeout(() => {
            fetch(`/find?q=${encodeURIComponent(query)}`, {
                signal: stop.signal,
                headers: { Accept: "application/json" },
            })
                .then((answer) => answer.json() as Promise<Answer>)
                .then(({ clients, exercises }) =>
                    setFound({
                        clients: clients.map((c) => ({
                            key: `c${c.id}`,
                            label: c.name,
                            hint: `born ${c.born}`,
                            path: `/clients/${c.id}/plan`,
                        })),
                        exercises: exercises.map((e) => ({
                            key: `e${e.code}`,
                            label: e.name,
                            hint: "exercise",
                            path: `/exercises/${e.code}`,
                        })),
                    }),
                )
                .catch(() => undefined);
        }, 120);
        return () => {
            clearTimeout(wait);
            stop.abort();
        };
    }, [query]);

    const commands = COMMANDS.filter((c) => c.label.toLowerCase().includes(query.trim().toLowerCase()));
    const options = query.trim() === "" ? commands : [...found.clients, ...commands, ...found.exercises];
    return (
        <Combobox
            value={null}
            onChange={(found: Found | null) => {
                if (found) {
                    setQuery("");
                    input.current?.blur();
                    router.visit(found.path);
                }
            }}
            immediate
        >
            <div className="relative w-72">
                <ComboboxInput
                    ref={input}
                    aria-label="Find a client, exercise or command"
                    placeholder="Find a client, exercise or command"
                    displayValue={() => query}
                    onChange={(event) => setQuery(event.target.value)}
                    className="border-sand bg-card placeholder:text-soft h-9 w-full rounded-md border px-3 pr-16 text-sm"
                />
                <kbd className="bg-beach text-soft pointer-events-none absolute top-1.5 right-2 rounded px-1.5 text-xs leading-6">
                    Ctrl K
                </kbd>
                <ComboboxOptions className="border-water bg-card absolute z-40 mt-1 w-full rounded-md border py-1 shadow-lg empty:hidden">
                    {options.map((option) => (
                        <ComboboxOption
                            key={option.key}
                            value={option}
                            className="data-focus:bg-shallow flex cursor-pointer justify-between px-3 py-1.5 text-sm"
                        >
                            <span>{option.label}</span>
                            <span className="text-soft">{option.hint}</span>
                        </ComboboxOption>
                    ))}
                </ComboboxOptions>
            </div>
        </Combobox>
    );
}
