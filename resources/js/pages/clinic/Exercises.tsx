import { FieldError, inputClass } from "@/parts/Field";
import Shell from "@/parts/Shell";
import { type Found, useFind } from "@/lib/find";
import type { ExercisesProps, FamilyHeading } from "@/types/props";
import FileButton from "@/parts/FileButton";
import { Link, router, usePage } from "@inertiajs/react";
import { useState } from "react";

/** The catalogue's contents: every family under its pattern, or what answers to the words typed. */
export default function Exercises({ families }: ExercisesProps) {
    const [query, setQuery] = useState("");
    const { families: found, nearest, searched } = useFind("/exercises/search", query);
    const typed = query.trim().length > 1;
    const shown = found.length > 0 ? found : nearest;
    const rungs = families.reduce((n, f) => n + f.rungs, 0);
    return (
        <Shell title="Exercises">
            <main id="work" className="px-5 py-4">
                <div className="mb-3 flex flex-wrap items-end gap-x-6 gap-y-2">
                    <h1 className="text-2xl font-bold">Exercises</h1>
                    <label className="w-[30rem] max-w-full">
                        <span className="sr-only">
                            Find by any usual name, muscle, purpose, thing in the house or gym machine
                        </span>
                        <input
                            type="search"
                            className={inputClass}
                            placeholder="Any name, muscle, purpose, thing in the house or gym machine"
                            value={query}
                            onChange={(event) => setQuery(event.target.value)}
                        />
                    </label>
                    <p className="text-soft num" role="status">
                        {typed
                            ? searched
                                ? said(found.length, nearest.length)
                                : ""
                            : `${families.length} families, ${rungs} steps`}
                    </p>
                    <div className="ml-auto flex items-baseline gap-4">
                        <FileDoor />
                        <Link className="text-water underline" href="/exercises/figures">
                            All figures
                        </Link>
                    </div>
                </div>
                {typed ? (
                    <ol className="max-w-3xl" aria-label={found.length > 0 ? "Found" : "Nearest"}>
                        {shown.map((f) => (
                            <Answer key={f.code} found={f} purpose={families.find((o) => o.code === f.code)?.purpose} />
                        ))}
                    </ol>
                ) : (
                    <div className="columns-[19rem] gap-x-8">
                        {[...new Set(families.map((f) => f.pattern))].map((pattern) => (
                            <section key={pattern} className="mb-4" aria-label={pattern}>
                                <h2 className="border-water mb-1 break-after-avoid border-b-2 text-lg font-bold first-letter:uppercase">
                                    {pattern}
                                </h2>
                                <ul>
                                    {families
                                        .filter((f) => f.pattern === pattern)
                                        .map((f) => (
                                            <Heading key={f.code} family={f} />
                                        ))}
                                </ul>
                            </section>
                        ))}
                    </div>
                )}
            </main>
        </Shell>
    );
}

function said(found: number, nearest: number): string {
    if (found > 0) {
        return found === 1 ? "One family" : `${found} families, the best first`;
    }
    return nearest > 0 ? "Nothing goes by that name; these come nearest" : "Nothing goes by that name";
}

function Answer({ found, purpose }: { found: Found; purpose?: string }) {
    return (
        <li className="border-sand border-t py-2">
            <Link className="font-bold hover:underline" href={`/exercises/${found.code}`}>
                {found.name}
            </Link>{" "}
            <span className="text-soft text-sm">
                {found.pattern}
                {found.why && `; ${found.why}`}
            </span>
            <p className="text-sm">{purpose}</p>
            <p className="text-soft text-sm">{found.rungs.map((r) => r.name).join(" · ")}</p>
        </li>
    );
}

function Heading({ family }: { family: FamilyHeading }) {
    return (
        <li className="mb-1.5 break-inside-avoid">
            <Link className="font-medium hover:underline" href={`/exercises/${family.code}`}>
                {family.name}
            </Link>{" "}
            <span className="text-soft num text-sm">{family.rungs}</span>
            {family.own && <span className="text-water text-sm"> the clinic's own</span>}
            <p className="text-soft text-sm">{family.purpose}</p>
        </li>
    );
}

/** A clinic's own exercise from a file that another clinic saved. */
function FileDoor() {
    const errors = usePage().props.errors as Record<string, string | undefined>;
    return (
        <div className="text-sm">
            <FileButton
                quiet
                label="File with an exercise"
                accept=".json,application/json"
                onFile={(file) => router.post("/own-exercises/import", { file }, { forceFormData: true })}
            >
                add from a file
            </FileButton>
            <FieldError error={errors.file ?? errors.reason} />
        </div>
    );
}
