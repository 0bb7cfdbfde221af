import { useKeptPlaces } from "@/lib/kept";
import { useKeys } from "@/lib/keys";
import { rememberToday } from "@/lib/today";
import { sayDate } from "@/lib/words";
import Button from "@/parts/Button";
import KeysHint from "@/parts/KeysHint";
import Mark from "@/parts/Mark";
import Shell from "@/parts/Shell";
import Behind from "@/parts/today/Behind";
import TodayFilters from "@/parts/today/TodayFilters";
import TodayLine from "@/parts/today/TodayLine";
import type { TodayProps } from "@/types/props";
import { Link, router, usePage } from "@inertiajs/react";
import { useEffect, useState } from "react";

const heading = (count: number): string =>
    count === 0 ? "nobody needs you" : count === 1 ? "1 needs you" : `${count} need you`;

/** One dense list by need. j and k move, Enter opens the stage where the need is met, z puts it off. */
export default function Today(props: TodayProps) {
    const { rows, count, all, quiet, quiet_count: quietCount, filter, people } = props;
    const errors = usePage().props.errors as Record<string, string | undefined>;
    const unsaved = useKeptPlaces();
    const [at, setAt] = useState(0);
    const [putting, setPutting] = useState<number | null>(null);
    const here = (): number => {
        const line = document.activeElement?.closest("li[id^='line-']");
        return rows.findIndex((row) => line?.id === `line-${row.id}`);
    };
    const move = (by: number) => () => {
        // The first press chooses a line; only then is there one to move from.
        const next = Math.min(Math.max(here() < 0 ? at : here() + by, 0), rows.length - 1);
        setAt(next);
        document.getElementById(`row-${next}`)?.focus();
    };
    /** The line that has taken the place of the one that was met. */
    const stayAt = (i: number) => () => {
        setAt(i);
        setPutting(null);
        requestAnimationFrame(() =>
            (document.getElementById(`row-${i}`) ?? document.getElementById(`row-${Math.max(0, i - 1)}`))?.focus(),
        );
    };
    const accept = (i: number) => {
        const row = rows[i];
        if (row?.accept) {
            router.post(
                `/clients/${row.id}/review/accept-steps`,
                { ease: row.accept.ease },
                { preserveScroll: true, preserveState: true, onFinish: stayAt(i) },
            );
        }
    };
    // For the pages of a client: who comes next on the list as it was last seen.
    useEffect(() => rememberToday(rows), [rows]);
    useKeys({
        a: () => accept(here()),
        j: move(1),
        k: move(-1),
        z: () => {
            const row = rows[here()];
            if (row?.needs.some((need) => need.can_wait && need.until === null)) {
                setPutting(row.id);
            }
        },
        n: () => router.visit("/clients/new"),
        y: () => router.visit("/week"),
    });
    return (
        <Shell title="Today">
            <main id="work" className="mx-auto max-w-6xl px-5 pt-5 pb-10">
                <h1 className="text-2xl font-bold">
                    Today <span className="text-soft num text-lg font-normal">{heading(all)}</span>
                </h1>
                {unsaved.length > 0 && (
                    <p className="border-hold bg-card mt-2 rounded-md border-l-4 p-2.5 text-sm">
                        <span aria-hidden="true">■ </span>Typed and not saved, kept in this browser:{" "}
                        {unsaved.map((place, i) => (
                            <span key={place.path + place.at}>
                                {i > 0 && ", "}
                                <Link className="underline" href={place.path}>
                                    {place.title}
                                </Link>
                            </span>
                        ))}
                    </p>
                )}
                <Behind behind={props.behind} />
                {errors.proposal && (
                    <p role="alert" className="text-stop mt-2 text-sm">
                        {errors.proposal}
                    </p>
                )}
                <TodayFilters filter={filter} kinds={props.kinds} hidden={props.hidden} putOff={props.put_off} />
                <ol className="border-sand mt-3 border-t">
                    {rows.map((row, i) => (
                        <TodayLine
                            key={row.id}
                            row={row}
                            index={i}
                            people={people}
                            putting={putting === row.id}
                            kind={filter.kind}
                            onPutOff={(open) => (open ? setPutting(row.id) : stayAt(i)())}
                            onAccept={() => accept(i)}
                        />
                    ))}
                </ol>
                {count > rows.length && (
                    <Button
                        className="mt-3"
                        onClick={() =>
                            router.reload({
                                data: { lines: filter.lines + rows.length },
                                only: ["rows", "count", "filter"],
                            })
                        }
                    >
                        Show more: {count - rows.length} further down
                    </Button>
                )}
                {all === 0 && quietCount === 0 && (
                    <p className="mt-4">
                        No clients yet.{" "}
                        <Link href="/clients/new" className="text-water underline">
                            Add the first one
                        </Link>{" "}
                        (key n).
                    </p>
                )}
                {quietCount > 0 && (
                    <section className="mt-6">
                        <h2 className="text-soft font-bold">
                            <Mark name="quiet" /> Quiet
                            {quietCount > quiet.length && (
                                <span className="num font-normal">: {quietCount}, the search finds each</span>
                            )}
                        </h2>
                        <ul className="mt-1 flex flex-wrap gap-x-5 gap-y-1">
                            {quiet.map((row) => (
                                <li key={row.id}>
                                    <Link
                                        href={`/clients/${row.id}/plan`}
                                        className="hover:text-water inline-block min-h-6 underline decoration-dotted underline-offset-4"
                                    >
                                        {row.name}
                                    </Link>{" "}
                                    <span className="text-soft text-sm">
                                        {row.needs[0]?.until
                                            ? `put off until ${sayDate(row.needs[0].until)}`
                                            : row.last === null
                                              ? ""
                                              : `last session ${sayDate(row.last)}`}
                                    </span>
                                </li>
                            ))}
                        </ul>
                    </section>
                )}
                <p className="mt-6">
                    <Link href="/week" className="text-water inline-block min-h-6 underline">
                        The week: who trains when
                    </Link>{" "}
                    <span className="text-soft text-sm">(key y)</span>
                </p>
                <KeysHint says="j and k move, Enter opens, a accepts what the line offers, z puts off, y shows the week, n adds a client, ? shows all keys." />
            </main>
        </Shell>
    );
}
