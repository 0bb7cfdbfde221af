import { usePage } from "@inertiajs/react";
import { useMassUnit } from "@/lib/mass";
import { orNone, useScreenOptions } from "@/lib/options";
import Choice from "@/parts/Choice";
import Field from "@/parts/Field";
import Group from "@/parts/Group";
import MassInput from "@/parts/MassInput";
import Ticks from "@/parts/Ticks";
import { fieldsOf, type Intake } from "./fields";

/** Who this is; of pregnancy and birth is asked only where it can matter. */
export default function Who({ form }: { form: Intake }) {
    const { errors, text, choice } = fieldsOf(form);
    const unit = useMassUnit();
    const offers = useScreenOptions();
    const { me } = usePage().props as unknown as { me: { today: string } };
    // Asked only where it can matter: pregnancy and birth not of men nor past sixty.
    const born = Number(form.data.birth_date.slice(0, 4));
    const past = born > 1900 && Number(me.today.slice(0, 4)) - born > 60;
    const asksBirth =
        (form.data.sex !== "male" && !past) || form.data.due_date !== "" || form.data.birth_given_on !== "";
    return (
        <Group title="Who">
            <Field label="Given name" error={errors.given_name}>
                <input {...text("given_name")} autoComplete="off" />
            </Field>
            <Field label="Family name" error={errors.family_name}>
                <input {...text("family_name")} autoComplete="off" />
            </Field>
            <Field label="Birth date" error={errors.birth_date} hint="year-month-day">
                <input {...text("birth_date")} inputMode="numeric" placeholder="1944-03-02" />
            </Field>
            <Choice label="Sex, for the norms" options={offers.sex} {...choice("sex")} />
            <Field label={`Body mass, ${unit}`} error={errors.body_mass_kg}>
                <MassInput value={form.data.body_mass_kg} onValue={(kg) => form.setData("body_mass_kg", kg)} />
            </Field>
            <Field label="Height, cm" error={errors.height_cm}>
                <input {...text("height_cm")} inputMode="decimal" />
            </Field>
            <Choice
                label="Masses shown in"
                options={orNone(offers.mass_unit, "clinic's unit")}
                {...choice("mass_unit")}
                hint="for this client, from the next save on"
            />
            {asksBirth && (
                <>
                    <Field label="Pregnant: due date" error={errors.due_date} hint="leave empty if not pregnant">
                        <input {...text("due_date")} placeholder="2027-03-15" />
                    </Field>
                    {form.data.due_date !== "" && (
                        <Choice
                            label="Flat on the back"
                            options={offers.supine_school}
                            {...choice("supine_school")}
                            hint="20 weeks unless chosen; the raised version is offered from 16"
                        />
                    )}
                    <Field
                        label="Gave birth on"
                        error={errors.birth_given_on}
                        hint="the latest birth; leave empty if none"
                    >
                        <input {...text("birth_given_on")} placeholder="2026-09-30" />
                    </Field>
                    {form.data.birth_given_on !== "" && (
                        <Choice label="Birth" options={offers.birth_kind} {...choice("birth_kind")} />
                    )}
                    {form.data.birth_given_on !== "" && (
                        <Ticks
                            label="Since the birth"
                            options={offers.birth_symptoms}
                            value={form.data.birth_symptoms}
                            onChange={(birth_symptoms) => form.setData("birth_symptoms", birth_symptoms)}
                        />
                    )}
                </>
            )}
            <Choice label="Training" options={offers.training_level} {...choice("training_level")} />
            {form.data.training_level !== "" && (
                <Field label="Training since" error={errors.training_since}>
                    <input {...text("training_since")} placeholder="2026-10-01" />
                </Field>
            )}
        </Group>
    );
}
