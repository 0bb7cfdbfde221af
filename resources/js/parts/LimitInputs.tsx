import Options from "@/parts/Options";
import { useMassUnit } from "@/lib/mass";
import type { LimitsProps, TypedLimit } from "@/types/props";
import Field, { inputClass } from "./Field";
import MassInput from "./MassInput";

/** One limit as it is typed: what it limits, to which figure or word, and for which part of the body. */
export default function LimitInputs({
    limit,
    onLimit,
    errors,
    fields,
    parts,
}: {
    limit: TypedLimit;
    onLimit: (change: Partial<TypedLimit>) => void;
    errors: Partial<Record<keyof TypedLimit, string>>;
    fields: LimitsProps["own_fields"];
    parts: LimitsProps["own_parts"];
}) {
    const unit = useMassUnit();
    const chosen = fields.find((f) => f.code === limit.field);
    const value = {
        className: inputClass,
        value: limit.value,
        onChange: (e: { target: { value: string } }) => onLimit({ value: e.target.value }),
    };
    return (
        <>
            <Field label="What to limit" error={errors.field}>
                <select
                    className={inputClass}
                    value={limit.field}
                    onChange={(e) => onLimit({ field: e.target.value, value: "" })}
                >
                    <option value="">choose</option>
                    {fields.map((f) => (
                        <option key={f.code} value={f.code}>
                            {f.label}
                        </option>
                    ))}
                </select>
            </Field>
            <Field label={chosen?.mass ? `To, ${unit}` : "To"} error={errors.value}>
                {chosen && chosen.words.length > 0 ? (
                    <select {...value}>
                        <option value="">choose</option>
                        <Options of={chosen.words} />
                    </select>
                ) : chosen?.mass ? (
                    <MassInput value={limit.value} onValue={(typed) => onLimit({ value: typed })} />
                ) : (
                    <input {...value} inputMode="numeric" />
                )}
            </Field>
            <Field label="For" error={errors.part}>
                <select className={inputClass} value={limit.part} onChange={(e) => onLimit({ part: e.target.value })}>
                    <Options of={parts} />
                </select>
            </Field>
        </>
    );
}
