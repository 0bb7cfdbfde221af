import Choice from "@/parts/Choice";
import Field from "@/parts/Field";
import Group from "@/parts/Group";
import { fieldsOf, type Intake } from "./fields";
const GRIP: [string, string][] = [
    ["none", "none"],
    ["weak", "weak"],
    ["fair", "fair"],
    ["full", "full"],
];

/** What they can do, what hurts, and the schools that hang on it. */
export default function Abilities({ form }: { form: Intake }) {
    const { errors, text, choice } = fieldsOf(form);
    const asksBone = form.data.conditions.some((c) => c.code === "osteoporosis");
    return (
        <Group title="What they can do">
            <Choice label="Left hand grip" options={GRIP} {...choice("grip_left")} />
            <Choice label="Right hand grip" options={GRIP} {...choice("grip_right")} />
            <Choice
                label="Standing"
                options={[
                    ["none", "cannot"],
                    ["supported", "with support"],
                    ["free", "free"],
                ]}
                {...choice("standing")}
            />
            <Choice
                label="Up from the floor"
                options={[
                    ["none", "cannot"],
                    ["helped", "with help"],
                    ["alone", "alone"],
                ]}
                {...choice("floor_transfer")}
            />
            <Choice
                label="At home"
                options={[
                    ["alone", "alone"],
                    ["someone_home", "someone there"],
                    ["carer", "carer"],
                ]}
                {...choice("home")}
                hint="what is not asked counts as unable"
            />
            <Field label="Usual pain, 0-10" error={errors.usual_pain}>
                <input {...text("usual_pain")} inputMode="numeric" />
            </Field>
            {!["", "0"].includes(form.data.usual_pain) && (
                <Field label="Where it hurts" error={errors.pain_where}>
                    <input {...text("pain_where")} />
                </Field>
            )}
            {asksBone && (
                <Choice
                    label="Loading fragile bone"
                    options={[
                        ["moderate", "moderate, 8-12"],
                        ["light_many", "light and many"],
                    ]}
                    {...choice("bone_school")}
                    hint="unless chosen: the clinic's default, else moderate"
                />
            )}
            <Choice
                label="Pain accepted during exercise"
                options={[
                    ["none", "none"],
                    ["up_to_3", "up to 3"],
                    ["up_to_5", "up to 5"],
                ]}
                {...choice("pain_school")}
                hint="unless chosen: 3 when new or fragile, 5 for long-standing joint pain"
            />
        </Group>
    );
}
