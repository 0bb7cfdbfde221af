import { cloneElement, useId, type ReactElement, type ReactNode } from "react";

interface Control {
    id?: string;
    "aria-invalid"?: boolean;
    "aria-describedby"?: string;
}

/** A labelled control with its hint and its error; the error is read out with the field it belongs to. */
export default function Field({
    label,
    error,
    hint,
    children,
    className = "",
}: {
    label: ReactNode;
    error?: string | undefined;
    hint?: ReactNode;
    children: ReactElement<Control>;
    className?: string;
}) {
    const id = useId();
    const described = [hint ? `${id}-hint` : "", error ? `${id}-error` : ""].filter(Boolean).join(" ");
    return (
        <div className={className}>
            <label htmlFor={id} className="block text-sm font-medium">
                {label}
            </label>
            {cloneElement(children, {
                id,
                "aria-invalid": error ? true : undefined,
                "aria-describedby": described || undefined,
            } as Control)}
            {hint && (
                <p id={`${id}-hint`} className="text-soft mt-0.5 text-xs">
                    {hint}
                </p>
            )}
            <FieldError id={`${id}-error`} error={error} />
        </div>
    );
}

export function FieldError({ id, error }: { id?: string; error?: string | undefined }) {
    return error ? (
        <p id={id} role="alert" className="text-stop mt-0.5 text-sm">
            {error}
        </p>
    ) : null;
}

export const inputClass =
    "mt-1 block w-full rounded-md border border-soft/60 bg-card px-2.5 py-1.5 min-h-9 aria-invalid:border-stop aria-invalid:border-2";
