import Field, { inputClass } from "@/parts/Field";
import Options from "@/parts/Options";
import type { LogItemForm, LogProps } from "@/types/props";

type Item = NonNullable<LogProps["plan"]>["items"][number];

/** What was held on to, how many short pauses it took; or what was done in place of the exercise. */
export default function HowDone({
    item,
    row,
    supports,
    errors,
    at,
    onChange,
}: {
    item: Item;
    row: LogItemForm;
    supports: LogProps["supports"];
    errors: Record<string, string | undefined>;
    at: string;
    onChange: (part: Partial<LogItemForm>) => void;
}) {
    if (!row.done) {
        return (
            <details className="text-sm" open={row.instead !== "" ? true : undefined}>
                <summary className="text-water min-h-6 cursor-pointer underline underline-offset-2">
                    Something else in its place<span className="sr-only"> of {item.name}</span>
                </summary>
                <Field label="What was done" error={errors[`${at}.instead`]} className="max-w-md">
                    <input
                        className={inputClass}
                        maxLength={120}
                        value={row.instead}
                        onChange={(e) => onChange({ instead: e.target.value })}
                    />
                </Field>
            </details>
        );
    }
    return (
        <div className="mt-1 flex flex-wrap items-start gap-2">
            <Field
                label="Held on to"
                error={errors[`${at}.support`]}
                hint={`planned: ${item.support}`}
                className="min-w-52"
            >
                <select
                    className={inputClass}
                    aria-label={`${item.name}, held on to`}
                    value={row.support}
                    onChange={(e) => onChange({ support: e.target.value })}
                >
                    <option value="">as planned</option>
                    <Options of={supports} />
                </select>
            </Field>
            <Field label="Short pauses" error={errors[`${at}.pauses`]} hint="of about 5 s, in all" className="w-32">
                <input
                    className={inputClass}
                    inputMode="numeric"
                    aria-label={`${item.name}, short pauses inside the sets`}
                    value={row.pauses}
                    onChange={(e) => onChange({ pauses: e.target.value })}
                />
            </Field>
        </div>
    );
}
