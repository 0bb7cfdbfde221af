import { useMassUnit } from "@/lib/mass";
import { useState, type InputHTMLAttributes } from "react";
import { inputClass } from "./Field";

/** A box for a mass: typed in the reader's unit, handed on in kilograms. */
export default function MassInput({
    value,
    onValue,
    className = inputClass,
    ...rest
}: {
    value: string;
    onValue: (kilograms: string) => void;
} & Omit<InputHTMLAttributes<HTMLInputElement>, "value" | "onChange">) {
    const unit = useMassUnit();
    // While it means the value, what was typed stands as it was typed: "2.50" does not become "2.5" under the fingers.
    const [typed, setTyped] = useState("");
    return (
        <input
            {...rest}
            className={className}
            inputMode="decimal"
            value={unit.read(typed) === value ? typed : unit.shown(value)}
            onChange={(event) => {
                setTyped(event.target.value);
                onValue(unit.read(event.target.value));
            }}
        />
    );
}
