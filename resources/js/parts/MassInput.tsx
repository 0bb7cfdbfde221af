import { bare, useMassUnit, withUnit } from "@/lib/mass";
import type { InputHTMLAttributes } from "react";
import { inputClass } from "./Field";

/** A box for a mass in the reader's unit. Another unit may be typed behind the number: "5 lb". */
export default function MassInput({
    value,
    onValue,
    placeholder = "",
    className = inputClass,
    ...rest
}: {
    value: string;
    onValue: (typed: string) => void;
    placeholder?: string;
} & Omit<InputHTMLAttributes<HTMLInputElement>, "value" | "onChange" | "placeholder">) {
    const unit = useMassUnit();
    return (
        <input
            {...rest}
            className={className}
            inputMode="decimal"
            placeholder={bare(placeholder, unit)}
            value={bare(value, unit)}
            onChange={(event) => onValue(withUnit(event.target.value, unit))}
        />
    );
}
