import { nextOnToday } from "@/lib/today";
import type { ClientFrame } from "@/types/props";
import { useKeys } from "@/lib/keys";
import { LitContext } from "@/lib/lit";
import { Link, router } from "@inertiajs/react";
import { useMemo, useRef, useState, type ReactNode } from "react";
import FallsQuestion from "./FallsQuestion";
import LimitsMargin from "./LimitsMargin";
import Shell from "./Shell";

const LETTERS: Record<string, string> = {
    s: "screen",
    m: "measure",
    l: "limits",
    k: "kit",
    p: "plan",
    h: "sheet",
    c: "gate",
    o: "log",
    v: "review",
    d: "letters",
    i: "messages",
};

/** Where it belongs: before a plan goes out. */
const FALLS_ASKED_ON = ["screen", "measure", "limits", "plan"];

/** The frame around every stage of one client: the stages as rising steps, the work, the limits in force. */
export default function ClientShell({
    client,
    stage,
    children,
}: {
    client: ClientFrame;
    stage: string;
    children: ReactNode;
}) {
    const [limit, pointAtLimit] = useState<string | null>(null);
    const [shapedBy, pointAtDose] = useState<string[]>([]);
    const lit = useMemo(() => ({ limit, shapedBy, pointAtLimit, pointAtDose }), [limit, shapedBy]);
    useGoTo(client);
    const here = client.stages.find((s) => s.key === stage);
    return (
        <LitContext.Provider value={lit}>
            <Shell title={`${here?.label ?? ""}: ${client.name}`}>
                <div className="min-h-[calc(100vh-3.25rem)] lg:grid lg:grid-cols-[9.5rem_minmax(0,1fr)_16.5rem] print:block">
                    <nav aria-label="Stages" className="no-print p-2 lg:p-3.5">
                        <ol className="flex flex-wrap gap-1 lg:block">
                            {client.stages.map((s, i) => (
                                <li key={s.key} style={{ marginLeft: `${(client.stages.length - 1 - i) * 1.5}px` }}>
                                    <Link
                                        href={s.path}
                                        aria-current={s.key === stage ? "page" : undefined}
                                        className={`my-0.5 flex min-h-10 items-center justify-between gap-2 rounded-r-md border-l-3 px-3 ${
                                            s.key === stage
                                                ? "bg-ink border-ink text-paper font-bold"
                                                : s.state
                                                  ? "border-water hover:bg-shallow"
                                                  : "border-shallow hover:bg-shallow"
                                        }`}
                                    >
                                        {s.label}
                                        <span className={`num text-xs ${s.key === stage ? "" : "text-water"}`}>
                                            {s.state}
                                        </span>
                                    </Link>
                                </li>
                            ))}
                        </ol>
                    </nav>
                    <main id="work" className="min-w-0 px-4 pt-4 pb-10 print:p-0">
                        <header className="no-print mb-3 flex flex-wrap items-baseline gap-x-3 gap-y-1.5">
                            <h1 className="text-2xl font-bold">{client.name}</h1>
                            <span className="text-soft">
                                {client.age === null ? "" : `${client.age} · `}
                                {client.home}
                            </span>
                            <ul className="flex flex-wrap gap-1.5" aria-label="Conditions">
                                {client.facts.map((fact) => (
                                    <li
                                        key={fact}
                                        className="border-sand bg-card rounded-full border px-2.5 text-sm leading-6"
                                    >
                                        {fact}
                                    </li>
                                ))}
                            </ul>
                        </header>
                        {client.stops.length > 0 && stage !== "review" && (
                            <p
                                role="alert"
                                className="no-print border-stop text-stop bg-card mb-3 rounded-md border-l-4 p-2.5 font-bold"
                            >
                                <span aria-hidden="true">◆ </span>A red flag is open: {client.stops.join("; ")}. Nothing
                                resumes until it is{" "}
                                <Link className="underline" href={`/clients/${client.id}/review`}>
                                    cleared on Review
                                </Link>
                                .
                            </p>
                        )}
                        {FALLS_ASKED_ON.includes(stage) && <FallsQuestion clientId={client.id} found={client.falls} />}
                        {children}
                    </main>
                    <LimitsMargin client={client} />
                </div>
            </Shell>
        </LitContext.Provider>
    );
}

/** g, then a stage's letter. */
function useGoTo(client: ClientFrame): void {
    const waiting = useRef(false);
    const go = (letter: string) => () => {
        if (!waiting.current) {
            return;
        }
        waiting.current = false;
        router.visit(letter === "t" ? "/" : `/clients/${client.id}/${LETTERS[letter] ?? "plan"}`);
    };
    useKeys({
        n: () => router.visit(nextOnToday(client.id)),
        g: () => {
            waiting.current = true;
            setTimeout(() => (waiting.current = false), 1200);
        },
        ...Object.fromEntries([...Object.keys(LETTERS), "t"].map((letter) => [letter, go(letter)])),
    });
}
