import { useMassUnit } from "@/lib/mass";
import MassInput from "./MassInput";
import type { MeasureTest } from "@/types/props";
import Field, { inputClass } from "./Field";
import StopClock from "./StopClock";
import Trend from "./Trend";

/** What is typed for one test on one side. */
export interface Row {
    test: string;
    side: string | null;
    value: string;
    second_value: string;
    family: string;
    load_kg: string;
    reps: string;
    rir: string;
    not_tested: string;
}

/** One test: how it is done, the boxes and the clock, and what was found last. */
export default function TestRow({
    test,
    rows,
    set,
    errorOf,
}: {
    test: MeasureTest;
    rows: Row[];
    set: (row: Row, part: Partial<Row>) => void;
    errorOf: (row: Row, key: string) => string | undefined;
}) {
    const unit = useMassUnit();
    const setAll = (part: Partial<Row>) => rows.forEach((row) => set(row, part));
    return (
        <section className="border-sand grid gap-x-4 gap-y-2 md:grid-cols-[minmax(0,1fr)_19rem_minmax(0,13rem)] border-b py-3">
            <div>
                <h2 className="font-bold">{test.label}</h2>
                <p className="text-soft text-sm">{test.script}</p>
                <p className="text-soft text-xs">{test.source}</p>
                {test.safety && (
                    <p className="text-hold text-sm font-medium">
                        <span aria-hidden="true">■ </span>
                        {test.safety}
                    </p>
                )}
            </div>
            <div
                className={`grid gap-2 self-start ${test.sides ? "grid-cols-[4.5rem_4.5rem_1fr]" : "grid-cols-[4.5rem_1fr]"}`}
            >
                {rows.map((row) => (
                    <Field
                        key={row.side ?? "one"}
                        label={`${row.side ? `${row.side === "left" ? "Left" : "Right"}, ` : ""}${test.unit}`}
                        error={errorOf(row, "value") ?? errorOf(row, "side")}
                    >
                        <input
                            className={inputClass}
                            inputMode="decimal"
                            data-value
                            data-next
                            aria-label={`${test.label}${row.side ? ` ${row.side}` : ""}, ${test.unit}`}
                            value={row.value}
                            onChange={(e) => set(row, { value: e.target.value })}
                        />
                    </Field>
                ))}
                {test.second && rows[0] && (
                    <Field label={test.second} error={errorOf(rows[0], "second_value")}>
                        <input
                            className={inputClass}
                            inputMode="decimal"
                            data-value
                            aria-label={`${test.label}, ${test.second}`}
                            value={rows[0].second_value}
                            onChange={(e) => rows[0] && set(rows[0], { second_value: e.target.value })}
                        />
                    </Field>
                )}
                {test.takes_load && (
                    <Field label={unit} error={rows[0] && errorOf(rows[0], "load_kg")}>
                        <MassInput
                            data-value
                            aria-label={`${test.label}, load in ${unit}`}
                            value={rows[0]?.load_kg ?? ""}
                            onValue={(load_kg) => setAll({ load_kg })}
                        />
                    </Field>
                )}
                {rows[0] && (
                    <Field label="or not tested, why" error={errorOf(rows[0], "not_tested")}>
                        <input
                            className={inputClass}
                            aria-label={`${test.label} not tested, because`}
                            value={rows[0].not_tested}
                            onChange={(e) => rows[0] && set(rows[0], { not_tested: e.target.value })}
                        />
                    </Field>
                )}
                {test.clock !== "none" && (
                    <div className="col-span-full flex flex-wrap gap-2">
                        {rows.map((row) => (
                            <StopClock
                                key={row.side ?? "one"}
                                kind={test.clock === "count30" ? "count30" : "stopwatch"}
                                label={`${test.label}${row.side ? ` ${row.side}` : ""}`}
                                onResult={(value) => set(row, { value })}
                            />
                        ))}
                    </div>
                )}
            </div>
            <div className="text-sm">
                {test.latest.length === 0 && <p className="text-soft">Not measured yet.</p>}
                {test.latest.map((l) => (
                    <p key={l.side ?? "one"} className="mb-1">
                        <strong className="num">
                            {l.side ? `${l.side} ` : ""}
                            {l.value === null ? "not tested" : `${l.value} ${test.unit}`}
                        </strong>{" "}
                        <span className="text-soft">
                            {l.norm}
                            {l.derived ? `; ${l.derived}` : ""}
                        </span>
                        {l.change && <span className="text-soft block">{l.change}</span>}
                        {l.flag && (
                            <span className="text-hold block">
                                <span aria-hidden="true">■ </span>
                                {l.flag}
                            </span>
                        )}
                    </p>
                ))}
                <Trend test={test} />
                {test.symmetry && test.symmetry.percent < 90 && (
                    <p className={test.symmetry.acts ? "text-hold" : "text-soft"}>{test.symmetry.says}</p>
                )}
            </div>
        </section>
    );
}
