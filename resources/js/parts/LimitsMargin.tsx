import type { ClientFrame } from "@/types/props";
import { useLit } from "@/lib/lit";
import { Link } from "@inertiajs/react";

/** The right margin: what is coming, and every limit in force with who set it. */
export default function LimitsMargin({ client }: { client: ClientFrame }) {
    const { limit, shapedBy, pointAtLimit } = useLit();
    return (
        <aside aria-label="Limits in force" className="border-sand bg-beach no-print border-l px-4 py-3.5">
            {client.clearance && (
                <p className="border-hold bg-card mb-2.5 rounded-md border-l-4 p-2.5 text-sm">
                    <span aria-hidden="true">■ </span>
                    {client.clearance}
                </p>
            )}
            {client.crossings.slice(0, 2).map((c) => (
                <p key={c.date + c.says} className="border-hold bg-card mb-2.5 rounded-md border-l-4 p-2.5 text-sm">
                    <strong className="block">
                        {c.date} <span className="text-soft font-normal">in {c.days} days</span>
                    </strong>
                    {c.says}
                </p>
            ))}
            <h2 className="mb-1 font-bold">Limits in force</h2>
            <ul>
                {client.limits.map((line) => {
                    const on = limit === line.says || shapedBy.some((says) => line.says.includes(says));
                    return (
                        <li key={line.key} className="border-sand border-b last:border-0">
                            <Link
                                href={`/clients/${client.id}/limits#${line.field}`}
                                onMouseEnter={() => pointAtLimit(line.says)}
                                onMouseLeave={() => pointAtLimit(null)}
                                onFocus={() => pointAtLimit(line.says)}
                                onBlur={() => pointAtLimit(null)}
                                className={`-mx-2 block rounded-md px-2 py-1.5 text-sm ${on ? "bg-card outline-water outline-2" : ""}`}
                            >
                                <span className="block font-medium">{line.title}</span>
                                <span className="text-soft block text-[13px]">{line.by}</span>
                            </Link>
                        </li>
                    );
                })}
            </ul>
            {client.limits.length === 0 && (
                <p className="text-soft text-sm">
                    {client.readable
                        ? "Nothing entered limits this client."
                        : "Not known: the record cannot be read. Until it is put right, take nothing for allowed."}
                </p>
            )}
            <p className="text-soft mt-4 text-xs">
                For licensed clinicians. Local rules and the treating team&apos;s orders come first.
            </p>
        </aside>
    );
}
