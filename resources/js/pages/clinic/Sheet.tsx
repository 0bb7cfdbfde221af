import { sayDate } from "@/lib/words";
import Button from "@/parts/Button";
import ClientShell from "@/parts/ClientShell";
import AtHome, { HomeOnPaper } from "@/parts/sheet/AtHome";
import Paper from "@/parts/sheet/Paper";
import ShortPaper from "@/parts/sheet/ShortPaper";
import type { SheetProps } from "@/types/props";
import { Link } from "@inertiajs/react";
import { useState } from "react";

/** The page the client takes home. What is on screen is what is printed, with nothing around it. */
export default function Sheet({ client, sheet, home }: SheetProps) {
    const [short, setShort] = useState(false);
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
    const issued = sheet.issued_on === null ? "" : `, ${sayDate(sheet.issued_on)}`;
    return (
        <ClientShell client={client} stage="sheet">
            <div className="no-print mb-3 flex flex-wrap items-center gap-3">
                <Button tone="main" onClick={() => window.print()}>
                    Print
                </Button>
                <a
                    data-next
                    className="border-water/60 bg-card inline-flex min-h-10 items-center rounded-lg border px-4 font-medium"
                    href={`/clients/${client.id}/sheet.pdf`}
                >
                    As PDF
                </a>
                <Button aria-pressed={short} onClick={() => setShort(!short)}>
                    {short ? "The whole sheet" : sheet.sessions.length > 1 ? "One page a day" : "On one page"}
                </Button>
                {sheet.status === "draft" && (
                    <p className="text-hold">
                        <span aria-hidden="true">■ </span>This is a draft: issue it before you hand it out.
                    </p>
                )}
                {(sheet.clinic.phone === null || sheet.clinic.emergency === null) && (
                    <p className="text-hold">
                        <span aria-hidden="true">■ </span>The clinic&apos;s telephone is not on it yet: the lead enters
                        it in the Rulebook.
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
            {short ? <ShortPaper sheet={sheet} issued={issued} /> : <Paper sheet={sheet} issued={issued} />}
            {home !== null && sheet.status === "issued" && (
                <div className="bg-card max-w-3xl rounded-b-lg px-6 pb-6 print:bg-white print:p-0 print:text-black">
                    <HomeOnPaper home={home} />
                </div>
            )}
            <AtHome key={home?.code ?? ""} clientId={client.id} home={home} issued={sheet.status === "issued"} />
        </ClientShell>
    );
}
