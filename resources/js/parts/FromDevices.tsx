import type { Reading } from "@/types/props";
import { useEffect, useState } from "react";
import Button from "./Button";

/** What devices sent in the last hour. Only a fresh and plausible reading can be taken over; the rest says why not. */
export default function FromDevices({
    clientId,
    first,
    only,
    use = "use",
    onUse,
}: {
    clientId: number;
    first: Reading[];
    /** Show only readings that have this value. */
    only?: string;
    use?: string;
    onUse: (values: Reading["values"]) => void;
}) {
    const [readings, setReadings] = useState(first);
    useEffect(() => {
        const timer = setInterval(() => {
            fetch(`/clients/${clientId}/readings`, { headers: { Accept: "application/json" } })
                .then((answer) => answer.json() as Promise<{ readings: Reading[] }>)
                .then((found) => setReadings(found.readings))
                .catch(() => undefined);
        }, 4000);
        return () => clearInterval(timer);
    }, [clientId]);
    const shown = only === undefined ? readings : readings.filter((r) => only in r.values);
    if (shown.length === 0) {
        return <p className="text-soft text-sm">No device has sent anything in the last hour.</p>;
    }
    return (
        <ul className="mt-1 flex flex-wrap gap-2" aria-label="From devices">
            {shown.map((r) => (
                <li
                    key={r.id}
                    className={`bg-card rounded-md border px-3 py-1.5 text-sm ${r.usable ? "border-water" : "border-hold border-dashed"}`}
                >
                    <strong>{r.label}</strong> <span className="num">{r.says}</span>{" "}
                    <span className="text-soft">{r.minutes} min ago</span>
                    {r.note && (
                        <span className="text-hold block">
                            <span aria-hidden="true">■ </span>
                            {r.note}
                        </span>
                    )}
                    {r.usable && (
                        <Button small tone="quiet" onClick={() => onUse(r.values)}>
                            {use}
                            <span className="sr-only"> the reading of the {r.label}</span>
                        </Button>
                    )}
                </li>
            ))}
        </ul>
    );
}
