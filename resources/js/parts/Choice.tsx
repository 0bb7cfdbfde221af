import { useId } from "react";
import { FieldError } from "./Field";

/** A few exclusive choices, all in view. Arrow keys move between them, as in any radio group. */
export default function Choice({
    label,
    value,
    options,
    onChange,
    error,
    hint,
}: {
    label: string;
    value: string;
    options: [string, string][];
    onChange: (value: string) => void;
    error?: string | undefined;
    hint?: string;
}) {
    const name = useId();
    return (
        <fieldset>
            <legend className="text-sm font-medium">{label}</legend>
            <div className="mt-1 flex flex-wrap gap-1">
                {options.map(([code, text]) => (
                    <label
                        key={code}
                        className="border-soft/60 bg-card has-checked:bg-ink has-checked:text-paper has-focus-visible:outline-water min-h-9 cursor-pointer rounded-md border px-2.5 py-1.5 text-sm has-focus-visible:outline-3 has-focus-visible:outline-offset-2"
                    >
                        <input
                            type="radio"
                            name={name}
                            value={code}
                            checked={value === code}
                            onChange={() => onChange(code)}
                            className="sr-only"
                        />
                        {text}
                    </label>
                ))}
            </div>
            {hint && <p className="text-soft mt-0.5 text-xs">{hint}</p>}
            <FieldError error={error} />
        </fieldset>
    );
}
