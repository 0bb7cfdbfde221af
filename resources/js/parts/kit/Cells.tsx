import Options from "@/parts/Options";
import { FieldError, inputClass } from "@/parts/Field";
import Button from "@/parts/Button";
import { useState, type ReactNode } from "react";
import { useKitOptions } from "@/lib/options";

export function Cell({ error, children }: { error?: string | undefined; children: ReactNode }) {
    return (
        <td className="pr-2 pb-1">
            {children}
            <FieldError error={error} />
        </td>
    );
}

/** What the hand must do; where no hand is needed, also where the thing goes: a cuff is not a backpack. */
export function GripSelect({
    of,
    thing,
    onChange,
}: {
    of: string;
    thing: { grip: string; worn_on: string };
    onChange: (part: { grip: string } | { worn_on: string }) => void;
}) {
    const options = useKitOptions();
    const select = (label: string, value: string, offers: [string, string][], choose: (code: string) => void) => (
        <select className={inputClass} aria-label={label} value={value} onChange={(e) => choose(e.target.value)}>
            <Options of={offers} />
        </select>
    );
    return (
        <>
            {select(`Grip of ${of}`, thing.grip, options.grip, (grip) => onChange({ grip }))}
            {thing.grip === "none" &&
                select(`Where ${of} goes`, thing.worn_on, options.worn_on, (worn_on) => onChange({ worn_on }))}
        </>
    );
}

export function Tick({
    label,
    value,
    onChange,
}: {
    label: string;
    value: boolean;
    onChange: (value: boolean) => void;
}) {
    return (
        <td className="pt-2">
            <input
                type="checkbox"
                className="size-5"
                aria-label={label}
                checked={value}
                onChange={(e) => onChange(e.target.checked)}
            />
        </td>
    );
}

export function Remove({ label, onClick }: { label: string; onClick: () => void }) {
    return (
        <td className="pt-2">
            <Button small tone="quiet" aria-label={`Remove ${label}`} onClick={onClick}>
                ×
            </Button>
        </td>
    );
}

/** Things to add with one press, by the room they are found in: one room at a time. */
export function Starters({
    title,
    items,
    onAdd,
}: {
    title: string;
    items: { label: string; room: string }[];
    onAdd: (index: number) => void;
}) {
    const rooms = [...new Set(items.map((i) => i.room))];
    const [room, setRoom] = useState(rooms[0] ?? "");
    return (
        <div className="mt-1.5" role="group" aria-label={title}>
            <div className="flex flex-wrap items-center gap-x-1 text-sm">
                <span className="text-soft">{title} from the</span>
                {rooms.map((r) => (
                    <button
                        key={r}
                        type="button"
                        aria-pressed={r === room}
                        onClick={() => setRoom(r)}
                        className={`min-h-8 rounded px-1.5 ${r === room ? "font-bold" : "text-water underline underline-offset-2"}`}
                    >
                        {r}
                    </button>
                ))}
            </div>
            <div className="flex flex-wrap gap-1">
                {items.map((item, i) =>
                    item.room === room ? (
                        <Button key={item.label} small data-next onClick={() => onAdd(i)}>
                            + {item.label}
                        </Button>
                    ) : null,
                )}
            </div>
        </div>
    );
}
