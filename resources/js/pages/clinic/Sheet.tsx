import { dayList, sayDate } from "@/lib/words";
import Button from "@/parts/Button";
import ClientShell from "@/parts/ClientShell";
import Figure from "@/parts/Figure";
import type { SheetProps } from "@/types/props";
import { Link } from "@inertiajs/react";

const rounds = (structure: string): string =>
    structure === "circuit"
        ? "Go through the list once, then again for the next set."
        : "Finish all sets of one exercise before the next.";

/** What may not be handed out says so on the paper itself, at its head and on every page. */
function SheetMarks({ sheet }: { sheet: NonNullable<SheetProps["sheet"]> }) {
    const marks = [
        ...(sheet.stopped.length > 0
            ? [["DO NOT START", "a warning sign is open; your clinic has to look at it first"] as const]
            : []),
        ...(sheet.status === "draft" ? [["DRAFT", "not issued; not to be used"] as const] : []),
        ...(sheet.status === "superseded" || sheet.breaches.length > 0
            ? [["OUT OF DATE", "it no longer fits today’s limits; not to be used"] as const]
            : []),
    ];
    if (marks.length === 0) {
        return null;
    }
    return (
        <>
            {marks.map(([mark, says]) => (
                <p
                    key={mark}
                    className="border-stop text-stop mb-3 rounded-md border-4 px-4 py-2 print:border-black print:text-black"
                >
                    <strong className="text-2xl tracking-wide">
                        <span aria-hidden="true">◆ </span>
                        {mark}
                    </strong>
                    : {says}.
                </p>
            ))}
            <p aria-hidden="true" className="on-every-page">
                {marks.map(([mark]) => mark).join(" · ")}
            </p>
        </>
    );
}

/** The page the client takes home. What is on screen is what is printed, with nothing around it. */
export default function Sheet({ client, sheet }: SheetProps) {
    if (sheet === null) {
        return (
            <ClientShell client={client} stage="sheet">
                <p>
                    There is no plan to print yet.{" "}
                    <Link className="underline" href={`/clients/${client.id}/plan`}>
                        Draft one first.
                    </Link>
                </p>
            </ClientShell>
        );
    }
    return (
        <ClientShell client={client} stage="sheet">
            <div className="no-print mb-3 flex items-center gap-4">
                <Button tone="main" onClick={() => window.print()}>
                    Print
                </Button>
                {sheet.status === "draft" && (
                    <p className="text-hold">
                        <span aria-hidden="true">■ </span>This is a draft: issue it before you hand it out.
                    </p>
                )}
            </div>
            {sheet.breaches.length > 0 && (
                <div role="alert" className="no-print border-stop bg-card mb-3 rounded-md border-l-4 p-2.5">
                    <p className="text-stop font-bold">
                        <span aria-hidden="true">◆ </span>Do not hand this out: it no longer fits today&apos;s limits.
                    </p>
                    <ul className="text-sm">
                        {sheet.breaches.map((b) => (
                            <li key={b}>{b}</li>
                        ))}
                    </ul>
                    <Link className="text-water text-sm underline" href={`/clients/${client.id}/plan`}>
                        Bring the plan up to today
                    </Link>
                </div>
            )}
            <article
                className="bg-card max-w-3xl rounded-lg p-6 text-[19px] leading-normal print:max-w-none print:bg-white print:p-0 print:text-black"
                aria-label="Sheet for the client"
            >
                <SheetMarks sheet={sheet} />
                <header className="border-ink mb-4 border-b-2 pb-2">
                    <h2 className="text-3xl font-bold">Exercises for {client.name}</h2>
                    <p>
                        {dayList(sheet.days)}. {rounds(sheet.structure)}
                    </p>
                    <p className="text-base">
                        Version {sheet.version}
                        {sheet.issued_on ? `, ${sayDate(sheet.issued_on)}` : ""}
                    </p>
                </header>
                {(sheet.watches.length > 0 || sheet.breathe_out) && (
                    <p className="mb-4 font-medium">
                        {sheet.watches.includes("bp before") && "Take your blood pressure before you start. "}
                        {sheet.breathe_out && "Breathe out on the effort and count aloud. Never hold your breath."}
                    </p>
                )}
                <ol className="space-y-5">
                    {sheet.items.map((item, i) => (
                        <li key={item.id} className="clear-both break-inside-avoid">
                            <h3 className="text-2xl font-bold">
                                {i + 1}. {item.name}
                            </h3>
                            <p className="bg-shallow my-1.5 rounded-md px-3 py-1.5 text-2xl font-bold print:border print:border-black print:bg-white">
                                {item.dose.amount}
                                {item.dose.kind === "reps" ? " times" : ""}
                                {item.dose.held ? `, ${item.dose.held}` : ""}
                                {item.sides ? `, ${item.sides}` : ""}
                                {item.dose.load ? ` · ${item.dose.load}` : ""}
                            </p>
                            <Figure
                                data={item.figure}
                                label={item.name}
                                className="float-right mb-2 ml-4 max-h-[45mm] w-[60mm]"
                            />
                            <p>
                                How hard: <strong>{item.dose.effort} of 10</strong> ({item.dose.effort_says}).
                                {item.dose.sets > 1 && ` Rest ${item.dose.rest_s} seconds between.`}
                                {item.dose.tempo_says && ` Each time: ${item.dose.tempo_says}.`}
                                {item.dose.pause_s !== null &&
                                    ` When it gets hard, rest ${item.dose.pause_s} seconds and go on.`}
                            </p>
                            <p>
                                <strong>Set up:</strong> {item.set_up}
                                {item.recipe ? ` ${item.recipe}` : ""}
                                {item.own_set_up && <strong> For you: {item.own_set_up}</strong>}
                            </p>
                            {item.light && (
                                <p>
                                    <strong>On {dayList(item.light.days)}, lighter:</strong> {item.light.dose.amount}
                                    {item.light.dose.load ? ` · ${item.light.dose.load}` : ""}, {item.light.dose.effort}{" "}
                                    of 10.{item.light.recipe ? ` ${item.light.recipe}.` : ""}
                                </p>
                            )}
                            {item.changes.length > 0 && (
                                <p>
                                    <strong>For you: {item.changes.join(" ")}</strong>
                                </p>
                            )}
                            {item.helper && <p className="font-bold">{item.helper}</p>}
                            {item.picture && (
                                <p>
                                    <strong>Picture it first:</strong> {item.picture}
                                </p>
                            )}
                            <ul className="list-disc pl-6">
                                {item.cues.map((cue) => (
                                    <li key={cue}>{cue}</li>
                                ))}
                            </ul>
                            {item.target && (
                                <p>
                                    <strong>Touch:</strong> {item.target}
                                    {item.fade && (
                                        <>
                                            {" "}
                                            <strong>Later:</strong> {item.fade}
                                        </>
                                    )}
                                </p>
                            )}
                            <p>
                                <strong>You should feel:</strong> {item.feel}
                            </p>
                            <p>
                                <strong>Watch for:</strong> {item.mistakes.join(" ")}
                            </p>
                            <p>
                                <strong>Too hard if:</strong> {item.too_hard_if}{" "}
                                {item.easier ? `Then do: ${item.easier}.` : "Then rest, and tell us."}
                            </p>
                        </li>
                    ))}
                </ol>
                <section className="border-stop mt-6 break-inside-avoid rounded-md border-3 p-4">
                    <h3 className="text-2xl font-bold">
                        <span aria-hidden="true">◆ </span>Stop and call if you have
                    </h3>
                    <p>{sheet.stop_signs.join(", ")}.</p>
                    <p className="mt-1">
                        Emergency: your local emergency number. Otherwise your clinic:{" "}
                        <span className="inline-block w-52 border-b-2 border-dotted border-current" />
                    </p>
                </section>
            </article>
        </ClientShell>
    );
}
