import Button from "@/parts/Button";
import Field, { FieldError, inputClass } from "@/parts/Field";
import SelectField from "@/parts/SelectField";
import type { PlanProps } from "@/types/props";
import { useState } from "react";

type Plan = NonNullable<PlanProps["plan"]>;

export interface SessionShape {
    structure: string;
    activation: boolean;
    ramp: boolean;
    cool_down: boolean;
    aerobic_minutes: string;
    block_weeks: string;
    block_easier: boolean;
    week: string;
}

const SWITCHES: [keyof Pick<SessionShape, "activation" | "ramp" | "cool_down">, string][] = [
    ["activation", "An easy round first, without a load"],
    ["ramp", "A lighter set before a load over 60 % of 1RM"],
    ["cool_down", "Cool-down"],
];

/** How the session is built: its structure, and its parts beside the warm-up and the main part. */
export default function SessionParts({
    plan,
    busy,
    errors,
    onSave,
}: {
    plan: Plan;
    busy: boolean;
    errors: Record<string, string | undefined>;
    onSave: (shape: SessionShape) => void;
}) {
    const [shape, setShape] = useState<SessionShape>({
        ...plan.session,
        structure: plan.structure,
        aerobic_minutes: String(plan.session.aerobic_minutes),
        block_weeks: String(plan.block.weeks.length),
        block_easier: plan.block.easier,
    });
    const inRounds = shape.structure !== "straight";
    return (
        <form
            noValidate
            aria-label="Parts of the session"
            className="bg-card border-sand mb-2 flex flex-wrap items-start gap-x-6 gap-y-2 rounded-lg border p-3"
            onSubmit={(event) => {
                event.preventDefault();
                onSave(shape);
            }}
        >
            <div className="w-56">
                <SelectField
                    label="Structure"
                    value={shape.structure}
                    options={plan.structures}
                    onChange={(structure) => setShape({ ...shape, structure })}
                />
                <FieldError error={errors.structure} />
            </div>
            <div className="w-88">
                <SelectField
                    label="Its days"
                    value={shape.week}
                    options={plan.weeks}
                    onChange={(week) => setShape({ ...shape, week })}
                />
                <FieldError error={errors.week} />
            </div>
            <fieldset className="min-w-64">
                <legend className="text-sm font-medium">Parts beside warm-up and main part</legend>
                {SWITCHES.map(([key, label]) => (
                    <label key={key} className="mt-1 flex min-h-6 items-center gap-2 text-sm">
                        <input
                            type="checkbox"
                            className="accent-water size-4.5"
                            checked={shape[key]}
                            onChange={(e) => setShape({ ...shape, [key]: e.target.checked })}
                        />
                        {label}
                    </label>
                ))}
            </fieldset>
            <Field
                label="Easy minutes between rounds"
                className="w-52"
                error={errors.aerobic_minutes}
                hint={inRounds ? "0 to 10; walking or marching" : "only where there are rounds"}
            >
                <input
                    className={inputClass}
                    inputMode="numeric"
                    disabled={!inRounds}
                    value={shape.aerobic_minutes}
                    onChange={(e) => setShape({ ...shape, aerobic_minutes: e.target.value })}
                />
            </Field>
            <div className="w-56">
                <SelectField
                    label="Block, weeks"
                    value={shape.block_weeks}
                    options={[
                        ["4", "4"],
                        ["6", "6"],
                        ["8", "8"],
                    ]}
                    onChange={(block_weeks) => setShape({ ...shape, block_weeks })}
                />
                <FieldError error={errors.block_weeks} />
                <label className="mt-1 flex min-h-6 items-center gap-2 text-sm">
                    <input
                        type="checkbox"
                        className="accent-water size-4.5"
                        checked={shape.block_easier}
                        onChange={(e) => setShape({ ...shape, block_easier: e.target.checked })}
                    />
                    Every fourth week easier
                </label>
            </div>
            <Button type="submit" tone="main" small disabled={busy} className="mt-6">
                Build it so
            </Button>
        </form>
    );
}
