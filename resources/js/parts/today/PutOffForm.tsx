import { sayDate } from "@/lib/words";
import Button from "@/parts/Button";
import Field, { inputClass } from "@/parts/Field";
import Options from "@/parts/Options";
import type { Shared, TodayRow } from "@/types/props";
import { router, usePage } from "@inertiajs/react";
import { useEffect, useRef, useState } from "react";

/** A week from the clinic's day, as a date field holds it. */
const inAWeek = (today: string): string => {
    const day = new Date(`${today}T00:00:00Z`);
    day.setUTCDate(day.getUTCDate() + 7);
    return day.toISOString().slice(0, 10);
};

/** One need of a line, put off to a day, for a reason. */
export default function PutOffForm({ row, kind, onDone }: { row: TodayRow; kind: string | null; onDone: () => void }) {
    const { me, errors } = usePage().props as unknown as Shared & { errors: Record<string, string | undefined> };
    const able = row.needs.filter((need) => need.can_wait && need.until === null);
    const [about, setAbout] = useState((able.find((need) => need.kind === kind) ?? able[0])?.about ?? "");
    const [until, setUntil] = useState(inAWeek(me?.today ?? ""));
    const [reason, setReason] = useState("");
    const [busy, setBusy] = useState(false);
    const why = useRef<HTMLInputElement>(null);
    useEffect(() => why.current?.focus(), []);
    const chosen = able.find((need) => need.about === about) ?? able[0];
    if (!chosen) {
        return null;
    }
    return (
        <form
            noValidate
            aria-label={`Put off: ${row.name}`}
            className="bg-beach col-span-full flex flex-wrap items-start gap-3 rounded-md p-3"
            onSubmit={(event) => {
                event.preventDefault();
                router.post(
                    `/clients/${row.id}/put-off`,
                    { kind: chosen.kind, about: chosen.about, until, reason },
                    {
                        preserveScroll: true,
                        onStart: () => setBusy(true),
                        onFinish: () => setBusy(false),
                        onSuccess: onDone,
                    },
                );
            }}
        >
            {able.length > 1 && (
                <Field label="What" className="min-w-52 flex-1">
                    <select className={inputClass} value={chosen.about} onChange={(e) => setAbout(e.target.value)}>
                        <Options of={able.map((need) => [need.about, need.says] as const)} />
                    </select>
                </Field>
            )}
            <Field label="Until" error={errors.until ?? errors.kind}>
                <input className={inputClass} value={until} onChange={(e) => setUntil(e.target.value)} />
            </Field>
            <Field label="Why" error={errors.reason} className="min-w-52 flex-1">
                <input
                    ref={why}
                    className={inputClass}
                    maxLength={300}
                    value={reason}
                    onChange={(e) => setReason(e.target.value)}
                />
            </Field>
            <span className="mt-6 flex gap-2">
                <Button type="submit" tone="main" disabled={busy}>
                    Put off
                </Button>
                <Button onClick={onDone}>Cancel</Button>
            </span>
            {able.length === 1 && (
                <p className="text-soft w-full text-sm">
                    {chosen.says} It is back on {sayDate(until)}, or when it says something else.
                </p>
            )}
        </form>
    );
}
