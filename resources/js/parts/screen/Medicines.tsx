import { useMassUnit } from "@/lib/mass";
import Field, { inputClass } from "@/parts/Field";
import Group from "@/parts/Group";
import MassInput from "@/parts/MassInput";
import Ticks from "@/parts/Ticks";
import type { ScreenForm } from "@/types/props";
import { fieldsOf, type Intake } from "./fields";
const USUAL: [keyof ScreenForm["usual"], string][] = [
    ["sbp", "Usual upper pressure, mmHg"],
    ["dbp", "Usual lower pressure, mmHg"],
    ["heart_rate", "Usual resting heart rate"],
    ["spo2", "Usual saturation, %"],
    ["weight_kg", "Usual weight"],
];

/** Medicines that matter here, skin that cannot feel, and the usual values that the gate compares with. */
export default function Medicines({ form }: { form: Intake }) {
    const { errors } = fieldsOf(form);
    const unit = useMassUnit();
    return (
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
                            onChange={(e) => form.setData("usual", { ...form.data.usual, [key]: e.target.value })}
                        />
                    )}
                </Field>
            ))}
        </Group>
    );
}
