import { FieldError } from "@/parts/Field";
import SelectField from "@/parts/SelectField";
import type { WayChoice } from "@/types/props";
import { useState } from "react";

/** What may be chosen inside an exercise: stance, palms, elbows, what one holds on to, shoes. Only what is open is there. */
export default function WayPicker({
    name,
    ways,
    busy,
    error,
    onWay,
}: {
    name: string;
    ways: WayChoice[];
    busy: boolean;
    error?: string;
    onWay: (way: string, always: boolean) => void;
}) {
    const [always, setAlways] = useState(false);
    if (ways.length === 0) {
        return null;
    }
    return (
        <fieldset disabled={busy} className="border-sand my-2 border-t pt-2">
            <legend className="sr-only">How {name} is done</legend>
            <div className="flex flex-wrap items-end gap-3">
                {ways.map((choice) => (
                    <div key={choice.code} className="w-44">
                        <SelectField
                            label={choice.label}
                            value={choice.value}
                            options={choice.options}
                            onChange={(way) => onWay(way, always)}
                        />
                    </div>
                ))}
                <label className="flex min-h-10 items-center gap-2 text-sm">
                    <input
                        type="checkbox"
                        className="accent-water size-5"
                        checked={always}
                        onChange={(e) => setAlways(e.target.checked)}
                    />
                    from now on for this client
                </label>
            </div>
            <FieldError error={error} />
        </fieldset>
    );
}
