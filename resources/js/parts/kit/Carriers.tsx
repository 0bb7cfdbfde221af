import { useMassUnit } from "@/lib/mass";
import MassInput from "@/parts/MassInput";
import { inputClass } from "@/parts/Field";
import type { CarrierForm, KitProps } from "@/types/props";
import { Cell, GripSelect, Remove, Starters } from "./Cells";
import type { Errors } from "./types";

export default function Carriers({
    carriers,
    starter,
    errors,
    onChange,
}: {
    carriers: CarrierForm[];
    starter: KitProps["starter"]["carriers"];
    errors: Errors;
    onChange: (carriers: CarrierForm[]) => void;
}) {
    const unit = useMassUnit();
    const set = (i: number, part: Partial<CarrierForm>) =>
        onChange(carriers.map((c, n) => (n === i ? { ...c, ...part } : c)));
    return (
        <>
            <table className="w-full text-sm max-md:block max-md:overflow-x-auto">
                <thead className="text-soft text-left">
                    <tr>
                        <th className="py-1 font-medium">Carrier</th>
                        <th className="w-17 font-medium">Own, {unit}</th>
                        <th className="w-16 font-medium">Count</th>
                        <th className="w-21 font-medium">Takes, {unit}</th>
                        <th className="w-16 font-medium">Pieces</th>
                        <th className="w-27 font-medium">Grip</th>
                        <th className="w-8">
                            <span className="sr-only">Remove</span>
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {carriers.map((carrier, i) => (
                        <tr key={i} className="border-sand border-t align-top">
                            {(
                                [
                                    ["label", `Carrier ${i + 1}`],
                                    ["mass_kg", `Own mass of ${carrier.label}, ${unit}`],
                                    ["count", `How many ${carrier.label}`],
                                    ["max_mass_kg", `${carrier.label} takes, ${unit}`],
                                    ["max_pieces", `${carrier.label} has room for, pieces`],
                                ] as const
                            ).map(([key, label]) => (
                                <Cell key={key} error={errors[`carriers.${i}.${key}`]}>
                                    {key === "mass_kg" || key === "max_mass_kg" ? (
                                        <MassInput
                                            aria-label={label}
                                            value={carrier[key]}
                                            onValue={(kg) => set(i, { [key]: kg })}
                                        />
                                    ) : (
                                        <input
                                            className={inputClass}
                                            aria-label={label}
                                            value={carrier[key]}
                                            onChange={(e) => set(i, { [key]: e.target.value })}
                                        />
                                    )}
                                </Cell>
                            ))}
                            <Cell>
                                <GripSelect of={carrier.label} thing={carrier} onChange={(part) => set(i, part)} />
                            </Cell>
                            <Remove
                                label={carrier.label}
                                onClick={() => onChange(carriers.filter((_, n) => n !== i))}
                            />
                        </tr>
                    ))}
                </tbody>
            </table>
            <Starters
                title="Add a carrier"
                items={starter}
                onAdd={(i) => {
                    const c = starter[i];
                    if (c) {
                        onChange([
                            ...carriers,
                            {
                                label: c.label,
                                mass_kg: c.mass_kg,
                                count: "1",
                                grip: c.grip,
                                worn_on: "back",
                                max_mass_kg: c.max_mass_kg,
                                max_pieces: String(c.max_pieces),
                                plates: c.plates ?? false,
                            },
                        ]);
                    }
                }}
            />
        </>
    );
}
