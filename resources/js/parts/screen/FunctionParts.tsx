import { useScreenOptions } from "@/lib/options";
import Choice from "@/parts/Choice";
import type { Ability, FunctionPart, Option, ScreenProps } from "@/types/props";
import { usePage } from "@inertiajs/react";
import { fieldsOf, type Intake } from "./fields";

const YES_NO: Option[] = [
    ["yes", "yes"],
    ["no", "no"],
];

/** Arms, legs, trunk, bed and wheelchair: asked where a condition or the standing says that it matters. */
export default function FunctionParts({ form }: { form: Intake }) {
    const { errors } = fieldsOf(form);
    const { known } = usePage().props as unknown as ScreenProps;
    const offers = useScreenOptions();
    const asked = new Set<FunctionPart>([
        ...known.filter((k) => form.data.conditions.some((c) => c.code === k.code)).flatMap((k) => k.asks),
        ...(offers.asks.find((a) => a.standing === form.data.standing)?.parts ?? []),
    ]);
    const answered = (...fields: Ability[]) => fields.some((f) => form.data.abilities[f] !== "");
    const one = (field: Ability, label: string, options: Option[]) => (
        <Choice
            key={field}
            label={label}
            options={options}
            value={form.data.abilities[field]}
            onChange={(value) => form.setData("abilities", { ...form.data.abilities, [field]: value })}
            error={errors[`abilities.${field}`]}
        />
    );
    return (
        <div className="col-span-full grid grid-cols-2 items-start gap-3">
            {(asked.has("limbs") || answered("arm_left", "arm_right", "leg_left", "leg_right")) && (
                <>
                    {one("arm_left", "Left arm moves", offers.limb)}
                    {one("arm_right", "Right arm moves", offers.limb)}
                    {one("leg_left", "Left leg moves", offers.limb)}
                    {one("leg_right", "Right leg moves", offers.limb)}
                </>
            )}
            {(asked.has("trunk") || answered("trunk")) && one("trunk", "Trunk, sitting upright", offers.trunk)}
            {(asked.has("bed") || answered("bed_transfer")) &&
                one("bed_transfer", "Into bed and out of it", offers.floor_transfer)}
            {(asked.has("wheelchair") || answered("brakes", "anti_tip", "footplate")) && (
                <>
                    {one("brakes", "Wheelchair: brakes", offers.brakes)}
                    {one("anti_tip", "Wheelchair: anti-tip bars", YES_NO)}
                    {one("footplate", "Wheelchair: footplate", YES_NO)}
                </>
            )}
            {form.data.standing !== "none" && one("fallen_in_year", "Fallen in the last year", YES_NO)}
            {one("sets_up_alone", "Fetches weights and anchors bands alone", YES_NO)}
            {one("cognition", "Follows teaching", offers.cognition)}
        </div>
    );
}
