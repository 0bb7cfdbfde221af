import { useKeys } from "@/lib/keys";
import { dayName, sayDate, weekday } from "@/lib/words";
import Button from "@/parts/Button";
import KeysHint from "@/parts/KeysHint";
import Shell from "@/parts/Shell";
import Behind from "@/parts/today/Behind";
import type { WeekProps } from "@/types/props";
import { Link, router } from "@inertiajs/react";

/** Seven columns: who trains at home that day, who has done it, and what falls on it. */
export default function Week({ days, today, mine, before, after, behind }: WeekProps) {
    const go = (from: string, whose = mine) =>
        router.get("/week", { from, ...(whose ? { whose: "mine" } : {}) }, { preserveState: true });
    const first = days[0]?.on ?? today;
    useKeys({ j: () => go(after), k: () => go(before) });
    return (
        <Shell title="Week">
            <main id="work" className="px-5 pt-5 pb-10">
                <div className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
                    <h1 className="text-2xl font-bold">Week of {sayDate(first)}</h1>
                    <span className="flex gap-2">
                        <Button small onClick={() => go(before)}>
                            Week before
                        </Button>
                        <Button small onClick={() => go(today)}>
                            This week
                        </Button>
                        <Button small onClick={() => go(after)}>
                            Week after
                        </Button>
                    </span>
                    <label className="flex min-h-8 items-center gap-2 text-sm">
                        <input
                            type="checkbox"
                            className="accent-water size-5"
                            checked={mine}
                            onChange={(e) => go(first, e.target.checked)}
                        />
                        only those assigned to me
                    </label>
                </div>
                <Behind behind={behind} />
                <ol className="mt-3 grid gap-2 md:grid-cols-7">
                    {days.map((day) => (
                        <li
                            key={day.on}
                            aria-current={day.on === today ? "date" : undefined}
                            className={`rounded-md border p-2 ${day.on === today ? "border-ink bg-shallow" : "border-sand"}`}
                        >
                            <h2 className="text-sm font-bold">
                                {dayName(weekday(day.on))} <span className="num">{day.label}</span>
                                {day.on === today && <span className="font-normal">, today</span>}
                            </h2>
                            {day.dates.length > 0 && (
                                <ul className="border-hold mt-1 border-l-4 pl-2 text-sm">
                                    {day.dates.map((date, i) => (
                                        <li key={i}>
                                            <span aria-hidden="true">■ </span>
                                            <Link
                                                href={`/clients/${date.id}/plan`}
                                                className="hover:text-water font-medium underline decoration-dotted underline-offset-4"
                                            >
                                                {date.name}
                                            </Link>
                                            : {date.says}
                                        </li>
                                    ))}
                                    {day.more > 0 && <li>and {day.more} more</li>}
                                </ul>
                            )}
                            {day.count === 0 ? (
                                <p className="text-soft mt-1 text-sm">nobody trains</p>
                            ) : (
                                <ul className="mt-1 text-sm">
                                    {day.trains.map((who) => (
                                        <li key={who.id} className="pl-4 -indent-4">
                                            <span aria-hidden="true" className="inline-block w-4">
                                                {who.done ? "✓" : "·"}
                                            </span>
                                            <Link
                                                href={`/clients/${who.id}/log`}
                                                className="hover:text-water inline-block min-h-6"
                                            >
                                                {who.name}
                                            </Link>
                                            {who.done ? (
                                                <span className="text-soft block indent-0 text-xs">done</span>
                                            ) : (
                                                day.on < today && (
                                                    <span className="text-hold block indent-0 text-xs">not logged</span>
                                                )
                                            )}
                                        </li>
                                    ))}
                                    {day.count > day.trains.length && (
                                        <li className="text-soft">and {day.count - day.trains.length} more</li>
                                    )}
                                </ul>
                            )}
                        </li>
                    ))}
                </ol>
                <div className="mt-6">
                    <KeysHint says="j and k go to the week after and before." />
                </div>
            </main>
        </Shell>
    );
}
