import Field, { inputClass } from "./Field";

/** A new password, twice. */
export default function NewPassword({
    values,
    errors,
    least,
    onChange,
}: {
    values: { password: string; password_confirmation: string };
    errors: Partial<Record<string, string>>;
    least: number;
    onChange: (key: "password" | "password_confirmation", value: string) => void;
}) {
    return (
        <>
            <Field
                label="New password"
                error={errors.password}
                hint={`${least} letters or more; a few words you can remember are best`}
            >
                <input
                    type="password"
                    autoComplete="new-password"
                    className={inputClass}
                    value={values.password}
                    onChange={(e) => onChange("password", e.target.value)}
                />
            </Field>
            <Field label="The same once more">
                <input
                    type="password"
                    autoComplete="new-password"
                    className={inputClass}
                    value={values.password_confirmation}
                    onChange={(e) => onChange("password_confirmation", e.target.value)}
                />
            </Field>
        </>
    );
}
