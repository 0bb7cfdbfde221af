import { type Found, useFind } from "@/lib/find";
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from "@headlessui/react";
import { useState } from "react";

/** One family of exercises, found by what people call it; what is open for this client stands beside each. */
export default function FamilyCombobox({
    clientId,
    label,
    placeholder,
    used,
    usedSays,
    value,
    onChange,
}: {
    clientId: number;
    label: string;
    placeholder: string;
    used: string[];
    /** What those in use are, in words. */
    usedSays: string;
    value: Found | null;
    onChange: (family: Found | null) => void;
}) {
    const [query, setQuery] = useState("");
    const { families, nearest, searched } = useFind(`/clients/${clientId}/exercises`, query);
    const shown = families.length > 0 ? families : nearest;
    return (
        <Combobox
            value={value}
            onChange={(family: Found | null) => {
                onChange(family);
                setQuery("");
            }}
            by="code"
        >
            <div className="relative max-w-xl">
                <ComboboxInput
                    aria-label={label}
                    placeholder={placeholder}
                    className="border-soft/60 bg-card min-h-10 w-full rounded-md border px-3"
                    displayValue={(f: Found | null) => f?.name ?? ""}
                    onChange={(event) => setQuery(event.target.value)}
                    autoComplete="off"
                />
                <ComboboxOptions
                    anchor="bottom start"
                    className="bg-card border-sand z-40 w-(--input-width) rounded-md border shadow-lg empty:hidden"
                >
                    {searched && families.length === 0 && (
                        <p className="text-soft border-sand border-b px-3 py-1.5 text-sm">
                            Nothing goes by that name{nearest.length > 0 && "; the nearest"}
                        </p>
                    )}
                    {shown.map((f) => (
                        <ComboboxOption
                            key={f.code}
                            value={f}
                            className="data-focus:bg-shallow flex cursor-pointer items-baseline justify-between gap-3 px-3 py-1.5"
                        >
                            <span>
                                {f.name}
                                {f.why && <span className="text-soft text-sm">, {f.why}</span>}
                            </span>
                            <span className="text-soft shrink-0 text-sm">
                                {used.includes(f.code) ? usedSays : state(f)}
                            </span>
                        </ComboboxOption>
                    ))}
                </ComboboxOptions>
            </div>
        </Combobox>
    );
}

/** How much of it is open for this client, in words. */
function state(f: Found): string {
    const open = f.rungs.filter((r) => r.open).length;
    if (open === 0) {
        return "out for now";
    }
    return open === f.rungs.length ? f.pattern : `${open} of ${f.rungs.length} steps open`;
}
