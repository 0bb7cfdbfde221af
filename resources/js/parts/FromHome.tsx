import type { FromHomeData } from "@/types/props";
import { router, usePage } from "@inertiajs/react";
import Button from "./Button";

/** The questions at home: make a link, and take over or leave each answer. */
export default function FromHome({ clientId, intake }: { clientId: number; intake: FromHomeData | null }) {
    const { link } = usePage().props as unknown as { link: string | null };
    const decide = (field: string, accept: boolean) =>
        router.post(`/clients/${clientId}/intake/${intake?.id ?? 0}`, { field, accept }, { preserveScroll: true });
    const open = intake?.rows.filter((r) => r.decided === null) ?? [];
    return (
        <section className="border-sand bg-beach mb-4 rounded-md border p-3" aria-label="From home">
            <div className="flex flex-wrap items-center gap-3">
                <h2 className="font-bold">From home</h2>
                <span className="text-soft text-sm">
                    {intake === null
                        ? "Questions for the client to answer before the visit, in large type."
                        : intake.submitted
                          ? `${open.length} of ${intake.rows.length} answers to look at`
                          : "Link sent; not answered yet."}
                </span>
                <Button
                    small
                    className="ml-auto"
                    onClick={() => router.post(`/clients/${clientId}/intake`, {}, { preserveScroll: true })}
                >
                    Make a link
                </Button>
                <a
                    href={`/clients/${clientId}/clearance-letter`}
                    className="border-water/60 bg-card inline-flex min-h-8 items-center rounded-lg border px-2.5 text-sm font-medium"
                >
                    Clearance letter (PDF)
                </a>
            </div>
            {link && (
                <p className="mt-2 text-sm">
                    Give this to the client; it is shown once and works for 14 days:{" "}
                    <code className="bg-card num rounded px-1 break-all">{link}</code>
                </p>
            )}
            {open.length > 0 && (
                <ul className="mt-2">
                    {open.map((row) => (
                        <li
                            key={row.field}
                            className="border-sand grid items-center gap-x-3 gap-y-1 border-t py-1.5 text-sm md:grid-cols-[1fr_12rem_auto]"
                        >
                            <span>{row.ask}</span>
                            <span>
                                <strong>{row.answer}</strong>{" "}
                                <span className="text-soft">now: {row.now === "" ? "not known" : row.now}</span>
                            </span>
                            <span className="flex gap-1.5">
                                <Button small tone="main" onClick={() => decide(row.field, true)}>
                                    Take over<span className="sr-only">: {row.ask}</span>
                                </Button>
                                <Button small onClick={() => decide(row.field, false)}>
                                    Leave<span className="sr-only">: {row.ask}</span>
                                </Button>
                            </span>
                        </li>
                    ))}
                </ul>
            )}
        </section>
    );
}
