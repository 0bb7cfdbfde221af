import Field, { inputClass } from "@/parts/Field";
import type { TodayFilter, TodayProps } from "@/types/props";
import { router } from "@inertiajs/react";

const WHOSE: [string, string][] = [
    ["everyone", "everyone"],
    ["mine", "assigned to me"],
    ["nobodys", "assigned to nobody"],
];

/** What of the list is shown. What a filter hides is said beside it. */
export default function TodayFilters({
    filter,
    kinds,
    hidden,
    putOff,
}: {
    filter: TodayFilter;
    kinds: TodayProps["kinds"];
    hidden: string | null;
    putOff: number;
}) {
    const show = (part: Partial<TodayFilter>) => {
        const next = { ...filter, ...part };
        router.get(
            "/",
            {
                ...(next.kind === null ? {} : { kind: next.kind }),
                ...(next.whose === "everyone" ? {} : { whose: next.whose }),
                ...(next.put_off ? { put_off: 1 } : {}),
            },
            { preserveState: true, preserveScroll: true, replace: true },
        );
    };
    const chosen = filter.kind !== null && !kinds.some(([kind]) => kind === filter.kind) ? filter.kind : null;
    return (
        <div className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-2 text-sm">
            <Field label="Which need">
                <select
                    className={inputClass}
                    value={filter.kind ?? ""}
                    onChange={(e) => show({ kind: e.target.value === "" ? null : e.target.value })}
                >
                    <option value="">all</option>
                    {kinds.map(([kind, label, count]) => (
                        <option key={kind} value={kind}>
                            {label} ({count})
                        </option>
                    ))}
                    {chosen && <option value={chosen}>nobody any more</option>}
                </select>
            </Field>
            <Field label="Whose clients">
                <select className={inputClass} value={filter.whose} onChange={(e) => show({ whose: e.target.value })}>
                    {WHOSE.map(([value, label]) => (
                        <option key={value} value={value}>
                            {label}
                        </option>
                    ))}
                </select>
            </Field>
            {(putOff > 0 || filter.put_off) && (
                <label className="flex min-h-9 items-center gap-2">
                    <input
                        type="checkbox"
                        className="accent-water size-5"
                        checked={filter.put_off}
                        onChange={(e) => show({ put_off: e.target.checked })}
                    />
                    with what is put off ({putOff})
                </label>
            )}
            {hidden && (
                <p role="status" className="border-hold min-h-9 border-l-4 py-1.5 pl-2 font-medium">
                    <span aria-hidden="true">■ </span>
                    {hidden}
                </p>
            )}
        </div>
    );
}
