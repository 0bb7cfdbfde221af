import { dayList } from "@/lib/words";
import { saysMass } from "@/lib/mass";
import Button from "@/parts/Button";
import type { DoseValues } from "@/parts/DoseForm";
import PlanRow from "@/parts/PlanRow";
import type { PlanItem, PlanProps, SessionPart } from "@/types/props";
import { useState } from "react";
import type { Send } from "./change";
import Sortable, { Movable } from "./Sortable";

const rungName = (item: PlanItem, rung: string): string => item.stair.find((s) => s.code === rung)?.name ?? rung;

const doseSaid = (dose: DoseValues): string =>
    `${dose.sets} × ${dose.amount_lo}-${dose.amount_hi}, effort ${dose.effort_lo}-${dose.effort_hi}, rest ${dose.rest_s} s${dose.load_kg === "" ? "" : `, ${saysMass(dose.load_kg)}`}`;

const keyOf = (item: PlanItem): string => `${item.family}.${item.nth}`;

const nameOf = (items: PlanItem[], id: number): string => items.find((i) => i.id === id)?.name ?? "";

/** The stretches with the exercises that are done in them; an easy round before names its exercises in its words. */
function stretches(parts: SessionPart[], all: PlanItem[]): { part: SessionPart; items: PlanItem[] }[] {
    return parts.map((part) => ({
        part,
        items: part.part === "activation" ? [] : all.filter((i) => part.items.includes(i.id)),
    }));
}

/** The exercises by the stretches of their session; where the days differ, one session at a time. */
export default function Exercises({
    plan,
    clientId,
    busy,
    errors,
    open,
    onOpen,
    send,
}: {
    plan: NonNullable<PlanProps["plan"]>;
    clientId: number;
    busy: boolean;
    errors: Record<string, string | undefined>;
    /** Which exercise is open, by what it keeps from version to version. */
    open: string | null;
    onOpen: (key: string | null) => void;
    send: Send;
}) {
    /** Which of the sessions is looked at. */
    const [day, setDay] = useState(0);
    const session = plan.sessions[day] ?? plan.sessions[0];
    const shown = plan.items.filter((i) => !session?.days.every((d) => i.off_days.includes(d)));
    /** The place in the whole plan of what stands at this place of the day. */
    const placeOf = (at: number) => plan.items.findIndex((i) => i.id === shown[at - 1]?.id) + 1;
    return (
        <>
            {plan.sessions.length > 1 && (
                <div role="group" aria-label="The session of" className="mt-2 flex flex-wrap gap-2">
                    {plan.sessions.map((s, at) => (
                        <Button key={s.days.join()} small aria-pressed={s === session} onClick={() => setDay(at)}>
                            {dayList(s.days)}: {s.minutes} min
                        </Button>
                    ))}
                </div>
            )}
            <Sortable
                ids={shown.map((i) => i.id)}
                onMove={(id, at) => {
                    const to = placeOf(at);
                    send("put", `/items/${id}/place`, { to }, `${nameOf(plan.items, id)}: moved to place ${to}`);
                }}
            >
                {stretches(session?.parts ?? [], plan.items).map(({ part, items }, n) => (
                    <section key={`${part.label}.${n}`} aria-label={part.label}>
                        <h2 className="border-water/40 mt-3 flex flex-wrap items-baseline gap-x-3 border-b-2 pb-0.5">
                            <span className="font-bold">{part.label}</span>
                            <span className="num text-soft text-sm">{part.minutes} min</span>
                            <span className="text-soft text-sm">{part.says.join(" ")}</span>
                        </h2>
                        <div role="list">
                            {items.map((item) => (
                                <Movable key={keyOf(item)} id={item.id} name={item.name}>
                                    {(handle) => (
                                        <PlanRow
                                            handle={handle}
                                            item={item}
                                            open={open === keyOf(item)}
                                            busy={busy}
                                            errors={open === keyOf(item) ? errors : {}}
                                            onOpen={() => onOpen(open === keyOf(item) ? null : keyOf(item))}
                                            onSwap={(rung) =>
                                                send(
                                                    "put",
                                                    `/items/${item.id}/rung`,
                                                    { rung },
                                                    `${item.name}: ${rungName(item, rung)}`,
                                                )
                                            }
                                            clientId={clientId}
                                            onDose={(dose, saved) =>
                                                send(
                                                    "put",
                                                    `/items/${item.id}/dose`,
                                                    dose,
                                                    `${item.name}: ${doseSaid(dose)}`,
                                                    saved,
                                                )
                                            }
                                            days={plan.days}
                                            onDays={(light, off) =>
                                                send(
                                                    "put",
                                                    `/items/${item.id}/days`,
                                                    { light, off },
                                                    `${item.name}: other days`,
                                                )
                                            }
                                            onWay={(way, always) =>
                                                send(
                                                    "put",
                                                    `/items/${item.id}/way`,
                                                    { way, always },
                                                    `${item.name}: done another way`,
                                                )
                                            }
                                            onNote={(note, saved) =>
                                                send(
                                                    "put",
                                                    `/items/${item.id}/note`,
                                                    { note },
                                                    `${item.name}: ${note}`,
                                                    saved,
                                                )
                                            }
                                            onSetUp={(set_up, saved) =>
                                                send(
                                                    "put",
                                                    `/items/${item.id}/set-up`,
                                                    { set_up },
                                                    `${item.name}: ${set_up}`,
                                                    saved,
                                                )
                                            }
                                            onSchool={(school) =>
                                                send(
                                                    "put",
                                                    `/items/${item.id}/school`,
                                                    { school },
                                                    `${item.name}: another school`,
                                                )
                                            }
                                            onRefresh={() =>
                                                send(
                                                    "put",
                                                    `/items/${item.id}/today`,
                                                    {},
                                                    `${item.name}: brought up to today`,
                                                )
                                            }
                                            onRemove={() =>
                                                send("delete", `/items/${item.id}`, {}, `${item.name}: taken out`)
                                            }
                                        />
                                    )}
                                </Movable>
                            ))}
                        </div>
                    </section>
                ))}
            </Sortable>
        </>
    );
}
