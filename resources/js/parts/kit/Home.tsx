import { orNone, useKitOptions } from "@/lib/options";
import Choice from "@/parts/Choice";
import type { KitProps } from "@/types/props";
import type { KitForm } from "./types";

/** The home as a place: what stands in each room, floor, door, chair; and what helps each hand to hold. */
export default function Home({
    things,
    anchors,
    known,
    grip,
    form,
    onChange,
}: {
    things: KitProps["things"];
    anchors: KitProps["anchors"];
    known: KitProps["aids_known"];
    grip: KitProps["grip"];
    form: Pick<KitForm, "place" | "aids">;
    onChange: (part: Partial<KitForm>) => void;
}) {
    const rooms = [...new Set(things.map((t) => t.room))];
    const offers = useKitOptions();
    const { place, aids } = form;
    const toggle = (list: string[], code: string) =>
        list.includes(code) ? list.filter((c) => c !== code) : [...list, code];
    return (
        <div className="space-y-4">
            <div className="flex flex-wrap gap-x-8 gap-y-3">
                <Choice
                    label="Floor where they exercise"
                    value={place.floor ?? ""}
                    options={orNone(offers.floor, "not asked")}
                    onChange={(floor) => onChange({ place: { ...place, floor: floor || null } })}
                />
                <Choice
                    label="Door for a band, when pulled"
                    value={place.door ?? ""}
                    options={orNone(offers.door, "not asked")}
                    onChange={(door) => onChange({ place: { ...place, door: door || null } })}
                />
                <Choice
                    label="The chair stands against a wall"
                    value={place.chair_at_wall === null ? "" : place.chair_at_wall ? "yes" : "no"}
                    options={[
                        ["", "not asked"],
                        ["yes", "yes"],
                        ["no", "no"],
                    ]}
                    onChange={(v) => onChange({ place: { ...place, chair_at_wall: v === "" ? null : v === "yes" } })}
                />
            </div>
            <div className="flex flex-wrap gap-x-10 gap-y-2">
                {(["left", "right"] as const).map((side) => (
                    <fieldset key={side}>
                        <legend className="font-bold">
                            {side === "left" ? "Left" : "Right"} hand{" "}
                            <span className="text-soft text-sm font-normal">grip {grip[side]}</span>
                        </legend>
                        {known.map((aid) => (
                            <label key={aid.code} className="flex min-h-8 items-center gap-2">
                                <input
                                    type="checkbox"
                                    className="size-5 shrink-0"
                                    checked={aids[side].includes(aid.code)}
                                    onChange={() =>
                                        onChange({ aids: { ...aids, [side]: toggle(aids[side], aid.code) } })
                                    }
                                />
                                {aid.name}
                            </label>
                        ))}
                    </fieldset>
                ))}
            </div>
            <section aria-label="What a band may be anchored to">
                <h3 className="font-bold">
                    What a band may be anchored to{" "}
                    <span className="text-soft text-sm font-normal">in the home as last saved</span>
                </h3>
                <ul className="grid grid-cols-2 gap-x-8 text-sm">
                    {anchors.map((a) => (
                        <li key={a.name} className={`py-0.5 ${a.open ? "" : "text-soft"}`}>
                            <span aria-hidden="true">{a.open ? "○ " : "≈ "}</span>
                            <span className="sr-only">{a.open ? "Open: " : "Not here: "}</span>
                            {a.name}, for {a.serves}
                            {a.why && <span className="text-hold block">{a.why}</span>}
                        </li>
                    ))}
                </ul>
            </section>
            <div className="columns-2 gap-x-8">
                {rooms.map((room) => (
                    <fieldset key={room} className="mb-3 break-inside-avoid">
                        <legend className="font-bold first-letter:uppercase">{room}</legend>
                        <div className="mt-1 space-y-0.5">
                            {things
                                .filter((t) => t.room === room)
                                .map((t) => (
                                    <div key={t.code}>
                                        <label className="flex min-h-8 items-center gap-2">
                                            <input
                                                type="checkbox"
                                                className="size-5 shrink-0"
                                                checked={place.things.includes(t.code)}
                                                onChange={() =>
                                                    onChange({
                                                        place: { ...place, things: toggle(place.things, t.code) },
                                                    })
                                                }
                                            />
                                            {t.name}
                                        </label>
                                        {t.or && <p className="text-soft ml-7 text-xs">or {t.or}</p>}
                                    </div>
                                ))}
                        </div>
                    </fieldset>
                ))}
            </div>
        </div>
    );
}
