import Figure from "@/parts/Figure";
import Shell from "@/parts/Shell";
import type { FamilyProps } from "@/types/props";
import { Link } from "@inertiajs/react";

/** One family, rung by rung, as the catalogue has it: for no client in particular. */
export default function Family({ family }: FamilyProps) {
    return (
        <Shell title={family.name}>
            <main id="work" className="max-w-6xl px-5 py-4">
                <p className="text-soft text-sm">
                    <Link className="underline" href="/exercises">
                        Exercises
                    </Link>{" "}
                    / {family.pattern}
                </p>
                <h1 className="text-2xl font-bold">{family.name}</h1>
                <p>
                    {family.purpose}
                    <span className="text-soft"> To {family.serves.join("; to ")}.</span>
                    {family.gym.length > 0 && (
                        <span className="text-soft"> At home in place of: {family.gym.join(", ")}.</span>
                    )}
                    {family.seated && (
                        <span className="text-soft">
                            {" "}
                            For someone who sits:{" "}
                            <Link className="underline" href={`/exercises/${family.seated.code}`}>
                                {family.seated.name}
                            </Link>
                            .
                        </span>
                    )}
                </p>
                <OwnDoors family={family} />
                <p className="text-soft text-sm">Also called: {family.words.join(", ")}.</p>
                <ol className="mt-3">
                    {family.rungs.map((rung, i) => (
                        <li
                            key={rung.code}
                            className="border-sand grid gap-x-6 gap-y-2 border-t py-3 md:grid-cols-[22rem_minmax(0,1fr)_minmax(0,16rem)]"
                        >
                            <div>
                                <Figure data={rung.figure} label={rung.name} className="h-44 w-88 max-w-full" />
                                {rung.wrong && (
                                    <figure className="border-sand mt-1 flex items-center gap-3 border-t border-dashed pt-1">
                                        <Figure
                                            data={rung.wrong.figure}
                                            label={`Not like this: ${rung.wrong.says}`}
                                            className="h-24 w-32"
                                        />
                                        <figcaption className="text-sm">
                                            <b>✕ Not like this.</b> {rung.wrong.says}
                                        </figcaption>
                                    </figure>
                                )}
                            </div>
                            <div>
                                <h2 className="font-bold">
                                    {i + 1}. {rung.name}
                                </h2>
                                <p className="text-soft text-sm">
                                    {rung.axes && <em>↑ {rung.axes}. </em>}
                                    {rung.step}
                                </p>
                                <p>{rung.set_up}</p>
                                <ul className="list-disc pl-5">
                                    {rung.cues.map((cue) => (
                                        <li key={cue}>{cue}</li>
                                    ))}
                                </ul>
                                <p className="text-sm">
                                    Feel: {rung.feel} Watch for: {rung.mistakes.join(" ")}
                                </p>
                                <Hints rung={rung} />
                                <p className="text-sm">
                                    ▽ Too hard if: {rung.too_hard_if} ▲ Too easy if: {rung.too_easy_if}
                                </p>
                            </div>
                            <dl className="text-sm">
                                <Line term="Needs" lines={rung.equipment.map((e) => e.name)} />
                                <Line term="Helper" lines={rung.helper ? [rung.helper] : []} />
                                <Line term="Asks" lines={rung.demands} />
                                <Line term="Can change" lines={rung.changes} />
                                <Line term="Opens with" lines={rung.opens} />
                                <Line
                                    term="Counts"
                                    lines={[
                                        rung.counts,
                                        `${rung.seconds} s each`,
                                        `${rung.set_up_seconds} s to set up${rung.alone ? "" : ", not alone"}`,
                                    ]}
                                />
                                <Line term="Trains" lines={rung.muscles} />
                            </dl>
                        </li>
                    ))}
                </ol>
            </main>
        </Shell>
    );
}

function Line({ term, lines }: { term: string; lines: string[] }) {
    return lines.length === 0 ? null : (
        <div className="mb-0.5 grid grid-cols-[5.5rem_1fr]">
            <dt className="text-soft">{term}</dt>
            <dd>{lines.join("; ")}</dd>
        </div>
    );
}

/** What helps to teach it: an image, a target, how the aid goes again, and what to look for. */
function Hints({ rung }: { rung: FamilyProps["family"]["rungs"][number] }) {
    return (
        <>
            {rung.picture && <p className="text-sm">Picture it first: {rung.picture}</p>}
            {rung.target && <p className="text-sm">Target: {rung.target}</p>}
            {rung.fade && <p className="text-sm">Then without: {rung.fade}</p>}
            {rung.looks.length > 0 && (
                <details className="text-sm">
                    <summary className="text-water cursor-pointer">What to look for ({rung.looks.length})</summary>
                    <ul className="list-disc pl-5">
                        {rung.looks.map((look) => (
                            <li key={look.sees}>
                                {look.sees}: {look.because} “{look.cue}”
                            </li>
                        ))}
                    </ul>
                </details>
            )}
        </>
    );
}

/** Copy it as the clinic's own, or change, retire and save the one that is. */
function OwnDoors({ family }: FamilyProps) {
    const link = "text-water underline";
    return (
        <p className="my-1 flex flex-wrap items-center gap-x-4 gap-y-1 text-sm">
            {family.copied_from && (
                <strong>
                    The clinic's own, a copy of{" "}
                    <Link className="underline" href={`/exercises/${family.copied_from.code}`}>
                        {family.copied_from.name}
                    </Link>
                </strong>
            )}
            <Link className={link} href={`/exercises/${family.code}/own`}>
                {family.copied_from ? "Change it" : "Copy as the clinic's own"}
            </Link>
            {family.copied_from && (
                <Link
                    className={link}
                    href={`/own-exercises/${family.code}/retire`}
                    method="post"
                    data={{ out: true }}
                    as="button"
                >
                    Take out of use
                </Link>
            )}
            <a className={link} href={`/exercises/${family.code}.json`}>
                Save as a file
            </a>
        </p>
    );
}
