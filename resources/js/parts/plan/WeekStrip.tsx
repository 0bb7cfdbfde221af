import { dayName } from "@/lib/words";
import { Link } from "@inertiajs/react";
import type { PlanProps } from "@/types/props";

const MARKS: Record<string, string> = { full: "■", light: "◧", "": "·" };
const SAYS: Record<string, string> = { full: "full", light: "light", "": "nothing of it" };

/** The week at a glance: which muscles work on which day, how many sets that makes, and what asks for a look. */
export default function WeekStrip({
    week,
    asks,
    clientId,
}: {
    week: NonNullable<PlanProps["plan"]>["week"];
    /** What it depends on and the screen does not say. */
    asks: string[];
    clientId: number;
}) {
    return (
        <details className="mb-2" open={week.findings.length + asks.length > 0}>
            <summary className="min-h-6 cursor-pointer text-sm">
                <span className="underline decoration-dotted underline-offset-4">The week</span>:{" "}
                {week.regions.map((r) => `${r.name} ${r.sets}`).join(", ")} sets; pull {week.pull}, push {week.push}
            </summary>
            <div className="bg-card border-sand mt-1 flex flex-wrap items-start gap-x-8 gap-y-2 rounded-lg border p-3">
                <table className="text-sm">
                    <thead>
                        <tr>
                            <td />
                            {[1, 2, 3, 4, 5, 6, 7].map((day) => (
                                <th
                                    key={day}
                                    scope="col"
                                    className={`px-2 ${week.days.includes(day) ? "" : "text-soft font-normal"}`}
                                >
                                    {dayName(day)}
                                    {week.treatment.includes(day) && (
                                        <span className="block text-xs font-normal">treatment</span>
                                    )}
                                </th>
                            ))}
                            <th scope="col" className="num px-2 text-right">
                                Sets a week
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        {week.regions.map((region) => (
                            <tr key={region.name}>
                                <th scope="row" className="pr-3 text-left font-medium first-letter:uppercase">
                                    {region.name}
                                </th>
                                {region.days.map((how, i) => (
                                    <td key={i} className="px-2 text-center">
                                        <span aria-hidden="true">{MARKS[how]}</span>
                                        <span className="sr-only">{SAYS[how]}</span>
                                    </td>
                                ))}
                                <td className="num px-2 text-right">{region.sets}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
                <ul className="min-w-0 flex-1 text-sm">
                    {week.findings.map((finding) => (
                        <li key={finding} className="text-hold">
                            <span aria-hidden="true">■ </span>
                            {finding}
                        </li>
                    ))}
                    {asks.map((ask) => (
                        <li key={ask} className="text-hold">
                            <span aria-hidden="true">■ </span>
                            {ask}{" "}
                            <Link className="underline" href={`/clients/${clientId}/screen`}>
                                Enter it
                            </Link>
                        </li>
                    ))}
                    <li className="text-soft">
                        ■ full day, ◧ light day. Balance, stretches and warm-ups do not count.
                    </li>
                </ul>
            </div>
        </details>
    );
}
