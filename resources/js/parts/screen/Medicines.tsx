import { useMassUnit } from "@/lib/mass";
import { useScreenOptions } from "@/lib/options";
import Field, { inputClass } from "@/parts/Field";
import Group from "@/parts/Group";
import MassInput from "@/parts/MassInput";
import Ticks from "@/parts/Ticks";
import { fieldsOf, type Intake } from "./fields";
/** One name a comma; what is being typed stays as it is. */
const names = (typed: string): string[] => (typed === "" ? [] : typed.split(","));

/** Medicines that matter here, skin that cannot feel, and the usual values that the gate compares with. */
export default function Medicines({ form }: { form: Intake }) {
    const { errors } = fieldsOf(form);
    const unit = useMassUnit();
    const offers = useScreenOptions();
    const usual: Record<string, string> = form.data.usual;
    // What is ticked, and what is written down by name, are one list.
    const ticked = form.data.medicines.filter((m) => offers.medicines.some(([code]) => code === m));
    const named = form.data.medicines.filter((m) => !ticked.includes(m)).join(",");
    const set = (key: string, value: string) => form.setData("usual", { ...form.data.usual, [key]: value });
    return (
        <Group title="Medicines and usual values">
            <Ticks
                label="Medicines that matter here"
                options={offers.medicines}
                value={ticked}
                onChange={(medicines) => form.setData("medicines", [...medicines, ...names(named)])}
            />
            <Field
                label="Other medicines, by generic name"
                hint="for example metoprolol, warfarin; a comma between two"
                error={errors.medicines}
            >
                <input
                    className={inputClass}
                    value={named}
                    onChange={(e) => form.setData("medicines", [...ticked, ...names(e.target.value)])}
                />
            </Field>
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
