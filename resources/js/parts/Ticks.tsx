/** Several of a few, each a box of its own. */
export default function Ticks({
    label,
    options,
    value,
    onChange,
}: {
    label: string;
    options: [string, string][];
    value: string[];
    onChange: (value: string[]) => void;
}) {
    return (
        <fieldset>
            <legend className="text-sm font-medium">{label}</legend>
            {options.map(([code, text]) => (
                <label key={code} className="mt-1 flex min-h-6 items-center gap-2 text-sm">
                    <input
                        type="checkbox"
                        className="accent-water size-4.5"
                        checked={value.includes(code)}
                        onChange={(e) =>
                            onChange(e.target.checked ? [...value, code] : value.filter((v) => v !== code))
                        }
                    />
                    {text}
                </label>
            ))}
        </fieldset>
    );
}
