import { sayDate } from "@/lib/words";
import TimeChart, { EVENT_SIGN } from "@/parts/chart/TimeChart";
import ClientShell from "@/parts/ClientShell";
import Options from "@/parts/Options";
import Field, { inputClass } from "@/parts/Field";
import type { ChartEvent, CourseProps, CourseSpan } from "@/types/props";
import { Link, router } from "@inertiajs/react";

const EVENT_NAME: Record<ChartEvent["kind"], string> = {
    stop: "red flag",
    flare: "pain over the rule",
    dose: "dose or version",
    limit: "limit",
};

/** Review over time: every measure drawn over one line of time, with what happened on it. */
export default function Course(props: CourseProps) {
    const {
        client,
        exercises,
        chosen,
        what,
        whats,
        panels,
        others,
        events,
        from,
        to,
        weeks,
        spans,
        compares,
        compared,
    } = props;
    const show = (part: Record<string, string | number>) =>
        router.get(
            `/clients/${client.id}/course`,
            { ...(chosen ? { exercise: chosen } : {}), what, weeks, ...part },
            { preserveState: true, preserveScroll: true, replace: true },
        );
    return (
        <ClientShell client={client} stage="review">
            <div className="flex flex-wrap items-baseline gap-x-4">
                <h2 className="text-lg font-bold">
                    Over time{" "}
                    <span className="text-soft num text-sm font-normal">
                        {sayDate(from)} to {sayDate(to)}
                    </span>
                </h2>
                <Link href={`/clients/${client.id}/review`} className="text-water no-print min-h-6 text-sm underline">
                    back to the decisions
                </Link>
                <a
                    className="text-water no-print ml-auto min-h-6 text-sm underline"
                    href={`/clients/${client.id}/course.pdf?${new URLSearchParams({
                        exercise: chosen,
                        what,
                        weeks: String(weeks),
                    }).toString()}`}
                >
                    as PDF
                </a>
            </div>
            {exercises.length === 0 ? (
                <p className="mt-3">No session logged yet: the first one begins the lines.</p>
            ) : (
                <>
                    <div className="no-print mt-2 flex flex-wrap gap-3">
                        <Field label="Exercise" className="min-w-64">
                            <select
                                className={inputClass}
                                value={chosen}
                                onChange={(e) => show({ exercise: e.target.value })}
                            >
                                <option value="">all side by side</option>
                                <Options of={exercises} />
                            </select>
                        </Field>
                        {chosen === "" && (
                            <Field label="What of each">
                                <select
                                    className={inputClass}
                                    value={what}
                                    onChange={(e) => show({ what: e.target.value })}
                                >
                                    <Options of={whats} />
                                </select>
                            </Field>
                        )}
                    </div>
                    {panels.length === 0 && <p className="mt-3 text-sm">None of these exercises has that figure.</p>}
                    <div className="mt-3 grid gap-x-6 gap-y-4 md:grid-cols-2">
                        {panels.map((panel) => (
                            <TimeChart key={panel.key} panel={panel} events={events} from={from} to={to} />
                        ))}
                    </div>
                    <Events events={events} />
                    <h3 className="mt-5 font-bold">The person</h3>
                    <div className="mt-2 grid gap-x-6 gap-y-4 md:grid-cols-2">
                        {others.map((panel) => (
                            <TimeChart key={panel.key} panel={panel} events={events} from={from} to={to} />
                        ))}
                    </div>
                    <div className="mt-5 flex flex-wrap items-end gap-3">
                        <h3 className="font-bold">
                            {weeks === 1
                                ? "This block beside the one before"
                                : `The last ${weeks} weeks beside the ${weeks} before`}
                            <span className="text-soft num block text-sm font-normal">
                                since {compares[1]}, beside {compares[0]} until then
                            </span>
                        </h3>
                        <Field label="Compare" className="no-print">
                            <select
                                className={inputClass}
                                value={weeks}
                                onChange={(e) => show({ weeks: Number(e.target.value) })}
                            >
                                {spans.map((n) => (
                                    <option key={n} value={n}>
                                        {n === 1 ? "by block" : `${n} weeks`}
                                    </option>
                                ))}
                            </select>
                        </Field>
                    </div>
                    <Compared rows={compared} />
                </>
            )}
        </ClientShell>
    );
}

function Events({ events }: { events: ChartEvent[] }) {
    return events.length === 0 ? null : (
        <section className="mt-4 break-inside-avoid">
            <h3 className="font-bold">On the lines</h3>
            <ul className="text-sm">
                {events.map((event, i) => (
                    <li key={i} className="border-sand grid grid-cols-[1.2rem_10rem_1fr] border-t py-0.5">
                        <span aria-hidden="true">{EVENT_SIGN[event.kind]}</span>
                        <span className="num text-soft">{sayDate(event.on)}</span>
                        <span>
                            <span className="sr-only">{EVENT_NAME[event.kind]}: </span>
                            {event.says}
                        </span>
                    </li>
                ))}
            </ul>
        </section>
    );
}

const COLUMNS: [keyof CourseSpan, string][] = [
    ["sessions", "Sessions"],
    ["load", "Heaviest load"],
    ["best", "Best set"],
    ["max", "Estimated 1RM"],
    ["effort", "Mean RPE"],
    ["pain", "Worst pain"],
];

function Compared({ rows }: { rows: CourseProps["compared"] }) {
    const say = (span: CourseSpan, column: keyof CourseSpan, unit: string): string =>
        span[column] === null ? "–" : column === "best" ? `${span.best ?? ""} ${unit}` : String(span[column]);
    return (
        <div className="overflow-x-auto">
            <table className="num mt-1 w-full text-left text-sm">
                <thead>
                    <tr>
                        <th scope="col">Exercise</th>
                        {COLUMNS.map(([column, title]) => (
                            <th key={column} scope="col">
                                {title}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {rows.map((row) => (
                        <tr key={row.name} className="border-sand border-t align-top">
                            <th scope="row" className="font-medium">
                                {row.name}
                            </th>
                            {COLUMNS.map(([column]) => (
                                <td key={column}>
                                    <span className="text-soft">{say(row.before, column, row.unit)} → </span>
                                    {say(row.now, column, row.unit)}
                                </td>
                            ))}
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
