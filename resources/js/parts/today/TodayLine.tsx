import { sayDate } from "@/lib/words";
import Button from "@/parts/Button";
import Mark from "@/parts/Mark";
import PutOffForm from "@/parts/today/PutOffForm";
import type { TodayNeed, TodayRow } from "@/types/props";
import { Link, router } from "@inertiajs/react";

const path = (row: TodayRow): string => `/clients/${row.id}/${row.needs[0]?.stage ?? "plan"}`;

/** Someone who needs the clinician: what for, most urgent first; the line opens the page where it is met. */
export default function TodayLine({
    row,
    index,
    people,
    putting,
    kind,
    onPutOff,
    onAccept,
}: {
    row: TodayRow;
    index: number;
    people: [number, string][];
    putting: boolean;
    /** The need that the list is filtered by. */
    kind: string | null;
    onPutOff: (open: boolean) => void;
    onAccept: () => void;
}) {
    const takeUp = (need: TodayNeed) =>
        router.post(
            `/clients/${row.id}/put-off/end`,
            { kind: need.kind, about: need.about },
            { preserveScroll: true, preserveState: true },
        );
    return (
        <li id={`line-${row.id}`} className="border-sand grid gap-x-3 border-b md:grid-cols-[1fr_11rem]">
            <Link
                id={`row-${index}`}
                href={path(row)}
                className="hover:bg-beach focus:bg-shallow grid grid-cols-[1.4rem_1fr] items-baseline gap-x-3 px-2 py-2.5 md:grid-cols-[1.4rem_12rem_1fr]"
            >
                <Mark name={row.mark} />
                <span>
                    <span className="font-bold">{row.name}</span> <span className="text-soft num">{row.age ?? ""}</span>
                    <span className="text-soft num block text-sm">
                        {row.plan === null ? "no plan" : `plan v${row.plan}`}
                        {row.last === null ? "" : `, last session ${sayDate(row.last)}`}
                    </span>
                </span>
                <span className="col-start-2 md:col-start-auto">
                    {row.needs.map((need, n) => (
                        <span key={n} className={`block ${n > 0 ? "text-soft text-sm" : ""}`}>
                            {n > 0 && <Mark name={need.mark} />} {need.says}
                            {need.until !== null && (
                                <span className="text-soft">
                                    {" "}
                                    Put off until {sayDate(need.until)}: {need.because}
                                </span>
                            )}
                        </span>
                    ))}
                </span>
            </Link>
            <div className="flex flex-wrap items-center gap-x-2 gap-y-1 px-2 py-1.5 md:content-start md:justify-end">
                <select
                    aria-label={`Who looks after ${row.name}`}
                    className="border-soft/60 bg-card min-h-8 max-w-full rounded-md border px-1.5 text-sm"
                    value={row.assigned ?? ""}
                    onChange={(e) =>
                        router.put(
                            `/clients/${row.id}/assigned`,
                            { to: e.target.value },
                            { preserveScroll: true, preserveState: true },
                        )
                    }
                >
                    <option value="">nobody yet</option>
                    {people.map(([id, name]) => (
                        <option key={id} value={id}>
                            {name}
                        </option>
                    ))}
                </select>
                {row.accept && (
                    <Button small onClick={onAccept}>
                        Accept {row.accept.count}{" "}
                        {row.accept.ease
                            ? row.accept.count === 1
                                ? "easing"
                                : "easings"
                            : row.accept.count === 1
                              ? "step"
                              : "steps"}
                        <span className="sr-only"> of {row.name}</span>
                    </Button>
                )}
                {row.needs.some((need) => need.can_wait && need.until === null) && (
                    <Button small tone="quiet" aria-expanded={putting} onClick={() => onPutOff(!putting)}>
                        Put off<span className="sr-only"> {row.name}</span>
                    </Button>
                )}
                {row.needs
                    .filter((need) => need.until !== null)
                    .map((need) => (
                        <Button key={need.about} small tone="quiet" onClick={() => takeUp(need)}>
                            Take up<span className="sr-only"> again: {need.says}</span>
                        </Button>
                    ))}
            </div>
            {putting && <PutOffForm row={row} kind={kind} onDone={() => onPutOff(false)} />}
        </li>
    );
}
