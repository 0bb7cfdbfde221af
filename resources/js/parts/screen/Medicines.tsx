import { useMassUnit } from "@/lib/mass";
import { useScreenOptions } from "@/lib/options";
import Field, { inputClass } from "@/parts/Field";
import Group from "@/parts/Group";
import MassInput from "@/parts/MassInput";
import Ticks from "@/parts/Ticks";
import { fieldsOf, type Intake } from "./fields";
/** Medicines that matter here, skin that cannot feel, and the usual values that the gate compares with. */
export default function Medicines({ form }: { form: Intake }) {
    const { errors } = fieldsOf(form);
    const unit = useMassUnit();
    const offers = useScreenOptions();
    const usual: Record<string, string> = form.data.usual;
    const set = (key: string, value: string) => form.setData("usual", { ...form.data.usual, [key]: value });
    return (
        <Group title="Medicines and usual values">
            <Ticks
                label="Medicines that matter here"
                options={offers.medicines}
                value={form.data.medicines}
                onChange={(medicines) => form.setData("medicines", medicines)}
            />
            <Ticks
                label="Skin that cannot feel"
                options={offers.insensate}
                value={form.data.insensate}
                onChange={(insensate) => form.setData("insensate", insensate)}
            />
            {offers.usual.map(({ key, label, unit: measured, mass }) => (
                <Field key={key} label={`${label}, ${mass ? unit : measured}`} error={errors[`usual.${key}`]}>
                    {mass ? (
                        <MassInput value={usual[key] ?? ""} onValue={(kg) => set(key, kg)} />
                    ) : (
                        <input
                            className={inputClass}
                            inputMode="decimal"
                            value={usual[key] ?? ""}
                            onChange={(e) => set(key, e.target.value)}
                        />
                    )}
                </Field>
            ))}
        </Group>
    );
}
