import { inputClass } from "@/parts/Field";
import type { ScreenForm } from "@/types/props";
import type { InertiaFormProps } from "@inertiajs/react";

export type Intake = InertiaFormProps<ScreenForm>;

/** What ties a control to a field of the intake: its value, its change, its error. */
export function fieldsOf(form: Intake) {
    const errors = form.errors as Record<string, string | undefined>;
    return {
        errors,
        text: (key: keyof ScreenForm) => ({
            value: form.data[key] as string,
            onChange: (e: { target: { value: string } }) => form.setData(key, e.target.value),
            className: inputClass,
        }),
        choice: (key: keyof ScreenForm) => ({
            value: form.data[key] as string,
            onChange: (value: string) => form.setData(key, value),
            error: errors[key],
        }),
    };
}
