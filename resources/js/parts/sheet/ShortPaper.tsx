import Figure from "@/parts/Figure";
import type { SheetProps } from "@/types/props";
import { amount } from "./DoseLine";
import Marks from "./Marks";

type SheetData = NonNullable<SheetProps["sheet"]>;

/** One page for the fridge door, one for each day that holds its own: who knows the exercises needs no more. */
export default function ShortPaper({ sheet, issued }: { sheet: SheetData; issued: string }) {
    const { words } = sheet;
    return (
        <article
            className="bg-card max-w-3xl rounded-lg p-6 text-[17px] leading-snug print:max-w-none print:bg-white print:p-0 print:text-[16px] print:leading-tight print:text-black"
            aria-label="Short sheet for the client"
        >
            <Marks marks={sheet.marks} />
            <h2 className="text-2xl font-bold">{sheet.title}</h2>
            <p className="text-base">
                {sheet.days_says}. {sheet.version_says}
                {issued}
            </p>
            {sheet.easier.length > 0 && <p className="text-base font-bold">{sheet.easier.join(" ")}</p>}
            {sheet.before.length > 0 && <p className="mt-1 text-base">{sheet.before.join(" ")}</p>}
            {sheet.sessions.map((session, nth) => (
                <div key={session.days.join()} className={nth > 0 ? "print:break-before-page" : ""}>
                    {sheet.sessions.length > 1 && (
                        <h3 className="border-ink mt-3 border-2 px-2 text-lg font-bold">{session.says}</h3>
                    )}
                    {session.parts.map((part, at) => (
                        <section key={`${part.label}.${at}`} aria-label={part.label} className="mt-2">
                            <h3 className="border-ink break-after-avoid border-b font-bold">
                                {part.label}, <span className="num">{part.minutes} min</span>
                            </h3>
                            <p className="break-after-avoid text-base">{part.says.join(" ")}</p>
                            {part.part !== "activation" && (
                                <ul className="print:grid print:grid-cols-2 print:gap-x-4">
                                    {sheet.items
                                        .filter((i) => part.items.includes(i.id))
                                        .map((item) => (
                                            <li
                                                key={item.id}
                                                className="mt-1 flex break-inside-avoid items-center gap-3 print:only:col-span-2 print:gap-2"
                                            >
                                                <Figure
                                                    data={item.figure}
                                                    label={item.name}
                                                    className="h-14 w-32 shrink-0 print:h-12 print:w-20"
                                                />
                                                <span>
                                                    <strong>{item.name}</strong>
                                                    <span className="block">{amount(item, words)}</span>
                                                    <span className="block text-base">
                                                        {words.how_hard}: {item.hard_says}. {item.rest_says}{" "}
                                                        {item.changes.join(" ")}
                                                    </span>
                                                </span>
                                            </li>
                                        ))}
                                </ul>
                            )}
                        </section>
                    ))}
                    {/* Each page for the door says when to stop. */}
                    <p className="border-stop mt-3 break-inside-avoid border-t-4 pt-1 text-base print:border-black">
                        <strong>{sheet.stop.says}:</strong> {sheet.stop.signs.join(", ")}. {words.clinic}:{" "}
                        {sheet.clinic.name} {sheet.clinic.phone}
                    </p>
                </div>
            ))}
        </article>
    );
}
