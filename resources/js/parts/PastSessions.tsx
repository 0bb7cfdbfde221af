import { sayDate, sayMoment } from "@/lib/words";
import type { LogProps } from "@/types/props";
import Button from "@/parts/Button";
import { Link, router } from "@inertiajs/react";

/** The sessions so far, newest first: what was done, and what was said of it before it was corrected. */
export default function PastSessions({ clientId, logs }: { clientId: number; logs: LogProps["logs"] }) {
    if (logs.length === 0) {
        return null;
    }
    return (
        <section className="mt-5">
            <h2 className="text-lg font-bold">Sessions so far</h2>
            <ol>
                {logs.map((log) => (
                    <li key={log.id} className="border-sand grid gap-x-4 md:grid-cols-[8rem_1fr] border-t py-2 text-sm">
                        <span className="num">
                            <strong>{sayDate(log.on)}</strong>
                            <span className="text-soft block">
                                pain {log.pain_before ?? "?"} → {log.pain_next_morning ?? "?"}
                                {log.pain_where === null ? "" : `, ${log.pain_where}`}
                            </span>
                            <Link
                                className="text-water inline-block min-h-6 underline"
                                href={`/clients/${clientId}/log?correct=${log.id}`}
                            >
                                correct<span className="sr-only"> the session of {sayDate(log.on)}</span>
                            </Link>
                        </span>
                        <div>
                            {log.stop_sign && (
                                <p className={log.stop_open ? "text-stop font-bold" : "text-soft"}>
                                    <span aria-hidden="true">◆ </span>
                                    {log.stop_sign}
                                    {log.stop_open ? "" : " (cleared)"}
                                </p>
                            )}
                            {log.to_see && (
                                <p className="flex flex-wrap items-center gap-3">
                                    <strong className="text-hold">
                                        <span aria-hidden="true">■ </span>It came from elsewhere.
                                    </strong>
                                    <Button
                                        small
                                        data-next
                                        onClick={() =>
                                            router.post(
                                                `/clients/${clientId}/log/${log.id}/seen`,
                                                {},
                                                { preserveScroll: true },
                                            )
                                        }
                                    >
                                        Looked at<span className="sr-only">: the session of {sayDate(log.on)}</span>
                                    </Button>
                                </p>
                            )}
                            {log.skipped && <p>Called off: {log.skipped}</p>}
                            <ul className="grid gap-x-4 md:grid-cols-2">
                                {log.items.map((item) => (
                                    <li key={item.name}>
                                        {item.name}:{" "}
                                        <span className="text-soft">
                                            {item.says}
                                            {item.seen.length > 0 && `; seen: ${item.seen.join(", ").toLowerCase()}`}
                                            {item.pain === null ? "" : `, pain ${item.pain}`}
                                        </span>
                                    </li>
                                ))}
                            </ul>
                            {log.note && <p className="text-soft">{log.note}</p>}
                            {log.earlier.length > 0 && (
                                <details className="mt-1">
                                    <summary className="text-water min-h-6 cursor-pointer">
                                        {log.corrected > 0 &&
                                            `changed ${log.corrected === 1 ? "once" : `${log.corrected} times`} since it was entered`}
                                        {log.corrected > 0 && log.set_aside > 0 && "; "}
                                        {log.set_aside > 0 && `${log.set_aside} sent again and set aside`}
                                    </summary>
                                    <ul className="text-soft">
                                        {log.earlier.map((v) => (
                                            <li key={v.id}>
                                                Until {sayMoment(v.at)}
                                                {v.counted ? "" : ", never in force"}: {v.says}
                                            </li>
                                        ))}
                                    </ul>
                                </details>
                            )}
                        </div>
                    </li>
                ))}
            </ol>
        </section>
    );
}
