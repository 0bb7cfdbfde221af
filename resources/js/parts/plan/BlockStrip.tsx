import type { PlanProps } from "@/types/props";

/** The weeks of the block, where today is in it, what comes ahead in each, and the re-test at its end. */
export default function BlockStrip({ block }: { block: NonNullable<PlanProps["plan"]>["block"] }) {
    const now = block.weeks.find((w) => w.now);
    return (
        <details className="mb-2">
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
        </details>
    );
}
