import { useScreenOptions } from "@/lib/options";
import Choice from "@/parts/Choice";
import Field from "@/parts/Field";
import Group from "@/parts/Group";
import { fieldsOf, type Intake } from "./fields";
import FunctionParts from "./FunctionParts";

/** What they can do, what hurts, and the schools that hang on it. */
export default function Abilities({ form }: { form: Intake }) {
    const { errors, text, choice } = fieldsOf(form);
    const offers = useScreenOptions();
    const asksBone = form.data.conditions.some((c) => c.code === "osteoporosis");
    return (
        <Group title="What they can do">
            <Choice label="Left hand grip" options={offers.grip} {...choice("grip_left")} />
            <Choice label="Right hand grip" options={offers.grip} {...choice("grip_right")} />
            <Choice label="Standing" options={offers.standing} {...choice("standing")} />
            <Choice label="Up from the floor" options={offers.floor_transfer} {...choice("floor_transfer")} />
            <Choice
                label="At home"
                options={offers.home}
                {...choice("home")}
                hint="what is not asked counts as unable"
            />
            <FunctionParts form={form} />
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
                    options={offers.bone_school}
                    {...choice("bone_school")}
                    hint="unless chosen: the clinic's default, else moderate"
                />
            )}
            <Choice
                label="Pain accepted during exercise"
                options={offers.pain_school}
                {...choice("pain_school")}
                hint="unless chosen: 3 when new or fragile, 5 for long-standing joint pain"
            />
        </Group>
    );
}
