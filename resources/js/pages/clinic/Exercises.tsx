import { inputClass } from "@/parts/Field";
import Shell from "@/parts/Shell";
import type { ExercisesProps, FamilyHeading } from "@/types/props";
import { Link } from "@inertiajs/react";
import { useMemo, useState } from "react";

/** The catalogue's contents: every family under its pattern, narrowed as one types. */
export default function Exercises({ families }: ExercisesProps) {
    const [query, setQuery] = useState("");
    const words = query.trim().toLowerCase();
    const shown = useMemo(
        () =>
            families.filter((f) =>
                [f.name, f.pattern, f.purpose, ...f.gym].some((text) => text.toLowerCase().includes(words)),
            ),
        [families, words],
    );
    const patterns = [...new Set(shown.map((f) => f.pattern))];
    const rungs = shown.reduce((n, f) => n + f.rungs, 0);
    return (
        <Shell title="Exercises">
            <main id="work" className="px-5 py-4">
                <div className="mb-3 flex flex-wrap items-end gap-x-6 gap-y-2">
                    <h1 className="text-2xl font-bold">Exercises</h1>
                    <label className="w-96">
                        <span className="sr-only">Find by name, pattern, purpose or gym machine</span>
                        <input
                            className={inputClass}
                            placeholder="Name, pattern, purpose or gym machine"
                            value={query}
                            onChange={(event) => setQuery(event.target.value)}
                        />
                    </label>
                    <p className="text-soft num" role="status">
                        {shown.length} families, {rungs} rungs
                    </p>
                    <Link className="text-water ml-auto underline" href="/exercises/figures">
                        All figures
                    </Link>
                </div>
                <div className="columns-[19rem] gap-x-8">
                    {patterns.map((pattern) => (
                        <section key={pattern} className="mb-4 break-inside-avoid" aria-label={pattern}>
                            <h2 className="border-water mb-1 border-b-2 text-lg font-bold first-letter:uppercase">
                                {pattern}
                            </h2>
                            <ul>
                                {shown
                                    .filter((f) => f.pattern === pattern)
                                    .map((f) => (
                                        <Heading key={f.code} family={f} words={words} />
                                    ))}
                            </ul>
                        </section>
                    ))}
                </div>
                {shown.length === 0 && (
                    <p>
                        Nothing goes by that name. Try a movement (row, rise), a part of the body, or a machine (leg
                        press).
                    </p>
                )}
            </main>
        </Shell>
    );
}

function Heading({ family, words }: { family: FamilyHeading; words: string }) {
    const machine = words === "" ? undefined : family.gym.find((g) => g.includes(words));
    return (
        <li className="mb-1.5">
            <Link className="font-medium hover:underline" href={`/exercises/${family.code}`}>
                {family.name}
            </Link>{" "}
            <span className="text-soft num text-sm">{family.rungs}</span>
            {machine && <span className="text-water text-sm">, at home in place of the {machine}</span>}
            <p className="text-soft text-sm">{family.purpose}</p>
        </li>
    );
}
