import { useMassUnit } from "@/lib/mass";
import MassInput from "@/parts/MassInput";
import Button from "@/parts/Button";
import Group from "@/parts/Group";
import Ticks from "@/parts/Ticks";
import Choice from "@/parts/Choice";
import ClientShell from "@/parts/ClientShell";
import ConditionPicker from "@/parts/ConditionPicker";
import FromHome from "@/parts/FromHome";
import Field, { FieldError, inputClass } from "@/parts/Field";
import Shell from "@/parts/Shell";
import { dayName } from "@/lib/words";
import type { ScreenForm, ScreenProps } from "@/types/props";
import { useForm, usePage } from "@inertiajs/react";

const USUAL: [keyof ScreenForm["usual"], string][] = [
    ["sbp", "Usual upper pressure, mmHg"],
    ["dbp", "Usual lower pressure, mmHg"],
    ["heart_rate", "Usual resting heart rate"],
    ["spo2", "Usual saturation, %"],
    ["weight_kg", "Usual weight"],
];

const GRIP: [string, string][] = [
    ["none", "none"],
    ["weak", "weak"],
    ["fair", "fair"],
    ["full", "full"],
];

export default function Screen({ client, from_home, form: initial, known }: ScreenProps) {
    const form = useForm<ScreenForm>(initial);
    const errors = form.errors as Record<string, string | undefined>;
    const unit = useMassUnit();
    const { me } = usePage().props as unknown as { me: { today: string } };
    const text = (key: keyof ScreenForm) => ({
        value: form.data[key] as string,
        onChange: (e: { target: { value: string } }) => form.setData(key, e.target.value),
        className: inputClass,
    });
    const choice = (key: keyof ScreenForm) => ({
        value: form.data[key] as string,
        onChange: (value: string) => form.setData(key, value),
        error: errors[key],
    });
    const clearance = (key: keyof ScreenForm["clearance"]) => ({
        value: form.data.clearance[key],
        onChange: (e: { target: { value: string } }) =>
            form.setData("clearance", { ...form.data.clearance, [key]: e.target.value }),
        className: inputClass,
    });
    const wrongs = Object.keys(errors).length;
    // Asked only where it can matter: pregnancy and birth not of men nor past sixty, the bone school not without fragile bone.
    const born = Number(form.data.birth_date.slice(0, 4));
    const past = born > 1900 && Number(me.today.slice(0, 4)) - born > 60;
    const asksBirth =
        (form.data.sex !== "male" && !past) || form.data.due_date !== "" || form.data.birth_given_on !== "";
    const asksBone = form.data.conditions.some((c) => c.code === "osteoporosis");
    const body = (
        <form
            noValidate
            className="grid items-start gap-x-6 gap-y-5 lg:grid-cols-2"
            onSubmit={(event) => {
                event.preventDefault();
                const options = { preserveScroll: true };
                if (client) {
                    form.put(`/clients/${client.id}/screen`, options);
                } else {
                    form.post("/clients", options);
                }
            }}
        >
            <div className="space-y-5">
                {" "}
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
                    <Choice
                        label="Sex, for the norms"
                        options={[
                            ["female", "female"],
                            ["male", "male"],
                            ["other", "other"],
                        ]}
                        {...choice("sex")}
                    />
                    <Field label={`Body mass, ${unit.name}`} error={errors.body_mass_kg}>
                        <MassInput value={form.data.body_mass_kg} onValue={(kg) => form.setData("body_mass_kg", kg)} />
                    </Field>
                    <Field label="Height, cm" error={errors.height_cm}>
                        <input {...text("height_cm")} inputMode="decimal" />
                    </Field>
                    <Choice
                        label="Masses shown in"
                        options={[
                            ["", "clinic's unit"],
                            ["kg", "kg"],
                            ["lb", "lb"],
                        ]}
                        {...choice("mass_unit")}
                        hint="for this client, from the next save on"
                    />
                    {asksBirth && (
                        <>
                            <Field
                                label="Pregnant: due date"
                                error={errors.due_date}
                                hint="leave empty if not pregnant"
                            >
                                <input {...text("due_date")} placeholder="2027-03-15" />
                            </Field>
                            {form.data.due_date !== "" && (
                                <Choice
                                    label="Flat on the back: out from"
                                    options={[
                                        ["from_16", "16 weeks"],
                                        ["from_20", "20 weeks"],
                                    ]}
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
                                <Choice
                                    label="Birth"
                                    options={[
                                        ["vaginal", "vaginal"],
                                        ["caesarean", "caesarean"],
                                    ]}
                                    {...choice("birth_kind")}
                                />
                            )}
                            {form.data.birth_given_on !== "" && (
                                <Ticks
                                    label="Since the birth"
                                    options={[
                                        ["heaviness", "heaviness"],
                                        ["leaking", "leaking"],
                                        ["doming", "doming"],
                                        ["pain", "pain"],
                                        ["symptom_free_screen", "screened, symptom-free"],
                                    ]}
                                    value={form.data.birth_symptoms}
                                    onChange={(birth_symptoms) => form.setData("birth_symptoms", birth_symptoms)}
                                />
                            )}
                        </>
                    )}
                    <Choice
                        label="Training"
                        options={[
                            ["new", "new to it"],
                            ["returning", "returning"],
                            ["trained", "trained"],
                        ]}
                        {...choice("training_level")}
                    />
                    {form.data.training_level !== "" && (
                        <Field label="Training since" error={errors.training_since}>
                            <input {...text("training_since")} placeholder="2026-10-01" />
                        </Field>
                    )}
                </Group>
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
            </div>
            <div className="space-y-5">
                {" "}
                <div>
                    <h2 className="mb-2 text-lg font-bold">Conditions</h2>
                    <ConditionPicker
                        known={known}
                        value={form.data.conditions}
                        errors={errors}
                        onChange={(conditions) => form.setData("conditions", conditions)}
                    />
                </div>
                <Group title="Medicines and usual values">
                    <Ticks
                        label="Medicines that matter here"
                        options={[
                            ["beta blocker", "beta blocker"],
                            ["anticoagulant", "anticoagulant"],
                            ["insulin", "insulin"],
                            ["sulfonylurea", "sulfonylurea"],
                            ["glinide", "glinide"],
                        ]}
                        value={form.data.medicines}
                        onChange={(medicines) => form.setData("medicines", medicines)}
                    />
                    <Ticks
                        label="Skin that cannot feel"
                        options={[
                            ["left foot", "left foot"],
                            ["right foot", "right foot"],
                            ["seat", "seat"],
                            ["left hand", "left hand"],
                            ["right hand", "right hand"],
                        ]}
                        value={form.data.insensate}
                        onChange={(insensate) => form.setData("insensate", insensate)}
                    />
                    {USUAL.map(([key, label]) => (
                        <Field
                            key={key}
                            label={key === "weight_kg" ? `${label}, ${unit.name}` : label}
                            error={errors[`usual.${key}`]}
                        >
                            {key === "weight_kg" ? (
                                <MassInput
                                    value={form.data.usual.weight_kg}
                                    onValue={(weight_kg) => form.setData("usual", { ...form.data.usual, weight_kg })}
                                />
                            ) : (
                                <input
                                    className={inputClass}
                                    inputMode="decimal"
                                    value={form.data.usual[key]}
                                    onChange={(e) =>
                                        form.setData("usual", { ...form.data.usual, [key]: e.target.value })
                                    }
                                />
                            )}
                        </Field>
                    ))}
                </Group>
                <Group title="What is realistic">
                    <fieldset className="col-span-2">
                        <legend className="text-sm font-medium">Days</legend>
                        <div className="mt-1 flex gap-1">
                            {[1, 2, 3, 4, 5, 6, 7].map((day) => (
                                <label
                                    key={day}
                                    className="border-soft/60 bg-card has-checked:bg-ink has-checked:text-paper has-focus-visible:outline-water cursor-pointer rounded-md border px-2.5 py-1.5 text-sm has-focus-visible:outline-3 has-focus-visible:outline-offset-2"
                                >
                                    <input
                                        type="checkbox"
                                        className="sr-only"
                                        checked={form.data.days.includes(day)}
                                        onChange={(e) =>
                                            form.setData(
                                                "days",
                                                e.target.checked
                                                    ? [...form.data.days, day].sort()
                                                    : form.data.days.filter((d) => d !== day),
                                            )
                                        }
                                    />
                                    {dayName(day)}
                                </label>
                            ))}
                        </div>
                        <FieldError error={errors.days} />
                    </fieldset>
                    <Field label="Minutes a session" error={errors.minutes}>
                        <input {...text("minutes")} inputMode="numeric" />
                    </Field>
                    <Choice
                        label="Aim"
                        options={[
                            ["strength", "strength"],
                            ["endurance", "endurance"],
                            ["learn", "learn"],
                        ]}
                        {...choice("aim")}
                    />
                    <Choice
                        label="Structure"
                        options={[
                            ["circuit", "circuit"],
                            ["straight", "straight sets"],
                        ]}
                        {...choice("structure")}
                        hint="in a circuit one region rests while another works"
                    />
                    <Field label="What they want to do again" error={errors.wants}>
                        <input {...text("wants")} placeholder="carry the shopping in" />
                    </Field>
                </Group>
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
            </div>{" "}
            <div className="border-sand bg-paper sticky bottom-0 flex items-center gap-4 border-t py-3 lg:col-span-2">
                <Button tone="main" type="submit" disabled={form.processing}>
                    {client ? "Save screen" : "Save and measure"}
                </Button>
                {wrongs > 0 && (
                    <p role="alert" className="text-stop text-sm">
                        {wrongs === 1 ? "One field needs another value." : `${wrongs} fields need another value.`}{" "}
                        Nothing was saved; what you typed is still here.
                    </p>
                )}
                {wrongs === 0 && form.isDirty && <p className="text-soft text-sm">Not saved yet.</p>}
            </div>
        </form>
    );
    return client ? (
        <ClientShell client={client} stage="screen">
            <FromHome clientId={client.id} intake={from_home} />
            {body}
        </ClientShell>
    ) : (
        <Shell title="Add client">
            <main id="work" className="mx-auto max-w-5xl px-5 pt-5 pb-10">
                <h1 className="mb-3 text-2xl font-bold">New client</h1>
                {body}
            </main>
        </Shell>
    );
}
