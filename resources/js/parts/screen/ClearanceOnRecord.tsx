import Button from "@/parts/Button";
import Field, { inputClass } from "@/parts/Field";
import Group from "@/parts/Group";
import LimitInputs from "@/parts/LimitInputs";
import type { ScreenForm, ScreenProps } from "@/types/props";
import { fieldsOf, type Intake } from "./fields";

type Written = "given_by" | "given_on" | "until" | "restrictions";

/** Who cleared exercise, when, until when, with which restrictions; each that is a limit becomes one. */
export default function ClearanceOnRecord({
    form,
    fields,
    parts,
}: {
    form: Intake;
    fields: ScreenProps["own_fields"];
    parts: ScreenProps["own_parts"];
}) {
    const { errors } = fieldsOf(form);
    const { clearance } = form.data;
    const change = (with_: Partial<ScreenForm["clearance"]>) => form.setData("clearance", { ...clearance, ...with_ });
    const written = (key: Written) => ({
        value: clearance[key],
        onChange: (e: { target: { value: string } }) => change({ [key]: e.target.value }),
        className: inputClass,
    });
    return (
        <Group title="Clearance on record">
            <Field
                label="Given by"
                error={errors["clearance.given_by"]}
                hint="who cleared exercise; empty if nobody yet"
            >
                <input {...written("given_by")} />
            </Field>
            <Field label="On" error={errors["clearance.given_on"]}>
                <input {...written("given_on")} placeholder="2026-11-20" />
            </Field>
            <Field label="Until" error={errors["clearance.until"]}>
                <input {...written("until")} />
            </Field>
            <Field label="Restrictions" hint="in the letter's words" error={errors["clearance.restrictions"]}>
                <input {...written("restrictions")} />
            </Field>
            {clearance.limits.map((limit, i) => (
                <fieldset
                    key={i}
                    className="border-sand col-span-full grid grid-cols-2 items-start gap-3 border-t pt-2"
                >
                    <legend className="sr-only">Limit {i + 1} of this letter</legend>
                    <LimitInputs
                        limit={limit}
                        onLimit={(with_) =>
                            change({
                                limits: clearance.limits.map((l, at) => (at === i ? { ...l, ...with_ } : l)),
                            })
                        }
                        errors={{
                            field: errors[`clearance.limits.${i}.field`],
                            value: errors[`clearance.limits.${i}.value`],
                            part: errors[`clearance.limits.${i}.part`],
                        }}
                        fields={fields}
                        parts={parts}
                    />
                    <div className="col-span-full">
                        <Button
                            tone="quiet"
                            onClick={() => change({ limits: clearance.limits.filter((_, at) => at !== i) })}
                        >
                            Take out limit {i + 1}
                        </Button>
                    </div>
                </fieldset>
            ))}
            <div className="col-span-full">
                <Button
                    tone="quiet"
                    onClick={() =>
                        change({
                            limits: [...clearance.limits, { field: "", value: "", part: parts[0]?.[0] ?? "" }],
                        })
                    }
                >
                    Add a limit this letter sets
                </Button>
                <p className="text-soft text-sm">
                    It acts from the moment you save, with the letter as its source; Limits lists it and ends it.
                </p>
            </div>
        </Group>
    );
}
