import { dayName } from "@/lib/words";
import { FieldError } from "@/parts/Field";
import type { Dose } from "@/types/props";

/** On which of the plan's days an exercise is done lighter, and on which it is left out. */
export default function DaysHeld({
    days,
    light,
    off,
    lighter,
    busy,
    error,
    onChange,
}: {
    days: number[];
    light: number[];
    off: number[];
    /** What is done on a lighter day. */
    lighter: Dose | null;
    busy: boolean;
    error: string | undefined;
    onChange: (light: number[], off: number[]) => void;
}) {
    const without = (list: number[], day: number) => list.filter((d) => d !== day);
    return (
        <div className="flex flex-wrap items-center gap-x-8 gap-y-1 text-sm">
            <Days
                legend="Lighter on"
                days={days}
                held={light}
                busy={busy}
                onTick={(day, on) => onChange(on ? [...light, day] : without(light, day), without(off, day))}
            />
            <Days
                legend="Left out on"
                days={days}
                held={off}
                busy={busy}
                onTick={(day, on) => onChange(without(light, day), on ? [...off, day] : without(off, day))}
            />
            {lighter && (
                <span className="text-soft">
                    lighter: {lighter.amount}
                    {lighter.load ? `, ${lighter.load}` : ""}, RPE {lighter.effort}
                </span>
            )}
            <FieldError error={error} />
        </div>
    );
}

function Days({
    legend,
    days,
    held,
    busy,
    onTick,
}: {
    legend: string;
    days: number[];
    held: number[];
    busy: boolean;
    onTick: (day: number, on: boolean) => void;
}) {
    return (
        <fieldset className="flex flex-wrap items-center gap-x-4">
            <legend className="float-left mr-4 font-medium">{legend}</legend>
            {days.map((day) => (
                <label key={day} className="flex min-h-8 items-center gap-2">
                    <input
                        type="checkbox"
                        className="accent-water size-5"
                        checked={held.includes(day)}
                        disabled={busy}
                        onChange={(e) => onTick(day, e.target.checked)}
                    />
                    {dayName(day)}
                </label>
            ))}
        </fieldset>
    );
}
