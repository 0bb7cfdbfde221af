import { useMassUnit } from "@/lib/mass";
import MassInput from "@/parts/MassInput";
import { inputClass } from "@/parts/Field";
import type { KitProps, PieceForm } from "@/types/props";
import { Cell, GripSelect, Remove, Starters, Tick } from "./Cells";
import type { Errors } from "./types";

export default function Pieces({
    pieces,
    starter,
    errors,
    onChange,
    onFocusPiece,
}: {
    pieces: PieceForm[];
    starter: KitProps["starter"]["pieces"];
    errors: Errors;
    onChange: (pieces: PieceForm[]) => void;
    onFocusPiece: (index: number) => void;
}) {
    const unit = useMassUnit();
    const set = (i: number, part: Partial<PieceForm>) =>
        onChange(pieces.map((p, n) => (n === i ? { ...p, ...part } : p)));
    return (
        <>
            <table className="w-full text-sm max-md:block max-md:overflow-x-auto">
                <thead className="text-soft text-left">
                    <tr>
                        <th className="py-1 font-medium">Piece</th>
                        <th className="w-17 font-medium">{unit} each</th>
                        <th className="w-14 font-medium">Count</th>
                        <th className="w-27 font-medium">Grip</th>
                        <th className="w-11 font-medium">Hold</th>
                        <th className="w-11 font-medium">Pack</th>
                        <th className="w-16 font-medium">Weighed</th>
                        <th className="w-8">
                            <span className="sr-only">Remove</span>
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {pieces.map((piece, i) => (
                        <tr key={i} className="border-sand border-t align-top" onFocus={() => onFocusPiece(i)}>
                            <Cell error={errors[`pieces.${i}.label`]}>
                                <input
                                    className={inputClass}
                                    aria-label={`Piece ${i + 1}`}
                                    value={piece.label}
                                    onChange={(e) => set(i, { label: e.target.value })}
                                />
                            </Cell>
                            <Cell error={errors[`pieces.${i}.mass_kg`]}>
                                <MassInput
                                    aria-label={`Mass of ${piece.label}, ${unit}`}
                                    aria-invalid={errors[`pieces.${i}.mass_kg`] ? true : undefined}
                                    value={piece.mass_kg}
                                    onValue={(mass_kg) => set(i, { mass_kg })}
                                />
                            </Cell>
                            <Cell error={errors[`pieces.${i}.count`]}>
                                <input
                                    className={inputClass}
                                    inputMode="numeric"
                                    aria-label={`How many ${piece.label}`}
                                    value={piece.count}
                                    onChange={(e) => set(i, { count: e.target.value })}
                                />
                            </Cell>
                            <Cell>
                                <GripSelect of={piece.label} thing={piece} onChange={(part) => set(i, part)} />
                            </Cell>
                            <Tick
                                label={`${piece.label} can be held`}
                                value={piece.holdable}
                                onChange={(holdable) => set(i, { holdable })}
                            />
                            <Tick
                                label={`${piece.label} can be packed`}
                                value={piece.packable}
                                onChange={(packable) => set(i, { packable })}
                            />
                            <Tick
                                label={`${piece.label} was weighed`}
                                value={piece.weighed}
                                onChange={(weighed) => set(i, { weighed })}
                            />
                            <Remove label={piece.label} onClick={() => onChange(pieces.filter((_, n) => n !== i))} />
                        </tr>
                    ))}
                </tbody>
            </table>
            {pieces.length === 0 && (
                <p className="text-soft py-2 text-sm">
                    Nothing yet: add what is in the house from the list below, then correct the masses.
                </p>
            )}
            <Starters
                title="Add a piece"
                items={starter}
                onAdd={(i) => {
                    const p = starter[i];
                    if (p) {
                        onChange([
                            ...pieces,
                            {
                                label: p.label,
                                mass_kg: p.mass_kg,
                                count: "2",
                                grip: p.grip,
                                worn_on: "limb",
                                holdable: p.holdable,
                                packable: p.packable,
                                plate: p.plate ?? false,
                                weighed: false,
                            },
                        ]);
                    }
                }}
            />
        </>
    );
}
