import DaysHeld from "./plan/DaysHeld";
import OwnLine from "./plan/OwnLine";
import WayPicker from "./plan/WayPicker";
import { useLit } from "@/lib/lit";
import type { ReactNode } from "react";
import type { PlanItem } from "@/types/props";
import Because from "./Because";
import Button from "./Button";
import Channel from "./Channel";
import DoseForm, { type DoseValues } from "./DoseForm";
import Figure from "./Figure";
import { FieldError } from "./Field";
import SelectField from "./SelectField";
import Steps from "./Steps";

export default function PlanRow({
    item,
    handle,
    open,
    busy,
    errors,
    onOpen,
    onSwap,
    onDose,
    onSchool,
    onWay,
    onSetUp,
    onNote,
    onDays,
    days,
    onRefresh,
    onRemove,
    clientId,
}: {
    item: PlanItem;
    /** What moves it to another place. */
    handle: ReactNode;
    open: boolean;
    busy: boolean;
    errors: Record<string, string | undefined>;
    onOpen: () => void;
    onSwap: (rung: string) => void;
    onDose: (dose: DoseValues, saved: () => void) => void;
    clientId: number;
    onSchool: (school: string) => void;
    onWay: (way: string, always: boolean) => void;
    onSetUp: (says: string, saved: () => void) => void;
    onNote: (says: string, saved: () => void) => void;
    onDays: (light: number[], off: number[]) => void;
    /** Of the plan, 1 Monday to 7 Sunday. */
    days: number[];
    onRefresh: () => void;
    onRemove: () => void;
}) {
    const { limit, pointAtDose } = useLit();
    const at = item.stair.findIndex((s) => s.code === item.rung);
    const easier = item.stair.slice(0, at).findLast((s) => s.state !== "under");
    const harder = item.stair.slice(at + 1).find((s) => s.state !== "under");
    const shaped = limit !== null && item.shaped_by.some((says) => limit.includes(says));
    return (
        // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- pointing only lights up the limits; nothing is done by it
        <div
            role="listitem"
            className={`border-sand border-b py-2.5 ${open ? "outline-water bg-card -mx-2 rounded-lg px-2 outline-2" : ""} ${shaped ? "bg-shallow -mx-2 rounded-lg px-2" : ""}`}
            onMouseEnter={() => pointAtDose(item.shaped_by)}
            onMouseLeave={() => pointAtDose([])}
            onFocus={() => pointAtDose(item.shaped_by)}
            onBlur={() => pointAtDose([])}
        >
            <div className="grid items-start gap-x-4 gap-y-2 md:grid-cols-[minmax(0,1fr)_minmax(0,19rem)_10rem_5.5rem]">
                <div>
                    <h3 className="flex items-start gap-0.5">
                        <span className="-ml-2 shrink-0">{handle}</span>
                        <button
                            type="button"
                            aria-expanded={open}
                            onClick={onOpen}
                            className="min-h-6 rounded text-left font-bold"
                        >
                            {item.name}{" "}
                            <span className="text-water text-sm font-normal whitespace-nowrap underline underline-offset-2">
                                {open ? "▾ close" : "▸ stair, dose"}
                            </span>
                        </button>
                    </h3>
                    {item.for.length > 0 && <p className="text-water text-sm">{item.for.join("; ")}</p>}
                    <p className={`text-soft text-sm ${open ? "" : "line-clamp-1"}`}>{item.set_up}</p>
                    {item.own_set_up !== "" && <p className="text-sm">For them: {item.own_set_up}</p>}
                    {item.note !== "" && <p className="text-sm">Note: {item.note}</p>}
                    {item.changes.map((change) => (
                        <p key={change} className="text-sm font-medium">
                            {change}
                        </p>
                    ))}
                    {item.breaches.map((b) => (
                        <p key={b} className="text-stop text-sm font-medium">
                            <span aria-hidden="true">◆ </span>Outside the limits: {b}
                        </p>
                    ))}
                    {item.breaches.length > 0 && (
                        <Button small disabled={busy} onClick={onRefresh}>
                            Bring up to today<span className="sr-only">: {item.name}</span>
                        </Button>
                    )}
                    {item.findings.length > 0 && (
                        <p className="text-hold text-sm">
                            <span aria-hidden="true">■ </span>
                            {item.findings.join(" ")}
                        </p>
                    )}
                </div>
                <Channel data={item.channel} />
                <div className="text-sm">
                    <Because reasons={item.because} about={`${item.dose.amount} of ${item.name}`}>
                        <strong className="num text-lg">{item.dose.amount}</strong>
                    </Because>
                    {item.dose.held && <span className="block font-medium">{item.dose.held}</span>}
                    {item.dose.load && <span className="num block font-medium">{item.dose.load}</span>}
                    <span className="text-soft block">
                        RPE {item.dose.effort}
                        {item.dose.sets > 1 ? `, rest ${item.dose.rest_s} s` : ""}
                        {item.dose.tempo_says && <span className="block">{item.dose.tempo_says}</span>}
                        {item.dose.pause_s !== null && (
                            <span className="block">rest {item.dose.pause_s} s inside a set when needed</span>
                        )}
                    </span>
                    {item.sides && <span className="text-soft block">{item.sides}</span>}
                    {item.recipe && <span className="text-soft block">{item.recipe}</span>}
                </div>
                <div className="flex flex-col items-stretch gap-1">
                    <Button
                        small
                        disabled={busy || !easier}
                        onClick={() => easier && onSwap(easier.code)}
                        title={easier?.name}
                    >
                        ▽ easier<span className="sr-only"> rung for {item.name}</span>
                    </Button>
                    <Button
                        small
                        disabled={busy || !harder}
                        onClick={() => harder && onSwap(harder.code)}
                        title={harder?.name}
                    >
                        ▲ harder<span className="sr-only"> rung for {item.name}</span>
                    </Button>
                </div>
            </div>
            {open && (
                <div className="mt-2.5 space-y-3">
                    <div className="flex flex-wrap items-start gap-4">
                        <Figure data={item.figure} label={item.name} className="h-24 w-52 shrink-0" />
                        <div className="min-w-0 flex-1 text-sm">
                            <p className="text-soft">
                                Goal: {item.goal}. Takes {Math.round(item.seconds / 6) / 10} min. Needs{" "}
                                {item.equipment.join(", ")}.
                            </p>
                            {item.lever_notes.map((note) => (
                                <p key={note}>{note}</p>
                            ))}
                            <p className="text-soft">Choose a step to swap:</p>
                        </div>
                    </div>
                    <Steps steps={item.stair} current={item.rung} onChoose={onSwap} disabled={busy} />
                    <div className="flex flex-wrap items-end gap-3">
                        <DoseForm
                            key={JSON.stringify(item.dose)}
                            dose={item.dose}
                            place={`${clientId}.plan.${item.family}`}
                            title={`Plan: dose of ${item.name}`}
                            errors={errors}
                            busy={busy}
                            submit="Change dose"
                            tryAt={`/clients/${clientId}/plan/items/${item.id}/try`}
                            onSubmit={onDose}
                        />
                        <Button small tone="stop" disabled={busy} onClick={onRemove}>
                            Take out
                        </Button>
                    </div>
                    {days.length > 1 && (
                        <DaysHeld
                            days={days}
                            light={item.light?.days ?? []}
                            off={item.off_days}
                            lighter={item.light?.dose ?? null}
                            busy={busy}
                            error={errors.days_held}
                            onChange={onDays}
                        />
                    )}
                    <OwnLine
                        key={item.rung}
                        label="Their own set-up"
                        button="Keep set-up"
                        example="toes 30 cm from the wall, two cushions"
                        longest={160}
                        says={item.own_set_up}
                        name={item.name}
                        place={`${clientId}.set-up.${item.family}.${item.rung}`}
                        busy={busy}
                        error={errors.set_up}
                        onSave={onSetUp}
                    />
                    <OwnLine
                        label="A note to them"
                        button="Keep note"
                        example="slower than last week; stop before the knee grumbles"
                        longest={200}
                        says={item.note}
                        name={item.name}
                        place={`${clientId}.note.${item.family}.${item.nth}`}
                        busy={busy}
                        error={errors.note}
                        onSave={onNote}
                    />
                    <WayPicker name={item.name} ways={item.ways} busy={busy} error={errors.way} onWay={onWay} />
                    <div className="w-80 max-w-full">
                        <SelectField
                            label="Progresses by"
                            value={item.school}
                            options={[["", "the clinic's school"], ...item.schools]}
                            onChange={onSchool}
                        />
                        <FieldError error={errors.school} />
                    </div>
                </div>
            )}
        </div>
    );
}
