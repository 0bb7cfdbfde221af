import Options from "@/parts/Options";
import Field, { inputClass } from "./Field";

/** One of a few named things, from a list that drops down. */
export default function SelectField({
    label,
    value,
    options,
    onChange,
}: {
    label: string;
    value: string;
    options: readonly (readonly [string, string])[];
    onChange: (value: string) => void;
}) {
    return (
        <Field label={label}>
            <select className={inputClass} value={value} onChange={(e) => onChange(e.target.value)}>
                <Options of={options} />
            </select>
        </Field>
    );
}
