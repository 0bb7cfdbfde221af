import { useKeys } from "@/lib/keys";
import { useKeptPlaces } from "@/lib/kept";
import { sayDate } from "@/lib/words";
import KeysHint from "@/parts/KeysHint";
import Mark from "@/parts/Mark";
import Shell from "@/parts/Shell";
import type { TodayProps, TodayRow } from "@/types/props";
import { Link, router } from "@inertiajs/react";
import { useState } from "react";

const path = (row: TodayRow): string => `/clients/${row.id}/${row.needs[0]?.stage ?? "plan"}`;

/** One dense list by need. j and k move, Enter opens the stage where the need is met. */
export default function Today({ rows, quiet }: TodayProps) {
    const unsaved = useKeptPlaces();
    const [at, setAt] = useState(0);
    const move = (by: number) => () => {
        const next = Math.min(Math.max(at + by, 0), rows.length - 1);
        setAt(next);
        document.getElementById(`row-${next}`)?.focus();
    };
    useKeys({ j: move(1), k: move(-1), n: () => router.visit("/clients/new") });
    return (
        <Shell title="Today">
            <main id="work" className="mx-auto max-w-5xl px-5 pt-5 pb-10">
                <h1 className="text-2xl font-bold">
                    Today{" "}
                    <span className="text-soft num text-lg font-normal">
                        {rows.length === 0 ? "nobody needs you" : `${rows.length} need you`}
                    </span>
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
                <ol className="border-sand mt-3 border-t">
                    {rows.map((row, i) => (
                        <li key={row.id} className="border-sand border-b">
                            <Link
                                id={`row-${i}`}
                                href={path(row)}
                                onFocus={() => setAt(i)}
                                className="hover:bg-beach focus:bg-shallow grid grid-cols-[1.4rem_1fr] md:grid-cols-[1.4rem_13rem_1fr_8rem] items-baseline gap-x-3 px-2 py-2.5"
                            >
                                <Mark name={row.mark} />
                                <span>
                                    <span className="font-bold">{row.name}</span>{" "}
                                    <span className="text-soft num">{row.age ?? ""}</span>
                                </span>
                                <span className="col-start-2 md:col-start-auto">
                                    {row.needs.map((need, n) => (
                                        <span key={n} className={`block ${n > 0 ? "text-soft text-sm" : ""}`}>
                                            {n > 0 && <Mark name={need.mark} />} {need.says}
                                        </span>
                                    ))}
                                </span>
                                <span className="text-soft num col-start-2 text-sm md:col-start-auto md:text-right">
                                    {row.plan === null ? "no plan" : `plan v${row.plan}`}
                                    <span className="block">{row.last === null ? "" : sayDate(row.last)}</span>
                                </span>
                            </Link>
                        </li>
                    ))}
                </ol>
                {rows.length === 0 && quiet.length === 0 && (
                    <p className="mt-4">
                        No clients yet.{" "}
                        <Link href="/clients/new" className="text-water underline">
                            Add the first one
                        </Link>{" "}
                        (key n).
                    </p>
                )}
                {quiet.length > 0 && (
                    <section className="mt-6">
                        <h2 className="text-soft font-bold">
                            <Mark name="quiet" /> Quiet
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
                                        {row.needs[0]?.says ??
                                            (row.last === null ? "" : `last session ${sayDate(row.last)}`)}
                                    </span>
                                </li>
                            ))}
                        </ul>
                    </section>
                )}
                <div className="mt-6">
                    <KeysHint says="j and k move, Enter opens, n adds a client, ? shows all keys." />
                </div>
            </main>
        </Shell>
    );
}
