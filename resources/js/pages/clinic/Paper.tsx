import { newId } from "@/lib/id";
import { useKept } from "@/lib/kept";
import Button from "@/parts/Button";
import ClientShell from "@/parts/ClientShell";
import { FieldError, inputClass } from "@/parts/Field";
import KeptOffer from "@/parts/KeptOffer";
import LogFile from "@/parts/log/LogFile";
import type { PaperProps } from "@/types/props";
import { Link, router, usePage } from "@inertiajs/react";
import { useState } from "react";

interface Box {
    amounts: string;
    effort: string;
    pain_during: string;
}

interface Column {
    done_on: string;
    pain_before: string;
    pain_next_morning: string;
    note: string;
    boxes: Record<string, Box>;
}

const EMPTY: Box = { amounts: "", effort: "", pain_during: "" };
const MOST = 8;
const newColumn = (): Column => ({ done_on: "", pain_before: "", pain_next_morning: "", note: "", boxes: {} });

/** A paper sheet typed in as it lies on the desk: a column a day, a row an exercise. */
export default function Paper({ client, plan, columns: csv }: PaperProps) {
    const errors = usePage().props.errors as Record<string, string | undefined>;
    const [key] = useState(newId);
    const [columns, setColumns] = useState<Column[]>(() => [newColumn(), newColumn()]);
    const [confirmed, setConfirmed] = useState(false);
    const [busy, setBusy] = useState(false);
    const typed = columns.some((c) => c.done_on !== "" || Object.keys(c.boxes).length > 0);
    const kept = useKept(`${client.id}.paper`, `Paper sheet: ${client.name}`, columns, typed);
    const set = (n: number, part: Partial<Column>) =>
        setColumns((now) => now.map((c, i) => (i === n ? { ...c, ...part } : c)));
    const setBox = (n: number, item: number, part: Partial<Box>) =>
        setColumns((now) =>
            now.map((c, i) =>
                i === n ? { ...c, boxes: { ...c.boxes, [item]: { ...(c.boxes[item] ?? EMPTY), ...part } } } : c,
            ),
        );
    const send = () => {
        const sent = columns.filter((c) => c.done_on !== "" || Object.values(c.boxes).some((b) => b.amounts !== ""));
        router.post(
            `/clients/${client.id}/log/paper`,
            {
                plan_id: plan?.id ?? 0,
                key,
                confirmed,
                sessions: sent.map(({ boxes, ...column }) => ({
                    ...column,
                    items: (plan?.items ?? []).map((item) => ({ item: item.id, ...(boxes[item.id] ?? EMPTY) })),
                })),
            },
            {
                preserveScroll: true,
                onStart: () => setBusy(true),
                onFinish: () => setBusy(false),
                onSuccess: kept.saved,
            },
        );
    };
    const cell = (n: number, at: string) => errors[`sessions.${n}.${at}`];
    return (
        <ClientShell client={client} stage="log">
            <div className="flex flex-wrap items-baseline gap-x-4">
                <h2 className="text-lg font-bold">
                    From a paper sheet{plan === null ? "" : `, on version ${plan.version}`}
                </h2>
                <Link href={`/clients/${client.id}/log`} className="text-water min-h-6 text-sm underline">
                    one session in full
                </Link>
            </div>
            {plan === null ? (
                <p>No plan is issued yet.</p>
            ) : (
                <form
                    noValidate
                    onSubmit={(event) => {
                        event.preventDefault();
                        send();
                    }}
                >
                    <KeptOffer kept={kept} onTake={setColumns} />
                    <p className="text-soft text-sm">
                        In each box the sets as they are written, with spaces: 12 12 10. A red flag on the sheet is not
                        for this table: log that session in full, and call.
                    </p>
                    <div className="mt-2 overflow-x-auto">
                        <table className="w-full min-w-max text-left text-sm">
                            <thead>
                                <tr>
                                    <th scope="col" className="w-56 align-bottom">
                                        Exercise
                                    </th>
                                    {columns.map((column, n) => (
                                        <th key={n} scope="col" className="px-1 font-normal">
                                            <span className="grid grid-cols-2 gap-1">
                                                <input
                                                    placeholder="2026-11-25"
                                                    aria-label={`Day of session ${n + 1}`}
                                                    aria-invalid={cell(n, "done_on") ? true : undefined}
                                                    className={`${inputClass} col-span-2`}
                                                    value={column.done_on}
                                                    onChange={(e) => set(n, { done_on: e.target.value })}
                                                />
                                                <label className="text-xs">
                                                    Pain before
                                                    <input
                                                        className={inputClass}
                                                        inputMode="numeric"
                                                        value={column.pain_before}
                                                        onChange={(e) => set(n, { pain_before: e.target.value })}
                                                    />
                                                </label>
                                                <label className="text-xs">
                                                    next morning
                                                    <input
                                                        className={inputClass}
                                                        inputMode="numeric"
                                                        value={column.pain_next_morning}
                                                        onChange={(e) => set(n, { pain_next_morning: e.target.value })}
                                                    />
                                                </label>
                                            </span>
                                            <FieldError
                                                error={
                                                    cell(n, "done_on") ??
                                                    cell(n, "pain_before") ??
                                                    cell(n, "pain_next_morning")
                                                }
                                            />
                                        </th>
                                    ))}
                                </tr>
                            </thead>
                            <tbody>
                                {plan.items.map((item, i) => (
                                    <tr key={item.id} className="border-sand border-t align-top">
                                        <th scope="row" className="py-1.5 pr-2 font-medium">
                                            {item.name}
                                            <span className="text-soft num block font-normal">
                                                {item.amount}
                                                {item.load === null ? "" : `, ${item.load}`}
                                                {item.sides > 1 ? "; the sides in turn" : ""}
                                            </span>
                                        </th>
                                        {columns.map((column, n) => {
                                            const box = column.boxes[item.id] ?? EMPTY;
                                            const about = `${item.name}, session ${n + 1}`;
                                            return (
                                                <td key={n} className="px-1 py-1.5">
                                                    <span className="grid grid-cols-[7rem_3.2rem_3.2rem] gap-1">
                                                        <input
                                                            aria-label={`${about}, sets`}
                                                            className={inputClass}
                                                            placeholder={item.example}
                                                            value={box.amounts}
                                                            onChange={(e) =>
                                                                setBox(n, item.id, { amounts: e.target.value })
                                                            }
                                                        />
                                                        <input
                                                            aria-label={`${about}, RPE`}
                                                            className={inputClass}
                                                            placeholder="RPE"
                                                            value={box.effort}
                                                            onChange={(e) =>
                                                                setBox(n, item.id, { effort: e.target.value })
                                                            }
                                                        />
                                                        <input
                                                            aria-label={`${about}, pain during`}
                                                            className={inputClass}
                                                            placeholder="pain"
                                                            value={box.pain_during}
                                                            onChange={(e) =>
                                                                setBox(n, item.id, { pain_during: e.target.value })
                                                            }
                                                        />
                                                    </span>
                                                    <FieldError
                                                        error={
                                                            cell(n, `items.${i}.amounts`) ??
                                                            cell(n, `items.${i}.effort`) ??
                                                            cell(n, `items.${i}.pain_during`)
                                                        }
                                                    />
                                                </td>
                                            );
                                        })}
                                    </tr>
                                ))}
                            </tbody>
                        </table>
                    </div>
                    {errors.confirmed && (
                        <label className="mt-2 flex min-h-8 items-start gap-2 text-sm">
                            <input
                                type="checkbox"
                                className="accent-water mt-0.5 size-5 shrink-0"
                                checked={confirmed}
                                onChange={(e) => setConfirmed(e.target.checked)}
                            />
                            <span role="alert">{errors.confirmed}</span>
                        </label>
                    )}
                    <div className="mt-3 flex flex-wrap items-center gap-3">
                        <Button type="submit" tone="main" disabled={busy} data-save>
                            Save these sessions
                        </Button>
                        {columns.length < MOST && (
                            <Button onClick={() => setColumns((now) => [...now, newColumn()])}>Another day</Button>
                        )}
                        <FieldError error={errors.plan_id ?? errors.sessions} />
                    </div>
                </form>
            )}
            <LogFile clientId={client.id} columns={csv} />
        </ClientShell>
    );
}
