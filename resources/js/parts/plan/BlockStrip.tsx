import { ask } from "@/lib/ask";
import type { PlanProps } from "@/types/props";
import { useEffect, useState } from "react";

/** A date that tightens, with the exercises that will no longer fit: as they are, and as they would be. */
interface DateAhead {
    on: string;
    says: string[];
    changed: { today: string; then: string | null }[];
}

/** The weeks of the block, where today is in it, what comes ahead in each, and the re-test at its end. */
export default function BlockStrip({
    block,
    clientId,
    revision,
}: {
    block: NonNullable<PlanProps["plan"]>["block"];
    clientId: number;
    /** Of the plans: another one is looked ahead of anew. */
    revision: number;
}) {
    const now = block.weeks.find((w) => w.now);
    const [open, setOpen] = useState(false);
    const [ahead, setAhead] = useState<{ for: number; dates: DateAhead[] } | null>(null);
    const tightens = block.weeks.some((w) => w.dates.some((d) => d.tightens));
    useEffect(() => {
        if (!open || !tightens) {
            return;
        }
        const stop = new AbortController();
        ask<{ dates: DateAhead[] }>(`/clients/${clientId}/plan/dates`, stop.signal)
            .then(({ dates }) => setAhead({ for: revision, dates }))
            .catch(() => undefined);
        return () => stop.abort();
    }, [open, tightens, clientId, revision]);
    return (
        <details className="mb-2" onToggle={(event) => setOpen(event.currentTarget.open)}>
            <summary className="min-h-6 cursor-pointer text-sm">
                <span className="underline decoration-dotted underline-offset-4">The block</span>:{" "}
                {now ? `week ${now.n} of ${block.weeks.length}` : `${block.weeks.length} weeks`}, re-test on{" "}
                {block.retest}
                {block.over && <span className="text-hold"> ■ over: measure again</span>}
            </summary>
            <ol className="mt-1 flex flex-wrap items-stretch gap-1.5">
                {block.weeks.map((week) => (
                    <li
                        key={week.n}
                        aria-current={week.now ? "date" : undefined}
                        className={`min-w-36 flex-1 rounded-lg border p-2 text-sm ${week.now ? "border-ink bg-shallow border-2" : "border-sand bg-card"}`}
                    >
                        <p className="font-bold">
                            Week {week.n}
                            {week.now && <span className="font-normal">, now</span>}
                        </p>
                        <p className="text-soft">from {week.from}</p>
                        {week.easier && <p>▽ easier: fewer sets</p>}
                        {week.dates.map((date) => (
                            <p key={date.on + date.says} className={date.tightens ? "text-hold" : ""}>
                                {date.tightens && <span aria-hidden="true">■ </span>}
                                {date.on}: {date.says}
                            </p>
                        ))}
                    </li>
                ))}
                <li className="border-water bg-card min-w-36 flex-1 rounded-lg border-2 border-dashed p-2 text-sm">
                    <p className="font-bold">Re-test</p>
                    <p className="text-soft">{block.retest}</p>
                </li>
            </ol>
            {tightens && ahead === null && <p className="text-soft mt-1 text-sm">Looking ahead…</p>}
            {tightens && ahead?.for === revision && ahead.dates.map((d) => <Ahead key={d.on} date={d} />)}
        </details>
    );
}

/** The plan of that day beside today's. */
function Ahead({ date }: { date: DateAhead }) {
    return (
        <section
            className="bg-card border-hold mt-2 rounded-md border-l-4 p-2.5 text-sm"
            aria-label={`From ${date.on}`}
        >
            <h3 className="font-bold">
                <span aria-hidden="true">■ </span>
                From {date.on}: {date.says.join(" ")}
            </h3>
            {date.changed.length === 0 ? (
                <p>Every exercise of this plan still fits then.</p>
            ) : (
                <table className="mt-1 w-full">
                    <thead>
                        <tr className="text-left">
                            <th scope="col" className="w-1/2 pr-4 font-medium">
                                Today
                            </th>
                            <th scope="col" className="font-medium">
                                From that day
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        {date.changed.map((c) => (
                            <tr key={c.today} className="border-sand border-t align-top">
                                <td className="pr-4">{c.today}</td>
                                <td>{c.then ?? "◆ no rung of this family is left: swap it or take it out"}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
        </section>
    );
}
