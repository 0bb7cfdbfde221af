import Figure from "@/parts/Figure";
import type { SheetItem, SheetProps } from "@/types/props";
import DoseLine from "./DoseLine";
import Marks from "./Marks";
import Ticked from "./Ticked";
import WhenToStop from "./WhenToStop";

type SheetData = NonNullable<SheetProps["sheet"]>;

/** The whole sheet: everything that is needed to do it alone, in the order in which it is done. */
export default function Paper({ sheet, issued }: { sheet: SheetData; issued: string }) {
    const { words } = sheet;
    return (
        <article
            className="bg-card max-w-3xl rounded-lg p-6 text-[19px] leading-normal print:max-w-none print:bg-white print:p-0 print:text-black"
            aria-label="Sheet for the client"
        >
            <Marks marks={sheet.marks} />
            <header className="border-ink mb-4 border-b-2 pb-2">
                <p className="text-base">
                    <strong>{sheet.clinic.name}</strong>
                    {sheet.clinic.address && `, ${sheet.clinic.address}`}
                    {sheet.clinic.phone && `, ${sheet.clinic.phone}`}
                </p>
                <h2 className="text-3xl font-bold">{sheet.title}</h2>
                <p>{sheet.days_says}</p>
                <p className="text-base">
                    {sheet.version_says}
                    {issued}
                </p>
            </header>
            {sheet.easier.map((line) => (
                <p key={line} className="mb-3 font-bold">
                    {line}
                </p>
            ))}
            <Around heading={words.before} lines={sheet.before} />
            {sheet.sessions.map((session, at) => (
                <Session
                    key={session.days.join()}
                    sheet={sheet}
                    session={session}
                    className={at > 0 ? "print:break-before-page" : ""}
                />
            ))}
            <Around heading={words.during} lines={sheet.during} />
            <Around heading={words.after} lines={sheet.after} />
            <Around heading={words.pain} lines={[sheet.pain]} />
            <WhenToStop sheet={sheet} />
            <Ticked sheet={sheet} />
        </article>
    );
}

/** What is done on these days, from the warm-up to the cool-down; where days differ, each is whole by itself. */
function Session({
    sheet,
    session,
    className,
}: {
    sheet: SheetData;
    session: SheetData["sessions"][number];
    className: string;
}) {
    let n = 0;
    return (
        <div className={className}>
            {sheet.sessions.length > 1 && (
                <h3 className="border-ink mt-6 mb-3 rounded-md border-2 px-3 py-1 text-2xl font-bold">
                    {session.says}
                    <span className="num text-lg font-normal">, {session.minutes} min</span>
                </h3>
            )}
            {session.parts.map((part, at) => (
                <section key={`${part.label}.${at}`} aria-label={part.label} className="mb-5">
                    <h3 className="border-ink border-b text-2xl font-bold">
                        {part.label}{" "}
                        <span className="num text-lg font-normal whitespace-nowrap">{part.minutes} min</span>
                    </h3>
                    {part.says.map((line) => (
                        <p key={line} className="font-medium">
                            {line}
                        </p>
                    ))}
                    {part.part !== "activation" && (
                        <ol className="mt-3 space-y-5">
                            {sheet.items
                                .filter((i) => part.items.includes(i.id))
                                .map((item) => (
                                    <li key={item.id} className="clear-both break-inside-avoid">
                                        <Exercise item={item} n={++n} words={sheet.words} />
                                    </li>
                                ))}
                        </ol>
                    )}
                </section>
            ))}
        </div>
    );
}

function Around({ heading, lines }: { heading: string | undefined; lines: string[] }) {
    return lines.length === 0 ? null : (
        <section className="mb-4 break-inside-avoid">
            <h3 className="text-xl font-bold">{heading}</h3>
            <ul className="list-disc pl-6">
                {lines.map((line) => (
                    <li key={line}>{line}</li>
                ))}
            </ul>
        </section>
    );
}

function Exercise({ item, n, words }: { item: SheetItem; n: number; words: Record<string, string> }) {
    return (
        <>
            <h4 className="text-2xl font-bold">
                {n}. {item.name}
            </h4>
            <DoseLine item={item} words={words} />
            <Figure data={item.figure} label={item.name} className="float-right mb-2 ml-4 max-h-[45mm] w-[60mm]" />
            <p>
                {words.how_hard}: <strong>{item.hard_says}</strong> ({item.dose.effort_says}).{" "}
                {[item.rest_says, item.tempo_says, item.pause_says].filter(Boolean).join(" ")}
            </p>
            <p>
                <strong>{words.set_up}:</strong> {item.set_up}
                {item.recipe ? ` ${item.recipe}` : ""}
                {item.own_set_up && (
                    <strong>
                        {" "}
                        {words.for_you}: {item.own_set_up}
                    </strong>
                )}
            </p>
            {item.light_says !== "" && (
                <p>
                    <strong>{item.light_says}</strong>
                </p>
            )}
            {item.changes.length > 0 && (
                <p>
                    <strong>
                        {words.for_you}: {item.changes.join(" ")}
                    </strong>
                </p>
            )}
            {item.note && (
                <p>
                    <strong>{item.note}</strong>
                </p>
            )}
            {item.helper && <p className="font-bold">{item.helper}</p>}
            {item.picture && (
                <p>
                    <strong>{words.picture}:</strong> {item.picture}
                </p>
            )}
            <ul className="list-disc pl-6">
                {item.cues.map((cue) => (
                    <li key={cue}>{cue}</li>
                ))}
            </ul>
            {item.target && (
                <p>
                    <strong>{words.touch}:</strong> {item.target}
                    {item.fade && (
                        <>
                            {" "}
                            <strong>{words.later}:</strong> {item.fade}
                        </>
                    )}
                </p>
            )}
            <p>
                <strong>{words.feel}:</strong> {item.feel}
            </p>
            <p>
                <strong>{words.watch_for}:</strong> {item.mistakes.join(" ")}
            </p>
            <p>
                <strong>{words.too_hard}:</strong> {item.too_hard_if} {item.then_do}
            </p>
            {item.then_ask !== "" && (
                <p>
                    <strong>{words.too_easy}:</strong> {item.too_easy_if} {item.then_ask}
                </p>
            )}
        </>
    );
}
