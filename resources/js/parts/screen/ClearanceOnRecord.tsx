import Field, { inputClass } from "@/parts/Field";
import Group from "@/parts/Group";
import type { ScreenForm } from "@/types/props";
import { fieldsOf, type Intake } from "./fields";

/** Who cleared exercise, when, until when, with which restrictions. */
export default function ClearanceOnRecord({ form }: { form: Intake }) {
    const { errors } = fieldsOf(form);
    const clearance = (key: keyof ScreenForm["clearance"]) => ({
        value: form.data.clearance[key],
        onChange: (e: { target: { value: string } }) =>
            form.setData("clearance", { ...form.data.clearance, [key]: e.target.value }),
        className: inputClass,
    });
    return (
        <Group title="Clearance on record">
            <Field
                label="Given by"
                error={errors["clearance.given_by"]}
                hint="who cleared exercise; empty if nobody yet"
            >
                <input {...clearance("given_by")} />
            </Field>
            <Field label="On" error={errors["clearance.given_on"]}>
                <input {...clearance("given_on")} placeholder="2026-11-20" />
            </Field>
            <Field label="Until" error={errors["clearance.until"]}>
                <input {...clearance("until")} />
            </Field>
            <Field label="Restrictions" error={errors["clearance.restrictions"]}>
                <input {...clearance("restrictions")} />
            </Field>
        </Group>
    );
}
